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

/** Pages of the browser's own, which it would load unseen beside each of ours: a second of work for every page. */
const addressBar = ['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup']

/** How Debian's Chromium is started for tests, pictures and measurements: it asks nothing of anybody else. */
export const chromiumOptions = {
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
}
