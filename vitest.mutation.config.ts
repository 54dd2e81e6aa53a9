import { defineConfig } from 'vitest/config'

/** The tests that stand beside the code that is changed, so that what kills a mutant is what speaks of it. */
export default defineConfig({
  test: {
    include: [`${process.env.MUTATED_FOLDER ?? 'core/physics'}/**/*.test.ts`],
    environment: 'node',
    testTimeout: 30000,
  },
})
