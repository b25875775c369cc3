import { away, expect, expectNoAxeProblems, open, settled, test } from './studio.ts'
import { copyOf, startServer } from '../server.ts'

test.use({ viewport: { width: 820, height: 1180 } })

test('a tablet that loses the server in mid-sitting: what is tapped is told, kept, and sent once in order', async ({
  page,
  demo,
}) => {
  await open(page, demo.url)
  const back = await away(page, /\/api\//)
  await page.getByRole('button', { name: 'I have painted First flesh' }).click()
  await expect(page.getByText('First flesh is painted. Kept on this device')).toBeVisible()
  await page.getByRole('button', { name: 'Touch First glaze' }).click()
  await page.getByRole('button', { name: 'tacky', exact: true }).click()
  await expect(page.getByText(/^First glaze: .*Kept on this device/)).toBeVisible()
  await expect(page.getByRole('alert').filter({ hasText: 'Waiting to be sent: 2' })).toBeVisible()
  await expectNoAxeProblems(page)
  const anew = page.waitForEvent('load')
  await back()
  await anew
  await settled(page)
  const { entries } = (await (await page.request.get(`${demo.url}/api/done`)).json()) as {
    entries: readonly { what: string }[]
  }
  expect(entries.slice(0, 2).map(({ what }) => what)).toEqual(['Touched First glaze', 'Painted First flesh'])
})

test('a passphrase is asked for once, and remembered until one signs out', async ({ page, filled }) => {
  process.env['GRELTA_PASSPHRASE'] = 'chalk and walnut'
  const server = await startServer({ folder: copyOf(filled) })
  delete process.env['GRELTA_PASSPHRASE']
  await page.goto(`${server.url}/shelf`)
  await expectNoAxeProblems(page)
  await page.getByLabel('The studio’s passphrase').fill('chalk')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByText('That is not the passphrase.')).toBeVisible()
  await page.getByLabel('The studio’s passphrase').fill('chalk and walnut')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
  await open(page, server.url)
  await page.getByRole('button', { name: 'Sign out on this device' }).click()
  await expect(page.getByLabel('The studio’s passphrase')).toBeVisible()
  await server.kill()
})
