import { binaryReading, type SignReading } from '../../inference/sign-reading'
import { message } from '../../quantity/message'
import type { TroubleCode } from './record'

/** What a code is about, as far as this book asks. */
export type CodeFamily =
  | 'coolant-sensor'
  | 'too-cold'
  | 'too-hot'
  | 'fan'
  | 'map-thermostat'
  | 'coolant-pump'
  | 'coolant-level'
  | 'coolant-valve'
  | 'cooling'
  | 'gearbox-hot'
  | 'misfire'
  | 'makers-own'
  | 'elsewhere'

/** Codes by the numbering of SAE J2012, from and to. */
const FAMILIES: readonly (readonly [from: string, to: string, family: CodeFamily])[] = [
  ['P0115', 'P0119', 'coolant-sensor'],
  ['P0125', 'P0126', 'too-cold'],
  ['P0128', 'P0128', 'too-cold'],
  ['P0217', 'P0217', 'too-hot'],
  ['P0218', 'P0218', 'gearbox-hot'],
  ['P0300', 'P0312', 'misfire'],
  ['P0480', 'P0485', 'fan'],
  ['P0526', 'P0529', 'fan'],
  ['P0597', 'P0599', 'map-thermostat'],
  ['P0691', 'P0696', 'fan'],
  ['P2181', 'P2181', 'cooling'],
  ['P2560', 'P2560', 'coolant-level'],
  ['P2600', 'P2603', 'coolant-pump'],
  ['P2681', 'P2683', 'coolant-valve'],
]

/**
 * What a code is about. Those that a maker numbers himself (P1, P30 to P33, and the like) are his to explain.
 * @example familyOf('P0128') // 'too-cold'
 */
export function familyOf(code: string): CodeFamily {
  const known = FAMILIES.find(([from, to]) => code >= from && code <= to)
  if (known) return known[2]
  const isMakers = code[1] === '1' || (code[1] === '3' && code[0] === 'P' && code[2]! < '4')
  return isMakers ? 'makers-own' : 'elsewhere'
}

/** Families whose sign says all that "a code of the cooling side is set" says. */
const OF_THE_COOLING_SIDE: readonly CodeFamily[] = [
  'coolant-sensor',
  'too-cold',
  'fan',
  'map-thermostat',
  'coolant-pump',
  'coolant-valve',
  'cooling',
]
/**
 * Whether the keeper's "a code is set" adds nothing to this code.
 * @example saysMoreThanACode('P0480') // 'true'
 */
export const saysMoreThanACode = (code: string): boolean =>
  OF_THE_COOLING_SIDE.includes(familyOf(code))

/** What each family reads: the sign, whether it is so, and how often the control sets such a code, rightly and not. */
const READS: Partial<
  Record<CodeFamily, { sign: string; seen: boolean; whenPresent: number; whenAbsent: number }>
> = {
  'coolant-sensor': { sign: 'sensor-code', seen: true, whenPresent: 0.95, whenAbsent: 0.01 },
  'too-cold': { sign: 'never-warms', seen: true, whenPresent: 0.6, whenAbsent: 0.02 },
  // The control saw the heat too: not the needle alone.
  'too-hot': { sign: 'gauge-only', seen: false, whenPresent: 0.9, whenAbsent: 0.3 },
  fan: { sign: 'fan-code', seen: true, whenPresent: 0.95, whenAbsent: 0.01 },
  'map-thermostat': { sign: 'map-heater-dead', seen: true, whenPresent: 0.8, whenAbsent: 0.01 },
  'coolant-pump': { sign: 'pump-command', seen: true, whenPresent: 0.7, whenAbsent: 0.01 },
  'coolant-valve': { sign: 'module-command', seen: true, whenPresent: 0.7, whenAbsent: 0.01 },
  cooling: { sign: 'cooling-code', seen: true, whenPresent: 0.9, whenAbsent: 0.02 },
  misfire: { sign: 'cold-misfire', seen: true, whenPresent: 0.5, whenAbsent: 0.15 },
}

/** A code that is set now is surer than one that was stored some day. */
const VALIDITY: Record<TroubleCode['status'], number> = {
  set: 0.95,
  pending: 0.85,
  stored: 0.7,
  'not-known': 0.8,
}

/**
 * What a trouble code says of the book's signs.
 * @example signsOf(codeSigns('r', { code: 'P0480', status: 'set' })) // 'fan-code'
 */
export function codeSigns(source: string, { code, status }: TroubleCode): SignReading[] {
  const family = familyOf(code)
  const validity = VALIDITY[status]
  const says = message(`says.code.${family}`, { code })
  if (family === 'coolant-level')
    return [
      {
        source,
        sign: 'level-cold',
        likelihood: { right: 0.08, low: 0.6, empty: 0.6 },
        validity: 0.9 * validity,
        conditions: 'level sensor',
        says,
      },
    ]
  const reads = READS[family]
  if (!reads) return []
  // Codes of one kind come together: they share their doubt.
  return [
    {
      ...binaryReading(source, reads.sign, reads.seen, reads, says, validity),
      conditions: `codes: ${family}`,
    },
  ]
}
