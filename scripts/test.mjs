import { mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import {
  DATA,
  ensureBuild,
  ensureDataFolder,
  ensurePackages,
  main,
  prepareTypes,
  readJson,
  runProgram,
  say,
} from './lib/common.mjs'
import { CHROMIUM, ensureChromium } from './lib/chromium.mjs'
import { startCluster } from './lib/database.mjs'
import { startInstance } from './lib/test-instance.mjs'

const only = process.argv.slice(2)
const wanted = (suite) => only.length === 0 || only.includes(suite)
const results = []

/** Cluster of the servers that are tested; faults kill it. */
const CLUSTER = 'test-database'

/** Counts of a suite; one that did not start, or reported nothing, counts as one failure. */
function report(suite, passed, failed) {
  const counted = passed + failed > 0
  results.push({ suite, passed, failed: counted ? failed : 1 })
  say(
    `${suite}: ${passed} passed, ${counted ? failed : 1} failed${counted ? '' : ' (did not start)'}`,
  )
}

async function simple(suite, command, args, how = {}) {
  if (!wanted(suite)) return
  say(`\n== ${suite}`)
  const { code, output } = await runProgram(command, args, { label: suite, ...how })
  if (code !== 0) say(output)
  report(suite, code === 0 ? 1 : 0, code === 0 ? 0 : 1)
}

/** What is wrong with the sources as they are written; this keeps one core busy. */
async function readingTheSources() {
  await simple('format', 'npx', ['--no-install', 'prettier', '--check', '.'])
  await simple('unused', 'npx', ['--no-install', 'knip', '--no-progress'])
  await simple('lint', 'npx', ['--no-install', 'eslint', '.', '--max-warnings=0'])
}

async function vitest(suite, config, { env = {}, more = [], ...how } = {}) {
  if (!wanted(suite)) return
  say(`\n== ${suite}`)
  const file = join(DATA, 'test-results', `${suite}.json`)
  const { code, output } = await runProgram(
    'npx',
    [
      '--no-install',
      'vitest',
      'run',
      '--config',
      config,
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${file}`,
      ...more,
    ],
    { label: suite, env: { ...process.env, NODE_ENV: 'test', ...env }, ...how },
  )
  const json = readJson(file)
  if (code !== 0) say(output.slice(-20000))
  const broken =
    json?.testResults?.filter((r) => r.status === 'failed' && r.assertionResults.length === 0)
      .length ?? 0
  const failed = (json?.numFailedTests ?? 0) + broken
  report(suite, json?.numPassedTests ?? 0, failed === 0 && code !== 0 ? 1 : failed)
}

/** What needs neither server nor browser, with less of a claim to the cores than what a journey waits for. */
async function besideTheJourneys() {
  const how = { background: true }
  await simple('types', process.execPath, ['scripts/typecheck.mjs', '--prepared'], how)
  const patient = { ...how, more: ['--testTimeout=300000'] }
  await vitest('screens', 'vitest.screens.config.ts', patient)
  await vitest('unit', 'vitest.config.ts', patient)
}

async function serverSuite(cluster, stops) {
  if (!wanted('server')) return
  const instance = await startInstance(cluster, 'server')
  stops.push(instance.stop)
  await vitest('server', 'vitest.server.config.ts', {
    env: { ...instance.env, TEST_CLUSTER: CLUSTER },
  })
}

/**
 * Journeys are walked in two lanes beside each other, each on a server and a database of its own: one waits for a page
 * most of its time.
 */
const LANES = [1, 2]

async function lane(number, cluster, stops) {
  const instance = await startInstance(cluster, `journeys-${number}`, { withCases: true })
  stops.push(instance.stop)
  const file = join(DATA, `test-results/journeys-${number}.json`)
  const asked = process.env.ONLY_SPEC
  const { code, output } = await runProgram(
    'npx',
    [
      '--no-install',
      'playwright',
      'test',
      '--reporter=line,json',
      `--shard=${number}/${LANES.length}`,
      '--pass-with-no-tests',
      `--output=${join(DATA, `test-results/playwright-${number}`)}`,
      ...(asked ? [asked] : []),
    ],
    {
      label: `journeys ${number}`,
      env: { ...process.env, ...instance.env, CHROMIUM, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
    },
  )
  const stats = readJson(file)?.stats
  if (code !== 0) say(output.slice(-20000))
  const failed = (stats?.unexpected ?? 0) + (stats?.flaky ?? 0)
  return { passed: stats?.expected ?? 0, failed: failed === 0 && code !== 0 ? 1 : failed }
}

async function journeys(cluster, stops) {
  say('\n== journeys')
  await ensureChromium()
  const walked = await Promise.all(LANES.map((number) => lane(number, cluster, stops)))
  const sum = (key) => walked.reduce((total, one) => total + one[key], 0)
  report('journeys', sum('passed'), sum('failed'))
}

await main(async () => {
  ensureDataFolder()
  rmSync(join(DATA, 'test-results'), { recursive: true, force: true })
  mkdirSync(join(DATA, 'test-results'), { recursive: true })
  let cluster
  let beside
  const stops = []
  const stopAll = async () => {
    for (const stop of stops.splice(0).reverse()) await stop().catch(() => undefined)
  }
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => void stopAll().then(() => process.exit(1)))
  try {
    await ensurePackages()
    const onServer = wanted('server') || wanted('journeys')
    if (['types', 'screens', 'unit'].some(wanted)) await prepareTypes()
    await Promise.all([onServer && ensureBuild(), readingTheSources()])
    beside = besideTheJourneys()
    beside.catch(() => undefined)
    if (onServer) {
      cluster = await startCluster(CLUSTER, { fresh: true, durable: false })
      stops.push(cluster.stop)
    }
    await serverSuite(cluster, stops)
    if (wanted('journeys')) await journeys(cluster, stops)
    await beside
  } catch (error) {
    process.stderr.write(`${error.message}\n`)
    await beside?.catch(() => undefined)
    const suites = [
      'types',
      'format',
      'unused',
      'lint',
      'unit',
      'screens',
      'server',
      'journeys',
    ].filter((s) => wanted(s) && !results.some((r) => r.suite === s))
    for (const suite of suites) report(suite, 0, 0)
  } finally {
    await stopAll()
  }
  const sum = (key) => results.reduce((total, r) => total + r[key], 0)
  if (sum('failed') > 0) process.exitCode = 1
  say(`\n${sum('passed')} passed, ${sum('failed')} failed`)
})
