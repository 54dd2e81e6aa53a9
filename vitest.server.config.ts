import { defineConfig } from 'vitest/config'

/** Against a production server and a PostgreSQL of their own, started by scripts/test.mjs (TEST_BASE_URL). */
export default defineConfig({
  test: {
    include: ['tests/server/**/*.test.ts'],
    environment: 'node',
    fileParallelism: false,
    testTimeout: 30000,
  },
})
