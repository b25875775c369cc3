import type { Locator, Page } from '@playwright/test'
import { expect, expectContrast, expectNoAxeProblems, open, saved, settled, test } from './studio.ts'

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

/** Every box there is, by the page it is on and the button that opens it. */
const boxes = {
  '/paintings/clock-mender': [
    ['How thick really?', 'How thick it really is'],
    ['Something else', 'What is done next'],
    ['Change', 'Change the painting'],
  ],
  '/paintings/glasshouse': [
    [/fat over what the powder needs/, 'Why: How fat'],
    [/other ways$|^Another way$/, 'Ways to mend it'],
    [/^Take it on knowingly/, 'Take it on knowingly'],
  ],
  '/paintings/salt-pans/record': [['a box by numbers', /^A box for /]],
} as const

for (const [path, onPage] of Object.entries(boxes))
  test(`the boxes on ${path} are clean, by day and by night`, async ({ page, shown }) => {
    await open(page, shown.url + path)
    for (const isClean of [expectNoAxeProblems, expectContrast]) {
      for (const [button, name] of onPage) {
        await page.getByRole('button', { name: button, exact: true }).first().click()
        const box = page.getByRole('dialog', { name })
        await expect(box).toHaveText(/\w/)
        await isClean(page, '[role=dialog]')
        await page.keyboard.press('Escape')
        await expect(box).toHaveCount(0)
      }
      await page.getByRole('button', { name: 'Night' }).click()
    }
  })

test('what is chosen from a list, and pages of words alone, are clean too', async ({ page, shown }) => {
  await open(page, `${shown.url}/mediums/harbour-glaze`)
  const colour = page.getByRole('combobox', { name: 'Colour', exact: true })
  await colour.click()
  await colour.pressSequentially('umber')
  await expect(page.getByRole('option').first()).toBeVisible()
  await expectNoAxeProblems(page)
  for (const path of ['/help', '/science', '/trust']) {
    await page.goto(shown.url + path)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expectNoAxeProblems(page)
  }
})

/** Moves on with Tab until what has that name is where the keyboard is; then it can be typed into or pressed. */
async function tabTo(page: Page, what: Locator): Promise<void> {
  await expect(what.first()).toBeVisible()
  for (let step = 0; step < 150; step++) {
    await page.keyboard.press('Tab')
    if (await what.first().evaluate((element) => element === document.activeElement)) return
  }
  throw new Error(`Tab never came to ${what.toString()}.`)
}

test('from nothing to a painted and touched picture, by keyboard and names alone', async ({
  page,
  studio,
}) => {
  const button = (name: string | RegExp) => page.getByRole('button', { name })
  const press = async (what: Locator): Promise<void> => {
    await tabTo(page, what)
    await page.keyboard.press('Enter')
  }
  await open(page, studio.url)
  await press(page.getByRole('link', { name: 'Describe it' }))
  await page.waitForURL(/paintings\/begin/)
  await settled(page)
  await press(button(/^Thin wash/))
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Every layer is sound')
  await press(button(/^Paint with a little oil/))
  await press(button('Keep it as a painting'))
  await page.waitForURL(/paintings\/[0-9a-f]{8}-/)
  await settled(page)

  await press(button('Change'))
  await tabTo(page, page.getByRole('textbox', { name: 'Title' }))
  await page.keyboard.press('Control+a')
  await page.keyboard.type('Lamp by the door')
  await page.keyboard.press('Escape')
  await saved(page)

  await press(page.getByRole('link', { name: 'Today' }))
  await page.waitForURL(studio.url)
  await settled(page)
  const entry = page.getByRole('listitem').filter({ hasText: 'Lamp by the door' })
  await press(entry.getByRole('button', { name: 'Touch Paint with a little oil' }))
  await press(entry.getByRole('button', { name: 'touch dry', exact: true }))
  await expect(page.getByText('Paint with a little oil: touch dry.', { exact: true })).toBeVisible()
  await expect(entry).toContainText('Paint with a little oil: touch dry.')
})
