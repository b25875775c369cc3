import type { Page } from '@playwright/test'
import { pdfText } from '../pdfText.ts'
import { expect, expectNoAxeProblems, inDays, open, reload, saved, settled, test } from './studio.ts'

/** A stroke of the finger over the map, in shares of its width and height. */
async function brush(page: Page, points: readonly (readonly [number, number])[]): Promise<void> {
  const canvas = page.getByRole('region', { name: 'Map of the surface' }).locator('canvas').first()
  await canvas.scrollIntoViewIfNeeded()
  const box = (await canvas.boundingBox())!
  const at = ([x, y]: readonly [number, number]) => [box.x + x * box.width, box.y + y * box.height] as const
  await page.mouse.move(...at(points[0]!))
  await page.mouse.down()
  for (const point of points.slice(1)) await page.mouse.move(...at(point), { steps: 8 })
  await page.mouse.up()
}

test('a dull patch is marked by touch, oiled out, painted into; another is left alone', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/quince/surface`)
  await expect(page.getByText(/^Do not judge the darks here: 3 dull patches/)).toBeVisible()
  await page.getByRole('button', { name: 'Matt', exact: true }).click()
  await brush(page, [
    [0.05, 0.08],
    [0.2, 0.1],
    [0.26, 0.12],
  ])
  const patches = page.getByRole('region', { name: 'Patches' }).getByRole('listitem')
  await expect(patches).toHaveCount(4)
  await expect(patches.first()).toContainText('It is dull still')
  await expect(patches.first()).toContainText('Why: what lies under it drinks its oil')
  await saved(page)
  await reload(page)
  await expect(patches).toHaveCount(4)

  const oil = page.getByRole('region', { name: 'Oiling out' })
  await expect(oil.getByText(/ml for this patch: .* of oil \(about \d+ drops?\)/)).toBeVisible()
  await expect(oil).toContainText('it joins whatever is painted into it')
  await oil.getByRole('button', { name: /^Rubbed in/ }).click()
  await expect(page.getByText(/^Soak of the oil: 10 minutes/).first()).toBeVisible()
  await oil.getByLabel('Wiped off again, % of it').fill('20')
  await expect(oil).toContainText('it joins the new layer only while it is open')
  await oil.getByRole('button', { name: 'It is oiled out' }).click()
  await expect(page.getByText(/Oiling out is open: paint into it until about/)).toBeVisible()
  await expect(patches.filter({ hasText: 'Oiled out on' })).toHaveCount(1)
  await expectNoAxeProblems(page)
  await reload(page)
  await expect(patches.filter({ hasText: 'Oiled out on' })).toHaveCount(1)
  await expect(patches.filter({ hasText: 'It is dull still' })).toHaveCount(3)

  // A second patch is oiled out, and only the first is painted into.
  await oil.getByLabel('Wiped off again, % of it').fill('20')
  await oil.getByRole('button', { name: 'It is oiled out' }).click()
  const lyingOpen = page.getByRole('list', { name: 'Oil that lies open' }).getByRole('listitem')
  await expect(lyingOpen).toHaveCount(2)
  await open(page, `${demo.url}/paintings/quince`)
  await page.getByRole('button', { name: 'Layer on top' }).click()
  await expect(page.getByLabel('Layer', { exact: true })).toHaveValue(/^Layer \d$/)
  await page.getByRole('checkbox', { name: 'oiled patch 3' }).check()
  await saved(page)
  await page.getByRole('button', { name: 'Painted just now' }).click()
  await expect(page.getByText('laid on')).toBeVisible()
  await open(page, `${demo.url}/paintings/quince/surface`)
  await expect(lyingOpen).toHaveCount(1)
})

test('readiness through all schools, and an unremovable varnish asks', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/ferry-steps/finish`)
  const ladder = page.getByRole('region', { name: 'Ladder of dates' })
  for (const school of ['Soft, removable', 'Traditional, after six months', 'Traditional, after a year'])
    await expect(ladder.getByRole('rowheader', { name: new RegExp(school) })).toBeVisible()
  await ladder.getByRole('button', { name: /^Wax, by brush/ }).click()
  await expect(ladder).toContainText('a thumb pressed hard')
  await ladder.getByRole('button', { name: /^Soft, removable/ }).click()
  const against = page.getByRole('region', { name: 'What still stands against it' })
  await expect(against).toContainText('not passed the test by swab (clean cotton)')
  await ladder.getByLabel('If it were varnished on').fill(inDays(-230))
  await expect(against).toContainText(/months after its last film have not passed|with a chance of/)

  const varnish = page.getByRole('region', { name: 'The varnish' })
  await expect(varnish).toContainText('86 ml for 2 coats')
  await varnish.getByLabel('Which').click()
  await varnish.getByLabel('Which').fill('run-copal')
  await page.getByRole('option', { name: 'Run-copal oil varnish' }).click()
  await expect(varnish).toContainText('never, without the painting')
  const plan = varnish.getByRole('button', { name: /^Plan it for/ })
  await expect(plan).toBeDisabled()
  await varnish.getByRole('textbox', { name: /To use it all the same/ }).fill('The owner insists')
  await plan.click()
  await saved(page)
  await open(page, `${demo.url}/paintings/ferry-steps/record`)
  await expect(page.getByText('Because: The owner insists')).toBeVisible()
})

