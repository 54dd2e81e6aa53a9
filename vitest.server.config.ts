import { defineConfig } from 'vitest/config'

/** Against a production server and a PostgreSQL of their own, started by scripts/test.mjs; faults in their short set. */
export default defineConfig({
  test: {
    include: ['tests/{server,faults}/**/*.test.ts'],
    environment: 'node',
    fileParallelism: false,
    // Programs are started and passwords hashed: a machine that is ten times as slow fails no test by that alone.
    testTimeout: 120_000,
  },
})
