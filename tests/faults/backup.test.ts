import { execFile } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { admin } from '../server/admin'
import { Client, makeCase, PEOPLE, putRecord, recordOf } from '../server/client'
import { picture } from '../server/picture'
import { tell } from './size'

const run = promisify(execFile)
const folder = mkdtempSync(join(tmpdir(), 'thermognosis-backup-'))
const own = new URL(process.env.DATABASE_URL!)
/** Where the backup is restored: another database of the same cluster, as on another machine. */
const restored = Object.assign(new URL(own), { pathname: '/restored_from_backup' })
const maintenance = Object.assign(new URL(own), { pathname: '/postgres' })

/** The commands that the handbook gives for this, one a line. */
function documented(heading: string): string[] {
  const text = readFileSync('docs/running.md', 'utf8')
  const part = text.split(`## ${heading}\n`)[1]!.split('\n## ')[0]!
  return part
    .split('\n')
    .filter((line) => line.startsWith('    '))
    .map((line) => line.trim())
}

const shell = (command: string, url: URL) =>
  run('bash', ['-euo', 'pipefail', '-c', command], {
    cwd: process.cwd(),
    env: {
      ...process.env,
      DATABASE_URL: url.href,
      DATABASE_MAINTENANCE_URL: maintenance.href,
      BACKUP: join(folder, 'thermognosis.dump'),
    },
  })

let ilka: Client
beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
})
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  const client = new pg.Client({ connectionString: maintenance.href })
  await client.connect()
  await client.query('drop database if exists restored_from_backup')
  await client.end()
})

/** Everything of a database that is the shop's, as text; what stands in it, table by table. */
async function contents(url: URL): Promise<Map<string, string>> {
  const client = new pg.Client({ connectionString: url.href })
  await client.connect()
  const { rows: tables } = await client.query<{ name: string }>(
    "select table_name as name from information_schema.tables where table_schema = 'public' order by 1",
  )
  const found = new Map<string, string>()
  for (const { name } of tables) {
    const { rows } = await client.query<{ hash: string | null }>(
      `select md5(string_agg(md5(t::text), '' order by md5(t::text))) as hash from ${client.escapeIdentifier(name)} t`,
    )
    found.set(name, rows[0]!.hash ?? '')
  }
  await client.end()
  return found
}

describe('the backup that the handbook describes', () => {
  it('restored as it says holds every row and photograph, and the application takes it', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    const photograph = await picture()
    await ilka.ask('PUT', `/api/photographs/${photograph.sha256}`, {
      by: PEOPLE.ilka,
      ...photograph,
    })
    const taken = { sha256: photograph.sha256, mediaType: 'image/jpeg', bytes: 900 }
    expect((await putRecord(ilka, id, recordOf(PEOPLE.ilka, 'photo.taken', taken))).status).toBe(
      201,
    )

    const before = await contents(own)
    const backup = documented('Backup')
    const restore = documented('Restore')
    expect([backup.length, restore.length]).toEqual([1, 2])
    for (const command of backup) await shell(command, own)
    for (const command of restore) await shell(command, restored)

    const after = await contents(restored)
    expect(after.get('photographs')).not.toBe('')
    expect(Object.fromEntries(after)).toEqual(Object.fromEntries(before))
    const audit = await admin(['audit', '0192f000-0000-7000-8000-0000000000ff'], '', {
      DATABASE_URL: restored.href,
    })
    expect(audit.code).toBe(0)
    tell(
      'the backup and the restore of docs/running.md, command by command',
      'every row of every table is there again, photographs with them',
      `${after.size} tables alike`,
    )
  }, 60_000)
})
