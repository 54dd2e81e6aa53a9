import { apart, message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { measuredReading } from '../measured'
import type { SignReading } from '../../inference/sign-reading'
import type { SurveyAnalysis } from './analysis'
import type { RadiatorSurvey } from './record'

/** Standard error of the share of cold cells: a cell or two at the edge. */
export const COLD_SHARE_ERROR = 0.03

/**
 * Patches say something only with the thermostat open, the pump delivering and the fan off.
 * @example signsOf(surveySigns('r', example('radiator-survey.grid'), analyseSurvey(example('radiator-survey.grid'))))
 *   // 'radiator-cold radiator-drop-large radiator-hot-through radiator-patches'
 */
export function surveySigns(
  source: string,
  record: RadiatorSurvey,
  analysis: SurveyAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const inlet = correctedValue(record.inlet)
  const { validity, dropK } = analysis
  const drop = message('says.radiatorDrop', {
    drop: { kind: 'temperatureDifference', coreValue: dropK },
  })
  if (record.engine) {
    const engine = correctedValue(record.engine)
    const hot = 1 / (1 + Math.exp(-(engine - 92) / 3))
    out.push(
      measuredReading({
        source: `${source}#cold`,
        sign: 'radiator-cold',
        value: engine - inlet,
        error: 4,
        given: { no: { mean: 5, sd: 6 }, yes: { low: 25, high: 95 } },
        validity: 0.93 * hot,
        conditions: 'radiator against engine',
        says: message('says.radiatorBelowEngine', apart(inlet - engine)),
      }),
    )
    if (engine - inlet > 30) return out
  }
  out.push(
    measuredReading({
      source: `${source}#large`,
      sign: 'radiator-drop-large',
      value: dropK,
      error: 3,
      given: { no: { mean: 10, sd: 7 }, yes: { low: 25, high: 65 } },
      validity,
      conditions: 'radiator in and out',
      says: drop,
    }),
  )
  out.push(
    measuredReading({
      source: `${source}#through`,
      sign: 'radiator-hot-through',
      value: dropK,
      error: 1.5,
      given: { no: { mean: 10, sd: 5 }, yes: { low: -10, high: 4 } },
      validity: validity * 0.85,
      conditions: 'radiator in and out',
      says: drop,
    }),
  )
  if (analysis.coldShare !== undefined)
    out.push(
      measuredReading({
        source: `${source}#patches`,
        sign: 'radiator-patches',
        value: analysis.coldShare,
        error: COLD_SHARE_ERROR,
        given: { no: { mean: 0, sd: 0.03 }, yes: { low: 0.08, high: 0.8 } },
        validity,
        conditions: 'infrared grid',
        says: message('says.coldPatches', { percent: Math.round(analysis.coldShare * 100) }),
      }),
    )
  return out
}
