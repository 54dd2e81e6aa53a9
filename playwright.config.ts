import { defineConfig } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGUMENTS } from './scripts/lib/chromium.mjs'

/** Journeys through the real interface against the production build; scripts/test.mjs starts server and database. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: '.data/test-results/playwright',
  // A journey takes half a minute; a machine that is shared out may need several times that.
  timeout: 240_000,
  expect: { timeout: 20_000 },
  fullyParallel: false,
  workers: 1,
  retries: 0,
  forbidOnly: true,
  use: {
    actionTimeout: 20_000,
    baseURL: process.env.TEST_BASE_URL,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_ARGUMENTS },
    screenshot: 'only-on-failure',
    trace: 'off',
    // Kept pages matter to the journeys without network only; elsewhere each new browser would fetch all of them.
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
  },
})
