/** What is said of one case: the lines of each screen by its name, and what was recorded, as `path: value`. */
export interface Told {
  screens: Readonly<Record<string, readonly string[]>>
  recorded: readonly string[]
}

/** Two sentences that cannot both be so. */
export type Clash = readonly [string, string]

/** A kind of contradiction, with one that it must find and one that it must not. */
export interface Pair {
  /** the two kinds of sentence that must not stand together */
  pair: string
  clashes: (told: Told) => Clash[]
  caught: Told
  allowed: Told
}

export const everything = ({ screens, recorded }: Told) => [
  ...Object.values(screens).flat(),
  ...recorded,
]
export const reportOf = (told: Told) => told.screens.report ?? []

/** Every line that one pattern finds beside every line that the other finds. */
export const both =
  (
    one: RegExp,
    other: RegExp,
    within: (told: Told) => readonly string[] = everything,
    isClash: (one: RegExpExecArray, other: RegExpExecArray) => boolean = () => true,
  ) =>
  (told: Told): Clash[] => {
    const lines = within(told)
    const found = (pattern: RegExp) =>
      lines.map((line) => pattern.exec(line)).filter((match) => match !== null)
    return found(one).flatMap((a) =>
      found(other)
        .filter((b) => isClash(a, b))
        .map((b): Clash => [a.input, b.input]),
    )
  }

/** The same inside each screen, and not across two of them. */
export const onOneScreen =
  (...[one, other, , isClash]: Parameters<typeof both>) =>
  (told: Told) =>
    Object.values(told.screens).flatMap((lines) => both(one, other, () => lines, isClash)(told))

export const report = (...lines: string[]): Told => ({ screens: { report: lines }, recorded: [] })
export const screens = (all: Told['screens'], ...recorded: string[]): Told => ({
  screens: all,
  recorded,
})

/** Chance as a screen writes it, as the lowest and highest number it may stand for. */
export function chanceRange(words: string): readonly [number, number] {
  const [, under, count, of] = /(under )?(\d+) in (\d+)/.exec(words) ?? []
  if (!count) throw new Error(`not a chance: ${words}`)
  const value = Number(count) / Number(of)
  if (under) return [0, value]
  const half = 0.5 / Number(of)
  return [value - half, value + half]
}

export const CHANCE = String.raw`(?:under |over )?\d+ in \d+`

/** Suspects of the report: a name, its chance and what is not proven stand in three lines. */
export function suspectsOfReport(told: Told): { name: string; chance: string; open: string }[] {
  const lines = reportOf(told)
  return lines.flatMap((line, i) =>
    i > 0 && new RegExp(`^${CHANCE}$`).test(line)
      ? [{ name: lines[i - 1]!.trim(), chance: line, open: lines[i + 1] ?? '' }]
      : [],
  )
}

/** Of several holds, what is said of one says nothing of the others. */
export const isOneHold = ({ recorded }: Told) =>
  recorded.filter((line) => line.startsWith('pressure-hold.start id')).length === 1

/** What the report says of the cap, and not of the cap as a suspect. */
export const capTested = (told: Told) => {
  const names = new Set(suspectsOfReport(told).map(({ name }) => name))
  return reportOf(told).filter((line) => /^Cap: (?!recorded)/.test(line) && !names.has(line))
}

export const SEEN = '(?:dry|stained|wet|dried, wet again|coolant seen issuing)'

/** Parts and what was seen of them, from the line of the look round. */
export const partsSeen = (told: Told) =>
  reportOf(told)
    .filter((line) => new RegExp(`^[A-Z][a-zA-Z ]*: ${SEEN}(?:;|\\.)`).test(line))
    .flatMap((line) =>
      line
        .replace(/\.$/, '')
        .split('; ')
        .map((part) => [line, part] as const),
    )

/** Whether two figures of the same thing, each rounded to what it shows, can be the same figure. */
export function isSameFigure(a: string, b: string): boolean {
  const half = (text: string) => 0.5 * 10 ** -(text.split('.')[1]?.length ?? 0)
  return Math.abs(Number(a) - Number(b)) <= half(a) + half(b) + 1e-9
}

/** A sentence saying that something is not recorded, against its record. */
export const notRecorded = (says: RegExp, field: RegExp): Pick<Pair, 'clashes'> => ({
  clashes: both(says, new RegExp(`^${field.source}: (?!unknown)`)),
})

/** The endoscope's panel shows a mark for each cylinder, and a verdict of none of them by itself. */
export const WITHOUT_VERDICT = new Set(['endoscope'])
