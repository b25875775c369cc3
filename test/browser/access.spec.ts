import { expect, expectContrast, expectNoAxeProblems, open, test } from './studio.ts'

const views = [
  '/',
  '/paintings',
  '/paintings/glasshouse',
  '/mediums',
  '/mediums/harbour-glaze',
  '/mediums/design',
  '/mediums/compare',
  '/shelf?at=market-gel',
  '/shelf/paints?at=bone-black',
  '/shelf/paints?at=whites',
  '/shelf/paints?at=grinding',
  '/paintings/clock-mender/palette',
  '/paintings/salt-pans',
  '/paintings/salt-pans/record',
  '/batches',
  '/batches/glaze-1',
  '/batches/egg-2#method',
  '/mediums/harbour-glaze/make',
  '/studio',
  '/studio/data',
  '/studio/practice',
  '/paintings/begin',
  '/mediums/begin',
  '/rescue?what=lifted&painting=sheds',
  '/horizon',
  '/tests?at=swatch-black-2',
  '/room',
  '/promise?painting=clock-mender',
  '/shelf/paints',
  '/paintings/quince/surface',
  '/paintings/buoys/finish',
  ...['/room/air', '/room/evening', '/room/inside', '/varnish', '/used'],
]

/** A window of 1280 points at so many percent; nothing may be read by moving it sideways then. */
const zoomed = [
  [200, 640, 800],
  [400, 320, 640],
] as const

for (const path of views)
  test(`${path} is clean by WCAG 2.2 AA, by day and by night`, async ({ page, shown }) => {
    await open(page, shown.url + path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expectNoAxeProblems(page)
    await page.getByRole('button', { name: 'Night' }).click()
    await expectContrast(page)
    for (const [percent, width, height] of zoomed) {
      await page.setViewportSize({ width, height })
      const wide = () => page.evaluate(() => document.documentElement.scrollWidth)
      await expect.poll(wide, `at ${percent} %`).toBeLessThanOrEqual(width)
    }
  })

test('in forced colours every verdict keeps its word, and with less motion nothing moves', async ({
  page,
  shown,
}) => {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' })
  await open(page, `${shown.url}/paintings/glasshouse`)
  await expect(page.getByText(/Watch\./).first()).toBeVisible()
  await page.getByRole('link', { name: 'how fat' }).click()
  await expect(page.getByRole('dialog', { name: 'fat' })).toBeVisible()
  expect(await page.evaluate(() => document.getAnimations().length)).toBe(0)
})
