import SQLite from 'better-sqlite3'
import { studioFile } from '../../src/store/open.ts'
import { fillStudio } from '../studio/bigStudio.ts'
import { startServer } from '../server.ts'
import { choose, expect, expectNoAxeProblems, open, settled, test } from './studio.ts'

test('a studio of many pictures is found by typing, read on by the page, and judged in the background', async ({
  page,
}) => {
  const first = await startServer()
  await first.stop()
  const sqlite = new SQLite(studioFile(first.folder))
  const size = { paintings: 90, layers: 4, mediums: 60, items: 70, tubes: 90, batches: 40, events: 90 }
  fillStudio(sqlite, size, new Date().toISOString().slice(0, 10))
  sqlite.close()
  const server = await startServer({ folder: first.folder })

  // A slow studio has as many left when asked again; one that answers nothing is asked again too.
  let asked = 0
  await page.route('**/api/judging', (route) => {
    asked += 1
    if (asked === 3) return route.abort()
    return asked < 5 ? route.fulfill({ json: { left: 90 } }) : route.continue()
  })
  await open(page, `${server.url}/paintings`)
  await expect(page.getByText('30 of 90 paintings')).toBeVisible()
  await page.getByRole('button', { name: 'Show more' }).click()
  await expect(page.getByText('60 of 90 paintings')).toBeVisible()
  await page.getByRole('searchbox', { name: 'Find by title, place, whom for' }).fill('frost')
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(16)
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 90_000 })
  await expect(page.getByRole('main').getByRole('listitem').first()).toContainText(/Sound|Watch|Unsound/)
  await expectNoAxeProblems(page)

  await open(page, server.url)
  await expect(
    page.getByRole('heading', { name: /^(Ready to paint|Leave alone|Touch before)/ }).first(),
  ).toBeVisible()
  await expect(page.getByText(/^The first 12 of \d+, soonest first/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Show more' }).first().click()
  await expect(page.getByText(/^The first 12 of/)).toHaveCount(0)

  await open(page, `${server.url}/mediums`)
  await page.getByRole('searchbox', { name: 'Find by name' }).fill('Medium 41')
  await page.getByRole('link', { name: /Medium 41/ }).click()
  await page.waitForURL(/medium-41/)
  await settled(page)
  await page.getByLabel('Amount of the new line').fill('5 ml')
  await choose(page, 'Material of the new line', 'Lot 63')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('combobox', { name: 'Material, line 4' })).toHaveValue(/^Lot 63/)
  await expect(page.getByRole('region', { name: 'What it really is' })).toBeVisible()
  await server.kill()
})

test('what cannot be read is set aside, told on every page, and put back from Studio', async ({ page }) => {
  const server = await startServer({ demo: true })
  await open(page, `${server.url}/mediums/morning-oil`)
  await page.getByLabel('Note').fill('the last good word')
  await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible()
  await page.getByLabel('Note').fill('and then it broke')
  await expect(page.getByRole('status').filter({ hasText: /^Saving/ })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible()
  const sqlite = new SQLite(studioFile(server.folder))
  sqlite
    .prepare('update medium set body = ?, revision = revision + 1 where id = ?')
    .run('{"id":', 'morning-oil')
  sqlite.close()

  await page.goto(`${server.url}/mediums/morning-oil`)
  await expect(page.getByRole('heading', { name: 'There is nothing here by that address.' })).toBeVisible()
  await open(page, server.url)
  await page.getByRole('link', { name: 'One thing cannot be read and is set aside' }).click()
  const aside = page.getByRole('region', { name: 'Set aside' })
  await expect(aside).toContainText('A medium: What is stored is not whole.')
  await expectNoAxeProblems(page)
  await aside.getByRole('button', { name: 'Put back the last good version' }).click()
  await expect(aside).toHaveCount(0)
  await open(page, `${server.url}/mediums/morning-oil`)
  await expect(page.getByLabel('Note')).toHaveValue('the last good word')
  await server.kill()
})

test('a box opened from the keyboard gives the focus back, and a message can be closed', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  const change = page.getByRole('button', { name: 'Change', exact: true })
  await change.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog', { name: 'Change the painting' })).toBeVisible()
  await expect(change).toHaveAttribute('aria-expanded', 'true')
  await page.keyboard.press('Escape')
  await expect(change).toBeFocused()
  const medium = page.getByRole('combobox', { name: 'Medium', exact: true })
  await medium.focus()
  await page.keyboard.press('Control+a')
  await page.keyboard.type('shed')
  await expect(page.getByRole('option', { name: /^Shed putty/ }).first()).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('option', { name: /^Shed putty/ })).toHaveCount(0)
})
