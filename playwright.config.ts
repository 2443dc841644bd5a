import { defineConfig } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './scripts/browser.mjs'

export default defineConfig({
  testDir: 'e2e',
  // Nothing here measures time; nothing a person waits for takes longer than this either.
  timeout: 240_000,
  expect: { timeout: 40_000 },
  workers: 2,
  fullyParallel: true,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json', { outputFile: '.cache/e2e.json' }]],
  outputDir: 'test-results',
  use: {
    baseURL: process.env.TECTORIA_URL,
    locale: 'en-GB',
    timezoneId: 'Europe/Lisbon',
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_ARGS },
    trace: 'off',
    // A test that is not of the service worker has none: a new browser would store the application each time.
    serviceWorkers: 'block',
    actionTimeout: 40_000,
  },
})
