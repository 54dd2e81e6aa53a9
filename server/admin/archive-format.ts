import { createReadStream } from 'node:fs'
import { pipeline } from 'node:stream'
import { createGunzip } from 'node:zlib'
import { formatted } from '../../words/catalogue'
import { AdminProblem } from './people'

/**
 * Everything of one shop as one file that another installation takes in: gzip of lines. The first says what it is; then
 * a row a line, "table, tab, the row as PostgreSQL writes it as JSON", tables in an order in which each comes after what
 * it refers to; the last, "end, tab, number of rows", is missing where the file was cut.
 */
export interface Header {
  format: 'thermognosis-shop-archive'
  version: 1
  /** how many changes of the tables its database has had: one that has had more writes columns that others lack */
  migrations: number
  shop: string
}

/** Tables that hold something of a shop, each after those that it refers to. */
export const TABLES = [
  'shops',
  'people',
  'accounts',
  'shop_settings_set',
  'shop_book_set',
  'shop_figures_set',
  'vehicles',
  'vehicle_profiles',
  'instruments',
  'cases',
  'records',
  'events',
  'quantities',
  'attachments',
  'photographs',
  'case_index',
  'closed_cases',
  'sign_counts',
  'changes',
  'audit',
] as const
/** Tables of which nothing goes along: who is signed in just now, and tries that are counted. */
export const LEFT_OUT = ['sessions', 'rate_limits'] as const

export type Table = (typeof TABLES)[number]
const isTable = (name: string): name is Table => (TABLES as readonly string[]).includes(name)
/** Of this table the rows are numbered over all shops: they are numbered anew, and compared without their number. */
export const NUMBERED_ANEW: Table = 'audit'

export const FORMAT = 'thermognosis-shop-archive'
export const VERSION = 1
export const END = 'end'

/** Something about an archive that cannot be done, said in one sentence. */
export const problem = (name: string, told: Record<string, string | number> = {}) =>
  new AdminProblem(formatted(`shell.archive.${name}`, told))

function headerIn(line: string | undefined, migrations: number): Header {
  let header: Partial<Header> | undefined
  try {
    header = JSON.parse(line ?? '') as Partial<Header>
  } catch {
    throw problem('notOne')
  }
  if (header.format !== FORMAT) throw problem('notOne')
  if (header.version !== VERSION || header.migrations! > migrations) throw problem('later')
  return header as Header
}

/** Lines of a gzipped file. They end with a line feed and nothing else: a row may hold what other readers split at. */
async function* linesOf(path: string): AsyncGenerator<string, undefined> {
  const text = createGunzip().setEncoding('utf8')
  // What goes wrong with the file ends the text as well, and is thrown where it is read.
  pipeline(createReadStream(path), text, () => undefined)
  let rest: string[] = []
  for await (const chunk of text as AsyncIterable<string>) {
    const pieces = chunk.split('\n')
    const last = pieces.pop()!
    for (const piece of pieces) {
      yield rest.join('') + piece
      rest = []
    }
    rest.push(last)
  }
  return undefined
}

/** The rows of an archive one after the other; refused where it is none, is of a later version, or was cut. */
export async function* archived(
  path: string,
  migrations: number,
  begun: (header: Header) => Promise<void>,
): AsyncGenerator<{ table: Table; row: string }> {
  const lines = linesOf(path)
  const next = async () => {
    const { value, done } = await lines.next()
    return done ? undefined : value
  }
  await begun(headerIn(await next(), migrations))
  for (let count = 0; ; count++) {
    const line = await next()
    const [table = '', row = ''] = line?.split('\t') ?? []
    if (table === END && Number(row) === count) return
    if (!isTable(table)) throw problem('cut')
    yield { table, row }
  }
}

/** Conditions of PostgreSQL's classes 22, data exceptions, and 23, broken constraints. */
const DAMAGED = /^2[23]/

/** What goes wrong with a file on the way, said in one sentence. */
export function asProblem(error: unknown): unknown {
  const { code, constraint } = error as { code?: string; constraint?: string }
  if (code === 'ENOENT') return problem('noFile')
  if (code === 'Z_BUF_ERROR') return problem('cut')
  if (code?.startsWith('Z_')) return problem('notOne')
  if (constraint === 'accounts_sign_in') return problem('signInTaken')
  // Rows that the database does not take for what they hold, or lack.
  if (code !== undefined && DAMAGED.test(code)) return problem('cut')
  return error
}
