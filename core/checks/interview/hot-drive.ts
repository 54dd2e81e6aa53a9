import { readingsInto, type SignReading } from '../../inference/sign-reading'
import { boilingPointC } from '../../physics/boiling'
import { message, type Message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import type { CheckContext } from '../context'
import type { HotDrive } from './record'

/** What a keeper tells is as sure as so many answers in ten. */
const TOLD = 0.9
/** A dash, or what is remembered of it, tells the boiling coolant this far off, K. */
const TOLD_WITHIN_K = 6
/** So hot, or this long in the red, is what warps a head. */
const SEVERE_C = 120
const SEVERE_MINUTES = 5
/** On such a day there is margin in hand without any fault, °C. */
const COOL_DAY_C = 18

export interface HotDriveAnalysis {
  /** where this coolant boils at the pressure that is held, and with none, at the height where it was driven, °C */
  boilsAtC: number
  boilsOpenAtC: number
  /** hottest that was shown, °C */
  hottestC?: number
  state: 'boiled-early' | 'boiled-at-its-point' | 'boiled' | 'very-hot' | 'hot' | 'not-hot' | 'told'
}

/**
 * What is told of a hot drive, against the boiling point of this coolant where it was driven.
 * @example analyseHotDrive(example('interview.hot-drive'), CONTEXT).state // 'boiled-early'
 */
export function analyseHotDrive(drive: HotDrive, context: CheckContext): HotDriveAnalysis {
  const elevationMetres = drive.elevationMetres ?? context.mix.elevationMetres
  const boilsWith = (heldKPaGauge: number) =>
    boilingPointC({ ...context.mix, elevationMetres, heldKPaGauge })
  const boilsAtC = boilsWith(context.heldKPaGauge)
  const hottestC = drive.hottest && correctedValue(drive.hottest)
  return {
    boilsAtC,
    boilsOpenAtC: boilsWith(0),
    ...(hottestC !== undefined && { hottestC }),
    state: stateOf(drive, hottestC, boilsAtC),
  }
}

function stateOf(
  drive: HotDrive,
  hottestC: number | undefined,
  boilsAtC: number,
): HotDriveAnalysis['state'] {
  const { boiled, needle } = drive
  if (boiled === 'yes') {
    if (hottestC === undefined) return 'boiled'
    return hottestC < boilsAtC - TOLD_WITHIN_K ? 'boiled-early' : 'boiled-at-its-point'
  }
  if (isSevere(drive, hottestC)) return 'very-hot'
  if (needle === 'above-usual' || needle === 'in-the-red') return 'hot'
  return needle === 'where-it-stands' ? 'not-hot' : 'told'
}

/** Whether it was hot enough, for long enough, to warp a head. */
const isSevere = ({ needle, minutes = 0 }: HotDrive, hottestC = 0): boolean =>
  hottestC >= SEVERE_C || (needle === 'in-the-red' && minutes >= SEVERE_MINUTES)

/**
 * What a hot drive says: told, so each is worth about what the same answer to a question is.
 * @example signsOf(hotDriveSigns('r', example('interview.hot-drive'), analyseHotDrive(example('interview.hot-drive'), CONTEXT)))
 *   // 'boils-early gauge-only needle-normal hot-with-ac'
 */
export function hotDriveSigns(
  source: string,
  drive: HotDrive,
  { state, hottestC }: HotDriveAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  const tell = readingsInto(out, source, TOLD)
  if (state === 'boiled-early') tell('boils-early', true, 0.75, 0.1, 'says.drive.boiledEarly')
  if (state === 'boiled-at-its-point')
    tell('boils-early', false, 0.75, 0.1, 'says.drive.boiledAtItsPoint')
  if (drive.boiled === 'yes') tell('gauge-only', false, 0.95, 0.1, 'says.drive.boiled')
  if (drive.boiled === 'no') tell('gauge-only', true, 0.95, 0.75, 'says.drive.notBoiled')
  const { outside, needle, engineAfter } = drive
  if (needle !== 'not-known')
    tell('needle-normal', needle === 'where-it-stands', 0.85, 0.05, `says.drive.needle.${needle}`)
  const wasHot = drive.boiled === 'yes' || needle === 'in-the-red' || needle === 'above-usual'
  if (drive.airConditioningOffHelps !== 'not-known')
    tell(
      'hot-with-ac',
      drive.airConditioningOffHelps === 'yes',
      0.75,
      0.35,
      `says.drive.airConditioningOff.${drive.airConditioningOffHelps}`,
    )
  else if (wasHot && outside && correctedValue(outside) < COOL_DAY_C)
    tell('hot-with-ac', false, 0.85, 0.08, 'says.drive.coolDay')
  if (drive.heaterHelps === 'yes') tell('heater-cold', false, 0.8, 0.1, 'says.drive.heaterHelps')
  if (drive.heaterHelps === 'no') tell('heater-cold', true, 0.85, 0.45, 'says.drive.heaterDoesNot')
  if (isSevere(drive, hottestC)) tell('overheated-before', true, 0.75, 0.15, 'says.drive.severe')
  if (engineAfter === 'white-exhaust')
    tell('white-exhaust', true, 0.7, 0.06, 'says.drive.whiteExhaust')
  if (engineAfter === 'rough') tell('cold-misfire', true, 0.6, 0.12, 'says.drive.rough')
  if (engineAfter === 'as-before') tell('white-exhaust', false, 0.6, 0.06, 'says.drive.asBefore')
  return out
}

/**
 * What is to be looked at after the heat, whatever made it.
 * @example notesOnHotDrive({ ...example('interview.hot-drive'), gearbox: 'slips-or-smells' }, {}).at(-1).id
 *   // 'note.drive.gearbox'
 */
export function notesOnHotDrive(
  drive: HotDrive,
  { hottestC }: Pick<HotDriveAnalysis, 'hottestC'>,
): Message[] {
  const notes: Message[] = []
  if (isSevere(drive, hottestC)) notes.push(message('note.drive.severe'))
  if (drive.plastic === 'soft-or-brittle') notes.push(message('note.drive.plastic'))
  if (drive.gearbox === 'slips-or-smells') notes.push(message('note.drive.gearbox'))
  return notes
}
