import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { normalCdf } from '../../statistics/normal'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import {
  type CapAnalysis,
  holdingReferenceKPa,
  isWrongForPlace,
  LEAST_MARKING_KPA,
  OPENING_BAND_KPA,
} from './analysis'
import type { CapTest } from './record'

/** Standard error of one reading of an opening pressure on an adapter: the needle moves when it is read. */
const READING_SD_KPA = 3

/**
 * Readings for the cap's signs. Opening and holding: the likelihood of the pressure read is integrated over the
 * true pressure declared for each state (sound caps spread about the marking, weak ones below it).
 * @example signsOf(capSigns('r', example('cap.test'), analyseCap(example('cap.test'), CONTEXT.mix)))
 *   // 'cap-opens-early cap-opens-late cap-will-not-hold cap-vacuum-stuck cap-wrong cap-left-loose cap-seal-damaged'
 */
export function capSigns(source: string, record: CapTest, analysis: CapAnalysis): SignReading[] {
  const out: SignReading[] = []
  const markingKPa = typeof record.marking === 'object' ? correctedValue(record.marking) : undefined
  const { openingKPaGauge: opening, heldKPaGauge: held } = analysis
  const density = (x: number, mean: number, sd: number) => {
    const total = Math.hypot(sd, READING_SD_KPA)
    return Math.exp(-0.5 * ((x - mean) / total) ** 2) / total
  }
  if (opening !== undefined && markingKPa !== undefined && markingKPa > LEAST_MARKING_KPA) {
    const sound = density(opening, markingKPa + 3, 4)
    const early = uniformBelow(opening, markingKPa - OPENING_BAND_KPA.below)
    const late = opening > markingKPa ? density(opening, markingKPa + 30, 14) : 1e-6
    const says = message('says.capOpens', {
      opening: { kind: 'pressure', coreValue: opening },
      marking: { kind: 'pressure', coreValue: markingKPa },
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
  const reference = holdingReferenceKPa(record)
  if (held !== undefined && reference !== undefined && !analysis.isMisread) {
    const good = density(held, reference * 0.95, 0.04 * reference)
    const weak = uniformBelow(held, reference * 0.85)
    out.push({
      source,
      sign: 'cap-will-not-hold',
      likelihood: { no: good, yes: weak },
      validity: 0.92,
      conditions: 'cap adapter',
      says: message('says.capHolds', { held: { kind: 'pressure', coreValue: held } }),
    })
  }
  const plain = (sign: string, seen: boolean, id: string, isTheFault = seen) => {
    const part = `${source}#${sign}`
    out.push(
      isTheFault
        ? laidBare(part, sign, 0.92, message(id))
        : binaryReading(part, sign, seen, { whenPresent: 0.92, whenAbsent: 0.03 }, message(id)),
    )
  }
  if (record.vacuumValve !== 'not-known')
    plain('cap-vacuum-stuck', record.vacuumValve === 'stuck', `says.vacuum.${record.vacuumValve}`)
  const wrong = isWrongForPlace(record, analysis.sealed)
  if (wrong || record.fitsPlace === 'right') {
    // A marking that looks wrong is a suspicion; that the cap does not belong there was looked up, or the vessel says.
    const isLookedUp = wrong && record.marking !== 'looks-wrong'
    const says = !wrong ? 'says.capRight' : analysis.sealed ? 'says.capSealed' : 'says.capWrong'
    plain('cap-wrong', wrong, says, isLookedUp || record.fitsPlace === 'wrong')
  }
  if (record.asFound === 'closed' || record.asFound === 'loose')
    plain('cap-left-loose', record.asFound === 'loose', `says.capFound.${record.asFound}`)
  if (record.seals !== 'not-known')
    plain('cap-seal-damaged', record.seals === 'damaged', `says.capSeals.${record.seals}`)
  return out
}

/** Density of a reading whose truth lies anywhere from nothing to `top`, blurred by the reading error. */
function uniformBelow(read: number, top: number): number {
  const x = Math.max(0, read)
  return (
    (normalCdf(x / READING_SD_KPA) - normalCdf((x - top) / READING_SD_KPA)) / Math.max(top, 1) +
    1e-9
  )
}
