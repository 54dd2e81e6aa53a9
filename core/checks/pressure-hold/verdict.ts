import { message, type Message } from '../../quantity/message'
import type { HoldAnalysis } from './analysis'

/**
 * What a hold's state means, in one sentence, while it runs and once it has ended. Undefined where there is nothing
 * to add to the state: an ended hold asks for no more minutes, and one without readings passes no judgement.
 * @example holdVerdict(analyseHold({ start: example('pressure-hold.start'), readings: [], remarks: [] }, holdContextOf(CONTEXT, '')), true).id
 *   // 'hold.verdict.takeFirst'
 */
export function holdVerdict(analysis: HoldAnalysis, isRunning: boolean): Message | undefined {
  const { state, minutesStillNeeded: minutes = 1, settledBy } = analysis
  const { settlingSeconds, testerUnfit, notes } = analysis
  const isBlind = notes.some((n) => n.id === 'hold.tightButBlindToReported')
  switch (state) {
    case 'no-reading':
      return message(isRunning ? 'hold.verdict.takeFirst' : 'hold.verdict.noneTaken')
    case 'settling':
      return isRunning
        ? message('hold.verdict.settling', { minutes: settlingSeconds / 60 })
        : message('hold.verdict.endedEarly')
    case 'undecided':
      if (testerUnfit) return message('hold.verdict.testerUnfit')
      if (settledBy === 'temperature')
        return message('hold.verdict.temperatureSettles', { when: isRunning ? 'running' : 'ended' })
      if (settledBy === 'finer-gauge') return message('hold.verdict.finerGauge')
      return isRunning
        ? message('hold.verdict.moreMinutes', { minutes })
        : message('hold.verdict.endedUndecided', { minutes })
    case 'tight':
      return message(isBlind ? 'hold.verdict.tightButBlind' : 'hold.verdict.tight')
    case 'slow':
      return message('hold.verdict.slow')
    case 'gross':
      return message('hold.verdict.gross')
    case 'seep':
    case 'leak':
      return message('hold.verdict.above')
  }
}
