import { readdirSync, readFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { describe, expect, it } from 'vitest'
import { CONTEXT } from './checks/check.fixture'

/**
 * Folders whose exported functions carry an example each, "@example expression // what it gives"; the second half may
 * stand on a line of its own.
 */
const FOLDERS = ['physics', 'statistics', 'checks']

const RECORDS = JSON.parse(readFileSync('docs/record-examples.json', 'utf8')) as Readonly<
  Record<string, object>
>
const example = (kind: string) => RECORDS[kind]!
/** What an example of a check may use besides the functions of its own folder. */
const HELPERS: Readonly<Record<string, unknown>> = {
  CONTEXT,
  example,
  entry: (kind: string) => ({
    id: 'r',
    kind,
    observedAt: '2026-09-01T08:00:00Z',
    data: example(kind),
  }),
  /** a hold of a quarter of an hour in which nothing falls */
  HELD: {
    start: example('pressure-hold.start'),
    readings: [0, 300, 600, 900].map((elapsedSeconds) => ({
      ...example('pressure-hold.reading'),
      id: String(elapsedSeconds),
      elapsedSeconds,
    })),
    remarks: [],
    end: example('pressure-hold.end'),
  },
  signsOf: (readings: readonly { sign: string }[]) =>
    [...new Set(readings.map((r) => r.sign))].join(' '),
}

interface Example {
  file: string
  name: string
  expression: string | undefined
  gives: string
}

/** Every exported function of a file with the example in the comment above it. */
function examplesOf(file: string): Example[] {
  const text = readFileSync(file, 'utf8')
  return [...text.matchAll(/(\/\*\*(?:(?!\*\/)[\s\S])*\*\/\n)?export function (\w+)/g)].map(
    ([, comment = '', name]) => {
      const [, expression, gives = ''] = /@example (.+?)(?:\n \*)? +\/\/ (.+)/.exec(comment) ?? []
      return { file, name: name!, expression, gives: gives.trim() }
    },
  )
}

const sourcesIn = (folder: string, deep: boolean) =>
  readdirSync(folder, { recursive: deep, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts') && !/\.(test|fixture)\.ts$/.test(name))
    .map((name) => `${folder}/${name}`)
const files = FOLDERS.flatMap((folder) => sourcesIn(`core/${folder}`, true))
const examples = files.flatMap(examplesOf)

/** What an expression gives with the functions of its module, and of those beside it, in scope. */
async function run({ file, expression }: Example): Promise<unknown> {
  const beside = sourcesIn(dirname(file), false).filter((path) => !/index\.ts$/.test(path))
  const modules = await Promise.all(beside.map((path) => import(`../${path}`) as Promise<object>))
  const scope: Record<string, unknown> = Object.assign({}, HELPERS, ...modules)
  const names = Object.keys(scope)
  const evaluate = new Function(...names, `return ${expression}`) as (...of: unknown[]) => unknown
  return evaluate(...names.map((name) => scope[name]))
}

describe('an example for each exported function, as its comment says it', () => {
  it.each(examples)('$file $name', async (example) => {
    expect(example.expression, 'needs "@example expression // value"').toBeDefined()
    const result = await run(example)
    if (example.gives.startsWith("'")) return expect(`'${String(result)}'`).toBe(example.gives)
    const told = Number.parseFloat(example.gives)
    expect(told, 'the value told is no number').not.toBeNaN()
    const value = Array.isArray(result) ? Number(result[0]) : Number(result)
    const digits = /\.(\d+)/.exec(example.gives)?.[1]?.length ?? 0
    expect(Math.abs(value - told)).toBeLessThanOrEqual(0.51 * 10 ** -digits)
  })
})
