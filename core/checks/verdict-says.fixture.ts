import fc from 'fast-check'
import type { SignReading } from '../inference/sign-reading'
import { SIGNS } from '../knowledge/signs'
import type { Entry } from './context'
import type { Check } from './define-check'
import { hold, recordsOf } from './pressure-hold/hold.fixture'
import { entriesOf } from './random-record.fixture'
import { ALL_CHECKS } from './registry'
import { SAYS } from './verdict-table.fixture'
import { runOf } from './warm-up-run/loop.fixture'

/** Readings of a run that hang together, where random ones would be of no vehicle. */
const TOGETHER: Readonly<Record<string, fc.Arbitrary<Entry[]>>> = {
  'pressure-hold': fc
    .record({
      fall: fc.oneof(fc.constant(0), fc.double({ min: 0.01, max: 6, noNaN: true })),
      engine: fc.constantFrom('cold' as const, 'hot' as const),
      isolated: fc.constantFrom<('heater-core' | 'coolers')[]>([], ['heater-core'], ['coolers']),
      resolutionKPa: fc.constantFrom(0.1, 1, 5),
    })
    .map(({ fall, ...start }) => recordsOf(hold(fall, start, { tray: 'dry' }))),
  'warm-up-run': fc
    .record({
      opens: fc.option(fc.integer({ min: 70, max: 112 }), { nil: undefined }),
      fromStart: fc.boolean(),
      settles: fc.option(fc.integer({ min: 55, max: 95 }), { nil: undefined }),
      minutes: fc.integer({ min: 12, max: 30 }),
    })
    .map((loop) => runOf(loop)),
}

/** Checks whose verdicts say something of their own signs. */
export const SPEAKING = ALL_CHECKS.filter(({ id }) => id in SAYS)

/** What a verdict of a check says of its signs; "0" that it says nothing. */
export const saidBy = (check: Check, state: string): { way: '+' | '-' | '0'; sign: string }[] =>
  (SAYS[check.id]?.[state]?.split(' ') ?? []).map((said) => ({
    way: said[0] as '+' | '-' | '0',
    sign: said.slice(1),
  }))

/** Valid records of a check, drawn at random. */
export const drawnOf = (check: Check, numRuns: number): Entry[][] =>
  fc.sample(TOGETHER[check.id] ?? entriesOf(check, { each: 1, inRun: 5 }), { numRuns, seed: 11 })

const STATES = new Map(SIGNS.map(({ id, states }) => [id, states]))

/** How much readings of one sign speak for something abnormal, log10; their doubts included. */
export function speaks(readings: readonly SignReading[]): number {
  return readings.reduce((sum, { sign, likelihood, validity }) => {
    const [normal, ...abnormal] = STATES.get(sign)!
    const no = likelihood[normal!] ?? 0
    const yes = Math.max(...abnormal.map((state) => likelihood[state] ?? 0))
    const doubt = (1 - validity) * Math.max(no, yes)
    return sum + Math.log10((validity * yes + doubt) / (validity * no + doubt))
  }, 0)
}
