import { readFileSync } from 'node:fs'
import { startServer } from '../server.ts'
import { expect, expectNoAxeProblems, open, reload, test } from './studio.ts'

test('the whole studio out, into an empty one, and out again: the same bytes', async ({
  page,
  demo,
  studio,
}) => {
  await open(page, `${demo.url}/studio/data`)
  const takeOut = async (): Promise<Buffer> => {
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Everything, with photographs (zip)' }).click(),
    ])
    return readFileSync(await file.path())
  }
  const first = await takeOut()
  await open(page, `${studio.url}/studio/data`)
  await page
    .getByLabel('Studio file to bring in')
    .setInputFiles({ name: 'grelta.zip', mimeType: 'application/zip', buffer: first })
  await expect(page.getByRole('group', { name: 'What the file would do' })).toContainText('new things')
  await page.getByRole('button', { name: 'Bring it in' }).click()
  await expect(page.getByText(/^Brought in a studio: \d+ new/)).toBeVisible()
  expect((await takeOut()).equals(first)).toBe(true)
  await page.goto(`${studio.url}/paintings/glasshouse`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Glasshouse')
})

test('what both sides changed is for the painter to say, each with both versions', async ({ page, demo }) => {
  const away = await startServer({ demo: true })
  const rename = async (url: string, name: string): Promise<void> => {
    const document = await page.request.get(`${url}/api/export`)
    const { mediums } = (await document.json()) as { mediums: { id: string; name: string }[] }
    const medium = { ...mediums.find(({ id }) => id === 'pan-wax')!, name }
    const reply = await page.request.put(`${url}/api/mediums`, { data: { medium, seen: 1 } })
    expect(reply.status()).toBe(200)
  }
  await rename(away.url, 'Coast wax')
  await rename(demo.url, 'Home wax')
  const file = await (await page.request.get(`${away.url}/api/export`)).body()
  await away.kill()
  await open(page, `${demo.url}/studio/data`)
  await page
    .getByLabel('Studio file to bring in')
    .setInputFiles({ name: 'coast.json', mimeType: 'application/json', buffer: file })
  const clash = page.getByRole('group', { name: /Pan wax|Coast wax|Home wax/ }).last()
  await expect(clash).toContainText('here Home wax; in the file Coast wax')
  await expectNoAxeProblems(page)
  await clash.getByLabel('as it is in the file').check()
  await page.getByRole('button', { name: 'Bring it in' }).click()
  await expect(page.getByText(/^Brought in a studio/)).toBeVisible()
  await page.goto(`${demo.url}/mediums/pan-wax`)
  await expect(page.getByRole('textbox').first()).toHaveValue('Coast wax')
})

test('a backup made now is looked into, put back, and that taken back in turn', async ({ page, demo }) => {
  await open(page, `${demo.url}/studio/data`)
  await page.getByRole('button', { name: 'Make one now' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Backed up today at/)
  await page.goto(`${demo.url}/mediums/pan-wax`)
  await page.getByRole('textbox').first().fill('Night wax')
  // An older "Saved" may still stand: only the studio knows.
  const found = `${demo.url}/api/find?in=medium&find=Night`
  await expect
    .poll(async () => (await (await page.request.get(found)).json()) as unknown)
    .toMatchObject({ count: 1 })
  await open(page, `${demo.url}/studio/data`)
  await page.getByRole('button', { name: /^Backup of .* here/ }).click()
  await page.getByText(/^Would be as they were: 1/).click()
  await expect(page.getByText('Night wax (medium: name)')).toBeVisible()
  await expectNoAxeProblems(page)
  await page.getByRole('button', { name: /^Put the studio back to/ }).click()
  await expect(page.getByText(/^Put back the backup of/)).toBeVisible()
  // Once it is taken back the page is loaded anew.
  const anew = page.waitForEvent('load')
  await page.getByRole('button', { name: 'Undo' }).click()
  await anew
  await page.goto(`${demo.url}/mediums/pan-wax`)
  await reload(page)
  await expect(page.getByRole('textbox').first()).toHaveValue('Night wax')
})
