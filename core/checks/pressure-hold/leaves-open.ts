import { COLD_BELOW_C } from '../../physics/engine-temperature'
import { message, type Message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { HOT_HOLD_FROM_C } from './limits'
import type { HoldStart } from './record'
import type { HoldAnalysis, HoldContext } from './analysis'

/**
 * A cold hold on hot coolant, or a hot one on cold: said, and never silently taken for the other.
 * @example (() => { const a = { notes: [], cautions: [] }; noteContradictions(a, { ...example('pressure-hold.start'), engine: 'hot' }); return a.notes[0].id })()
 *   // 'hold.hotButCool'
 */
export function noteContradictions(analysis: HoldAnalysis, start: HoldStart) {
  if (!start.coolantAtStart) return
  const atStartC = correctedValue(start.coolantAtStart)
  if (start.engine !== 'hot' && atStartC >= COLD_BELOW_C)
    analysis.cautions.unshift(
      message('caution.notCold', { limit: { kind: 'temperature', coreValue: COLD_BELOW_C } }),
    )
  if (start.engine === 'hot' && atStartC < HOT_HOLD_FROM_C)
    analysis.notes.push(
      message('hold.hotButCool', { temperature: { kind: 'temperature', coreValue: atStartC } }),
    )
}

/**
 * @example whatAPassLeavesOpen(example('pressure-hold.start'), holdContextOf(CONTEXT, ''))[0].id
 *   // 'hold.pass.capNotTested'
 */
export function whatAPassLeavesOpen(start: HoldStart, context: HoldContext): Message[] {
  const open = [
    message('hold.pass.capNotTested'),
    message('hold.pass.aboveLiquid'),
    message(start.engine === 'hot' ? 'hold.pass.onlyCold' : 'hold.pass.otherTemperature'),
    message('hold.pass.slowInternal'),
    message('hold.pass.adapterJoint'),
  ]
  if (start.level !== 'near-full')
    open.unshift(message(start.level === 'low' ? 'hold.pass.lowLevel' : 'hold.pass.levelUnknown'))
  if (context.testerFlowMLPerMinute === undefined) open.push(message('hold.pass.testerUnchecked'))
  return open
}

/**
 * @example cautionsOf(true, 100, 'cold')[0].id // 'caution.aboveMarking'
 */
export function cautionsOf(
  anyAbove: boolean,
  allowedKPaGauge: number,
  engine: HoldStart['engine'],
): Message[] {
  const always = [message(engine === 'hot' ? 'caution.holdHot' : 'caution.hold')]
  return anyAbove
    ? [
        message('caution.aboveMarking', {
          maximum: { kind: 'pressure', coreValue: allowedKPaGauge },
        }),
        ...always,
      ]
    : always
}
