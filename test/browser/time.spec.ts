import { expect, expectNoAxeProblems, inDays, open, reload, saved, settled, test } from './studio.ts'
import type { Page } from '@playwright/test'
import { toldIn } from '../calendarTold.ts'
import { startServer } from '../server.ts'

const rack = (page: Page) => page.getByRole('region', { name: 'The rack' })
const learnt = (page: Page) => page.getByRole('region', { name: 'What your checks teach' })

test('a trial with a control that fails too shows nothing, and its rule is locked', async ({
  page,
  studio,
}) => {
  await open(page, `${studio.url}/tests`)
  await page.getByRole('button', { name: 'A trial', exact: true }).click()
  const form = page.getByRole('region', { name: 'A new trial' })
  await form.getByLabel('The question').fill('Does it harden in a week?')
  await form.getByLabel('on day', { exact: true }).fill('1')
  await form.getByLabel('Days to look').fill('1')
  await expectNoAxeProblems(page)
  await form.getByRole('button', { name: 'Begin it, and lock the rule' }).click()
  const trial = page.getByRole('region', { name: 'Trials' }).getByRole('listitem')
  await expect(trial).toContainText('Still open.')
  await expect(trial).toContainText(/Locked .*: Yes if by day 1 it passes fingernail/)
  for (const name of ['On trial', 'The control']) {
    await page.getByRole('button', { name: `Touch ${name}`, exact: true }).click()
    await page
      .getByRole('group', { name: 'fingernail' })
      .getByRole('button', { name: 'not yet: takes a mark' })
      .click()
    await expect(rack(page).getByText(/Day 0, fingernail: takes a mark/)).toBeVisible()
    await page.getByRole('button', { name: `Close ${name}`, exact: true }).click()
  }
  await expect(trial).toContainText('Inconclusive. The control fails too')
  await expect(trial).toContainText('Next time: Draw both down again, thinner')
  await reload(page)
  await expect(trial).toContainText('Inconclusive.')
})

test('checks move what is forecast, each says by how much, and one is taken out and counted again', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/tests`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/burnt umber dries 1\.\d times as fast/)
  const umber = learnt(page).getByRole('row', { name: /^Burnt umber / })
  const before = await umber.textContent()
  await expect(learnt(page).getByRole('listitem').first()).toContainText(/moved nothing|longer|shorter/)
  await page.getByRole('button', { name: 'Touch Burnt umber, thin', exact: true }).click()
  const fingers = page.getByRole('region', { name: 'What hands found' })
  await fingers
    .getByRole('button', { name: /^Take out the touch/ })
    .last()
    .click()
  await expect(umber).not.toHaveText(before!)
  await fingers.getByRole('button', { name: /^Count again/ }).click()
  await expect(umber).toHaveText(before!)
  await expectNoAxeProblems(page)
})

test('horizon: a layer is dragged by mouse, a date is lost, and won back by keyboard', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 1280, height: 900 })
  await open(page, `${demo.url}/horizon`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/dates ahead; /, { timeout: 60_000 })
  const row = page.getByRole('listitem').filter({ hasText: 'Glasshouse, morning' })
  await expect(row).toContainText('over 9 in 10')
  const ring = row.getByRole('button', { name: /^Sunlight scumble/ })
  const from = (await ring.boundingBox())!
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(from.x + 120, from.y + 10, { steps: 4 })
  await page.mouse.move(from.x + 375, from.y + 10, { steps: 6 })
  await expect(row.getByRole('status')).toContainText(/Goes on: Sunlight scumble .*falls from over 9 in 10/)
  await page.mouse.up()
  await expect(page.getByText('Sunlight scumble is planned.', { exact: true })).toBeVisible()
  await expect(row).toContainText(/under 1 in 10|[1-6] in 10/, { timeout: 60_000 })
  await reload(page)
  await expect(row).toContainText(/under 1 in 10|[1-6] in 10/, { timeout: 60_000 })
  await ring.focus()
  await page.keyboard.press('Shift+ArrowLeft')
  await page.keyboard.press('Delete')
  await expect(page.getByText('Sunlight scumble goes on as soon as it may.', { exact: true })).toBeVisible()
  await expect(row).toContainText('over 9 in 10', { timeout: 60_000 })
  await expectNoAxeProblems(page)
})

test('a promise: the chance of a day, the sentence to send, and what each lever buys', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/promise?painting=clock-mender`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/The clock-mender: .* in 10 that/)
  await expect(page.getByRole('blockquote')).toContainText(/It can most likely travel to you about/)
  const levers = page.getByRole('region', { name: 'What would help' }).getByRole('listitem')
  await expect(levers.filter({ hasText: 'Handed over unvarnished' })).toContainText('over 9 in 10', {
    timeout: 60_000,
  })
  await expect(levers.filter({ hasText: 'Dried 4 °C warmer' })).toContainText('sooner')
  await expect(levers.last()).toContainText('Unsound')
  await expect(levers.last()).toContainText('No help')
  await open(page, `${shown.url}/promise`)
  await page.getByLabel('They want it by').fill(inDays(35))
  await page.getByLabel('laid on as').selectOption('glazes')
  await page.getByLabel('in', { exact: true }).selectOption('slow')
  await expect(page.getByRole('blockquote')).toContainText('is unlikely')
  await expect(page.getByRole('region', { name: 'What else to offer' })).toContainText(
    'With a fast alkyd medium',
  )
  await expectNoAxeProblems(page)
})

