import type { ShopExperience } from '../inference/shop-prior'
import type { Complaint } from '../vehicle/complaint'
import type { ClosedCase } from './closed-case'

/** A tenth of probability: how often a lead that was told so likely was the confirmed cause. */
export interface Tenth {
  /** mean of what was told, 0 to 1 */
  told: number
  /** share that came true, 0 to 1 */
  cameTrue: number
  cases: number
}

/** What a shop has learnt of all its closed cases. */
export interface ShopRecord {
  ends: readonly {
    complaint: Complaint
    outcome: ClosedCase['outcome']
    isComeback: boolean
    cases: number
  }[]
  /** predicted against confirmed, tenths without cases left out */
  told: readonly Tenth[]
  /** of confirmed cases: in how many a check was done, the minutes it took in all, and what it said of the cause in all */
  checks: readonly { check: string; cases: number; minutes: number; decibans: number }[]
  experience: ShopExperience
  /** whether it moves the book's priors */
  usesExperience: boolean
}

/** A closed case that is like another. */
export interface LikeCase {
  id: string
  title: string
  vehicle: string
  complaint: Complaint
  outcome: ClosedCase['outcome']
  causes: readonly string[]
  closedAt: string
  /** 0 to 1, as `likeness` says it */
  likeness: number
  /** "sign:state" seen in both, the rarest first */
  shared: readonly string[]
}
