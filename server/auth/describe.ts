import type { Actor } from './actor'
import { may, type SessionDescription } from '#core'
import { experienceOf } from '../database/learning'

export async function describeSession(actor: Actor): Promise<SessionDescription> {
  return {
    person: { id: actor.personId, name: actor.name, role: actor.role },
    shop: {
      id: actor.shopId,
      name: actor.shopName,
      elevationMetres: actor.elevationMetres,
      ...(actor.prices ? { prices: actor.prices } : {}),
      ...(actor.lives ? { lives: actor.lives } : {}),
      ...(actor.ways ? { ways: actor.ways } : {}),
      ...(actor.book ? { book: actor.book } : {}),
      usesExperience: actor.usesExperience,
      ...(actor.usesExperience ? { experience: await experienceOf(actor.shopId) } : {}),
    },
    may: {
      record: may(actor.role, 'record'),
      import: may(actor.role, 'import'),
      close: may(actor.role, 'close'),
      setPrices: may(actor.role, 'set-prices'),
      setShop: may(actor.role, 'set-shop'),
      managePeople: may(actor.role, 'manage-people'),
    },
    mustChangePassword: actor.mustChangePassword,
    hasSecondFactor: actor.hasSecondFactor,
    serverNow: new Date().toISOString(),
  }
}
