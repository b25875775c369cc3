import { existsSync } from 'node:fs'

/** Debian's Chromium: the one without windows, which starts sooner and does less beside each page, before the whole one. */
const browsers = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium']

/** How Chromium is started for tests, pictures and measurements: it asks nothing of anybody else. */
export const chromiumOptions = {
  executablePath: browsers.find((path) => existsSync(path)) ?? browsers[0]!,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // Letters stand as in the window of a desk.
    '--font-render-hinting=none',
  ],
}
