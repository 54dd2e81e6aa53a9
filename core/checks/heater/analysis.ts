import { correctedValue } from '../../quantity/record'
import type { HeaterTest } from './record'

/** Slower than this the pump brings the heater little, and a drop or a cool inlet may be that alone, rpm. */
const FAST_IDLE_RPM = 1500

/** Outlet further below the inlet than this at full blower and fast idle: core restricted or valve part shut, K. */
export const RESTRICTED_DROP_K = 25

export interface HeaterAnalysis {
  dropK: number
  inletBelowEngineK?: number
  ventBelowInletK?: number
  sidesDifferK?: number
  /** measured below fast idle */
  atIdle?: boolean
  state:
    'works' | 'air-side' | 'core-or-valve' | 'no-flow' | 'engine-cool' | 'one-side' | 'not-judged'
  /** conditions: engine hot, level full, setting hot, fast idle */
  validity: number
}

/**
 * @example analyseHeater(example('heater.test')).state // 'no-flow'
 */
export function analyseHeater(record: HeaterTest): HeaterAnalysis {
  const inlet = correctedValue(record.inlet)
  const dropK = inlet - correctedValue(record.outlet)
  const engine = record.engine && correctedValue(record.engine)
  const vents = [record.ventLeft, record.ventRight].flatMap((v) => (v ? [correctedValue(v)] : []))
  const out: HeaterAnalysis = {
    dropK,
    state: 'not-judged',
    validity:
      (record.setting === 'full-hot' ? 0.985 : record.setting === 'other' ? 0.3 : 0.7) *
      (record.level === 'full' ? 1 : record.level === 'low' ? 0.6 : 0.85) *
      (record.engineRpm === undefined ? 0.95 : record.engineRpm < FAST_IDLE_RPM ? 0.85 : 1),
  }
  if (engine !== undefined) out.inletBelowEngineK = engine - inlet
  if (vents.length > 0) out.ventBelowInletK = inlet - Math.max(...vents)
  if (vents.length === 2) out.sidesDifferK = Math.abs(vents[0]! - vents[1]!)
  if (record.engineRpm !== undefined) out.atIdle = record.engineRpm < FAST_IDLE_RPM
  const engineHot = engine === undefined ? undefined : engine >= 75
  if (engineHot === false) out.state = 'engine-cool'
  else if (inlet < 55) out.state = engineHot ? 'no-flow' : 'not-judged'
  else if (dropK > RESTRICTED_DROP_K) out.state = 'core-or-valve'
  else if ((out.sidesDifferK ?? 0) > 15) out.state = 'one-side'
  else if ((out.ventBelowInletK ?? 0) > 35 || record.air === 'weak') out.state = 'air-side'
  else if (out.ventBelowInletK !== undefined) out.state = 'works'
  return out
}
