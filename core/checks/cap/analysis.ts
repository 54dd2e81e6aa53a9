import { message, type Message } from '../../message'
import { boilingPointC, type BoilingConditions } from '../../physics/boiling'
import { correctedSi } from '../../quantity/record'
import { normalCdf } from '../../statistics/normal'
import { binaryReading, type SignReading } from '../sign-reading'
import type { CapTest } from './record'

/** Opening pressure may lie this far below and above the marking, kPa (−1 and +2 psi). */
export const OPENING_BAND_KPA = { below: 7, above: 14 } as const
/** No pressure cap is marked lower than this; a smaller figure is a slip and is not compared with. */
const LEAST_MARKING_KPA = 15
/** A cap that keeps less than this share of its opening pressure for a minute will not hold. */
const HOLDING_SHARE = 0.8

export interface CapAnalysis {
  openingKPaGauge?: number
  heldKPaGauge?: number
  states: (
    | 'good'
    | 'opens-early'
    | 'opens-late'
    | 'will-not-hold'
    | 'wrong-for-place'
    | 'vacuum-stuck'
    | 'seal-damaged'
  )[]
  /** the lowest of opening and held pressure: what the boiling point follows */
  effectiveKPaGauge?: number
  boilingPointC?: number
  boilingPointAtMarkingC?: number
  marginLostK?: number
  doesNotProve: Message[]
}

/** Opening, holding, vacuum valve, seals and place are different facts, and each is judged by itself. */
export function analyseCap(
  record: CapTest,
  mix: Omit<BoilingConditions, 'heldKPaGauge'>,
): CapAnalysis {
  const marked = typeof record.marking === 'object' ? correctedSi(record.marking) : undefined
  const markingKPa = marked !== undefined && marked > LEAST_MARKING_KPA ? marked : undefined
  const opening = record.opening && correctedSi(record.opening)
  const held = record.after60Seconds && correctedSi(record.after60Seconds)
  const states: CapAnalysis['states'] = []
  if (opening !== undefined && markingKPa !== undefined) {
    if (opening < markingKPa - OPENING_BAND_KPA.below) states.push('opens-early')
    if (opening > markingKPa + OPENING_BAND_KPA.above) states.push('opens-late')
  }
  const reference = opening ?? markingKPa
  if (held !== undefined && reference !== undefined && held < HOLDING_SHARE * reference)
    states.push('will-not-hold')
  if (record.fitsPlace === 'wrong' || record.marking === 'looks-wrong')
    states.push('wrong-for-place')
  if (record.vacuumValve === 'stuck') states.push('vacuum-stuck')
  if (record.seals === 'damaged') states.push('seal-damaged')
  const complete = opening !== undefined && held !== undefined && markingKPa !== undefined
  if (states.length === 0 && complete) states.push('good')
  const out: CapAnalysis = { states, doesNotProve: [message('cap.pass.neck')] }
  if (record.vacuumValve === 'not-tested')
    out.doesNotProve.push(message('cap.pass.vacuumNotTested'))
  if (opening !== undefined) out.openingKPaGauge = opening
  if (held !== undefined) out.heldKPaGauge = held
  const known = [opening, held].filter((p): p is number => p !== undefined)
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

/** Standard error of one reading of an opening pressure on an adapter: the needle moves when it is read. */
const READING_SD_KPA = 3

/**
 * Readings for the cap's signs. Opening and holding: the likelihood of the pressure read is integrated over the
 * true pressure declared for each state (sound caps spread about the marking, weak ones below it).
 */
export function capSigns(source: string, record: CapTest, analysis: CapAnalysis): SignReading[] {
  const out: SignReading[] = []
  const markingKPa = typeof record.marking === 'object' ? correctedSi(record.marking) : undefined
  const { openingKPaGauge: opening, heldKPaGauge: held } = analysis
  const spread = (x: number, mean: number, sd: number) => {
    const total = Math.hypot(sd, READING_SD_KPA)
    return Math.exp(-0.5 * ((x - mean) / total) ** 2) / total
  }
  if (opening !== undefined && markingKPa !== undefined && markingKPa > LEAST_MARKING_KPA) {
    const sound = spread(opening, markingKPa + 3, 4)
    const early = uniformBelow(opening, markingKPa - OPENING_BAND_KPA.below)
    const late = opening > markingKPa ? spread(opening, markingKPa + 30, 14) : 1e-6
    const says = message('says.capOpens', {
      opening: { kind: 'pressure', si: opening },
      marking: { kind: 'pressure', si: markingKPa },
    })
    const shared = { source, validity: 0.95, conditions: 'cap adapter', says }
    out.push({
      ...shared,
      sign: 'cap-opens-early',
      likelihood: { no: sound + late * 0.05, yes: early },
    })
    out.push({
      ...shared,
      sign: 'cap-opens-late',
      likelihood: { no: sound + early * 0.2, yes: late },
    })
  }
  const reference = opening ?? markingKPa
  if (held !== undefined && reference !== undefined && reference > LEAST_MARKING_KPA) {
    const good = spread(held, reference * 0.95, 0.04 * reference)
    const weak = uniformBelow(held, reference * 0.85)
    out.push({
      source,
      sign: 'cap-will-not-hold',
      likelihood: { no: good, yes: weak },
      validity: 0.92,
      conditions: 'cap adapter',
      says: message('says.capHolds', { held: { kind: 'pressure', si: held } }),
    })
  }
  const plain = (sign: string, seen: boolean, id: string) =>
    out.push(
      binaryReading(
        `${source}#${sign}`,
        sign,
        seen,
        { whenPresent: 0.92, whenAbsent: 0.03 },
        message(id),
      ),
    )
  if (record.vacuumValve !== 'not-tested')
    plain('cap-vacuum-stuck', record.vacuumValve === 'stuck', `says.vacuum.${record.vacuumValve}`)
  if (record.fitsPlace !== 'not-known' || record.marking === 'looks-wrong') {
    const wrong = record.fitsPlace === 'wrong' || record.marking === 'looks-wrong'
    plain('cap-wrong', wrong, wrong ? 'says.capWrong' : 'says.capRight')
  }
  if (record.seals !== 'not-looked')
    plain('cap-seal-damaged', record.seals === 'damaged', `says.capSeals.${record.seals}`)
  return out
}

/** Density of a reading whose truth lies anywhere from nothing to `top`, blurred by the reading error. */
function uniformBelow(x: number, top: number): number {
  return (
    (normalCdf(x / READING_SD_KPA) - normalCdf((x - top) / READING_SD_KPA)) / Math.max(top, 1) +
    1e-9
  )
}
