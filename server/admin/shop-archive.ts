import { once } from 'node:events'
import { createHash } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { rename, rm } from 'node:fs/promises'
import { createGzip } from 'node:zlib'
import pg from 'pg'
import { formatted } from '../../words/catalogue'
import { databaseUrl } from '../database/client'
import {
  archived,
  asProblem,
  END,
  FORMAT,
  type Header,
  NUMBERED_ANEW,
  problem,
  type Table,
  TABLES,
  VERSION,
} from './archive-format'
import { AdminProblem } from './people'

/** Text of a query; the names in it are this file's own. */
const sql = String.raw

const ROWS_AT_ONCE = 500
const PHOTOGRAPHS_AT_ONCE = 8
/** Rows are put in together up to so much text. */
const TEXT_AT_ONCE = 4_000_000

async function connected<T>(work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: databaseUrl() })
  await client.connect()
  try {
    // Moments are written with their zone: the same on every machine.
    await client.query(sql`set timezone to 'UTC'`)
    return await work(client)
  } finally {
    await client.end()
  }
}

const idOfShop = (table: Table) => (table === 'shops' ? 'id' : 'shop_id')
const rowText = (table: Table) =>
  table === NUMBERED_ANEW ? `(to_jsonb(t) - 'id')::text` : 'row_to_json(t)::text'

async function migrationsOf(client: pg.Client): Promise<number> {
  const { rows } = await client.query<{ count: number }>(
    sql`select count(*)::int as count from drizzle.__drizzle_migrations`,
  )
  return rows[0]!.count
}

/** The rows of a shop in one table, as text, some at a time. Within a transaction. */
async function* rowsOf(client: pg.Client, table: Table, shop: string): AsyncGenerator<string> {
  // A cursor takes no parameters.
  const isOfShop = `${idOfShop(table)}::text = ${client.escapeLiteral(shop)}`
  await client.query(
    sql`declare rows_of_it no scroll cursor for select ${rowText(table)} as row from ${table} t where ${isOfShop}`,
  )
  const atOnce = table === 'photographs' ? PHOTOGRAPHS_AT_ONCE : ROWS_AT_ONCE
  for (;;) {
    const { rows } = await client.query<{ row: string }>(sql`fetch ${atOnce} from rows_of_it`)
    if (rows.length === 0) break
    for (const { row } of rows) yield row
  }
  await client.query(sql`close rows_of_it`)
}

/** Writes the archive of a shop, whole or not at all; gives how many rows it holds. */
export async function writeArchive(shop: string, path: string): Promise<number> {
  const part = `${path}.part`
  const gzip = createGzip()
  const written = once(gzip.pipe(createWriteStream(part, { mode: 0o600 })), 'close')
  const write = async (line: string) => {
    if (!gzip.write(`${line}\n`)) await once(gzip, 'drain')
  }
  try {
    const rows = await connected(async (client) => {
      // One moment of the database: what is recorded meanwhile is in the next archive.
      await client.query(sql`begin isolation level repeatable read read only`)
      const known = await client.query(sql`select 1 from shops where id::text = $1`, [shop])
      if (known.rowCount === 0) throw new AdminProblem(formatted('shell.noShop', { shop }))
      const migrations = await migrationsOf(client)
      const header: Header = { format: FORMAT, version: VERSION, migrations, shop }
      await write(JSON.stringify(header))
      let count = 0
      for (const table of TABLES)
        for await (const row of rowsOf(client, table, shop)) {
          await write(`${table}\t${row}`)
          count++
        }
      await write(`${END}\t${count}`)
      return count
    })
    gzip.end()
    await written
    await rename(part, path)
    return rows
  } catch (error) {
    gzip.destroy()
    await rm(part, { force: true })
    throw error
  }
}

