import type { SystemProfile } from '../vehicle/profile'

/** What taking in the file of a case changed in a shop, or would change. */
export interface TakenIn {
  case: string
  /** what the file says of itself: the vehicle and the complaint, who wrote it and when */
  vehicle: string
  title: string
  shop?: string
  exportedAt: string
  /** entries that were new, and those that were here already with the same content */
  added: number
  already: number
  isNewCase: boolean
  isNewVehicle: boolean
  /** pictures that came along and were not here */
  photographs: number
  records: number
  events: number
  instruments: number
  people: number
  /** what is said otherwise of the vehicle's system from now on; nothing where the file says nothing new */
  profileFields: (keyof SystemProfile)[]
  /** the file says otherwise of the system, but is older than what is known here: that stays */
  isOlderProfile: boolean
}

/** How far it has come: so many of so many records and events. */
export interface TakingIn {
  done: number
  of: number
}
