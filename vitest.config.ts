import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: { include: ['{core,words,cli,app,scripts}/**/*.test.{ts,mjs}', 'tests/*.test.ts'], environment: 'node', testTimeout: 30000 },
})
