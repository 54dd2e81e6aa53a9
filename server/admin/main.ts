import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { text } from 'node:stream/consumers'
import { asc, eq, sql } from 'drizzle-orm'
import { migrate } from 'drizzle-orm/node-postgres/migrator'
import pg from 'pg'
import { ROLES } from '#core'
import { formatted } from '../../words/catalogue'
import { closeConnection, database } from '../database/client'
import { audit, shops } from '../database/schema'
import { addPerson, AdminProblem, createShop, erasePerson, resetPassword } from './people'
import { compareArchive, takeInArchive, writeArchive } from './shop-archive'

/** How the program ends: what was asked for cannot be done, or was asked for wrongly. */
const FAILED = 1
const MISUSED = 2

class UsageError extends Error {}
const usage = () => new UsageError(formatted('shell.adminUsage', { roles: ROLES.join(', ') }))

const say = (line: string) => void process.stdout.write(`${line}\n`)

async function createDatabase() {
  const maintenance = process.env.DATABASE_MAINTENANCE_URL
  if (!maintenance) return
  const name = new URL(process.env.DATABASE_URL!).pathname.slice(1)
  const client = new pg.Client({ connectionString: maintenance })
  await client.connect()
  const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name])
  if (rowCount === 0) await client.query(`create database ${client.escapeIdentifier(name)}`)
  await client.end()
}

/** Brings the tables up to date; of several who do so at once, one after the other. A migration may take its time. */
async function migrateAll() {
  const client = new pg.Client({ connectionString: process.env.DATABASE_URL })
  await client.connect()
  try {
    await client.query('select pg_advisory_lock(740032)')
    const { drizzle } = await import('drizzle-orm/node-postgres')
    await migrate(drizzle(client), {
      migrationsFolder: resolve(import.meta.dirname, '../database/migrations'),
    })
  } finally {
    await client.end()
  }
}

async function prepareDemo() {
  await migrateAll()
  const demo = JSON.parse(
    readFileSync(resolve(import.meta.dirname, '../../data/demo/shop.json'), 'utf8'),
  )
  await database().insert(shops).values(demo.shop).onConflictDoNothing()
  for (const person of demo.people)
    await addPerson({ ...person, shopId: demo.shop.id, password: demo.password })
}

/** What was done to access and administration of a shop, a JSON object a line, oldest first. */
async function printAudit(shopId: string) {
  const rows = await database()
    .select()
    .from(audit)
    .where(eq(sql`${audit.shopId}::text`, shopId))
    .orderBy(asc(audit.id))
  for (const row of rows) say(JSON.stringify(row))
}

/** Whether an archive and the shop here are alike; ends as what failed where they are not. */
async function printComparison(path: string) {
  const { rows, differences } = await compareArchive(path)
  if (differences.length === 0) return say(formatted('shell.archive.alike', { rows }))
  for (const { table, onlyInArchive, onlyHere } of differences)
    say(formatted('shell.archive.differs', { table, onlyInArchive, onlyHere }))
  process.exitCode = FAILED
}

/** Commands by their names: how many words each takes, and what it does. */
const COMMANDS: Record<string, { words: number; run: (...words: string[]) => Promise<void> }> = {
  migrate: { words: 0, run: migrateAll },
  'create-shop': {
    words: 2,
    run: async (name, elevation) => say(await createShop(name!, elevation!)),
  },
  'add-person': {
    words: 4,
    run: async (shopId, signIn, name, role) => {
      // Given through a pipe, a password stands in no list of processes and no history of commands.
      const typed = process.stdin.isTTY ? '' : (await text(process.stdin)).trim()
      const made = await addPerson({
        shopId: shopId!,
        signIn: signIn!,
        name: name!,
        role: role!,
        password: typed || undefined,
      })
      if (made) say(formatted('shell.firstPassword', { password: made }))
    },
  },
  'reset-password': {
    words: 1,
    run: async (signIn) =>
      say(formatted('shell.firstPassword', { password: await resetPassword(signIn!) })),
  },
  'erase-person': { words: 1, run: (personId) => erasePerson(personId!) },
  'archive-shop': {
    words: 2,
    run: async (shopId, path) =>
      say(formatted('shell.archive.written', { rows: await writeArchive(shopId!, path!) })),
  },
  'take-in-shop': {
    words: 1,
    run: async (path) => say(formatted('shell.archive.takenIn', await takeInArchive(path!))),
  },
  'compare-shop': { words: 1, run: (path) => printComparison(path!) },
  audit: { words: 1, run: (shopId) => printAudit(shopId!) },
  'prepare-demo': { words: 0, run: prepareDemo },
}

async function run(name: string | undefined, words: string[]) {
  const command = name === undefined ? undefined : COMMANDS[name]
  if (!command || words.length !== command.words) throw usage()
  if (!process.env.DATABASE_URL) throw new UsageError(formatted('shell.noDatabaseUrl', {}))
  try {
    await createDatabase()
    await command.run(...words)
  } finally {
    await closeConnection()
  }
}

/** What went wrong, in one sentence where it is known. */
function said(error: unknown): string {
  if (error instanceof UsageError || error instanceof AdminProblem) return error.message
  const cause = (error as { cause?: Error }).cause ?? (error as Error)
  return /ECONNREFUSED|ENOTFOUND|timeout/.test(
    `${(cause as { code?: string }).code} ${cause.message}`,
  )
    ? formatted('shell.databaseAway', {})
    : (error as Error).stack!
}

try {
  await run(process.argv[2], process.argv.slice(3))
} catch (error) {
  process.exitCode = error instanceof UsageError ? MISUSED : FAILED
  process.stderr.write(`${said(error)}\n`)
}
