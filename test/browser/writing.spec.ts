import type { Page } from '@playwright/test'
import { expect, open, reload, saved, settled, test } from './studio.ts'

async function widthOf(page: Page, url: string): Promise<number> {
  const answer = await page.request.get(`${url}/api/paintings/glasshouse`)
  return ((await answer.json()) as { painting: { widthCm: number } }).painting.widthCm
}

test.describe('in a browser of the US', () => {
  test.use({ locale: 'en-US' })
  test('inches, °F and the month first, and a field of inches keeps centimetres', async ({ page, demo }) => {
    await open(page, `${demo.url}/paintings/glasshouse`)
    await expect(page.getByText('24 × 31 in')).toBeVisible()
    await expect(page.getByRole('banner')).toContainText('66 °F')
    await open(page, `${demo.url}/paintings/glasshouse/record`)
    const width = page.getByLabel('Width, in', { exact: true })
    await expect(width).toHaveValue('23.6')
    await width.fill('20')
    await saved(page)
    await expect.poll(() => widthOf(page, demo.url)).toBe(50.8)
    await reload(page)
    await expect(width).toHaveValue('20')
  })
})

test.describe('in a browser of Austria', () => {
  test.use({ locale: 'de-AT' })
  test('the decimal sign is a comma from the first answer on, until another is chosen here', async ({
    page,
    demo,
  }) => {
    const headers = { 'accept-language': 'de-AT' }
    const drawn = await page.request.get(`${demo.url}/paintings/glasshouse`, { headers })
    expect(await drawn.text()).toContain('1,48×')
    const list = await page.request.get(`${demo.url}/api/shelf.csv`, { headers })
    expect(await list.text()).toMatch(/;"\d+,\d+";/)
    await open(page, `${demo.url}/mediums/harbour-glaze`)
    const amount = page.getByLabel('Amount, line 1')
    await amount.fill('1,125 g')
    await expect(page.getByRole('main')).toContainText('1,13 g')
    await saved(page)
    await open(page, `${demo.url}/studio`)
    await Promise.all([page.waitForEvent('load'), page.getByLabel('Decimal sign').selectOption('point')])
    await settled(page)
    await expect(page.getByLabel('Decimal sign')).toHaveValue('point')
    await open(page, `${demo.url}/mediums/harbour-glaze`)
    await expect(page.getByRole('main')).toContainText('1.13 g')
  })
})
