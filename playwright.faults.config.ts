import { defineConfig } from '@playwright/test'
import journeys from './playwright.config'

/** Faults in a real browser, with the journeys' own settings; part of npm run test:faults. */
export default defineConfig({
  ...journeys,
  testDir: 'tests/faults/browser',
  testMatch: '*.fault.ts',
})
