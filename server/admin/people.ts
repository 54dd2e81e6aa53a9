import { and, eq, sql } from 'drizzle-orm'
import { uuidv7 } from 'uuidv7'
import { ELEVATION_METRES, ROLES, type Role } from '#core'
import { formatted, sentence } from '../../words/catalogue'
import { writeAudit } from '../auth/audit'
import { newPassword } from '../auth/new-password'
import { firstPassword, hashPassword, passwordProblem } from '../auth/password'
import { noteChange } from '../database/append'
import { inTransaction } from '../database/client'
import { accounts, people, shops } from '../database/schema'

/** Something that was asked for cannot be done; said in one sentence. */
export class AdminProblem extends Error {}

const problem = (name: string, told: Record<string, string | number> = {}) =>
  new AdminProblem(formatted(`shell.${name}`, told))

export interface NewPerson {
  id?: string
  shopId: string
  signIn: string
  name: string
  role: string
  /** one that its person chose; without it, one is made up that is to be changed */
  password?: string | undefined
}

const isRole = (role: string): role is Role => (ROLES as readonly string[]).includes(role)
const isId = (text: string) => /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text)

export async function createShop(name: string, elevation: string): Promise<string> {
  const elevationMetres = Number(elevation)
  const { min: least, max: most } = ELEVATION_METRES
  if (!name.trim()) throw problem('nameMissing')
  if (
    !elevation.trim() ||
    !Number.isFinite(elevationMetres) ||
    elevationMetres < least ||
    elevationMetres > most
  )
    throw problem('badElevation', { elevation, least, most })
  const id = uuidv7()
  await inTransaction(async (tx) => {
    await tx.insert(shops).values({ id, name: name.trim(), elevationMetres })
    await writeAudit(tx, { action: 'shop-created', shopId: id })
  })
  return id
}

/**
 * Adds a person with their account, both or neither. Gives the password that was made up, where none was chosen. A
 * person of a fixed id who is there already (the demo's) is left alone.
 */
export async function addPerson(person: NewPerson): Promise<string | undefined> {
  const { shopId, name, role } = person
  const signIn = person.signIn.toLowerCase().trim()
  if (!isRole(role)) throw problem('noRole', { role, roles: ROLES.join(', ') })
  if (!name.trim() || !signIn) throw problem('nameMissing')
  if (!isId(shopId)) throw problem('noShop', { shop: shopId })
  const wrong =
    person.password === undefined ? undefined : passwordProblem(person.password, [signIn, name])
  if (wrong) throw new AdminProblem(sentence(wrong))
  const password = person.password ?? firstPassword()
  const passwordHash = await hashPassword(password)
  return inTransaction(async (tx) => {
    const [shop] = await tx.select().from(shops).where(eq(shops.id, shopId))
    if (!shop) throw problem('noShop', { shop: shopId })
    const id = person.id ?? uuidv7()
    const [taken] = await tx.select().from(accounts).where(eq(accounts.signIn, signIn))
    if (taken?.id === id && taken.shopId === shopId) return undefined
    if (taken) throw problem('signInTaken', { signIn })
    await tx.insert(people).values({ shopId, id, name: name.trim() })
    await tx.insert(accounts).values({
      shopId,
      id,
      signIn,
      passwordHash,
      role,
      mustChangePassword: person.password === undefined,
    })
    noteChange(tx, shopId, 'person', id)
    await writeAudit(tx, { action: 'person-added', shopId, subjectId: id })
    return person.password === undefined ? password : undefined
  })
}

/** Gives an account a password that is to be changed at the next sign-in, ends its sessions, and tells the password. */
export async function resetPassword(signIn: string): Promise<string> {
  const password = firstPassword()
  const passwordHash = await hashPassword(password)
  const name = signIn.toLowerCase().trim()
  await inTransaction(async (tx) => {
    const [account] = await tx.select().from(accounts).where(eq(accounts.signIn, name))
    if (!account) throw problem('noAccount', { signIn })
    await tx
      .update(accounts)
      .set(newPassword(passwordHash))
      .where(and(eq(accounts.shopId, account.shopId), eq(accounts.id, account.id)))
    await writeAudit(tx, {
      action: 'password-reset',
      shopId: account.shopId,
      subjectId: account.id,
    })
  })
  return password
}

/** Removes a person's name and account; what they recorded stays. Every device is told that the name has gone. */
export async function erasePerson(personId: string): Promise<void> {
  if (!isId(personId)) throw problem('noPerson', { person: personId })
  await inTransaction(async (tx) => {
    const erased = await tx
      .update(people)
      .set({ name: null, erasedAt: sql`now()` })
      .where(eq(people.id, personId))
      .returning({ shopId: people.shopId })
    if (erased.length === 0) throw problem('noPerson', { person: personId })
    await tx
      .update(accounts)
      .set({
        disabled: true,
        signIn: `erased-${personId}`,
        passwordHash: '',
        secondFactor: null,
        epoch: sql`${accounts.epoch} + 1`,
      })
      .where(eq(accounts.id, personId))
    for (const { shopId } of erased) {
      noteChange(tx, shopId, 'person', personId)
      await writeAudit(tx, { action: 'person-erased', shopId, subjectId: personId })
    }
  })
}