test('a timer runs on through a reload and other pages, and is hushed by one large target', async ({
  page,
  studio,
}) => {
  await open(page, studio.url)
  const timers = page.getByRole('region', { name: 'Timers' })
  const menu = timers.locator('summary')
  await expect(menu).toHaveText('Timer')
  await menu.click()
  await timers.getByRole('button', { name: /^Overnight, 12 h/ }).click()
  await expect(menu).toHaveText(/Overnight11 h 59|Overnight12 h/)
  await menu.click()
  await timers.getByLabel('Name of the timer').fill('Soak the table')
  await timers.getByLabel('Minutes').fill('0.1')
  await timers.getByRole('button', { name: 'Start' }).click()
  await menu.click()
  await expect(timers.getByRole('timer')).toHaveText([/Soak the table: 0:0/, /Overnight: 11 h 59 min/])
  await page.keyboard.press('Escape')
  await expect(timers.getByRole('timer')).toHaveCount(0)
  await page.goto(`${studio.url}/mediums`)
  await settled(page)
  const due = page.getByRole('alert').filter({ hasText: 'Soak the table is over' })
  await expect(due).toBeVisible({ timeout: 15_000 })
  await reload(page)
  await expect(due).toBeVisible()
  expect((await due.boundingBox())!.height).toBeGreaterThan(100)
  await due.click()
  await expect(due).toBeHidden()
  await menu.click()
  await expect(timers.getByRole('timer')).toHaveCount(1)
  await timers.getByRole('button', { name: 'Stop the timer Overnight' }).click()
  await expect(menu).toHaveText('Timer')
})

test('what else is due stands on Horizon: a reminder is moved there, and a picture’s own on its record', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/quince/record`)
  const about = page.getByRole('region', { name: 'To be done about it' })
  await about.getByLabel('What is to be done').fill('order the frame')
  await about.getByRole('button', { name: 'Note it' }).click()
  await expect(about.getByText('Quince and pewter: order the frame')).toBeVisible()

  await open(page, `${demo.url}/horizon`)
  const due = page.locator('summary', { hasText: 'Also due' })
  await expect(due).toContainText('order the frame')
  await due.click()
  await page.getByRole('button', { name: 'Change: Quince and pewter: order the frame' }).click()
  const day = inDays(20)
  await page.getByLabel('On', { exact: true }).fill(day)
  await page.getByRole('button', { name: 'Save it' }).click()
  await expect(page.getByText('The reminder is changed.', { exact: true })).toBeVisible()
  await expectNoAxeProblems(page)
  await reload(page)
  await expect(due).not.toContainText('order the frame')
  await due.click()
  await page.getByRole('button', { name: 'Done: Quince and pewter: order the frame' }).click()
  await expect(page.getByRole('button', { name: 'Done: Quince and pewter: order the frame' })).toHaveCount(0)
  await reload(page)
  await due.click()
  await expect(page.getByText('order the frame')).toHaveCount(0)
})

test('the morning says which date is at risk, and leads to what would help', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/clock-mender/record`)
  await page.getByLabel('Day it is sent').fill(inDays(40))
  await saved(page)
  await open(page, demo.url)
  const risk = page.getByRole('region', { name: 'Dates at risk' })
  await expect(risk).toContainText(/It is to be sent .*, but First flesh is ready for a soft varnish only by/)
  await risk.getByRole('link', { name: 'What would help' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('The clock-mender')
  await expect(page.getByText('Handed over unvarnished, with a date for the varnish')).toBeVisible()
})

