import { correctedValue } from '../../quantity/record'
import type { CapTest } from './record'

/** A cap is judged by what it keeps so long after it has opened and closed, s. */
const JUDGED_AT_SECONDS = 60
/** A last reading this long before is near enough, s. */
const NEAR_SECONDS = 10
/** Nobody reads a needle and writes it down twice within this, s: what is said to lie nearer is taken as so far apart. */
const LEAST_APART_SECONDS = 1
/** A needle read twice differs by so much by its reading alone, kPa. */
const READ_TWICE_KPA = 2

export interface BleedDown {
  /** what it keeps a minute after it has closed, kPa gauge; absent where it was not read so long */
  afterAMinuteKPaGauge?: number
  /** the last that was read, kPa gauge */
  lastKPaGauge: number
  lastSeconds: number
  /** how fast it fell at the end, kPa/min; 0 where it rests */
  fallsAtEndKPaPerMinute: number
}

const secondsBetween = (from: { seconds: number }, until: { seconds: number }): number =>
  Math.max(LEAST_APART_SECONDS, until.seconds - from.seconds)

/**
 * Pressure after a minute from readings at other times: on the line through the two around it, or through the last two
 * where these end a few seconds before.
 * Undefined of fewer than two readings.
 * @example bleedDownOf(example('cap.test').bleedDown).afterAMinuteKPaGauge // 88
 */
export function bleedDownOf(readings: CapTest['bleedDown']): BleedDown | undefined {
  const points = (readings ?? []).map(({ seconds, pressure }) => ({
    seconds,
    kPa: correctedValue(pressure),
  }))
  if (points.length < 2) return undefined
  const last = points.at(-1)!
  const before = points.at(-2)!
  const next = points.findIndex(({ seconds }) => seconds >= JUDGED_AT_SECONDS)
  const to = next < 0 ? points.length - 1 : Math.max(1, next)
  const [from, until] = [points[to - 1]!, points[to]!]
  const slope = (until.kPa - from.kPa) / secondsBetween(from, until)
  const atAMinute = from.kPa + slope * (JUDGED_AT_SECONDS - from.seconds)
  const fell = before.kPa - last.kPa
  return {
    ...(last.seconds >= JUDGED_AT_SECONDS - NEAR_SECONDS && {
      afterAMinuteKPaGauge: Math.max(0, atAMinute),
    }),
    lastKPaGauge: last.kPa,
    lastSeconds: last.seconds,
    fallsAtEndKPaPerMinute: fell > READ_TWICE_KPA ? (fell / secondsBetween(before, last)) * 60 : 0,
  }
}