test('the owner’s letter and the conservator’s sheet are read back from their PDF', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/ferry-steps/finish`)
  const read = async (name: string): Promise<string> => {
    const link = await page.getByRole('link', { name }).getAttribute('href')
    return pdfText(await (await page.request.get(shown.url + link!)).body())
  }
  const letter = await read('Letter to its owner (PDF)')
  expect(letter).toContain('Ferry steps, evening')
  expect(letter).toContain('the painter visits it')
  const sheet = await read('Sheet for a conservator (PDF)')
  for (const layer of ['Drawing in', 'Steps and water', 'Evening light', 'What would lift today'])
    expect(sheet).toContain(layer)
})

test('a varnish still owed: agreed, told, done, and its address forgotten', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/clock-mender/finish`)
  const handOver = page.getByRole('region', { name: 'Hand-over' })
  await handOver.getByRole('button', { name: 'It leaves without its varnish' }).click()
  await handOver.getByLabel('How', { exact: true }).selectOption('colleague')
  await handOver.getByLabel('Due', { exact: true }).fill(inDays(8))
  await handOver.getByLabel('Who does it').fill('a colleague in the north')
  await handOver.getByLabel(/^Where, only if/).fill('Lantern Row 4')
  await saved(page)
  await open(page, demo.url)
  await expect(page.getByText(/The clock-mender: its varnish, a colleague does it there/)).toBeVisible()

  await open(page, `${demo.url}/varnish`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    '2 varnishes are owed: The clock-mender',
  )
  await expectNoAxeProblems(page)
  const owed = page.getByRole('list', { name: 'Owed' }).getByRole('listitem')
  await expect(owed.first()).toContainText('Lantern Row 4')
  await open(page, `${demo.url}/paintings/clock-mender/finish`)
  await handOver.getByRole('button', { name: 'Forget the address' }).click()
  await expect(handOver.getByRole('button', { name: 'Forget the address' })).toHaveCount(0)
  await open(page, `${demo.url}/varnish`)
  await expect(owed.first()).not.toContainText('Lantern Row 4')
  await owed.first().getByRole('button', { name: 'Done today' }).click()
  await expect(owed).toHaveCount(1)
  await expect(page.getByRole('list', { name: 'Done' })).toContainText('The clock-mender')

  // Put on record as it goes on, the other is owed no more.
  await open(page, `${demo.url}/paintings/ferry-steps/finish`)
  await page.getByRole('button', { name: 'It is varnished, today' }).click()
  await expect(handOver).toContainText('Done on')
  await saved(page)
  await open(page, `${demo.url}/varnish`)
  await expect(owed).toHaveCount(0)
})

