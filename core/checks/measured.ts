import type { Message } from '../quantity/message'
import { normalCdf } from '../statistics/normal'
import type { SignReading } from '../inference/sign-reading'

/** Where the true quantity lies when a sign is in a state: about a mean, or anywhere between two ends. */
export type Expected = { mean: number; sd: number } | { low: number; high: number }

/** Share of readings that have nothing to do with the quantity: a slip, the wrong spot. The same for every state. */
const SLIP = 0.01

/**
 * p(reading | state) for each state: the integral of a normal error of the instrument over the declared expected of
 * the true quantity, with a small share of slips spread evenly over the whole range. `error` is the standard
 * deviation of one reading, in the unit of the value. No threshold is hard.
 * @example measuredLikelihood(12, 1, { low: { mean: 5, sd: 1 }, high: { mean: 12, sd: 1 } }).high
 *   // 0.2797
 */
export function measuredLikelihood(
  value: number,
  error: number,
  given: Readonly<Record<string, Expected>>,
): Record<string, number> {
  const ends = Object.values(given).flatMap((s) =>
    'low' in s
      ? [s.low - 3 * error, s.high + 3 * error]
      : [s.mean - 4 * (s.sd + error), s.mean + 4 * (s.sd + error)],
  )
  const span = Math.max(...ends) - Math.min(...ends)
  const out: Record<string, number> = {}
  for (const [state, expected] of Object.entries(given)) {
    let density: number
    if ('low' in expected)
      density =
        (normalCdf((value - expected.low) / error) - normalCdf((value - expected.high) / error)) /
        (expected.high - expected.low)
    else {
      const sd = Math.hypot(expected.sd, error)
      density = Math.exp(-0.5 * ((value - expected.mean) / sd) ** 2) / (sd * 2.5066282746310002)
    }
    out[state] = (1 - SLIP) * density + SLIP / span
  }
  return out
}

interface Measured {
  source: string
  sign: string
  value: number
  /** standard deviation of one reading */
  error: number
  given: Readonly<Record<string, Expected>>
  validity: number
  conditions: string
  says: Message
}

/**
 * A figure read off an instrument, as a reading of a sign.
 * @example measuredReading({ value: 12, error: 1, given: { high: { mean: 12, sd: 1 } } }).likelihood.high
 *   // 0.2799
 */
export function measuredReading({ value, error, given, ...rest }: Measured): SignReading {
  return { ...rest, likelihood: measuredLikelihood(value, error, given) }
}
