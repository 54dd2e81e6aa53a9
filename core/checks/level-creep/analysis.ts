import { theilSenSlope } from '../../statistics/theil-sen-slope'
import type { LevelCreep } from './record'

export interface CreepAnalysis {
  riseMm: number
  /** slope over the second half, mm a minute: normal expansion has stopped by then */
  lateSlopeMmPerMinute?: { low: number; value: number; high: number }
  state: 'steady' | 'rises-and-holds' | 'keeps-rising' | 'bubbling' | 'too-short'
}

const STILL_RISING_MM_PER_MINUTE = 0.4

/**
 * @example analyseCreep(example('level-creep.watch')).state // 'bubbling'
 */
export function analyseCreep(record: LevelCreep): CreepAnalysis {
  const { points } = record
  const riseMm = points.length > 1 ? points.at(-1)!.mm - points[0]!.mm : 0
  const out: CreepAnalysis = { riseMm, state: 'too-short' }
  const last = points.at(-1)?.minutes ?? 0
  const late = points.filter((p) => p.minutes >= last / 2)
  if (points.length >= 4 && last >= 8 && late.length >= 3) {
    const slope = theilSenSlope(
      late.map((p) => p.minutes),
      late.map((p) => p.mm),
    )
    out.lateSlopeMmPerMinute = { low: slope.low, value: slope.slope, high: slope.high }
    out.state =
      slope.slope > STILL_RISING_MM_PER_MINUTE
        ? 'keeps-rising'
        : riseMm > 5
          ? 'rises-and-holds'
          : 'steady'
  }
  if (record.bubbles === 'continuous') out.state = 'bubbling'
  return out
}
