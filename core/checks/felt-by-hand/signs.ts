import type { SignReading } from '../../inference/sign-reading'
import { message, type Message } from '../../quantity/message'
import type { SystemProfile } from '../../vehicle/profile'
import type { Felt, FeltByHand } from './record'

type Word = Exclude<Felt, 'not-known'>
/** How often a word is used where the sign is in each state. */
type Words<W extends string = Word> = Readonly<Record<W, Readonly<Record<string, number>>>>

/** The hose that the thermostat holds back, on an engine whose needle is up. */
const HELD_BACK_WARM: Words = {
  cold: { normal: 0.08, late: 0.35, never: 0.85 },
  lukewarm: { normal: 0.22, late: 0.35, never: 0.12 },
  hot: { normal: 0.7, late: 0.3, never: 0.03 },
}
/** The same on an engine that was just started. */
const HELD_BACK_STARTED: Words = {
  cold: { no: 0.88, early: 0.4, 'from-start': 0.06 },
  lukewarm: { no: 0.1, early: 0.45, 'from-start': 0.54 },
  hot: { no: 0.02, early: 0.15, 'from-start': 0.4 },
}
/** Both heater hoses: the warmer one. */
const HEATER_INLET: Words = {
  cold: { no: 0.03, yes: 0.75 },
  lukewarm: { no: 0.12, yes: 0.22 },
  hot: { no: 0.85, yes: 0.03 },
}
/** Heater outlet while the inlet is hot. */
const HEATER_OUTLET: Words = {
  cold: { no: 0.04, yes: 0.65 },
  lukewarm: { no: 0.26, yes: 0.3 },
  hot: { no: 0.7, yes: 0.05 },
}
/** Lower hose while the upper is hot. A radiator that does its work leaves it lukewarm. */
const ACROSS_RADIATOR: Words = {
  cold: { no: 0.15, yes: 0.7 },
  lukewarm: { no: 0.55, yes: 0.25 },
  hot: { no: 0.3, yes: 0.05 },
}
const FACE: Words<'warm-all-over' | 'cold-places'> = {
  'warm-all-over': { no: 0.93, yes: 0.4 },
  'cold-places': { no: 0.07, yes: 0.6 },
}
const FACE_COLD: Words<'warm-all-over' | 'cold-places' | 'cold'> = {
  'warm-all-over': { no: 0.75, yes: 0.05 },
  'cold-places': { no: 0.2, yes: 0.15 },
  cold: { no: 0.05, yes: 0.8 },
}
const REVVED: Words<'round' | 'drawn-flat'> = {
  round: { no: 0.99, yes: 0.1 },
  'drawn-flat': { no: 0.01, yes: 0.9 },
}

/** A palm tells 30 from 60 °C and hardly 60 from 90: what it says is no measurement. */
const BY_HAND = 0.85
/** Where it is not known on which side the thermostat sits, the upper hose is taken for the one it holds back. */
const SIDE_NOT_KNOWN = 0.6
/** A needle is not the engine's temperature. */
const ENGINE_BY_NEEDLE = { 'needle-up': 0.85, 'too-hot': 0.9, 'not-known': 0.4, 'just-started': 1 }

/**
 * The hose that the thermostat holds back, and how far that is known.
 * @example heldBack(example('felt-by-hand.feel'), { thermostatSide: 'inlet' }).felt // 'cold'
 */
export function heldBack(
  record: FeltByHand,
  profile: SystemProfile,
): { felt: Felt; validity: number } {
  if (profile.thermostatSide === 'inlet') return { felt: record.lowerHose, validity: 1 }
  const validity = profile.thermostatSide === 'outlet' ? 1 : SIDE_NOT_KNOWN
  return { felt: record.upperHose, validity }
}

/**
 * @example signsOf(feltSigns('r', example('felt-by-hand.feel'), {}))
 *   // 'opening-late heater-drop heater-inlet-cool'
 */
export function feltSigns(
  source: string,
  record: FeltByHand,
  profile: SystemProfile,
): SignReading[] {
  const out: SignReading[] = []
  const say = <W extends string>(
    sign: string,
    words: Words<W>,
    word: W,
    validity: number,
    says: Message,
  ) =>
    out.push({
      source: `${source}#${sign}`,
      sign,
      likelihood: words[word],
      validity: BY_HAND * validity,
      conditions: 'by hand',
      says,
    })
  const hose = (which: string, felt: Word) => message('says.felt.hose', { hose: which, felt })
  const held = heldBack(record, profile)
  const warmth = ENGINE_BY_NEEDLE[record.engine]
  const isStarted = record.engine === 'just-started'
  if (held.felt !== 'not-known') {
    const says = hose('heldBack', held.felt)
    if (isStarted) say('opening-early', HELD_BACK_STARTED, held.felt, held.validity, says)
    else say('opening-late', HELD_BACK_WARM, held.felt, held.validity * warmth, says)
  }
  const { upperHose, lowerHose, heaterInlet, heaterOutlet, radiatorFace, lowerHoseRevved } = record
  if (heaterInlet === 'hot' && heaterOutlet !== 'not-known')
    say('heater-drop', HEATER_OUTLET, heaterOutlet, 1, hose('heaterOutlet', heaterOutlet))
  // One that stays round says nothing of an engine that was just started: little goes through it yet.
  if (lowerHoseRevved === 'drawn-flat' || (lowerHoseRevved === 'round' && !isStarted))
    say(
      'lower-hose-flat',
      REVVED,
      lowerHoseRevved,
      1,
      message(`says.felt.revved.${lowerHoseRevved}`),
    )
  if (isStarted) return out
  if (heaterInlet !== 'not-known')
    say('heater-inlet-cool', HEATER_INLET, heaterInlet, warmth, hose('heaterInlet', heaterInlet))
  if (upperHose === 'hot' && lowerHose !== 'not-known' && profile.thermostatSide !== 'inlet')
    say('radiator-drop-large', ACROSS_RADIATOR, lowerHose, 1, hose('lower', lowerHose))
  if (radiatorFace !== 'not-known') {
    const says = message(`says.felt.face.${radiatorFace}`)
    say('radiator-cold', FACE_COLD, radiatorFace, warmth, says)
  }
  if (radiatorFace === 'warm-all-over' || radiatorFace === 'cold-places')
    say('radiator-patches', FACE, radiatorFace, warmth, message(`says.felt.face.${radiatorFace}`))
  return out
}
