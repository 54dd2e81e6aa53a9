import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { measuredLikelihood } from '../measured'
import { laidBare, type SignReading, readingsInto } from '../../inference/sign-reading'
import type { BathAnalysis } from './analysis'
import type { ThermostatBath } from './record'

const MOST_OFF_K = 22

/**
 * @example signsOf(bathSigns('r', example('thermostat-bath.test'), analyseBath(example('thermostat-bath.test'), CONTEXT)))
 *   // 'thermostat-missing rating-wrong bath-late bath-early bath-lift-low'
 */
export function bathSigns(source: string, record: ThermostatBath, a: BathAnalysis): SignReading[] {
  const out: SignReading[] = []
  const yes = readingsInto(out, source, 0.95)
  if (record.present === 'missing')
    out.push(
      laidBare(
        `${source}#thermostat-missing`,
        'thermostat-missing',
        0.99,
        message('says.thermostatMissing'),
      ),
    )
  else yes('thermostat-missing', false, 0.99, 0.001, 'says.thermostatThere', 0.99)
  if (record.present === 'missing') return out
  const specified = record.specified ? correctedValue(record.specified) : undefined
  if (record.stamped && specified !== undefined) {
    const wrong = Math.abs(correctedValue(record.stamped) - specified) > 3
    if (wrong)
      out.push(
        laidBare(`${source}#rating-wrong`, 'rating-wrong', 0.97, message('says.ratingWrong')),
      )
    else yes('rating-wrong', false, 0.97, 0.01, 'says.ratingRight')
  }
  const conditions = 'thermostat in a bath'
  if (record.coldState === 'open') {
    out.push({
      source,
      sign: 'bath-early',
      likelihood: { no: 0.0005, early: 0.02, open: 0.95 },
      validity: 0.999,
      conditions,
      says: message('says.bath.openCold'),
    })
    out.push({
      source: `${source}#late`,
      sign: 'bath-late',
      likelihood: { no: 0.9, late: 0.02, shut: 0.001 },
      validity: 0.97,
      conditions,
      says: message('says.bath.openCold'),
    })
    return out
  }
  if (record.startsToOpen === 'never' && a.ratingC !== undefined) {
    const beyond = correctedValue(record.hottest) - a.ratingC
    const heated = 1 / (1 + Math.exp(-(beyond - 5) / 1.5))
    out.push({
      source,
      sign: 'bath-late',
      likelihood: { no: 0.001, late: 0.25, shut: 0.97 },
      validity: 0.999 * heated,
      conditions,
      says: message('says.bath.never'),
    })
    out.push({
      source: `${source}#early`,
      sign: 'bath-early',
      likelihood: { no: 0.95, early: 0.01, open: 0.001 },
      validity: 0.95,
      conditions,
      says: message('says.bath.never'),
    })
  } else if (a.opensAtC !== undefined && a.ratingC !== undefined) {
    const off = a.opensAtC - a.ratingC
    const says = message('says.bath.opens', {
      at: { kind: 'temperature', coreValue: a.opensAtC },
      rating: { kind: 'temperature', coreValue: a.ratingC },
    })
    // Further off than any thermostat is as far off as one can be.
    const given = measuredLikelihood(Math.max(-MOST_OFF_K, Math.min(MOST_OFF_K, off)), a.errorK, {
      no: { mean: 0, sd: 1.3 },
      late: { low: 3, high: 25 },
      early: { low: -25, high: -3 },
    })
    // An infrared gun sees the water's face; a probe stands beside the wax.
    const validity = record.probe === 'infrared' ? 0.93 : 0.99
    out.push({
      source,
      sign: 'bath-late',
      likelihood: { no: given.no! + 0.3 * given.early!, late: given.late!, shut: 0.0005 },
      validity,
      conditions,
      says,
    })
    out.push({
      source: `${source}#early`,
      sign: 'bath-early',
      likelihood: { no: given.no! + 0.3 * given.late!, early: given.early!, open: 0.0005 },
      validity,
      conditions,
      says,
    })
  }
  if (record.startsToOpen === undefined) {
    // Shut when cold is not stuck open, whatever it opens at.
    out.push({
      source: `${source}#early`,
      sign: 'bath-early',
      likelihood: { no: 0.95, early: 0.9, open: 0.01 },
      validity: 0.97,
      conditions,
      says: message('says.bath.shutCold'),
    })
  }
  if (record.liftMm !== undefined && a.liftJudged) {
    const needed = record.neededLiftMm ?? 7
    out.push({
      source: `${source}#lift`,
      sign: 'bath-lift-low',
      likelihood: measuredLikelihood(record.liftMm, 0.5, {
        no: { mean: needed + 1.2, sd: 0.9 },
        yes: { low: 0, high: needed },
      }),
      validity: 0.94,
      conditions: 'lift measured',
      says: message('says.bath.lift', { lift: { kind: 'length', coreValue: record.liftMm } }),
    })
  }
  return out
}
