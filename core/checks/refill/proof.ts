import type { Refill } from './record'

/** Fields that prove the air out. */
export type RefillProof = 'bleedersClear' | 'vacuumHeld' | 'heaterHot' | 'levelSettled'

/**
 * What proves by each method that the air is out. Gravity: coolant without bubbles at every bleeder, and the level
 * stays. Run and top up: the thermostat has opened and the heater is hot, and the level stays. Vacuum: it held before
 * it was filled, so nothing was drawn in, and the heater is hot.
 */
export const PROOFS_OF: Readonly<Record<Refill['method'], readonly RefillProof[]>> = {
  'gravity-with-bleeders': ['bleedersClear', 'levelSettled'],
  'run-and-top-up': ['heaterHot', 'levelSettled'],
  vacuum: ['vacuumHeld', 'heaterHot'],
}

const ALL_PROOFS: ReadonlySet<string> = new Set(Object.values(PROOFS_OF).flat())

/**
 * Whether a field of a refill proves another method than this one, or any while none is said.
 * @example isForeignProof('vacuumHeld', 'run-and-top-up') // 'true'
 */
export function isForeignProof(field: string, method: Refill['method'] | undefined): boolean {
  const own: readonly string[] = method === undefined ? [] : PROOFS_OF[method]
  return ALL_PROOFS.has(field) && !own.includes(field)
}

const GOOD: ReadonlySet<unknown> = new Set(['yes', 'at-mark'])
const BAD: ReadonlySet<unknown> = new Set(['no', 'fell'])

/** Whether the method's own proof was given: complete, failed by one of its parts, or open. */
export type ProofState = 'complete' | 'failed' | 'open'

/**
 * The proof of a refill that the air is out, by the method it was filled by.
 * @example proofOf({ method: 'vacuum', vacuumHeld: 'yes', heaterHot: 'yes' }) // 'complete'
 */
export function proofOf(record: Pick<Refill, 'method' | RefillProof>): ProofState {
  const parts = PROOFS_OF[record.method].map((part) => record[part])
  if (parts.some((part) => BAD.has(part))) return 'failed'
  return parts.every((part) => GOOD.has(part)) ? 'complete' : 'open'
}

/** The air is out: by the method's own proof, or on the word of whoever filled it where nothing of that proof failed. */
export const isAirOut = (record: Pick<Refill, 'method' | 'airOut' | RefillProof>): boolean => {
  const proof = proofOf(record)
  return proof === 'complete' || (proof === 'open' && record.airOut === 'shown')
}
