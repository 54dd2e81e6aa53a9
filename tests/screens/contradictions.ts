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

const everything = ({ screens, recorded }: Told) => [...Object.values(screens).flat(), ...recorded]
const reportOf = (told: Told) => told.screens.report ?? []

/** Every line that one pattern finds beside every line that the other finds. */
const both =
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
const onOneScreen =
  (...[one, other, , isClash]: Parameters<typeof both>) =>
  (told: Told) =>
    Object.values(told.screens).flatMap((lines) => both(one, other, () => lines, isClash)(told))

const report = (...lines: string[]): Told => ({ screens: { report: lines }, recorded: [] })
const screens = (all: Told['screens'], ...recorded: string[]): Told => ({ screens: all, recorded })

/** Chance as a screen writes it, as the lowest and highest number it may stand for. */
function chanceRange(words: string): readonly [number, number] {
  const [, under, count, of] = /(under )?(\d+) in (\d+)/.exec(words) ?? []
  if (!count) throw new Error(`not a chance: ${words}`)
  const value = Number(count) / Number(of)
  if (under) return [0, value]
  const half = 0.5 / Number(of)
  return [value - half, value + half]
}

const CHANCE = String.raw`(?:under |over )?\d+ in \d+`

/** Suspects of the report: a name, its chance and what is not proven stand in three lines. */
function suspectsOfReport(told: Told): { name: string; chance: string; open: string }[] {
  const lines = reportOf(told)
  return lines.flatMap((line, i) =>
    i > 0 && new RegExp(`^${CHANCE}$`).test(line)
      ? [{ name: lines[i - 1]!.trim(), chance: line, open: lines[i + 1] ?? '' }]
      : [],
  )
}

/** Of several holds, what is said of one says nothing of the others. */
const isOneHold = ({ recorded }: Told) =>
  recorded.filter((line) => line.startsWith('pressure-hold.start id')).length === 1

/** What the report says of the cap, and not of the cap as a suspect. */
const capTested = (told: Told) => {
  const names = new Set(suspectsOfReport(told).map(({ name }) => name))
  return reportOf(told).filter((line) => /^Cap: (?!recorded)/.test(line) && !names.has(line))
}

const SEEN = '(?:dry|stained|wet|dried, wet again|coolant seen issuing)'

/** Parts and what was seen of them, from the line of the look round. */
const partsSeen = (told: Told) =>
  reportOf(told)
    .filter((line) => new RegExp(`^[A-Z][a-zA-Z ]*: ${SEEN}(?:;|\\.)`).test(line))
    .flatMap((line) =>
      line
        .replace(/\.$/, '')
        .split('; ')
        .map((part) => [line, part] as const),
    )

/** Whether two figures of the same thing, each rounded to what it shows, can be the same figure. */
function isSameFigure(a: string, b: string): boolean {
  const half = (text: string) => 0.5 * 10 ** -(text.split('.')[1]?.length ?? 0)
  return Math.abs(Number(a) - Number(b)) <= half(a) + half(b) + 1e-9
}

/** A sentence saying that something is not recorded, against its record. */
const notRecorded = (says: RegExp, field: RegExp): Pick<Pair, 'clashes'> => ({
  clashes: both(says, new RegExp(`^${field.source}: (?!unknown)`)),
})

/** The endoscope's panel shows a mark for each cylinder, and a verdict of none of them by itself. */
const WITHOUT_VERDICT = new Set(['endoscope'])

