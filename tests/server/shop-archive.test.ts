import { readFileSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LEFT_OUT, TABLES } from '../../server/admin/archive-format'
import { admin } from './admin'
import { Client, makeCase, PEOPLE, putRecord, recordOf } from './client'
import { picture } from './picture'

const folder = mkdtempSync(join(tmpdir(), 'thermognosis-archive-'))
const own = new URL(process.env.DATABASE_URL!)
/** Another installation: a database of its own, with the tables and nothing in them. */
const elsewhere = Object.assign(new URL(own), { pathname: `${own.pathname}_elsewhere` })
const maintenance = Object.assign(new URL(own), { pathname: '/postgres' })
const there = { DATABASE_URL: elsewhere.href, DATABASE_MAINTENANCE_URL: maintenance.href }
const archive = join(folder, 'shop.archive')
const EXAMPLES = JSON.parse(readFileSync('docs/record-examples.json', 'utf8'))

async function asked<T extends pg.QueryResultRow>(url: URL, text: string): Promise<T[]> {
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  try {
    return (await client.query<T>(text)).rows
  } finally {
    await client.end()
  }
}
const dropElsewhere = () =>
  asked(maintenance, `drop database if exists "${elsewhere.pathname.slice(1)}" with (force)`)
/** A file made of the archive's lines. */
function changed(name: string, change: (lines: string[]) => string[]): string {
  const path = join(folder, name)
  const lines = gunzipSync(readFileSync(archive)).toString().split('\n')
  writeFileSync(path, gzipSync(change(lines).join('\n')))
  return path
}

let shop: string
beforeAll(async () => {
  await dropElsewhere()
  const ilka = await Client.signedIn('ilka')
  const { id } = await makeCase(ilka, PEOPLE.ilka)
  // Words with what other readers of lines split at, a correction, a quantity, a photograph.
  const note = recordOf(PEOPLE.ilka, 'note', { text: 'first\u2028second\ttabbed “quoted” \\ back' })
  expect((await putRecord(ilka, id, note)).status).toBe(201)
  const corrected = { ...recordOf(PEOPLE.ilka, 'note', { text: 'corrected' }), supersedes: note.id }
  expect((await putRecord(ilka, id, corrected)).status).toBe(201)
  expect(
    (await putRecord(ilka, id, recordOf(PEOPLE.ilka, 'cap.test', EXAMPLES['cap.test']))).status,
  ).toBe(201)
  const photograph = await picture()
  await ilka.ask('PUT', `/api/photographs/${photograph.sha256}`, { by: PEOPLE.ilka, ...photograph })
  shop = (
    await asked<{ shop: string }>(own, `select shop_id::text as shop from cases where id = '${id}'`)
  )[0]!.shop
}, 60_000)
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  await dropElsewhere()
})

describe('the archive of a shop', () => {
  it('is written whole, read by nobody else, and taken in elsewhere with every row alike', async () => {
    const written = await admin(['archive-shop', shop, archive])
    expect(written.output).toMatch(/^Written: [\d,]+ rows\./)
    expect(statSync(archive).mode & 0o077).toBe(0)

    expect((await admin(['migrate'], '', there)).code).toBe(0)
    const taken = await admin(['take-in-shop', archive], '', there)
    expect(taken.output).toContain(`Taken in: shop ${shop}`)
    expect(taken.code).toBe(0)
    const alike = await admin(['compare-shop', archive], '', there)
    expect(alike.output).toMatch(/^Alike: [\d,]+ rows\./)
    expect(alike.code).toBe(0)
    const rows = (text: string) => /[\d,]+(?= rows)/.exec(text)![0]
    expect(rows(alike.output)).toBe(rows(written.output))

    const again = await admin(['take-in-shop', archive], '', there)
    expect(again.output).toContain('This shop is here already.')
    expect(again.code).toBe(1)
  }, 120_000)
  it('has a place for every table: gone along, or left out on purpose', async () => {
    const tables = await asked<{ name: string }>(
      elsewhere,
      "select table_name as name from information_schema.tables where table_schema = 'public'",
    )
    expect([...TABLES, ...LEFT_OUT].sort()).toEqual(tables.map(({ name }) => name).sort())
  })
  it('tells where the shop has become another since', async () => {
    await asked(
      elsewhere,
      "update vehicles set plate = 'NEW 1' where id in (select id from vehicles limit 1)",
    )
    const differs = await admin(['compare-shop', archive], '', there)
    expect(differs.output).toBe('vehicles: 1 rows only in the archive, 1 only here.\n')
    expect(differs.code).toBe(1)
  }, 60_000)
  it('goes on being used where it was taken in: what is set next has a number of its own', async () => {
    const next = await asked<{ ok: boolean }>(
      elsewhere,
      "select nextval(pg_get_serial_sequence('shop_settings_set', 'id')) > coalesce((select max(id) from shop_settings_set), 0) as ok",
    )
    expect(next[0]!.ok).toBe(true)
  })
  it.each([
    ['cut in the middle of its lines', (lines: string[]) => lines.slice(0, 12), 'was cut off'],
    ['with a row missing', (lines: string[]) => lines.toSpliced(5, 1), 'was cut off'],
    [
      'of a later version',
      (lines: string[]) => [lines[0]!.replace('"version":1', '"version":2'), ...lines.slice(1)],
      'of a later version',
    ],
    [
      'of other tables',
      (lines: string[]) => [
        lines[0]!.replace(/"migrations":\d+/, '"migrations":999'),
        ...lines.slice(1),
      ],
      'of a later version',
    ],
    ['that is none', () => ['{"some":"thing"}'], 'not the archive of a shop'],
  ])(
    '%s is refused in one sentence, and nothing is taken in',
    async (name, change, sentence) => {
      await asked(elsewhere, 'truncate shops cascade')
      const refused = await admin(['take-in-shop', changed(`${name}.archive`, change)], '', there)
      expect(refused.output).toContain(sentence)
      expect(refused.output.trim().split('\n')).toHaveLength(1)
      expect(refused.code).toBe(1)
      expect(await asked(elsewhere, 'select 1 from shops')).toEqual([])
    },
    60_000,
  )
  it('cut in the middle of its bytes, or not there at all, is refused alike', async () => {
    const half = join(folder, 'half.archive')
    const bytes = readFileSync(archive)
    writeFileSync(half, bytes.subarray(0, bytes.length / 2))
    expect((await admin(['take-in-shop', half], '', there)).output).toContain('was cut off')
    const missing = await admin(['take-in-shop', join(folder, 'none')], '', there)
    expect(missing.output).toBe('There is no such file.\n')
    const plain = join(folder, 'plain.archive')
    writeFileSync(plain, 'no gzip at all')
    expect((await admin(['compare-shop', plain], '', there)).output).toContain('not the archive')
    const nobody = await admin(['archive-shop', '0192f000-0000-7000-8000-0000000000aa', archive])
    expect(nobody.output).toContain('There is no shop')
    expect(statSync(archive).size).toBe(bytes.length)
  }, 60_000)
})