test('the air of a varnishing day in the small room, and the windows that make it do', async ({
  page,
  studio,
}) => {
  await open(page, `${studio.url}/room/air`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('How large is the room?')
  await page.getByLabel('It holds, m³').fill('24')
  await page.getByRole('button', { name: 'varnishing', exact: true }).click()
  await page.getByLabel('Solvent in it, g').fill('60')
  await page.getByLabel('From', { exact: true }).fill('9:30')
  await page.getByLabel(/^Your own limit/).fill('300')
  await expect(page.getByText(/Over 300 mg\/m³: open the window to [\d.]+ changes/)).toBeVisible()
  const heading = page.getByRole('heading', { level: 1 })
  const closed = await heading.textContent()
  await page.getByLabel('For some hours otherwise').selectOption({ label: 'two windows open: 4' })
  await page.getByLabel('Otherwise until').fill('18:30')
  await expect(heading).not.toHaveText(closed!)
  await saved(page)
  await reload(page)
  await expect(page.getByLabel('Otherwise until')).toHaveValue('18:30')
  await page.getByRole('button', { name: 'two windows' }).click()
  await expect(heading).not.toHaveText(closed!)
  await page.getByLabel('A fan takes out, m³ an hour').fill('200')
  await expect(page.getByText('The room stays below 300 mg/m³.')).toBeVisible()
  await saved(page)
  await expectNoAxeProblems(page)
  await reload(page)
  await expect(page.getByLabel('Solvent in it, g')).toHaveValue('60')
  await expect(page.getByLabel('From', { exact: true })).toHaveValue('9:30')
})

test('a day is not closed before its rags', async ({ page, demo }) => {
  await open(page, demo.url)
  await expect(page.getByText(/Not put away since .*oily rags/)).toBeVisible()
  await page.getByRole('link', { name: 'Put it away' }).click()
  await settled(page)
  const still = page.getByRole('region', { name: /^Still about from/ })
  await still.getByRole('checkbox', { name: /^The palette/ }).click()
  await expect(still.getByRole('checkbox', { name: /^The palette/ })).toBeChecked()
  await still.getByRole('button', { name: 'Close the day' }).click()
  await expect(page.getByText(/The day is not put away: oily rags first/).first()).toBeVisible()
  await expectNoAxeProblems(page)
  await still.getByRole('checkbox', { name: /^Rags and paper/ }).click()
  await expect(still.getByRole('checkbox', { name: /^Rags and paper/ })).toBeChecked()
  await still.getByRole('button', { name: 'Close the day' }).click()
  await expect(still).toHaveCount(0)
  await open(page, demo.url)
  await expect(page.getByText(/Not put away since/)).toHaveCount(0)
})

test('a hidden allergen is found, and its replacement taken', async ({ page, demo }) => {
  await open(page, `${demo.url}/room/inside?for=nuts`)
  const mediums = page.getByRole('region', { name: 'Mediums' })
  await expect(mediums).toContainText('Morning oil')
  await expect(page.getByRole('region', { name: 'Tubes' })).toContainText('Studio white')
  await expectNoAxeProblems(page)
  await mediums.getByRole('button', { name: /^Write Morning oil anew with/ }).click()
  await expect(page.getByText(/^Morning oil is written anew/).first()).toBeVisible()
  await open(page, `${demo.url}/mediums`)
  await expect(page.getByRole('link', { name: /^Morning oil, with/ })).toBeVisible()
})

test('acrylic is not begun with a brush of oil, and an old day is looked back on', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/sheds/palette`)
  const now = page.getByRole('region', { name: 'Painted just now' })
  await now.getByLabel('Brushes').selectOption({ label: 'Grey synthetics (acrylic, gouache, casein)' })
  await expect(now.getByRole('status')).toContainText('Grey synthetics is kept for acrylic')
  await now.getByLabel('Brushes').selectOption({ label: 'Hogs 4 to 12 (oil)' })
  await expect(now.getByRole('status')).toHaveCount(0)

  await open(page, `${demo.url}/paintings/salt-pans/record`)
  const life = page.getByRole('region', { name: 'Looked back on' })
  await life
    .getByRole('button', { name: /^As it was on/ })
    .first()
    .click()
  await expect(life.getByRole('list', { name: /^What lay on it/ })).toHaveText(/Gouache start/)
  await open(page, `${demo.url}/used`)
  await page.getByRole('button', { name: 'Harbour glaze', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('“Harbour glaze” is in')
  await page.getByRole('searchbox').fill('stand oil')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/“stand oil” is in \d+ layers/)
  await expect(page.getByRole('list', { name: 'Where it was used' })).toContainText('Salt pans')
})
