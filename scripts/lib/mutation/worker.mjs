import { parentPort, workerData } from 'node:worker_threads'
import { declared } from './test-functions.mjs'

/** Runs the tests that reach a change, with it switched on, until one of them fails. */
const NAMESPACE = '__stryker__'
/** a change that is passed so often has made a loop without end */
const MOST_HITS = 200_000
/** a change is given tests, the quickest first, that take so long by themselves, ms */
const BUDGET_MS = 4_000

const { program, mutants } = workerData
const space = (globalThis[NAMESPACE] ??= {})
await import(program)

async function passes({ body }) {
  try {
    await body()
    return true
  } catch {
    return false
  }
}

const reached = new Map()
const unfit = []
for (const [i, test] of declared.entries()) {
  space.currentTestId = String(i)
  const start = performance.now()
  if (!(await passes(test))) unfit.push(test.name)
  const ms = performance.now() - start
  for (const id of Object.keys(space.mutantCoverage?.perTest[String(i)] ?? {}))
    reached.set(id, [...(reached.get(id) ?? []), { i, ms }])
}
space.currentTestId = undefined
const atLoad = new Set(Object.keys(space.mutantCoverage?.static ?? {}))
parentPort.postMessage({ ready: declared.length, unfit })

/** survived: reached and not noticed; unreached: no test comes by; load: only as the program is read. */
async function stateOf(id) {
  const tests = reached.get(id)
  if (!tests) return atLoad.has(id) ? 'load' : 'unreached'
  space.hitCount = 0
  space.hitLimit = MOST_HITS
  space.activeMutant = id
  try {
    let spent = 0
    for (const { i, ms } of tests.toSorted((a, b) => a.ms - b.ms)) {
      if (spent > BUDGET_MS) break
      spent += ms
      if (!(await passes(declared[i]))) return 'noticed'
    }
    return 'survived'
  } finally {
    space.activeMutant = undefined
  }
}

for (const id of mutants) {
  parentPort.postMessage({ begins: id })
  parentPort.postMessage({ id, state: await stateOf(id) })
}
parentPort.close()
