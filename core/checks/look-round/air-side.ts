import { message } from '../../quantity/message'
import type { Judged } from '../context'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { AirSideLook } from './record'

interface Row {
  sign: string
  whenPresent: number
  whenAbsent: number
  fact?: string
  /** "bad" is the fault itself, not its trace */
  isTheFault?: true
}

/** What each look can settle. Fins are seen from one side only unless the stack was looked at too. */
const ROWS: Readonly<Record<keyof AirSideLook, Row>> = {
  fins: {
    sign: 'fins-blocked',
    whenPresent: 0.85,
    whenAbsent: 0.08,
    fact: 'fins-blocked',
    isTheFault: true,
  },
  stack: {
    sign: 'stack-blocked',
    whenPresent: 0.9,
    whenAbsent: 0.05,
    fact: 'stack-blocked',
    isTheFault: true,
  },
  shroud: {
    sign: 'shroud-broken',
    whenPresent: 0.95,
    whenAbsent: 0.03,
    fact: 'shroud-broken',
    isTheFault: true,
  },
  blades: {
    sign: 'blades-broken',
    whenPresent: 0.95,
    whenAbsent: 0.01,
    fact: 'blades-broken',
    isTheFault: true,
  },
  duct: {
    sign: 'duct-missing',
    whenPresent: 0.95,
    whenAbsent: 0.05,
    fact: 'duct-missing',
    isTheFault: true,
  },
  lowerHose: { sign: 'lower-hose-soft', whenPresent: 0.85, whenAbsent: 0.06 },
  upperHoseCold: { sign: 'hose-flat-cold', whenPresent: 0.9, whenAbsent: 0.03 },
  tank: { sign: 'tank-bulged', whenPresent: 0.85, whenAbsent: 0.05 },
  insideHoses: {
    sign: 'crunch-in-hoses',
    whenPresent: 0.8,
    whenAbsent: 0.06,
    fact: 'hoses-crunch',
  },
}

/**
 * @example signsOf(airSideSigns('r', { fins: 'bad' })) // 'fins-blocked'
 */
export function airSideSigns(source: string, look: AirSideLook): SignReading[] {
  return (Object.keys(ROWS) as (keyof AirSideLook)[]).flatMap((field) => {
    const seen = look[field]
    if (seen === undefined || seen === 'not-known') return []
    const { sign, whenPresent, whenAbsent, isTheFault } = ROWS[field]
    const part = `${source}#${field}`
    const says = message(`says.airSide.${field}.${seen}`)
    const rates = { whenPresent, whenAbsent }
    return seen === 'bad' && isTheFault
      ? [laidBare(part, sign, whenPresent, says)]
      : [binaryReading(part, sign, seen === 'bad', rates, says, 0.94)]
  })
}

/**
 * What a look at the air side and the soft parts comes to.
 * @example judgeAirSide('r', { fins: 'bad' }).states.join(' ') // 'fins'
 */
export function judgeAirSide(source: string, look: AirSideLook): Judged {
  const fields = Object.keys(ROWS) as (keyof AirSideLook)[]
  const facts = fields.flatMap((f) => (look[f] === 'bad' && ROWS[f].fact ? [ROWS[f].fact!] : []))
  const both =
    look.fins !== undefined &&
    look.fins !== 'not-known' &&
    look.stack !== undefined &&
    look.stack !== 'not-known'
  if (both) facts.push('looked-both-sides')
  if (both && look.fins === 'good' && look.stack === 'good') facts.push('air-side-clean')
  return {
    states: fields.filter((f) => look[f] === 'bad'),
    facts,
    signs: airSideSigns(source, look),
    notes: look.fins === 'good' && !both ? [message('airSide.oneSideOnly')] : [],
  }
}
