import type { Message } from '../quantity/message'
import type { Complaint } from '../vehicle/complaint'
import type { Part } from '../vehicle/parts'
import type { SystemProfile } from '../vehicle/profile'

/** Thermal phases of the work, in the order in which the day goes through them. */
export const PHASES = ['any', 'cold', 'warm-up', 'hot', 'road', 'bench'] as const
export type Phase = (typeof PHASES)[number]

/** What a check brings about on the vehicle that others wait for. */
export type Achievement = 'pressed'

/** What the plan knows of a case when it asks a check what it can settle. */
export interface CheckScope {
  profile: SystemProfile
  complaint: Complaint
  has: (achievement: Achievement) => boolean
}

/** A part that a check saw, and how. */
export interface PartSeen {
  part: Part
  as: 'good' | 'dry' | 'wet'
}

/** A time that a check of this case waits for by itself. */
export interface Waiting {
  /** id of the record that began it */
  source: string
  startedAt: string
  minutes: number
}

/** Finds where exactly a likely fault is, before anything is opened for it. */
export interface Locating {
  faults: readonly string[]
  says: Message
  /** only where the place is the question: not once all guards of the fault are met */
  unlessShown?: true
  possible?: (profile: SystemProfile) => boolean
}
