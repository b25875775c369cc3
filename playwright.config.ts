import { defineConfig } from '@playwright/test'

/** What Playwright turns off in Chromium, which a list of one's own replaces. */
const offAnyway = [
  'AvoidCorsURLLoaderRestartOnRedirect',
  'AvoidUnnecessaryBeforeUnloadCheckSync',
  'DestroyProfileOnBrowserClose',
  'HttpsFirstBalancedModeAutoEnable',
  'HttpsUpgrades',
  'LensOverlay',
  'MediaRouter',
  'NetworkTimeServiceQuerying',
  'OptimizationHints',
  'PaintHolding',
  'PreconnectToSearch',
  'ThirdPartyStoragePartitioning',
]

/** Pages of the browser's own, which it would load unseen beside each of ours: a second of work for every test. */
const addressBar = ['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup']

export default defineConfig({
  testDir: 'test/browser',
  reporter: [['list'], ['json']],
  workers: 2,
  fullyParallel: true,
  timeout: 300_000,
  expect: { timeout: 60_000 },
  use: {
    actionTimeout: 60_000,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        `--disable-features=${[...offAnyway, ...addressBar].join(',')}`,
      ],
    },
  },
})
