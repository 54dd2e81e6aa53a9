import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs'
import { basename, join, relative } from 'node:path'
import { parseArgs } from 'node:util'
import { Worker } from 'node:worker_threads'
import { DATA, main, say } from './lib/common.mjs'
import { bundle } from './lib/mutation/bundle.mjs'
import { filesIn, instrument } from './lib/mutation/instrument.mjs'

/**
 * Changes the code of physics, statistics and every check in small ways, one at a time, and says which share of the
 * changes the tests beside it notice. `npm run mutate` takes all folders, `npm run mutate -- core/checks/cap` one;
 * what was not noticed is listed in .data/mutation/. With `--one-in 6` every sixth change stands for all.
 */
const FOLDER = join(DATA, 'mutation')
/** Tests that ask something of every check, beside those in its own folder. */
const OF_ALL_CHECKS = ['core/checks/cold-panels.test.ts', 'core/checks/outcome-tables.test.ts']
/** A change under which nothing is heard for so long has stopped the program, ms. */
const PATIENCE_MS = 10_000
/** Time for all tests to run once, before anything is changed, ms. */
const START_MS = 300_000

const isTest = (name) => name.endsWith('.test.ts')
const checks = readdirSync('core/checks', { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => `core/checks/${entry.name}`)
const ALL = ['core/physics', 'core/statistics', 'core/checks', ...checks]

function testsOf(folder) {
  if (folder === 'core/checks') return filesIn(folder, { deep: false }).filter(isTest)
  const shared = folder.startsWith('core/checks/') ? OF_ALL_CHECKS : []
  return [...filesIn(folder).filter(isTest), ...shared]
}

/** Runs changes in a thread of its own until all are done, or one stops it; what is left is given back. */
function runSome(folder, program, mutants, states) {
  return new Promise((done, fail) => {
    const worker = new Worker(new URL('./lib/mutation/worker.mjs', import.meta.url), {
      workerData: { program, mutants },
      env: { ...process.env, OUTCOMES_OF: basename(folder) },
    })
    let current
    let watch
    let failure
    const finish = () => {
      const left = mutants.filter((id) => !states.has(id))
      if (failure ?? left.length === mutants.length)
        fail(failure ?? new Error('the tests do not run by themselves'))
      else done(left)
    }
    const listen = (ms) => {
      clearTimeout(watch)
      watch = setTimeout(() => stop('stopped'), ms)
    }
    function stop(state) {
      if (current !== undefined) states.set(current, state)
      void worker.terminate()
    }
    listen(START_MS)
    worker.on('message', (message) => {
      listen(PATIENCE_MS)
      if (message.unfit?.length > 0) {
        failure = new Error(`fail without any change: ${message.unfit.join(', ')}`)
        void worker.terminate()
      }
      if (message.begins !== undefined) current = message.begins
      if (message.id !== undefined) states.set(message.id, message.state)
    })
    worker.on('error', (error) => {
      if (current === undefined) failure = error
      stop('noticed')
    })
    worker.on('exit', () => {
      clearTimeout(watch)
      finish()
    })
  })
}

async function mutate(folder, oneIn) {
  const { sources, mutants: every } = await instrument(folder, { deep: folder !== 'core/checks' })
  const mutants = every.filter((_, i) => i % oneIn === 0)
  const program = join(FOLDER, `${folder.replaceAll('/', '-')}.mjs`)
  await bundle(testsOf(folder), sources, program)
  const states = new Map()
  for (let left = mutants.map((m) => m.id); left.length > 0;)
    left = await runSome(folder, program, left, states)
  const told = mutants.map((m) => ({ ...m, file: relative('.', m.file), state: states.get(m.id) }))
  writeFileSync(
    program.replace(/mjs$/, 'txt'),
    told
      .filter(({ state }) => state === 'survived' || state === 'unreached')
      .map((m) => `${m.state} ${m.file}:${m.line} ${m.mutator}: ${m.replacement.slice(0, 100)}\n`)
      .join(''),
  )
  const of = (...wanted) => told.filter(({ state }) => wanted.includes(state)).length
  const noticed = of('noticed', 'stopped')
  return { noticed, all: noticed + of('survived', 'unreached') }
}

const share = ({ noticed, all }) =>
  `${noticed} of ${all} noticed (${all ? ((100 * noticed) / all).toFixed(1) : '-'} %)`

await main(async () => {
  mkdirSync(FOLDER, { recursive: true })
  const { values, positionals } = parseArgs({
    allowPositionals: true,
    options: { 'one-in': { type: 'string', default: '1' } },
  })
  const folders = positionals.length > 0 ? positionals : ALL
  const total = { noticed: 0, all: 0 }
  for (const folder of folders) {
    if (!existsSync(folder)) throw new Error(`there is no folder ${folder}`)
    const counted = await mutate(folder, Number(values['one-in']))
    say(`${folder}: ${share(counted)}`)
    total.noticed += counted.noticed
    total.all += counted.all
  }
  say(`\nall: ${share(total)}`)
})
