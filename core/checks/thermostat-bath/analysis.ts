import { knownValue } from '../../vehicle/profile'
import { boilingPointC } from '../../physics/boiling'
import { correctedValue } from '../../quantity/record'
import type { CheckContext } from '../context'
import type { ThermostatBath } from './record'

export type BathState =
  | 'good'
  | 'opens-late'
  | 'opens-early'
  | 'stuck-shut'
  | 'stuck-open'
  | 'low-lift'
  | 'wrong-rating'
  | 'missing'
  | 'not-judged'

export interface BathAnalysis {
  states: BathState[]
  /** rating that the opening is compared with: stamped, else specified, else the profile's */
  ratingC?: number
  /** start to open, corrected for the lag of fast heating, °C */
  opensAtC?: number
  errorK: number
  /** full opening is about the rating + 12 K; open water boils before that for higher ratings */
  fullOpeningReachable: boolean
  highestBathC: number
  /** it was hot enough for all of its lift */
  liftJudged: boolean
}

const BAND_K = 3
const FULL_OPENING_ABOVE_RATING_K = 12
const DEFAULT_LIFT_MM = 7
/** A probe in the bath is this right, K. */
const PROBE_K = 0.5
/** Lag of the wax behind the bath, minutes; above 2 K a minute it is felt. */
const LAG_MINUTES = 0.8

/**
 * @example analyseBath(example('thermostat-bath.test'), CONTEXT).states.join(' ') // 'wrong-rating'
 */
export function analyseBath(record: ThermostatBath, context: CheckContext): BathAnalysis {
  const water = boilingPointC({
    base: 'water',
    massFraction: 0,
    elevationMetres: context.mix.elevationMetres,
    heldKPaGauge: 0,
  })
  const highestBathC = record.bath === 'water' ? water : 115
  const specified = record.specified
    ? correctedValue(record.specified)
    : knownValue(context.profile.thermostatRatingC)
  const stamped = record.stamped && correctedValue(record.stamped)
  const ratingC = stamped ?? specified
  const out: BathAnalysis = {
    states: [],
    errorK: record.probe === 'infrared' ? 5 : 1,
    fullOpeningReachable:
      ratingC !== undefined && ratingC + FULL_OPENING_ABOVE_RATING_K <= highestBathC,
    highestBathC,
    liftJudged: false,
  }
  if (ratingC !== undefined) out.ratingC = ratingC
  if (record.present === 'missing') return { ...out, states: ['missing'] }
  if (stamped !== undefined && specified !== undefined && Math.abs(stamped - specified) > 3)
    out.states.push('wrong-rating')
  if (record.coldState === 'open') return { ...out, states: ['stuck-open', ...out.states] }
  const speed = record.heatingKPerMinute ?? 1.5
  if (record.heatingKPerMinute === undefined || speed > 2)
    out.errorK = Math.hypot(out.errorK, 0.5 * LAG_MINUTES * speed)
  if (record.startsToOpen === 'never') {
    if (ratingC === undefined || correctedValue(record.hottest) < ratingC + 6)
      out.states.push('not-judged')
    else out.states.push('stuck-shut')
  } else if (record.startsToOpen && ratingC !== undefined) {
    out.opensAtC = correctedValue(record.startsToOpen) - LAG_MINUTES * speed * (speed > 2 ? 1 : 0.5)
    if (out.opensAtC > ratingC + BAND_K + out.errorK) out.states.push('opens-late')
    else if (out.opensAtC < ratingC - BAND_K - out.errorK) out.states.push('opens-early')
  }
  out.liftJudged =
    ratingC !== undefined &&
    correctedValue(record.hottest) >= ratingC + FULL_OPENING_ABOVE_RATING_K - PROBE_K
  if (
    record.liftMm !== undefined &&
    out.liftJudged &&
    record.liftMm < (record.neededLiftMm ?? DEFAULT_LIFT_MM)
  )
    out.states.push('low-lift')
  if (out.states.length === 0) out.states.push(out.opensAtC === undefined ? 'not-judged' : 'good')
  return out
}
