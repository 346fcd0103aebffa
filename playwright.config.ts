import { defineConfig } from '@playwright/test'
import { launchOptions } from './scripts/parts/chromium.mjs'

const port = 8123

export default defineConfig({
  testDir: 'test',
  testMatch: ['journeys/*.spec.ts', 'attacks/*.spec.ts'],
  fullyParallel: true,
  // One waits for its page while another is drawn: three keep two cores busy.
  workers: 3,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: process.env['JOURNEYS_JSON']
    ? [['list'], ['json', { outputFile: process.env['JOURNEYS_JSON'] }]]
    : 'list',
  outputDir: 'test-results',
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 390, height: 844 },
    timezoneId: 'Europe/London',
    locale: 'en-GB',
    // Kept offline only where that is what is driven: a browser's first minute is spent on it.
    serviceWorkers: 'block',
    launchOptions,
    // Traces take a third of the time: asked for where a failure is looked into.
    trace: process.env['JOURNEYS_TRACE'] ? 'retain-on-failure' : 'off',
  },
  webServer: {
    command: 'node --import tsx src/server/main.ts',
    env: { PORT: String(port), STAND_IN_DAY: '2026-03-11' },
    url: `http://localhost:${port}/api/health`,
    reuseExistingServer: false,
  },
})
