import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import {
  DATA,
  ensureBuild,
  ensureDataFolder,
  ensurePackages,
  main,
  runProgram,
  say,
  UserError,
} from './lib/common.mjs'
import { CHROMIUM, ensureChromium } from './lib/chromium.mjs'
import { startCluster } from './lib/database.mjs'
import { startInstance } from './lib/test-instance.mjs'

const CLUSTER = 'fault-database'

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
    for (const command of [
      ['vitest', 'run', '--config', 'vitest.faults.config.ts', '--passWithNoTests'],
      [
        'playwright',
        'test',
        '--config',
        'playwright.faults.config.ts',
        '--reporter=line',
        '--pass-with-no-tests',
      ],
    ]) {
      // A shop of its own for each: what one leaves behind is not what the other is to be measured with.
      const instance = await startInstance(cluster, `faults_${command[0]}`)
      const { code } = await runProgram(
        'npx',
        ['--no-install', ...command, ...process.argv.slice(2)],
        {
          label: command[0],
          show: true,
          env: { ...env, ...instance.env },
        },
      )
      await instance.stop()
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
