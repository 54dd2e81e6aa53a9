import type { ShopWays } from '../vehicle/shop-ways'
import type { ShopExperience } from '../inference/shop-prior'
import type { ShopLives } from '../audit/lives'
import type { ShopBook } from '../knowledge/shop-book'
import type { ShopPrices } from '../quote/prices'
import type { EventKind } from './events'
import type { CaseRecord } from './envelope'
import type { RecordData } from './kinds'

export const ROLES = ['technician', 'lead', 'apprentice', 'viewer'] as const
export type Role = (typeof ROLES)[number]

export type Permission =
  | 'read'
  | 'record'
  | 'change-vehicle-work'
  | 'close'
  | 'import'
  | 'declare'
  | 'take-back-others'
  | 'order-unproven'
  | 'set-prices'
  | 'set-shop'
  | 'manage-people'

/**
 * What each role may do. An apprentice records; work that changes the vehicle, declaring a fault proven, taking back what
 * others recorded, quoting, closing and importing is a technician's; ordering a part without its proofs, setting prices and
 * whether the shop's cases move the ranking, and giving somebody a new password, is the lead's.
 */
const TECHNICIAN: readonly Permission[] = [
  'read',
  'record',
  'change-vehicle-work',
  'close',
  'import',
  'declare',
  'take-back-others',
]
const GRANTED: Readonly<Record<Role, readonly Permission[]>> = {
  viewer: ['read'],
  apprentice: ['read', 'record'],
  technician: TECHNICIAN,
  lead: [...TECHNICIAN, 'order-unproven', 'set-prices', 'set-shop', 'manage-people'],
}

export const may = (role: Role, permission: Permission): boolean =>
  GRANTED[role].includes(permission)

/** What an event asks of the one who writes it; taking one back asks the same as writing it. Server and screens both go by this. */
export const permissionForEvent = (kind: EventKind): Permission =>
  kind === 'closed' || kind === 'reopened'
    ? 'close'
    : kind === 'repaired' || kind === 'drained'
      ? 'change-vehicle-work'
      : 'record'

/** What a record asks of the one who writes it. */
export function permissionForRecord({ kind, data }: Pick<CaseRecord, 'kind' | 'data'>): Permission {
  if (kind === 'quote.drawn' || kind === 'quote.answered') return 'declare'
  if (kind !== 'suspect.declared') return 'record'
  return (data as RecordData<'suspect.declared'>).as === 'ordered-unproven'
    ? 'order-unproven'
    : 'declare'
}

/** Whether a person of this role may take back what `author` recorded. */
export const mayTakeBack = (role: Role, person: string, author: string): boolean =>
  person === author || may(role, 'take-back-others')

/** What the browser learns of its session; `serverNow` lets it measure how far the clocks are apart. */
export interface SessionDescription {
  person: { id: string; name: string; role: Role }
  shop: {
    id: string
    name: string
    elevationMetres: number
    prices?: ShopPrices
    /** how long components last, as its lead has set it */
    lives?: ShopLives
    /** whether its confirmed cases move the book's priors, and which these are where they do */
    usesExperience?: boolean
    /** how it works, as its lead has set it */
    ways?: ShopWays
    /** what its lead has otherwise than the book */
    book?: ShopBook
    experience?: ShopExperience
  }
  may: {
    record: boolean
    import: boolean
    close: boolean
    setPrices: boolean
    setShop: boolean
    managePeople: boolean
  }
  /** somebody else has given the password: it is to be changed before anything else */
  mustChangePassword: boolean
  hasSecondFactor: boolean
  serverNow: string
}
