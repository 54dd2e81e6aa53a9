import type { Estimate } from '../../quantity/interval'
import type { HoldAnalysis } from './analysis'

const LEAK_KPA_PER_MINUTE = 2
const GROSS_KPA_PER_MINUTE = 10
/** Within the usual limit, and yet a fall that a seep makes oftener than a sound system, kPa/min. */
const SLOW_KPA_PER_MINUTE = 0.25
/** Nobody holds longer than this to settle what a better gauge settles sooner, minutes. */
const LONGEST_USEFUL_MINUTES = 60

/**
 * State of a hold by its fall (kPa/min) against its limit, and what would settle an undecided one: so many minutes
 * more as the gauge's step asks for, a finer gauge where that is beyond an hour, or the coolant's temperature where
 * what was not recorded of it (half width in kPa/min) alone spans the limit.
 * @example (() => { const a = { limit: { kPaPerMinute: 0.47 }, decay: { durationMinutes: 5 } }; judgeHold(a, { low: -1, value: 0.1, high: 1 }, 1, 0); return a.minutesStillNeeded })()
 *   // 1
 */
export function judgeHold(
  analysis: HoldAnalysis,
  fall: Estimate,
  resolutionKPa: number,
  unrecordedDriftKPaPerMinute: number,
) {
  const limit = analysis.limit.kPaPerMinute
  analysis.state = stateOf(fall, limit)
  if (analysis.testerUnfit && fall.high >= limit) analysis.state = 'undecided'
  if (analysis.state !== 'undecided') {
    analysis.minutesStillNeeded = 0
    return
  }
  const held = analysis.decay!.durationMinutes
  const room = Math.abs(fall.value - limit) - unrecordedDriftKPaPerMinute
  const isDrift = unrecordedDriftKPaPerMinute > 0 && room <= resolutionKPa / LONGEST_USEFUL_MINUTES
  const needed = Math.max(resolutionKPa / Math.max(1e-6, room), held + 1)
  if (isDrift) analysis.settledBy = 'temperature'
  else if (needed > LONGEST_USEFUL_MINUTES) analysis.settledBy = 'finer-gauge'
  else analysis.minutesStillNeeded = Math.max(1, Math.ceil(needed - held))
}

function stateOf(fall: Estimate, limit: number): HoldAnalysis['state'] {
  if (fall.high < limit) return fall.value > SLOW_KPA_PER_MINUTE ? 'slow' : 'tight'
  if (!(fall.low > limit)) return 'undecided'
  if (fall.value >= GROSS_KPA_PER_MINUTE) return 'gross'
  return fall.value >= LEAK_KPA_PER_MINUTE ? 'leak' : 'seep'
}