/** Takes a shop in from its archive, whole or not at all; gives its id and how many rows it has. */
export async function takeInArchive(path: string): Promise<{ shop: string; rows: number }> {
  try {
    return await connected(async (client) => {
      const migrations = await migrationsOf(client)
      await client.query(sql`begin`)
      let shop = ''
      let rows = 0
      let filling: Filling | undefined
      const begun = async (header: Header) => {
        shop = header.shop
        const known = await client.query(sql`select 1 from shops where id::text = $1`, [shop])
        if (known.rowCount !== 0) throw problem('knownShop')
      }
      for await (const { table, row } of archived(path, migrations, begun)) {
        if (filling?.table !== table) {
          await filling?.end()
          filling = await fill(client, table)
        }
        await filling.add(row)
        rows++
      }
      await filling?.end()
      for (const numbered of [sql`shop_settings_set`, sql`shop_book_set`, sql`shop_figures_set`])
        await client.query(
          sql`select setval(pg_get_serial_sequence('${numbered}', 'id'), greatest((select max(id) from ${numbered}), 1))`,
        )
      await client.query(sql`commit`)
      return { shop, rows }
    })
  } catch (error) {
    throw asProblem(error)
  }
}

interface Filling {
  table: Table
  add: (row: string) => Promise<void>
  end: () => Promise<void>
}

/**
 * Fills a table by way of one of its own that goes with the transaction: rows that correct each other come in at once,
 * whatever their order.
 */
async function fill(client: pg.Client, table: Table): Promise<Filling> {
  const beside = `in_${table}`
  await client.query(sql`create temp table ${beside} (like ${table}) on commit drop`)
  if (table === NUMBERED_ANEW) await client.query(sql`alter table ${beside} alter id drop not null`)
  const { rows: columns } = await client.query<{ name: string }>(
    sql`select quote_ident(column_name) as name from information_schema.columns
     where table_schema = 'public' and table_name = $1 order by ordinal_position`,
    [table],
  )
  const names = columns
    .map(({ name }) => name)
    .filter((name) => table !== NUMBERED_ANEW || name !== 'id')
    .join(', ')
  let waiting: string[] = []
  let text = 0
  const put = async () => {
    await client.query(
      sql`insert into ${beside} select * from json_populate_recordset(null::${table}, $1::json)`,
      [`[${waiting.join(',')}]`],
    )
    waiting = []
    text = 0
  }
  return {
    table,
    add: async (row) => {
      waiting.push(row)
      text += row.length
      if (waiting.length >= ROWS_AT_ONCE || text > TEXT_AT_ONCE) await put()
    },
    end: async () => {
      await put()
      await client.query(
        sql`insert into ${table} (${names}) overriding system value select ${names} from ${beside}`,
      )
    },
  }
}

/** A table in which archive and database differ: rows that only one of the two has. */
export interface Difference {
  table: string
  onlyInArchive: number
  onlyHere: number
}

/** Compares an archive with the same shop in this database, row by row; nothing where every row is alike. */
export async function compareArchive(
  path: string,
): Promise<{ rows: number; differences: Difference[] }> {
  try {
    return await connected(async (client) => {
      await client.query(sql`begin isolation level repeatable read read only`)
      const migrations = await migrationsOf(client)
      let shop = ''
      let rows = 0
      const counts = new Map<Table, Map<string, number>>(TABLES.map((table) => [table, new Map()]))
      const count = (table: Table, row: string, by: number) => {
        const of = counts.get(table)!
        // A row may be a photograph: its hash stands for it.
        const hash = createHash('sha256').update(row).digest('base64')
        const now = (of.get(hash) ?? 0) + by
        if (now === 0) of.delete(hash)
        else of.set(hash, now)
      }
      const begun = async (header: Header) => void (shop = header.shop)
      for await (const { table, row } of archived(path, migrations, begun)) {
        count(table, row, 1)
        rows++
      }
      for (const table of TABLES)
        for await (const row of rowsOf(client, table, shop)) count(table, row, -1)
      const differences = [...counts].flatMap(([table, of]) => {
        const left = [...of.values()]
        const sum = (sign: 1 | -1) => left.reduce((all, one) => all + Math.max(0, sign * one), 0)
        return left.length === 0 ? [] : [{ table, onlyInArchive: sum(1), onlyHere: sum(-1) }]
      })
      return { rows, differences }
    })
  } catch (error) {
    throw asProblem(error)
  }
}
