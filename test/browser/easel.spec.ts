import { away, copyOfFilled, expect, expectNoAxeProblems, open, settled, test } from './studio.ts'
import { startServer } from '../server.ts'

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

test('rags ticked while the server is away are shown ticked, and are so once it is back', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/room/evening`)
  const rags = page
    .getByRole('region', { name: /^Still about from/ })
    .getByRole('checkbox', { name: /^Rags and paper/ })
  const back = await away(page, /\/api\//)
  await rags.click()
  await expect(rags).toBeChecked()
  await expect(page.getByText('Kept here, not saved yet')).toBeVisible()
  await back()
  await expect(page.getByText('Saved', { exact: true }).first()).toBeVisible()
  await open(page, `${demo.url}/room/evening`)
  await expect(rags).toBeChecked()
})

test('a finger on a swatch while the server is away is kept, and told once it is back', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/tests?at=swatch-black-2`)
  const checks = page.getByRole('region', { name: /^Checks of/ })
  await expect(checks).toBeVisible()
  const back = await away(page, /\/api\//)
  await checks.getByRole('button', { name: 'touch dry', exact: true }).click()
  await expect(page.getByText(/Kept on this device/).first()).toBeVisible()
  await expect(page.getByRole('alert').filter({ hasText: 'Waiting to be sent: 1' })).toBeVisible()
  await back()
  await expect(page.getByRole('alert').filter({ hasText: 'Waiting to be sent' })).toHaveCount(0)
  const { entries } = (await (await page.request.get(`${demo.url}/api/done`)).json()) as {
    entries: readonly { what: string }[]
  }
  expect(entries[0]!.what).toMatch(/^Touched the swatch/)
})

test('a passphrase is asked for once, and remembered until one signs out', async ({ page }) => {
  process.env['GRELTA_PASSPHRASE'] = 'chalk and walnut'
  const server = await startServer({ folder: copyOfFilled() })
  delete process.env['GRELTA_PASSPHRASE']
  await page.goto(`${server.url}/shelf`)
  await expectNoAxeProblems(page)
  await page.getByLabel('The studio’s passphrase').fill('chalk')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByText('That is not the passphrase.')).toBeVisible()
  await page.getByLabel('The studio’s passphrase').fill('chalk and walnut')
  await page.getByRole('button', { name: 'Come in' }).click()
  await expect(page.getByRole('navigation', { name: 'Halves of the shelf' })).toBeVisible()
  await open(page, server.url)
  await page.getByRole('button', { name: 'Sign out on this device' }).click()
  await expect(page.getByLabel('The studio’s passphrase')).toBeVisible()
  await server.kill()
})

test('a device that has it installed starts while the studio’s computer is off, says so, and keeps what is tapped', async ({
  page,
  demo,
}) => {
  await open(page, demo.url)
  // Pages register it over https only; this machine’s own address may be trusted like that by hand.
  await page.evaluate(async () => {
    await navigator.serviceWorker.register('/sw.js')
    await navigator.serviceWorker.ready
  })
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true)
  await open(page, demo.url)
  const { folder, url } = demo
  await demo.kill()
  await open(page, url)
  await expect(
    page.getByText(/^The studio’s computer does not answer. This is the page as it was/),
  ).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Touch before you decide' })).toBeVisible()
  await page.goto(`${url}/paintings/quince/finish`)
  await expect(page.getByText('This page has not been opened on this device yet.')).toBeVisible()
  const again = await startServer({ folder, port: Number(new URL(url).port) })
  await open(page, `${url}/paintings/quince/finish`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Quince and pewter')
  await expect(page.getByText(/^The studio’s computer does not answer/)).toHaveCount(0)
  await page.evaluate(() => navigator.serviceWorker.controller!.postMessage('forget'))
  await again.kill()
  await page.goto(`${url}/paintings/quince/finish`)
  await expect(page.getByText('This page has not been opened on this device yet.')).toBeVisible()
})
