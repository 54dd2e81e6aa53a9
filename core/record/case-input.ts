import type { ShopExperience } from '../inference/shop-prior'
import type { CasePolicy } from './case-policy'
import type { CaseRecord } from './envelope'
import type { CaseEvent } from './events'
import type { CaseHeader, Vehicle } from './schema'

/** The part of a case that the computation reads; a case file is one, and so is the browser's copy of a case. */
export interface CaseInput {
  case: CaseHeader
  vehicle: Vehicle
  site: { elevationMetres: number }
  records: readonly CaseRecord[]
  events: readonly CaseEvent[]
  /** the moment of asking; the newest moment that the case speaks of when absent */
  at?: string
  /** what the shop decided; the product's defaults when absent */
  policy?: CasePolicy
  /** what the shop has confirmed before, where it lets that move the book's priors */
  experience?: ShopExperience
}
