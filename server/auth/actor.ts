import { and, eq, sql } from 'drizzle-orm'
import type { H3Event } from 'h3'
import { askedOften } from '../database/client'
import { accounts, people, sessions, shops } from '../database/schema'
import { formatted } from '../../words/catalogue'
import { isIdle, noteActivity } from './activity'
import { type SealedSession, sealedSession } from './opened-cookies'
import { countRequest } from '../utils/busy'
import { refuse } from '../utils/api-error'
import {
  may,
  type Permission,
  type Role,
  type ShopLives,
  type ShopBook,
  type ShopPrices,
  type ShopWays,
} from '#core'

export interface Actor {
  shopId: string
  shopName: string
  elevationMetres: number
  prices?: ShopPrices | undefined
  usesExperience: boolean
  lives?: ShopLives | undefined
  ways?: ShopWays | undefined
  book?: ShopBook | undefined
  personId: string
  name: string
  role: Role
  sessionId: string
  mustChangePassword: boolean
  hasSecondFactor: boolean
  /** when this session's person last did something, to the nearest minutes */
  lastSeenAt: string
}

const actorQuery = askedOften((db) =>
  db
    .select({ session: sessions, account: accounts, person: people, shop: shops })
    .from(sessions)
    .innerJoin(
      accounts,
      and(eq(accounts.shopId, sessions.shopId), eq(accounts.id, sessions.personId)),
    )
    .innerJoin(people, and(eq(people.shopId, accounts.shopId), eq(people.id, accounts.id)))
    .innerJoin(shops, eq(shops.id, sessions.shopId))
    .where(
      and(
        eq(sessions.shopId, sql.placeholder('shopId')),
        eq(sessions.id, sql.placeholder('sessionId')),
      ),
    )
    .prepare('actor'),
)

/** Who asks, from the sealed cookie and the session's row. */
export async function actorOf(event: H3Event): Promise<Actor | undefined> {
  const sealed = await sealedSession(event)
  return sealed && actorIn(sealed)
}

/** Who acts in a session, by its row: revoked, expired or outdated sessions are signed out. */
export async function actorIn({ sessionId, shopId }: SealedSession): Promise<Actor | undefined> {
  const [row] = await actorQuery().execute({ shopId, sessionId })
  if (!row || row.session.revokedAt || Date.parse(row.session.expiresAt) < Date.now())
    return undefined
  if (isIdle(row.session.lastSeenAt)) return undefined
  if (row.account.disabled || row.account.epoch !== row.session.epoch) return undefined
  return {
    shopId,
    shopName: row.shop.name,
    elevationMetres: row.shop.elevationMetres,
    prices: row.shop.prices ?? undefined,
    usesExperience: row.shop.usesExperience,
    lives: row.shop.lives ?? undefined,
    ways: row.shop.ways ?? undefined,
    book: row.shop.book ?? undefined,
    personId: row.account.id,
    name: row.person.name ?? formatted('shared.nameErased', {}),
    role: row.account.role,
    sessionId,
    mustChangePassword: row.account.mustChangePassword,
    hasSecondFactor: row.account.secondFactorInForce,
    lastSeenAt: row.session.lastSeenAt,
  }
}

interface Asked {
  /** may be asked before a first password is changed */
  beforeFirstPassword?: boolean
  /** asked by the page by itself: nobody need be there */
  byItself?: boolean
}

/** The signed-in person, who must hold the permission; 401 or 403 otherwise. */
export async function requireActor(
  event: H3Event,
  permission: Permission,
  { beforeFirstPassword = false, byItself = false }: Asked = {},
): Promise<Actor> {
  const actor = await actorOf(event)
  if (!actor) throw refuse.signedOut()
  await countRequest('session', actor.sessionId)
  if (actor.mustChangePassword && !beforeFirstPassword) throw refuse.firstPassword()
  if (!may(actor.role, permission)) throw refuse.notYours('roleMayNot', { role: actor.role })
  if (!byItself) await noteActivity(actor)
  return actor
}