export const PAIRS: readonly Pair[] = [
  {
    pair: 'look round: nothing found | a part listed as stained, wet or issuing',
    clashes: (told) =>
      reportOf(told)
        .filter((line) => /^Look round: nothing/i.test(line))
        .flatMap((line) =>
          partsSeen(told)
            .filter(([, part]) => !part.endsWith(': dry'))
            .map(([, part]): Clash => [line, part]),
        ),
    caught: report('Look round: nothing found.', 'Radiator: wet; Pump: dry.'),
    allowed: report('Look round: nothing found.', 'Radiator: dry; Pump: dry.'),
  },
  {
    pair: 'not looked at: a part | what was seen of that part, or the cap tested',
    clashes: (told) =>
      reportOf(told).flatMap((line) => {
        const missing = /^Not looked at: (.+)\.$/.exec(line)?.[1]?.split(', ') ?? []
        const seen = partsSeen(told).map(([, part]) => part)
        return [...seen, ...capTested(told)]
          .filter((part) => missing.includes(part.split(':')[0]!))
          .map((part): Clash => [line, part])
      }),
    caught: report('Not looked at: Cap, Pump.', 'Cap: good; opens at 106 kPa.'),
    allowed: report('Not looked at: Pump.', 'Cap: good.', 'Radiator: dry.'),
  },
  {
    pair: 'look round’s panel: cap not looked at | the cap tested',
    clashes: (told) =>
      (told.screens['look-round'] ?? [])
        .filter((line) => line === 'Cap not looked at')
        .flatMap((line) => capTested(told).map((cap): Clash => [line, cap])),
    caught: screens({ 'look-round': ['Cap not looked at'], report: ['Cap: good.'] }),
    allowed: screens({ 'look-round': ['Cap tested'], report: ['Cap: good.'] }),
  },
  {
    pair: 'all the rest dry, all looked at | a part not looked at, in one region',
    clashes: (told) =>
      (told.screens['look-round'] ?? []).flatMap((line, i, lines) =>
        line === 'all looked at' && /not looked at$/.test(lines[i + 1] ?? '')
          ? [[line, lines[i + 1]!] as const]
          : [],
      ),
    caught: screens({ 'look-round': ['all looked at', 'Radiator not looked at'] }),
    allowed: screens({ 'look-round': ['1 not looked at', 'Radiator not looked at'] }),
  },
  {
    pair: 'not proven yet: shown, proven, done',
    clashes: (told) =>
      suspectsOfReport(told)
        .filter(({ open }) => /^(?:shown|proven|done|yes)\.?$/i.test(open))
        .map(({ name, open }): Clash => [name, `not proven yet: ${open}`]),
    caught: report('Pump', '4 in 10', 'Shown'),
    allowed: report('Pump', '4 in 10', 'Seen issuing at the pump, or wet again after drying'),
  },
  {
    pair: 'report: all of it is shown | suspects: not yet, of the same suspect',
    clashes: (told) =>
      suspectsOfReport(told).flatMap(({ name, open }) =>
        (told.screens.suspects ?? [])
          .filter((line) => line.startsWith(name) && /^nothing: all of it/.test(open))
          .filter((line) => line.includes('Not yet: '))
          .map((line): Clash => [`${name}: ${open}`, line]),
      ),
    caught: screens({
      report: ['Pump', '9 in 10', 'nothing: all of it is shown'],
      suspects: ['Pump 9 in 10Not yet: seen issuing at the pump'],
    }),
    allowed: screens({
      report: ['Pump', '9 in 10', 'nothing: all of it is shown'],
      suspects: ['Pump 9 in 10Coolant runs from the weep hole'],
    }),
  },
  {
    pair: 'chance in the report | chance of the same suspect in the list',
    clashes: (told) =>
      suspectsOfReport(told).flatMap(({ name, chance }) =>
        (told.screens.suspects ?? []).flatMap((line) => {
          const listed = new RegExp(`^(.*?) (${CHANCE})(?: |$)`).exec(line)
          const isSame = listed?.[1] === name.replace(/ \(consequence\)$/, '')
          return isSame && listed[2] !== chance ? [[`${name} ${chance}`, line] as const] : []
        }),
      ),
    caught: screens({ report: ['Pump', '4 in 10', ''], suspects: ['Pump 3 in 10 wet'] }),
    allowed: screens({ report: ['Pump', '4 in 10', ''], suspects: ['Pump 4 in 10 wet'] }),
  },
  {
    pair: 'no fault: something harmless, its chance | nothing wrong at all, a lower one',
    clashes: both(
      new RegExp(`^No fault: .*?(${CHANCE})`),
      new RegExp(`^Nothing wrong at all: (${CHANCE})`),
      (told) => [
        ...everything(told),
        ...suspectsOfReport(told).map(({ name, chance }) => `${name} ${chance}`),
      ],
      (one, other) => chanceRange(one[1]!)[0] > chanceRange(other[1]!)[1],
    ),
    caught: screens({
      report: ['No fault: filled too high', '6 in 10', '', 'Nothing wrong at all: under 1 in 100.'],
    }),
    allowed: screens({
      report: ['No fault: filled too high', '6 in 10', '', 'Nothing wrong at all: 7 in 10.'],
    }),
  },
  {
    pair: 'more minutes to be sure | the hold has ended',
    clashes: onOneScreen(/more minutes? with this gauge/, /^Ended at \d/),
    caught: screens({ 'pressure-hold': ['Ended at 12:20', '2 more minutes with this gauge.'] }),
    allowed: screens({ 'pressure-hold': ['Ended at 12:20', 'It ended 2 minutes too soon.'] }),
  },
  {
    pair: 'no reading yet, take the first | readings listed, or a verdict on them',
    clashes: onOneScreen(
      /No reading yet|Take the first reading|Add the first reading/,
      /^\d+ readings?: look|it will not pass|Within the limit|^At \d/,
    ),
    caught: screens({ 'pressure-hold': ['No reading yet. Above the limit; it will not pass.'] }),
    allowed: screens({ 'pressure-hold': ['No reading yet. Take the first reading.'] }),
  },
  {
    pair: 'tight, within the limit | seep, leak, gross, it will not pass, of one hold',
    clashes: (told) =>
      isOneHold(told)
        ? onOneScreen(
            /^(?:Tight|Settling|Not decided)\.|Within the limit/,
            /^(?:Seep|Leak|Gross leak)\.|it will not pass/,
          )(told)
        : [],
    caught: screens(
      { 'pressure-hold': ['Tight. Above the limit; it will not pass.'] },
      'pressure-hold.start id: a',
    ),
    allowed: screens(
      { 'pressure-hold': ['Tight.', 'Seep. Above the limit; it will not pass.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start id: b',
    ),
  },
  {
    pair: 'hold tight | its fall above its limit',
    clashes: (told) =>
      reportOf(told).flatMap((line, i, lines) => {
        const fall = /Falls ([\d.]+) \S+ \([^)]*\); limit ([\d.]+)/.exec(lines[i + 1] ?? '')
        const isTight = /^Pressure hold[ \d]*: tight/.test(line)
        return isTight && fall && Number(fall[1]) > Number(fall[2])
          ? [[line, fall.input] as const]
          : []
      }),
    caught: report('Pressure hold: tight.', 'Falls 0.9 kPa/min (0.8 to 1.0); limit 0.47 kPa/min.'),
    allowed: report('Pressure hold: tight.', 'Falls 0.1 kPa/min (0.0 to 0.2); limit 0.47 kPa/min.'),
  },
  {
    pair: 'coolant temperature not recorded | a temperature in the record of that hold',
    clashes: (told) =>
      both(
        /^Coolant temperature at the (start|end) was not recorded/,
        /^pressure-hold\.(?:start|end) coolantAt(Start|End): \d/,
        everything,
        ([, one], [, other]) => one === other?.toLowerCase() && isOneHold(told),
      )(told),
    caught: screens(
      { report: ['Coolant temperature at the start was not recorded: cooling may be in it.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start coolantAtStart: 21',
    ),
    allowed: screens(
      { report: ['Coolant temperature at the end was not recorded: cooling may be in it.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start coolantAtStart: 21',
    ),
  },
  {
    pair: 'the profile does not say how much glycol | glycol in the profile, or a mix measured',
    ...notRecorded(
      /the system profile does not say how much/,
      /(?:profile glycolVolumeFraction|mix\.test volumeFraction)/,
    ),
    caught: screens(
      { report: ['Boiling points are for half: the system profile does not say how much.'] },
      'profile glycolVolumeFraction: 0.5',
    ),
    allowed: screens(
      { report: ['Boiling points are for half: the system profile does not say how much.'] },
      'profile glycolVolumeFraction: unknown',
    ),
  },
  {
    pair: 'cylinders assumed or not recorded | cylinders in the profile',
    ...notRecorded(
      /[Cc]ylinders assumed|Number of cylinders taken as \d+: not recorded/,
      /profile cylinders/,
    ),
    caught: screens(
      { endoscope: ['Four cylinders assumed: say how many.'] },
      'profile cylinders: 6',
    ),
    allowed: screens({ endoscope: ['Four cylinders assumed: say how many.'] }),
  },
  {
    pair: 'thermostat’s rating is not recorded | rating in the profile',
    ...notRecorded(/rating is not recorded/, /profile thermostatRatingC/),
    caught: screens(
      { report: ['Thermostat taken as 88 °C: its rating is not recorded.'] },
      'profile thermostatRatingC: 82',
    ),
    allowed: screens({ report: ['Thermostat taken as 88 °C: its rating is not recorded.'] }),
  },
  {
    pair: 'capacity not recorded | capacity in the profile',
    ...notRecorded(/^Capacity not recorded/, /profile capacityLitres/),
    caught: screens(
      { mix: ['Capacity not recorded: it cannot be said.'] },
      'profile capacityLitres: 9',
    ),
    allowed: screens({ mix: ['Capacity not recorded: it cannot be said.'] }),
  },
  {
    pair: 'side of the thermostat not known | side in the profile',
    ...notRecorded(/Side of the thermostat not known/, /profile thermostatSide/),
    caught: screens(
      { report: ['Side of the thermostat not known.'] },
      'profile thermostatSide: inlet',
    ),
    allowed: screens({ report: ['Side of the thermostat not known.'] }),
  },
  {
    pair: 'hours of driving a week not recorded | hours of driving recorded',
    ...notRecorded(/hours of driving a week.*not recorded/, /interview\.usage hoursPerWeek/),
    caught: screens(
      { report: ['Litres rest on about 10 hours of driving a week, 5 to 20: not recorded.'] },
      'interview.usage hoursPerWeek: 6',
    ),
    allowed: screens({
      report: ['Litres rest on about 10 hours of driving a week, 5 to 20: not recorded.'],
    }),
  },
  {
    pair: 'pump strokes not counted | strokes counted, in the only hold',
    clashes: (told) =>
      both(/^Pump strokes not counted/, /^pressure-hold\.start strokes: \d/, everything, () =>
        isOneHold(told),
      )(told),
    caught: screens(
      { report: ['Pump strokes not counted: the size is wide.'] },
      'pressure-hold.start id: a',
      'pressure-hold.start strokes: 14',
    ),
    allowed: screens({ report: ['Pump strokes not counted: the size is wide.'] }),
  },
  {
    pair: 'the tester was not checked on itself | tester on itself: its result',
    clashes: both(/^The tester was not checked on itself/, /^Tester on itself: /),
    caught: report('The tester was not checked on itself.', 'Tester on itself: sound, 0.1 mL/min.'),
    allowed: report('The tester’s own leak is taken off.', 'Tester on itself: sound, 0.1 mL/min.'),
  },
  {
    pair: 'cap asked for: not known | a rating asked for in a panel or in the profile',
    clashes: both(
      /Cap asked for: not known/,
      /^Asked for here: |^profile (?:systemRatingKPa|caps\.0\.ratingKPa): \d/,
    ),
    caught: screens({ report: ['Cap asked for: not known.'], cap: ['Asked for here: 103.0 kPa'] }),
    allowed: screens({ report: ['Cap asked for: 103 kPa.'], cap: ['Asked for here: 103.0 kPa'] }),
  },
  {
    pair: 'boils at, one figure | boils at, another, of the same cap and mix',
    clashes: (told) =>
      (told.screens.cap ?? []).flatMap((line, i, lines) => {
        const boils =
          line === 'Coolant boils at' ? /^[\d.]+/.exec(lines[i + 1] ?? '')?.[0] : undefined
        const said = reportOf(told)
          .flatMap((other) => /Coolant boils at ([\d.]+)/.exec(other) ?? [])
          .at(-2)
        const figure = said && /Coolant boils at ([\d.]+)/.exec(said)?.[1]
        return boils && figure && !isSameFigure(boils, figure)
          ? [[`${line} ${boils}`, said] as const]
          : []
      }),
    caught: screens({
      report: ['Cap: good. Coolant boils at 120 °C with it.'],
      cap: ['Coolant boils at', '127 °C'],
    }),
    allowed: screens({
      report: ['Cap: good. Coolant boils at 127 °C with it.'],
      cap: ['Coolant boils at', '127 °C'],
    }),
  },
  {
    pair: 'tops up, litres a week | the keeper reports another figure',
    clashes: both(
      /^Tops up about ([\d.]+) L a week/,
      /the keeper reports ([\d.]+) L/,
      reportOf,
      ([, one], [, other]) => !isSameFigure(one!, other!),
    ),
    caught: report('Tops up about 3.50 L a week.', 'About 5.4 L; the keeper reports 1.2 L.'),
    allowed: report('Tops up about 3.50 L a week.', 'About 5.4 L; the keeper reports 3.5 L.'),
  },
  {
    pair: 'nothing found | a finding, of the same check in report and panel',
    clashes: (told) =>
      Object.entries(told.screens).flatMap(([name, lines]) => {
        const nothing = lines.filter((l) => /^Nothing (?:found|odd seen)/.test(l))
        const heading = told.recorded.find((l) => l.startsWith(`name of ${name}: `))
        const check = heading?.split(': ')[1]
        return nothing.flatMap((line) =>
          reportOf(told)
            .filter((l) => check && l.startsWith(`${check}: `) && !/: nothing/i.test(l))
            .slice(-1)
            .map((l): Clash => [line, l]),
        )
      }),
    caught: screens(
      { 'fan-by-hand': ['Nothing found by hand.'], report: ['Fan by hand: does not slip'] },
      'name of fan-by-hand: Fan by hand',
    ),
    allowed: screens(
      { 'fan-by-hand': ['Nothing found by hand.'], report: ['Fan by hand: nothing found'] },
      'name of fan-by-hand: Fan by hand',
    ),
  },
  {
    pair: 'the last finding of a check in the report | the verdict in its panel',
    clashes: (told) =>
      // After a repair a panel begins anew, and the report still tells what was found before.
      (told.recorded.includes('event: repaired') ? [] : told.recorded).flatMap((line) => {
        const [, id, name] = /^name of (\S+): (.+)$/.exec(line) ?? []
        const panel = told.screens[id ?? '']
        if (WITHOUT_VERDICT.has(id ?? '')) return []
        const last = reportOf(told)
          .filter((l) => l.startsWith(`${name}: `) || l.startsWith(`${name} `))
          .filter((l) => /^[^:]+: [a-z]/.test(l))
          .at(-1)
        if (!panel || !last) return []
        const found = last
          .split(': ')
          .slice(1)
          .join(': ')
          .split(/[;,.] ?/)[0]!
        if (/^(?:nothing|recorded)/.test(found)) return []
        return panel.some((l) => l.toLowerCase().includes(found.toLowerCase()))
          ? []
          : [[last, `its panel: ${panel.slice(0, 6).join(' / ')}`] as const]
      }),
    caught: screens(
      { cap: ['Good.'], report: ['Cap: opens low; opens at 60 kPa.'] },
      'name of cap: Cap',
    ),
    allowed: screens(
      { cap: ['Good.'], report: ['Cap: good; opens at 106 kPa.'] },
      'name of cap: Cap',
    ),
  },
  {
    pair: 'nothing more to ask | questions that can still move the ranking',
    clashes: onOneScreen(/^Nothing more to ask/, /can still move the ranking/),
    caught: screens({
      interview: ['Nothing more to ask.', '3 questions can still move the ranking.'],
    }),
    allowed: screens({ interview: ['3 questions can still move the ranking.'] }),
  },
  {
    pair: 'explains the loss reported | only a part, far more than reported',
    clashes: onOneScreen(
      /explains the loss reported/,
      /only a part of the loss|far more than reported/,
    ),
    caught: screens({ 'pressure-hold': ['explains the loss reported', 'far more than reported'] }),
    allowed: screens({ 'pressure-hold': ['explains the loss reported'] }),
  },
  {
    pair: 'within the limit, but blind to the loss | explains the loss reported',
    clashes: onOneScreen(/blind to the reported loss/, /explains the loss reported/),
    caught: screens({
      'pressure-hold': [
        'Within the limit, but blind to the reported loss.',
        'explains the loss reported',
      ],
    }),
    allowed: screens({ 'pressure-hold': ['explains the loss reported'] }),
  },
  {
    pair: 'nothing recorded here, nobody yet | a record of this case',
    clashes: both(
      /Recorded by nobody yet|^Nothing is recorded here yet/,
      /^[a-z-]+\.?[a-z-]* id: /,
    ),
    caught: screens({ report: ['Recorded by nobody yet.'] }, 'cap.test id: a'),
    allowed: screens({ report: ['Recorded by nobody yet.'] }),
  },
]
