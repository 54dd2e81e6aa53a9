import type { Actor } from './actor'
import { may } from './roles'

/** What the browser learns of its session; serverNow lets it measure how far the clocks are apart. */
export function describeSession(actor: Actor) {
  return {
    person: { id: actor.personId, name: actor.name, role: actor.role },
    shop: { id: actor.shopId, name: actor.shopName, elevationMetres: actor.elevationMetres },
    may: {
      record: may(actor.role, 'record'),
      import: may(actor.role, 'import'),
      close: may(actor.role, 'close'),
    },
    serverNow: new Date().toISOString(),
  }
}
export type SessionDescription = ReturnType<typeof describeSession>
