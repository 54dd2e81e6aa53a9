import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'

/** The lint rule is tested by files that break it, one breach each. */
describe('the wall around core', () => {
  const eslint = new ESLint({ cwd: process.cwd() })
  const breaches: [string, string][] = [
    ['Vue', "import { ref } from 'vue'\nexport const a = ref(1)"],
    ['Nuxt', "import { useFetch } from '#imports'\nexport const a = useFetch"],
    ['the database', "import { eq } from 'drizzle-orm'\nexport const a = eq"],
    [
      'a relative path into server',
      "import { database } from '../../server/database/client'\nexport const a = database",
    ],
    ['a relative path into app', "import x from '../../app/words-app'\nexport const a = x"],
    ['a relative path into cli', "export * from '../../cli/main'"],
    ['a dynamic import', "export const a = () => import('vue')"],
    ['the clock', 'export const a = () => Date.now()'],
    ['chance', 'export const a = () => Math.random()'],
    ['process', 'export const a = process.env'],
    ['window', 'export const a = () => window.innerWidth'],
    ['performance', 'export const a = () => performance.now()'],
    ['crypto', 'export const a = () => crypto.randomUUID()'],
    ['node', "import { readFileSync } from 'node:fs'\nexport const a = readFileSync"],
  ]
  it.each(breaches)('refuses %s', async (_, text) => {
    const [result] = await eslint.lintText(`${text}\n`, { filePath: 'core/physics/breach.ts' })
    expect(
      result!.messages.filter((m) => m.ruleId?.startsWith('no-restricted')).length,
    ).toBeGreaterThan(0)
  })
  it('lets core use core', async () => {
    const [result] = await eslint.lintText(
      "import { boilingPointC } from '../physics/boiling'\n\nexport const a = boilingPointC\n",
      { filePath: 'core/checks/fine.ts' },
    )
    expect(result!.errorCount).toBe(0)
  })
})
