import { defineConfig } from '@playwright/test'
import { chromiumOptions } from './test/chromium.ts'

export default defineConfig({
  testDir: 'test/browser',
  globalSetup: './test/browser/fill.ts',
  reporter: [['list'], ['json']],
  workers: 2,
  fullyParallel: true,
  timeout: 300_000,
  expect: { timeout: 60_000 },
  use: {
    actionTimeout: 60_000,
    locale: 'en-GB',
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumOptions,
  },
})
