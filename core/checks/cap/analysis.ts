import { message, type Message } from '../../quantity/message'
import { boilingPointC, type BoilingConditions } from '../../physics/boiling'
import { correctedValue } from '../../quantity/record'
import type { SystemProfile } from '../../vehicle/profile'
import { type BleedDown, bleedDownOf } from './bleed-down'
import type { CapTest } from './record'
import { sealedCapFits } from './sealed-cap'

/** Opening pressure may lie this far below and above the marking, kPa (−1 and +2 psi). */
export const OPENING_BAND_KPA = { below: 7, above: 14 } as const
/** No pressure cap is marked lower than this; a smaller figure is a slip and is not compared with. */
export const LEAST_MARKING_KPA = 15
/** A cap cannot hold more than it opens at: so much is the reading of the two, kPa. */
const READINGS_APART_KPA = 6
/** A cap that keeps less than this share of what is written on it for a minute will not hold. */
const HOLDING_SHARE = 0.85

export interface CapAnalysis {
  openingKPaGauge?: number
  /** a minute after it has opened and closed */
  heldKPaGauge?: number
  bleedDown?: BleedDown
  /** it holds more than it opens at: one of the two was misread, and holding says nothing */
  isMisread?: true
  states: (
    | 'good'
    | 'opens-early'
    | 'opens-late'
    | 'will-not-hold'
    | 'wrong-for-place'
    | 'vacuum-stuck'
    | 'seal-damaged'
    | 'found-loose'
    | 'sealed'
  )[]
  /** the lowest of opening and of all that it was seen to hold: what the boiling point follows */
  effectiveKPaGauge?: number
  boilingPointC?: number
  boilingPointAtMarkingC?: number
  marginLostK?: number
  doesNotProve: Message[]
  /** it has no valve; whether one without can be right where it sits, where the vessel says */
  sealed?: { fits: boolean | undefined }
}

/** Whether the cap is not the one for its place, by what was said of it or by what it is. */
export const isWrongForPlace = (
  { fitsPlace, marking }: CapTest,
  sealed: CapAnalysis['sealed'],
): boolean =>
  fitsPlace === 'wrong' ||
  marking === 'looks-wrong' ||
  (fitsPlace !== 'right' && sealed?.fits === false)

/**
 * What a cap should keep, kPa gauge: its marking, or what it opens at where that cannot be read or is a slip.
 * @example holdingReferenceKPa(example('cap.test')) // 90
 */
export function holdingReferenceKPa({ marking, opening }: CapTest): number | undefined {
  const marked = typeof marking === 'object' ? correctedValue(marking) : undefined
  const known = [marked, opening && correctedValue(opening)]
  return known.find((kPa) => kPa !== undefined && kPa > LEAST_MARKING_KPA)
}

/**
 * Opening, holding, vacuum valve, seals and place are different facts, and each is judged by itself.
 * @example analyseCap(example('cap.test'), CONTEXT.mix).effectiveKPaGauge // 88
 */
export function analyseCap(
  record: CapTest,
  mix: Omit<BoilingConditions, 'heldKPaGauge'>,
  profile: SystemProfile = {},
): CapAnalysis {
  const sealed =
    record.marking === 'sealed' ? { fits: sealedCapFits(record.place, profile) } : undefined
  const marked = typeof record.marking === 'object' ? correctedValue(record.marking) : undefined
  const markingKPa = marked !== undefined && marked > LEAST_MARKING_KPA ? marked : undefined
  const opening = record.opening && correctedValue(record.opening)
  const bleedDown = bleedDownOf(record.bleedDown)
  const held = record.after60Seconds
    ? correctedValue(record.after60Seconds)
    : bleedDown?.afterAMinuteKPaGauge
  const states: CapAnalysis['states'] = []
  if (opening !== undefined && markingKPa !== undefined) {
    if (opening < markingKPa - OPENING_BAND_KPA.below) states.push('opens-early')
    if (opening > markingKPa + OPENING_BAND_KPA.above) states.push('opens-late')
  }
  // Judged against what is written on it: a cap that opens at half and holds most of that holds half.
  const reference = holdingReferenceKPa(record)
  const isMisread =
    opening !== undefined && held !== undefined && held > opening + READINGS_APART_KPA
  const isLittle = held !== undefined && reference !== undefined && held < HOLDING_SHARE * reference
  if (isLittle && !isMisread) states.push('will-not-hold')
  if (isWrongForPlace(record, sealed)) states.push('wrong-for-place')
  else if (sealed) states.push('sealed')
  if (record.vacuumValve === 'stuck') states.push('vacuum-stuck')
  if (record.seals === 'damaged') states.push('seal-damaged')
  const complete = opening !== undefined && held !== undefined && markingKPa !== undefined
  const least = HOLDING_SHARE * (reference ?? 0)
  const goesOnFalling = bleedDown !== undefined && bleedDown.lastKPaGauge < least
  if (states.length === 0 && complete && !isMisread && !goesOnFalling) states.push('good')
  if (record.asFound === 'loose') states.push('found-loose')
  const out: CapAnalysis = { states, doesNotProve: [message('cap.pass.neck')] }
  if (sealed) out.sealed = sealed
  else if (record.vacuumValve === 'not-known')
    out.doesNotProve.push(message('cap.pass.vacuumNotTested'))
  if (bleedDown) out.bleedDown = bleedDown
  if (isMisread) out.isMisread = true
  if (opening !== undefined) out.openingKPaGauge = opening
  if (held !== undefined) out.heldKPaGauge = held
  const known = [opening, held, bleedDown?.lastKPaGauge].filter((p): p is number => p !== undefined)
  if (known.length > 0) {
    const effective = Math.max(0, Math.min(...known))
    out.effectiveKPaGauge = effective
    out.boilingPointC = boilingPointC({ ...mix, heldKPaGauge: effective })
    if (markingKPa !== undefined) {
      out.boilingPointAtMarkingC = boilingPointC({ ...mix, heldKPaGauge: markingKPa })
      out.marginLostK = out.boilingPointAtMarkingC - out.boilingPointC
    }
  }
  return out
}
