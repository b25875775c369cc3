import type { Page } from '@playwright/test'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'
import { away, expect, hold, open, reload, saved, settled, test } from './studio.ts'

const note = (page: Page) => page.getByLabel('Note')
const again = (server: Server): Promise<Server> =>
  startServer({ folder: server.folder, demo: true, port: Number(new URL(server.url).port) })

test('when the server is gone what is typed stays, says so, and is stored once it is back', async ({
  page,
}) => {
  let server = await startServer({ demo: true })
  await open(page, `${server.url}/mediums/morning-oil`)
  await server.kill()
  await note(page).fill('kept through the power cut')
  await expect(page.getByRole('alert').filter({ hasText: 'kept in this browser' })).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: 'Kept here, not saved yet' })).toBeVisible()
  server = await again(server)
  await saved(page)
  await reload(page)
  await expect(note(page)).toHaveValue('kept through the power cut')
  await server.kill()
})

test('what a closed tab left unsaved is saved by whichever page is opened next', async ({
  page,
  context,
}) => {
  let server = await startServer({ demo: true })
  await open(page, `${server.url}/mediums/morning-oil`)
  await server.kill()
  await note(page).fill('typed, and the tab closed')
  await expect(page.getByRole('status').filter({ hasText: 'Kept here' })).toBeVisible()
  await page.close()
  server = await again(server)
  const other = await context.newPage()
  await open(other, server.url)
  await expect(other.getByText('What was kept in this browser is saved now')).toBeVisible()
  await open(other, `${server.url}/mediums/morning-oil`)
  await expect(note(other)).toHaveValue('typed, and the tab closed')
  await server.kill()
})

test('a pour made while the server is away is kept, shown, and poured once', async ({ page }) => {
  let server = await startServer({ demo: true })
  await open(page, `${server.url}/mediums/harbour-glaze/make`)
  await page.getByRole('button', { name: 'Begin the batch' }).click()
  await page.waitForURL(/batches\/.+/)
  await settled(page)
  await page.getByRole('button', { name: 'Weigh', exact: true }).click()
  await server.kill()
  await page.getByLabel('or typed, g').fill('12')
  await page.getByRole('button', { name: 'Write down what is typed' }).click()
  await expect(page.getByText(/Poured and kept here.*12 g/)).toBeVisible()
  const jar = page.getByRole('region', { name: 'In the jar' })
  await expect(jar.getByText('12.0 g · 11 ml')).toBeVisible()
  server = await again(server)
  await saved(page)
  await expect(page.getByText(/Poured and kept here/)).toHaveCount(0)
  await reload(page)
  await page.getByText('What was done').click()
  await expect(page.getByText('Poured 12 g')).toHaveCount(1)
  await server.kill()
})

test('what is tapped while an earlier tap is on its way counts too', async ({ page, demo }) => {
  await open(page, `${demo.url}/mediums/harbour-glaze/make`)
  await page.getByRole('button', { name: 'Begin the batch' }).click()
  await page.waitForURL(/batches\/.+/)
  await settled(page)
  await page.getByRole('button', { name: 'Weigh', exact: true }).click()
  const jar = page.getByRole('region', { name: 'In the jar' })
  const release = await hold(page, /api\/batches\/.+\/pour/)
  const typed = page.getByLabel('or typed, g')
  for (const grams of ['12', '5']) {
    await typed.fill(grams)
    await typed.press('Enter')
    await expect(typed).toHaveValue('')
    await expect(typed).toBeFocused()
  }
  await page.getByRole('button', { name: 'Take the last pour back' }).click()
  await expect(jar.getByText('12.0 g · 11 ml')).toBeVisible()
  release()
  await saved(page)
  await reload(page)
  await expect(jar.getByText('12.0 g · 11 ml')).toBeVisible()
})

test('two windows on one layer: what each typed in its own field is kept, without a question', async ({
  page,
  context,
  demo,
}) => {
  const other = await context.newPage()
  for (const one of [page, other]) {
    await open(one, `${demo.url}/paintings/sheds`)
    await one.getByRole('button', { name: /^Low sun/ }).click()
  }
  await note(page).fill('warm, from the left')
  await saved(page)
  await other.getByLabel('wet thickness', { exact: true }).fill('44')
  await saved(other)
  await reload(other)
  await other.getByRole('button', { name: /^Low sun/ }).click()
  await expect(other.getByLabel('wet thickness', { exact: true })).toHaveValue('44')
  await expect(note(other)).toHaveValue('warm, from the left')
})

test('two windows on one field: both versions are shown, and either can be kept', async ({
  page,
  context,
  demo,
}) => {
  const other = await context.newPage()
  // Neither hears of the other but by saving.
  for (const one of [page, other]) await away(one, /api\/since/)
  for (const one of [page, other]) await open(one, `${demo.url}/mediums/shed-putty`)
  await note(page).fill('from the first window')
  await saved(page)
  await note(other).fill('from the second')
  const dialog = other.getByRole('alertdialog')
  await expect(dialog).toContainText('from the first window')
  await expect(dialog).toContainText('from the second')
  await dialog.getByRole('button', { name: 'Take the other version' }).click()
  await expect(note(other)).toHaveValue('from the first window')
  await note(page).fill('again from the first')
  await saved(page)
  await note(other).fill('again from the second')
  await dialog.getByRole('button', { name: 'Keep what I typed here' }).click()
  await saved(other)
  await reload(page)
  await expect(note(page)).toHaveValue('again from the second')
})

