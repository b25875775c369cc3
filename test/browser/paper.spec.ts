import { expect, open, test } from './studio.ts'

test('a view on paper is black on white by night too, says what it says, and has nothing one would press', async ({
  page,
  shown,
}) => {
  for (const path of [
    '/paintings/glasshouse',
    '/horizon',
    '/mediums/harbour-glaze',
    '/batches/egg-2#method',
  ]) {
    await open(page, shown.url + path)
    await page.evaluate(() => (document.documentElement.dataset['theme'] = 'night'))
    await page.emulateMedia({ media: 'print' })
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    await expect(page.getByRole('navigation').first()).toBeHidden()
    await expect(page.locator('html')).toHaveCSS('background-color', 'rgb(255, 255, 255)')
    await expect(page.locator('button.button:visible, button.link:visible')).toHaveCount(0)
    await page.emulateMedia({ media: 'screen' })
  }
})

test('the stack on paper has its title, its verdict and every layer by name', async ({ page, shown }) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { name: 'Glasshouse, morning' })).toBeVisible()
  for (const layer of ['Sunlight scumble', 'First glaze', 'Lights', 'Dead colouring', 'Stain'])
    await expect(page.getByRole('button', { name: layer }).first()).toBeVisible()
  await expect(page.getByRole('region', { name: 'Layer Sunlight scumble' })).toBeHidden()
})
