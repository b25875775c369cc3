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
]
for (const path of views)
  test(`${path} is clean by WCAG 2.2 AA, by day and by night`, async ({ page, shown }) => {
    await open(page, shown.url + path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expectNoAxeProblems(page)
    await page.getByRole('button', { name: 'Night' }).click()
    await expectContrast(page)
  })
