import { gzipSync } from 'node:zlib'
import type { Browser } from '@playwright/test'
import { mostKbOf, weightOf } from '../test/api/loading.ts'
import type { Server } from '../test/server.ts'
import { middle } from './median.ts'
import { ms } from './report.ts'
import type { Tell } from './report.ts'

const views = [
  '/',
  '/paintings',
  '/paintings/glasshouse',
  '/paintings/clock-mender/palette',
  '/paintings/quince/surface',
  '/paintings/ferry-steps/finish',
  '/paintings/salt-pans/record',
  '/mediums',
  '/mediums/harbour-glaze',
  '/mediums/design',
  '/shelf',
  '/shelf/paints',
  '/batches',
  '/batches/glaze-1',
  '/studio',
  '/rescue?painting=quince',
  '/horizon',
  '/tests',
  '/room',
  '/room/air',
  '/room/evening',
  '/room/inside',
  '/varnish',
  '/promise?painting=clock-mender',
]

/** Every view with nothing cached: when it answers, and what it loads until then and after. */
export async function measurePages(tell: Tell, browser: Browser, { url }: Server): Promise<void> {
  for (const path of views) {
    const { bytes } = weightOf(await (await fetch(url + path)).text())
    const whole = await scriptBytes(browser, url + path)
    const times: number[] = []
    for (let run = 0; run < 7; run++) times.push(await untilInteractive(browser, url + path))
    tell(path, ms(middle(times), 1000), { value: bytes / 1000, limit: mostKbOf(path), unit: 'kB' })
    console.log(`(and ${((whole - bytes) / 1000).toFixed(0)} kB later)`)
  }
}

const newPage = (browser: Browser) =>
  browser.newPage({ locale: 'en-GB', viewport: { width: 1280, height: 800 } })

async function untilInteractive(browser: Browser, url: string): Promise<number> {
  const page = await newPage(browser)
  const start = performance.now()
  await page.goto(url, { waitUntil: 'domcontentloaded' })
  await page.waitForFunction(() => !document.querySelector('astro-island[ssr]'), undefined, { polling: 20 })
  const taken = performance.now() - start
  await page.waitForLoadState('networkidle')
  await page.close()
  return taken
}

/** All scripts a page loads until it rests, compressed. */
async function scriptBytes(browser: Browser, url: string): Promise<number> {
  const page = await newPage(browser)
  const scripts: Promise<number>[] = []
  page.on('response', (response) => {
    if (!/javascript/.test(response.headers()['content-type'] ?? '')) return
    const sent = response.body().then((body) => gzipSync(body).length)
    scripts.push(sent.catch(() => 0))
  })
  await page.goto(url, { waitUntil: 'networkidle' })
  const sizes = await Promise.all(scripts)
  await page.close()
  return sizes.reduce((total, one) => total + one, 0)
}
