import { defineConfig } from 'vitest/config'

/** Faults that are real: against a server and a PostgreSQL of their own that the tests may kill (scripts/faults.mjs). */
export default defineConfig({
  test: {
    include: ['tests/faults/**/*.test.ts'],
    environment: 'node',
    fileParallelism: false,
    testTimeout: 240_000,
  },
})
