/** Writes docs/screenshots/: one picture of each main view, from the demo studio as it is on the day of running. Build first. */
import { chromium } from '@playwright/test'
import { startServer } from '../test/server.ts'

const desk = { width: 1280, height: 800 }
const tablet = { width: 820, height: 1180 }
const pictures: readonly (readonly [name: string, path: string, size: typeof desk])[] = [
  ['today', '/', desk],
  ['today-tablet', '/', tablet],
  ['paintings', '/paintings', desk],
  ['stack', '/paintings/glasshouse', desk],
  ['stack-tablet', '/paintings/glasshouse', tablet],
  ['mediums', '/mediums', desk],
  ['bench', '/mediums/harbour-glaze', desk],
  ['bench-tablet', '/mediums/harbour-glaze', tablet],
  ['design', '/mediums/design', desk],
  ['compare', '/mediums/compare?a=harbour-glaze&b=morning-oil', desk],
  ['shelf', '/shelf', desk],
  ['shelf-tablet', '/shelf?at=market-gel', tablet],
  ['studio', '/studio', desk],
]
const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] })
for (const [name, path, viewport] of pictures) {
  const page = await browser.newPage({ viewport })
  await page.goto(server.url + path, { waitUntil: 'networkidle' })
  await page.waitForTimeout(500)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
}
await browser.close()
await server.kill()