test('the room: a day typed, the sensor’s log taken in, a picture moved to the dark store', async ({
  page,
}) => {
  // A server of its own: the demo brings its sensor along.
  const demo = await startServer({ demo: true })
  await open(page, `${demo.url}/room`)
  const readings = page.getByRole('region', { name: 'Readings' })
  await readings.getByRole('button', { name: /^Take in \d+ days it has logged/ }).click()
  await expect(readings.getByText('All it has logged is taken in.')).toBeVisible()
  await readings.getByLabel('Temperature, °C').fill('12')
  await readings.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/The studio is at 12\s°C/)
  await page.getByLabel('Where Quince and pewter dries').selectOption({ label: 'the dark store' })
  await expect(
    page.getByText('Quince and pewter dries in the dark store from today.', { exact: true }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'The dark store' }).click()
  await expect(page.getByRole('region', { name: 'Pictures here' })).toContainText('Quince and pewter')
  await reload(page)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/The studio is at 12\s°C/)
  await expect(page.getByRole('banner').getByRole('link', { name: /12\s°C/ })).toBeVisible()
  await expectNoAxeProblems(page)
  await page.close()
  await demo.kill()
})

test('the calendar, read by another program: at a secret address, renewed; a reminder moved keeps its id, ticked off it goes', async ({
  page,
  demo,
}) => {
  const told = async (address: string) => toldIn(await (await page.request.get(address)).text())
  await open(page, `${demo.url}/studio`)
  await page.getByRole('button', { name: 'Give out an address to subscribe to' }).click()
  const address = page.getByLabel('Address of the calendar')
  await expect(address).toContainText(/\/api\/calendar\/[0-9a-f]{40}\.ics/)
  const first = (await address.textContent())!
  await expect(page.getByText('Saved', { exact: true }).first()).toBeVisible()
  await expect.poll(async () => (await page.request.get(first)).status()).toBe(200)
  const before = await told(first)
  const spacers = [...before.values()].find(({ summary }) => summary.startsWith('Ask the framer'))!
  expect([...before.values()].every(({ isAllDay }) => isAllDay)).toBe(true)

  await page.getByRole('button', { name: 'a new address, the old one ends' }).click()
  await expect.poll(async () => (await page.request.get(first)).status()).toBe(404)
  const second = (await address.textContent())!
  await open(page, demo.url)
  const due = page.getByRole('region', { name: 'Also due' })
  await due.getByRole('button', { name: /^Change: Ask the framer/ }).click()
  await due.getByLabel('On', { exact: true }).fill(inDays(9))
  await due.getByRole('button', { name: 'Save it' }).click()
  await expect(page.getByText('The reminder is changed.', { exact: true })).toBeVisible()
  const moved = await told(second)
  expect(moved.get(spacers.uid)).toEqual({ ...spacers, sequence: spacers.sequence + 1, date: inDays(9) })
  moved.delete(spacers.uid)
  before.delete(spacers.uid)
  expect(moved).toEqual(before)

  await due.getByRole('button', { name: /^Done: Ask the framer/ }).click()
  await expect(page.getByText(/^Done: Ask the framer/)).toBeVisible()
  expect(await told(second)).toEqual(before)
})
