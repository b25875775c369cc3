/** Writes docs/screenshots/: one picture of each main view, from the demo studio as it is on the day of running. Build first. */
import { chromium } from '@playwright/test'
import { chromiumOptions } from '../test/chromium.ts'
import { startServer } from '../test/server.ts'

const desk = { width: 1280, height: 800 }
const tablet = { width: 820, height: 1180 }
const pictures: readonly (readonly [name: string, path: string, size: typeof desk])[] = [
  ['today', '/', desk],
  ['today-tablet', '/', tablet],
  ['paintings', '/paintings', desk],
  ['stack', '/paintings/glasshouse', desk],
  ['surface', '/paintings/quince/surface', desk],
  ['finish', '/paintings/ferry-steps/finish', desk],
  ['record', '/paintings/salt-pans/record', desk],
  ['mediums', '/mediums', desk],
  ['bench', '/mediums/harbour-glaze', desk],
  ['shelf', '/shelf', desk],
  ['palette-tablet', '/paintings/clock-mender/palette', tablet],
  ['air', '/room/air', desk],
  ['batches', '/batches', desk],
  ['studio', '/studio', desk],
  ['horizon', '/horizon', desk],
  ['tests', '/tests', desk],
  ['room', '/room', desk],
  ['evening-tablet', '/room/evening', tablet],
]
const server = await startServer({ demo: true })
const browser = await chromium.launch(chromiumOptions)
for (const [name, path, viewport] of pictures) {
  const page = await browser.newPage({ locale: 'en-GB', viewport })
  await page.goto(server.url + path, { waitUntil: 'networkidle' })
  await page.waitForTimeout(4000)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
}
// A batch in the middle of being made, at the hot plate.
const begun = await fetch(`${server.url}/api/batches`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ mediumId: 'harbour-glaze', by: { kind: 'volume', ml: 180 }, jarMl: 250 }),
})
const { id } = (await begun.json()) as { id: string }
await fetch(`${server.url}/api/batches/${id}/pour`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ material: 'linseed_stand_oil', grams: 101 }),
})
for (const face of ['weigh']) {
  const page = await browser.newPage({ locale: 'en-GB', viewport: tablet })
  await page.goto(`${server.url}/batches/${id}#${face}`)
  await page.waitForTimeout(2500)
  await page.screenshot({ path: `docs/screenshots/batch-${face}-tablet.png` })
  await page.close()
}
await browser.close()
await server.kill()
