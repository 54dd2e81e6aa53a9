import type { Complaint } from '../../vehicle/complaint'

export interface Question {
  id: string
  /** words the technician reads aloud */
  asks: string
  /** the sign it speaks to */
  sign: string
  /** complaints it is asked for first */
  for: readonly Complaint[]
  /** chance that the keeper says yes, when it is so and when it is not */
  rates: { whenPresent: number; whenAbsent: number }
}

/** A question, with how often it is answered yes when it is so, and when it is not. */
export const q = (
  id: string,
  asks: string,
  sign: string,
  complaints: readonly Complaint[],
  whenPresent = 0.8,
  whenAbsent = 0.08,
): Question => ({ id, asks, sign, for: complaints, rates: { whenPresent, whenAbsent } })

export const LOSS: Complaint[] = ['coolant-loss']
export const HOT: Complaint[] = ['overheats']
export const COLD: Complaint[] = ['no-heat']
/** Asked too of a vehicle about which nobody complains. */
export const LOOK: Complaint[] = ['inspection']
