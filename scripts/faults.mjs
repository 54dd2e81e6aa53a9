import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import pg from 'pg'
import {
  DATA,
  ensureBuild,
  ensureDataFolder,
  ensurePackages,
  main,
  ROOT,
  runProgram,
  say,
  UserError,
} from './lib/common.mjs'
import { CHROMIUM, ensureChromium } from './lib/chromium.mjs'
import { startCluster } from './lib/database.mjs'
import { startInstance } from './lib/test-instance.mjs'

const CLUSTER = 'fault-database'

const SERVER = ['vitest', 'run', '--config', 'vitest.faults.config.ts']
const BROWSER = ['playwright', 'test', '--config', 'playwright.faults.config.ts', '--reporter=line']

/** A name and a command for each file of faults, or for those that are named in part. */
function runs(parts) {
  const filesOf = (folder, ending) =>
    readdirSync(join(ROOT, folder))
      .filter((file) => file.endsWith(ending))
      .map((file) => [file, `${folder}/${file}`])
  const all = [
    ...filesOf('tests/faults', '.test.ts').map(([file, path]) => [file, [...SERVER, path]]),
    ...filesOf('tests/faults/browser', '.fault.ts').map(([file, path]) => [
      file,
      [...BROWSER, path],
    ]),
  ]
  const named = all.filter(
    ([, command]) => parts.length === 0 || parts.some((part) => command.at(-1).includes(part)),
  )
  if (named.length === 0)
    throw new UserError(`No file of faults is named like ${parts.join(' or ')}.`)
  return named.map(([file, command]) => [file.split('.')[0].replaceAll('-', '_'), command])
}

/** What a shop of 100,000 cases leaves for the database to tidy up would be measured with the next. */
async function drop(cluster, url) {
  const client = new pg.Client({ connectionString: cluster.url('postgres') })
  await client.connect()
  const name = pg.escapeIdentifier(new URL(url).pathname.slice(1))
  await client.query(`drop database ${name} with (force)`)
  await client.query('checkpoint')
  await client.end()
}

/**
 * Runs every fault at its full size, or those whose file is named, and prints what was tried, what was expected and
 * what came.
 */
await main(async () => {
  ensureDataFolder()
  const told = join(DATA, 'test-results/faults.jsonl')
  mkdirSync(join(DATA, 'test-results'), { recursive: true })
  rmSync(told, { force: true })
  await ensurePackages()
  await ensureBuild()
  await ensureChromium()
  const cluster = await startCluster(CLUSTER, { fresh: true })
  const stops = [() => cluster.stop()]
  try {
    const env = {
      ...process.env,
      NODE_ENV: 'test',
      FAULTS: 'whole',
      FAULTS_TOLD: told,
      TEST_CLUSTER: CLUSTER,
      CHROMIUM,
    }
    let isWithstood = true
    for (const [name, command] of runs(process.argv.slice(2))) {
      // A shop of its own for each: what one leaves behind is not what the other is to be measured with.
      const instance = await startInstance(cluster, `faults_${name}`)
      const { code } = await runProgram('npx', ['--no-install', ...command], {
        label: name,
        show: true,
        env: { ...env, ...instance.env },
      })
      await instance.stop()
      await drop(cluster, instance.env.DATABASE_URL)
      isWithstood &&= code === 0
    }
    const lines = existsSync(told) ? readFileSync(told, 'utf8').trim().split('\n') : []
    for (const { tried, expected, got } of lines.map((line) => JSON.parse(line)))
      say(`\ntried     ${tried}\nexpected  ${expected}\ngot       ${got}`)
    if (!isWithstood) throw new UserError('Not every fault was withstood; see above.')
  } finally {
    for (const stop of stops.reverse()) await stop().catch(() => undefined)
  }
})
