import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './demo/chromium'

export default defineConfig({
  testDir: 'tests/e2e',
  // Most of a test is waiting: three keep two cores busy.
  workers: 3,
  fullyParallel: true,
  timeout: 240_000,
  // A machine that does other work besides is slow, and not wrong.
  expect: { timeout: 20_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  outputDir: 'test-results/e2e',
  use: { viewport: { width: 1280, height: 800 }, launchOptions: CHROMIUM },
})
