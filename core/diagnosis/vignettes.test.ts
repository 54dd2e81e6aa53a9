import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { rankCase } from './rank-case'
import { vignettes } from './vignette.fixture'

interface Told {
  file: string
  causes: string[]
  reason: string
  /** place of the best cause in the ranking, 0 is the lead */
  place: number
  probability: number
  suspects: { fault: string; probability: number }[]
}

function tell(folder: 'open' | 'kept-apart'): Told[] {
  return vignettes(folder).map(({ name, file, causes, reason }) => {
    const { ranking } = rankCase(file)
    const order = ranking.suspects.map((s) => s.fault)
    const nothing = causes.length === 0
    return {
      file: name,
      causes,
      reason,
      place: nothing
        ? ranking.nothingWrong > ranking.suspects[0]!.probability
          ? 0
          : 9
        : Math.min(...causes.map((c) => order.indexOf(c))),
      probability: nothing
        ? ranking.nothingWrong
        : Math.max(...causes.map((c) => ranking.suspects[order.indexOf(c)]!.probability)),
      suspects: ranking.suspects.map(({ fault, probability }) => ({ fault, probability })),
    }
  })
}

const share = (list: readonly Told[], test: (t: Told) => boolean) =>
  list.filter(test).length / list.length
const mean = (list: readonly Told[]) =>
  list.reduce((sum, t) => sum + t.probability, 0) / list.length

/** Of all probabilities told between two bounds, how many came true. */
function calibration(
  list: readonly Told[],
): { from: number; told: number; true: number; count: number }[] {
  return [0, 0.05, 0.2, 0.5, 0.8].map((from, i, bounds) => {
    const to = bounds[i + 1] ?? 1.01
    const inside = list.flatMap((t) =>
      t.suspects
        .filter((s) => s.probability >= from && s.probability < to)
        .map((s) => ({ p: s.probability, true: t.causes.includes(s.fault) })),
    )
    return {
      from,
      told: inside.reduce((s, x) => s + x.p, 0) / Math.max(1, inside.length),
      true: inside.filter((x) => x.true).length / Math.max(1, inside.length),
      count: inside.length,
    }
  })
}

const open = tell('open')
const apart = tell('kept-apart')
const all = [...open, ...apart]

describe('vignettes', () => {
  it('are at least 100, a third of them kept apart, each with its cause and reason, over all complaints', () => {
    expect(all.length).toBeGreaterThanOrEqual(100)
    expect(apart.length / all.length).toBeGreaterThan(0.32)
    for (const t of all) expect(t.reason.length, t.file).toBeGreaterThan(15)
    for (const complaint of REPORTED_COMPLAINTS)
      expect(all.filter((t) => t.file.includes(complaint)).length).toBeGreaterThan(15)
    expect(
      all.some((t) => t.causes.length === 2) &&
        all.some((t) => t.causes.length === 3) &&
        all.some((t) => t.causes.length === 0),
    ).toBe(true)
  })
  it('every fault that the book lists leads in at least one', () => {
    const leads = new Set(
      all
        .filter((t) => t.place === 0)
        .flatMap((t) => t.causes.filter((c) => t.suspects[0]!.fault === c)),
    )
    expect(
      BOOK.faults.filter((f) => f.group !== 'not-in-the-book' && !leads.has(f.id)).map((f) => f.id),
    ).toEqual([])
  })
  it.each([
    ['open', open, 0.95, 0.99, 0.8],
    ['kept apart', apart, 0.92, 0.97, 0.78],
  ] as const)(
    '%s: the cause leads, is among the first three, and gets its probability',
    (name, list, lead, three, average) => {
      const figures = {
        lead: share(list, (t) => t.place === 0),
        three: share(list, (t) => t.place < 3),
        mean: mean(list),
      }
      const missed = list
        .filter((t) => t.place > 0)
        .map((t) => `${t.file}: wanted ${t.causes.join('+')}, got ${t.suspects[0]!.fault}`)
      process.stdout.write(
        `vignettes ${name}: ${list.length}, cause leads ${(100 * figures.lead).toFixed(1)} %, in the first three ${(100 * figures.three).toFixed(1)} %, mean probability ${figures.mean.toFixed(3)}\n${missed.join('\n')}\n`,
      )
      expect(figures.lead).toBeGreaterThanOrEqual(lead)
      expect(figures.three).toBeGreaterThanOrEqual(three)
      expect(figures.mean).toBeGreaterThanOrEqual(average)
    },
  )
  it('what is told comes true about as often as it is told: never far less', () => {
    const bins = calibration(all)
    process.stdout.write(
      `calibration: ${bins.map((b) => `told ${b.told.toFixed(3)} true ${b.true.toFixed(3)} (${b.count})`).join('; ')}\n`,
    )
    for (const bin of bins)
      if (bin.count >= 20) expect(bin.true, `from ${bin.from}`).toBeGreaterThan(bin.told - 0.15)
    expect(bins[0]!.true).toBeLessThan(0.02)
  })
})
