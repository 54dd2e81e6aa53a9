import { message } from '../../quantity/message'
import type { SignReading } from '../../inference/sign-reading'
import type { GasTestAnalysis } from './analysis'
import type { ChemicalGasTest } from './record'

/**
 * Repeats at the same load share their doubt: three negatives at idle are one negative at idle.
 * @example signsOf(gasTestSigns('r', example('chemical-gas-test.test'), analyseGasTest(example('chemical-gas-test.test'), 'overheats')))
 *   // 'gas-in-coolant'
 */
export function gasTestSigns(
  source: string,
  record: ChemicalGasTest,
  analysis: GasTestAnalysis,
): SignReading[] {
  const likelihood = {
    changed: { no: 0.01, yes: 0.7 },
    doubtful: { no: 0.07, yes: 0.12 },
    same: { no: 0.92, yes: 0.18 + (record.load === 'idle' ? 0.12 : 0) },
  }[record.colour]
  return [
    {
      source,
      sign: 'gas-in-coolant',
      likelihood,
      validity: record.colour === 'same' ? analysis.negativeValidity : analysis.positiveValidity,
      conditions: `chemical test, ${record.load}`,
      says: message(`says.gasTest.${analysis.state}`),
    },
  ]
}
