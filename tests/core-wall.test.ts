import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'

const eslint = new ESLint({ cwd: process.cwd() })

/** How many of a file's lines break a rule that keeps rooms and floors apart. */
async function breachesIn(filePath: string, text: string): Promise<number> {
  const [result] = await eslint.lintText(`${text}\n`, { filePath })
  return result!.messages.filter((m) => m.ruleId?.startsWith('no-restricted')).length
}

/** The lint rules are tested by files that break them, one breach each. */
describe('the wall around core', () => {
  it.each([
    ['Vue', "import { ref } from 'vue'\nexport const a = ref(1)"],
    ['Nuxt', "import { useFetch } from '#imports'\nexport const a = useFetch"],
    ['the database', "import { eq } from 'drizzle-orm'\nexport const a = eq"],
    ['a path into server', "export * from '../../server/database/client'"],
    ['a path into app', "import x from '../../app/words-app'\nexport const a = x"],
    ['a path into cli', "export * from '../../cli/main'"],
    ['its own public surface', "export { message } from '#core'"],
    ['a dynamic import', "export const a = () => import('vue')"],
    ['the clock', 'export const a = () => Date.now()'],
    ['chance', 'export const a = () => Math.random()'],
    ['process', 'export const a = process.env'],
    ['window', 'export const a = () => window.innerWidth'],
    ['performance', 'export const a = () => performance.now()'],
    ['crypto', 'export const a = () => crypto.randomUUID()'],
    ['node', "import { readFileSync } from 'node:fs'\nexport const a = readFileSync"],
    ['a cast to never', 'export const a = (b: string) => b as never'],
    ['a cast by way of unknown', 'export const a = (b: string) => b as unknown as number'],
  ])('refuses %s', async (_, text) => {
    expect(await breachesIn('core/physics/breach.ts', text)).toBeGreaterThan(0)
  })
})

describe('the floors of core', () => {
  it.each([
    ['core/quantity/breach.ts', '../vehicle/profile'],
    ['core/physics/breach.ts', '../vehicle/profile'],
    ['core/vehicle/breach.ts', '../knowledge/book'],
    ['core/knowledge/breach.ts', '../checks/registry'],
    ['core/inference/breach.ts', '../record/standing'],
    ['core/checks/breach.ts', '../record/standing'],
    ['core/checks/mix/breach.ts', '../../record/standing'],
    ['core/record/breach.ts', '../planning/plan'],
    ['core/planning/breach.ts', '../diagnosis/assess'],
  ])('%s may not use %s', async (file, target) => {
    expect(await breachesIn(file, `export * from '${target}'`)).toBe(1)
  })
  it.each([
    ['core/checks/fine.ts', '../physics/boiling'],
    ['core/checks/mix/fine.ts', '../../vehicle/profile'],
    ['core/record/fine.ts', '../checks/registry'],
    ['core/diagnosis/fine.ts', '../planning/plan'],
  ])('%s may use %s', async (file, target) => {
    expect(await breachesIn(file, `export * from '${target}'`)).toBe(0)
  })
})

describe('the rooms around core', () => {
  it.each([
    ['app/composables/breach.ts', '../../core/record/standing'],
    ['server/utils/breach.ts', '../../core/record/standing'],
    ['cli/breach.ts', '../core/record/standing'],
    ['words/breach.ts', '../core/record/standing'],
    ['app/stores/breach.ts', '../../server/auth/actor'],
  ])('%s may not use %s', async (file, target) => {
    expect(await breachesIn(file, `export * from '${target}'`)).toBe(1)
  })
  it.each(['app/composables/fine.ts', 'server/utils/fine.ts', 'cli/fine.ts', 'words/fine.ts'])(
    '%s uses core by its public surface',
    async (file) => {
      expect(await breachesIn(file, "export { message } from '#core'")).toBe(0)
    },
  )
})
