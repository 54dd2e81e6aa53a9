import type { Complaint } from '../../vehicle/complaint'
import { correctedValue } from '../../quantity/record'
import type { ChemicalGasTest } from './record'

export interface GasTestAnalysis {
  state: 'positive' | 'doubtful' | 'negative-valid' | 'negative-invalid'
  /** conditions under which "no change" means anything, and were not met or not recorded */
  missing: ('hot' | 'thermostat-open' | 'level-lowered' | 'minutes' | 'fresh-fluid' | 'load')[]
  /** how sure it is that a gas that is there would have been caught, 0 to 1 */
  negativeValidity: number
  positiveValidity: number
}

const LEAST_MINUTES = 2

/**
 * Colour change is strong evidence for; no change is weak evidence against, and only when everything was right.
 * @example analyseGasTest(example('chemical-gas-test.test'), 'overheats').state
 *   // 'negative-invalid'
 */
export function analyseGasTest(record: ChemicalGasTest, complaint: Complaint): GasTestAnalysis {
  const missing: GasTestAnalysis['missing'] = []
  if (!record.engine || correctedValue(record.engine) < 80) missing.push('hot')
  if (record.thermostatOpen !== 'shown') missing.push('thermostat-open')
  if (record.levelLowered !== 'yes') missing.push('level-lowered')
  if ((record.drawnMinutes ?? 0) < LEAST_MINUTES) missing.push('minutes')
  if (record.fluid !== 'fresh') missing.push('fresh-fluid')
  if (complaint === 'overheats' && record.load === 'idle') missing.push('load')
  const weight = {
    hot: 0.35,
    'thermostat-open': 0.75,
    'level-lowered': 0.8,
    minutes: 0.6,
    'fresh-fluid': 0.7,
    load: 0.75,
  }
  const negativeValidity = missing.reduce((v, m) => v * weight[m], 0.9)
  const positiveValidity = {
    no: 0.985,
    'not-known': 0.85,
    'exhaust-in-bay': 0.3,
    'coolant-drawn-in': 0.3,
  }[record.spoilt]
  const state =
    record.colour === 'changed'
      ? 'positive'
      : record.colour === 'doubtful'
        ? 'doubtful'
        : missing.length === 0
          ? 'negative-valid'
          : 'negative-invalid'
  return { state, missing, negativeValidity, positiveValidity }
}
