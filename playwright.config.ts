import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './demo/chromium'

export default defineConfig({
  testDir: 'tests/e2e',
  workers: 2,
  fullyParallel: false,
  timeout: 120_000,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  outputDir: 'test-results/e2e',
  use: { viewport: { width: 1280, height: 800 }, launchOptions: CHROMIUM },
})
