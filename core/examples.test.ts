import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

/** Folders whose exported functions carry an example each, "@example expression // what it gives". */
const FOLDERS = ['physics', 'statistics']

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
      const [, expression, gives = ''] = /@example (.+?) \/\/ (.+)/.exec(comment) ?? []
      return { file, name: name!, expression, gives: gives.trim() }
    },
  )
}

const files = FOLDERS.flatMap((folder) =>
  readdirSync(`core/${folder}`)
    .filter((name) => name.endsWith('.ts') && !/\.(test|fixture)\.ts$/.test(name))
    .map((name) => `core/${folder}/${name}`),
)
const examples = files.flatMap(examplesOf)

/** What an expression gives with the functions of its module in scope. */
async function run({ file, expression }: Example): Promise<unknown> {
  const scope = (await import(`../${file}`)) as Record<string, unknown>
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
