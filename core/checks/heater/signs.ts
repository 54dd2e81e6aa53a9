import { apart, message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { measuredReading } from '../measured'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { HeaterAnalysis } from './analysis'
import type { HeaterTest } from './record'

/**
 * @example signsOf(heaterSigns('r', example('heater.test'), analyseHeater(example('heater.test'))))
 *   // 'heater-inlet-cool air-weak flow-reversed'
 */
export function heaterSigns(
  source: string,
  record: HeaterTest,
  analysis: HeaterAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const inlet = correctedValue(record.inlet)
  const { validity } = analysis
  const engineC = record.engine ? correctedValue(record.engine) : undefined
  const engineKnownHot = engineC === undefined ? 0.5 : 1 / (1 + Math.exp(-(engineC - 72) / 3))
  const kelvin = (coreValue: number) => ({ kind: 'temperatureDifference' as const, coreValue })
  out.push(
    measuredReading({
      source: `${source}#inlet`,
      sign: 'heater-inlet-cool',
      value: inlet,
      error: 4,
      given: { no: { mean: 82, sd: 8 }, yes: { low: 5, high: 62 } },
      validity: validity * engineKnownHot,
      conditions: 'heater hoses',
      says: message('says.heaterInlet', { temperature: { kind: 'temperature', coreValue: inlet } }),
    }),
  )
  if (inlet > 50)
    out.push(
      measuredReading({
        source: `${source}#drop`,
        sign: 'heater-drop',
        value: analysis.dropK,
        error: 4,
        given: { no: { mean: 12, sd: 5 }, yes: { low: 22, high: 60 } },
        validity,
        conditions: 'heater hoses',
        says: message('says.heaterDrop', { drop: kelvin(analysis.dropK) }),
      }),
    )
  if (analysis.ventBelowInletK !== undefined && inlet > 55)
    out.push(
      measuredReading({
        source: `${source}#vent`,
        sign: 'vent-cold',
        value: analysis.ventBelowInletK,
        error: 4,
        given: { no: { mean: 18, sd: 8 }, yes: { low: 32, high: 80 } },
        validity: analysis.dropK > 25 ? 0.35 * validity : validity,
        conditions: 'vents',
        says: message('says.ventBelow', apart(-analysis.ventBelowInletK)),
      }),
    )
  if (analysis.sidesDifferK !== undefined)
    out.push(
      measuredReading({
        source: `${source}#sides`,
        sign: 'one-side-cold',
        value: analysis.sidesDifferK,
        error: 3,
        given: { no: { mean: 3, sd: 3 }, yes: { low: 12, high: 50 } },
        validity,
        conditions: 'vents',
        says: message('says.sidesDiffer', { difference: kelvin(analysis.sidesDifferK) }),
      }),
    )
  if (record.air !== 'not-felt')
    out.push(
      binaryReading(
        `${source}#air`,
        'air-weak',
        record.air === 'weak',
        { whenPresent: 0.9, whenAbsent: 0.02 },
        message(`says.air.${record.air}`),
        0.97,
      ),
    )
  const direction = `${source}#direction`
  if (record.direction === 'exchanged')
    out.push(laidBare(direction, 'flow-reversed', 0.93, message('says.direction.exchanged')))
  else if (record.direction !== 'not-known')
    out.push(
      binaryReading(
        direction,
        'flow-reversed',
        false,
        { whenPresent: 0.93, whenAbsent: 0.01 },
        message(`says.direction.${record.direction}`),
        0.93,
      ),
    )
  return out
}
