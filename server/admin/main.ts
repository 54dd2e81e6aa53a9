import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/node-postgres'
import { migrate } from 'drizzle-orm/node-postgres/migrator'
import pg from 'pg'
import { uuidv7 } from 'uuidv7'
import { noteChange } from '../database/append'
import { closeConnection, inTransaction } from '../database/client'
import { hashPassword } from '../auth/password'
import { ROLES, type Role } from '#core'
import { formatted } from '../../words/catalogue'
import * as schema from '../database/schema'

const USAGE = formatted('shell.adminUsage', { roles: ROLES.join(', ') })

const url = process.env.DATABASE_URL
class UsageError extends Error {}

async function createDatabase() {
  const maintenance = process.env.DATABASE_MAINTENANCE_URL
  if (!maintenance) return
  const name = new URL(url!).pathname.slice(1)
  const client = new pg.Client({ connectionString: maintenance })
  await client.connect()
  const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name])
  if (rowCount === 0) await client.query(`create database ${client.escapeIdentifier(name)}`)
  await client.end()
}

async function migrateAll(db: ReturnType<typeof open>['db']) {
  await db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(740032)`)
    await migrate(db, { migrationsFolder: resolve(import.meta.dirname, '../database/migrations') })
  })
}

function open() {
  const client = new pg.Pool({ connectionString: url!, max: 4 })
  return { client, db: drizzle(client) }
}

async function addPerson(
  shopId: string,
  person: { id: string; signIn: string; name: string; role: string; password: string },
) {
  if (!(ROLES as readonly string[]).includes(person.role))
    throw new UsageError(formatted('shell.noRole', { role: person.role, roles: ROLES.join(', ') }))
  const passwordHash = await hashPassword(person.password)
  await inTransaction(async (tx) => {
    const written = await tx
      .insert(schema.people)
      .values({ shopId, id: person.id, name: person.name })
      .onConflictDoNothing()
      .returning({ id: schema.people.id })
    await tx
      .insert(schema.accounts)
      .values({
        shopId,
        id: person.id,
        signIn: person.signIn.toLowerCase(),
        passwordHash,
        role: person.role as Role,
      })
      .onConflictDoNothing()
    if (written.length > 0) noteChange(tx, shopId, 'person', person.id)
  })
}

async function run(command: string | undefined, args: string[]) {
  if (!url) throw new UsageError(formatted('shell.noDatabaseUrl', {}))
  if (command === undefined) throw new UsageError(USAGE)
  await createDatabase()
  const { client, db } = open()
  try {
    switch (command) {
      case 'migrate':
        return await migrateAll(db)
      case 'create-shop': {
        const [name, elevation] = args
        if (!name || !Number.isFinite(Number(elevation))) throw new UsageError(USAGE)
        const id = uuidv7()
        await db.insert(schema.shops).values({ id, name, elevationMetres: Number(elevation) })
        return void process.stdout.write(`${id}\n`)
      }
      case 'add-person': {
        const [shopId, signIn, name, role, password] = args
        if (!shopId || !signIn || !name || !role || !password) throw new UsageError(USAGE)
        return await addPerson(shopId, { id: uuidv7(), signIn, name, role, password })
      }
      case 'set-password': {
        const [signIn, password] = args
        if (!signIn || !password) throw new UsageError(USAGE)
        return void (await db
          .update(schema.accounts)
          .set({
            passwordHash: await hashPassword(password),
            epoch: sql`${schema.accounts.epoch} + 1`,
          })
          .where(eq(schema.accounts.signIn, signIn.toLowerCase())))
      }
      case 'erase-person': {
        const [personId] = args
        if (!personId) throw new UsageError(USAGE)
        await db
          .update(schema.accounts)
          .set({ disabled: true, signIn: `erased-${personId}`, passwordHash: '' })
          .where(eq(schema.accounts.id, personId))
        return void (await db
          .update(schema.people)
          .set({ name: null, erasedAt: sql`now()` })
          .where(eq(schema.people.id, personId)))
      }
      case 'prepare-demo': {
        await migrateAll(db)
        const demo = JSON.parse(
          readFileSync(resolve(import.meta.dirname, '../../data/demo/shop.json'), 'utf8'),
        )
        await db.insert(schema.shops).values(demo.shop).onConflictDoNothing()
        for (const person of demo.people)
          await addPerson(demo.shop.id, { ...person, password: demo.password })
        return
      }
      default:
        throw new UsageError(USAGE)
    }
  } finally {
    await client.end()
    await closeConnection()
  }
}

try {
  await run(process.argv[2], process.argv.slice(3))
} catch (error) {
  process.exitCode = 1
  process.stderr.write(
    error instanceof UsageError ? `${error.message}\n` : `${(error as Error).stack}\n`,
  )
}