test('what one window does the other shows, when it is looked at', async ({ page, context, demo }) => {
  const other = await context.newPage()
  await open(page, `${demo.url}/paintings/sheds`)
  await open(other, `${demo.url}/paintings/sheds`)
  await other.getByRole('button', { name: 'Layer on top' }).click()
  await expect(other.getByLabel('Layer', { exact: true })).toHaveValue(/^Layer \d/)
  await other.getByLabel('Layer', { exact: true }).fill('Last lights')
  await saved(other)
  await expect(page.getByRole('button', { name: /^Last lights/ })).toBeVisible()
  await other.getByRole('button', { name: 'Undo' }).click()
  await other.getByRole('button', { name: 'Undo' }).click()
  await expect(other.getByRole('button', { name: /^Last lights/ })).toHaveCount(0)
  await expect(page.getByRole('button', { name: /^Last lights/ })).toHaveCount(0)
  const dialog = page.getByRole('alertdialog')
  await expect(dialog).toHaveCount(0)
  await page.request.delete(`${demo.url}/api/paintings/sheds`, { data: { seen: 1 } })
  await expect(dialog).toContainText('Allotment sheds in frost was removed in another window')
  await expect(page.getByRole('button', { name: /^Low sun/ })).toBeVisible()
  await dialog.getByRole('button', { name: 'Put it back' }).click()
  await saved(page)
  await expect(page.getByRole('button', { name: /^Low sun/ })).toBeVisible()

  await open(page, `${demo.url}/mediums/compare?a=shed-putty`)
  await open(other, `${demo.url}/mediums/shed-putty`)
  await other.getByLabel('Name of the medium').fill('Winter putty')
  await saved(other)
  await expect(page.getByRole('columnheader', { name: 'Winter putty' })).toBeVisible()
  await open(page, `${demo.url}/paintings/sheds`)
  await expect(page.getByRole('button', { name: /^Low sun/ })).toBeVisible()
})

test('a picture removed in another window while one types in it is put back whole', async ({
  page,
  demo,
}) => {
  await away(page, /api\/since/)
  await open(page, `${demo.url}/paintings/sheds`)
  await page.getByRole('button', { name: /^Low sun/ }).click()
  const removed = await page.request.delete(`${demo.url}/api/paintings/sheds`, { data: { seen: 1 } })
  expect(removed.ok()).toBe(true)
  await note(page).fill('warm, from the left')
  const dialog = page.getByRole('alertdialog')
  await expect(dialog).toContainText('Low sun was removed in another window')
  await dialog.getByRole('button', { name: 'Put it back' }).click()
  await saved(page)
  await reload(page)
  for (const layer of [/^Frost/, /^Low sun/]) await page.getByRole('button', { name: layer }).click()
  await expect(note(page)).toHaveValue('warm, from the left')
})

test('a page left open over night shows the new day when it is looked at, but not over what is being typed', async ({
  page,
  shown,
}) => {
  const lookAgain = (): Promise<void> =>
    page.evaluate(() => {
      document.getElementById('sheet')!.dataset['day'] = '2026-01-01'
      window.dispatchEvent(new Event('focus'))
    })
  await open(page, `${shown.url}/mediums/morning-oil`)
  await note(page).focus()
  await lookAgain()
  const said = page.getByText('A new day has begun. Load this page again to see it.', { exact: true })
  await expect(said).toBeVisible()
  await note(page).blur()
  const again = page.waitForEvent('load')
  await lookAgain()
  await again
  await expect(said).toHaveCount(0)
})

test('undo at once takes back what was just typed, and after a reload what was done before it', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/mediums/morning-oil`)
  const before = await note(page).inputValue()
  await note(page).fill('first')
  await saved(page)
  await note(page).fill('second')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(note(page)).toHaveValue('first')
  await saved(page)
  await reload(page)
  await expect(note(page)).toHaveValue('first')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(note(page)).toHaveValue(before)
})

test('anything in what was done can be taken back later, but for what something rests on', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/quince`)
  await page.getByRole('button', { name: 'Layer on top' }).click()
  await expect(page.getByLabel('Layer', { exact: true })).toHaveValue(/^Layer \d/)
  await note(page).fill('on top')
  await saved(page)
  await reload(page)
  await page.getByText('What was done').click()
  const added = page.getByRole('button', { name: /^Take back: Added layer/ })
  await added.click()
  await expect(page.getByText(/was changed since \(note\)/).first()).toBeVisible()
  await page
    .getByRole('button', { name: /^Take back: Changed layer/ })
    .first()
    .click()
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /^.*Changed layer.*taken back/ })
      .first(),
  ).toBeVisible()
  await added.click()
  await expect(page.getByRole('listitem').filter({ hasText: /Added layer.*taken back/ })).toBeVisible()
})
