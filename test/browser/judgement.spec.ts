import {
  addFirstLayer,
  expect,
  expectNoAxeProblems,
  inDays,
  newPainting,
  open,
  reload,
  saved,
  test,
} from './studio.ts'
import type { Page } from '@playwright/test'

const findings = (page: Page) => page.getByRole('region', { name: 'Findings' })

test('an unsound picture: why, a mend out of several, undone, then taken on knowingly, and spoken of again', async ({
  page,
  studio,
}) => {
  await newPainting(page, studio)
  await addFirstLayer(page)
  const thickness = page.getByLabel('wet thickness', { exact: true })
  await thickness.fill('900')
  await page.keyboard.press('Enter')
  await saved(page)
  await page.getByRole('button', { name: 'Layer on top' }).click()
  await expect(page.getByLabel('Layer', { exact: true })).toHaveValue('Layer 2')
  await thickness.fill('20')
  await page.getByLabel('Planned for').fill(inDays(14))
  await saved(page)
  const top = page.getByText(/Unsound\./).first()
  await expect(top).toBeVisible()

  await page
    .getByRole('button', { name: /^Why: / })
    .first()
    .click()
  await expect(page.getByRole('dialog').getByRole('table')).toBeVisible()
  await page.keyboard.press('Escape')

  const shrinks = findings(page)
    .getByRole('listitem')
    .filter({ hasText: /goes on shrinking after Layer 2/ })
  await shrinks.getByRole('button', { name: /other way|Another way/ }).click()
  const ways = page.getByRole('dialog', { name: 'Ways to mend it' })
  await expect(ways.getByRole('listitem').first()).toContainText(/later|sooner|the picture without it/i)
  await expectNoAxeProblems(page)
  await ways
    .getByRole('listitem')
    .filter({ hasText: /^Leave Layer 2 out/ })
    .getByRole('button')
    .click()
  await expect(page.getByRole('button', { name: /^Layer 2/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: /^Layer 2/ })).toBeVisible()

  const untaken = findings(page).getByRole('button', { name: /^Take it on knowingly/ })
  for (const left of [2, 1]) {
    await expect(untaken).toHaveCount(left)
    await untaken.first().click()
    await page.getByLabel('Because').fill('A trial piece.')
    await page.getByRole('dialog').getByRole('button', { name: 'Take it on', exact: true }).click()
  }
  await expect(untaken).toHaveCount(0)
  await expect(page.getByText(/Sound, but for .* taken on knowingly/)).toBeVisible()
  await saved(page)
  await reload(page)
  await expect(page.getByText(/Sound, but for .* taken on knowingly/)).toBeVisible()
  await expect(findings(page).getByText('A trial piece').first()).toBeVisible()
  const stack = page.url()
  await open(page, `${stack}/record`)
  await expect(page.getByRole('region', { name: 'Taken on knowingly' })).toContainText(
    'Because: A trial piece.',
  )
  await open(page, stack)
  await page.getByRole('button', { name: /^Layer 2/ }).click()
  await thickness.fill('15')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Unsound\./).first()).toBeVisible()
})

test('another school beside its own: what each finds, and why they differ; fat judged five ways on the layer', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  const beside = page.getByRole('region', { name: 'By another school' })
  await beside.getByLabel(/^By glazing, the school it follows/).selectOption('Body-led')
  const stain = beside.getByRole('row').filter({ hasText: /^Stain is 50/ })
  await expect(stain).toContainText('silent')
  await expect(stain).toContainText('Unsound')
  await expect(stain).toContainText(/Glazing: watch over 50.%.*Body-led: watch over 0.%/)
  const five = page.getByRole('table', { name: 'Fat judged five ways' })
  await expect(five.getByRole('row')).toHaveCount(6)
  await expect(five).toContainText('rules')
  await expectNoAxeProblems(page)
})

test('a picture that is finished keeps its practice as it was then', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/quince/record`)
  await page.getByLabel('How far it is').selectOption('Finished')
  await expect(page.getByText(/^Judged by direct as that was when it was finished/)).toBeVisible()
  await saved(page)
  await reload(page)
  await expect(page.getByText(/^Judged by direct as that was when it was finished/)).toBeVisible()
})

test('gone dull: found by plain words, asked what to look at, told what to do, and noted on the record', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/`)
  await page.getByRole('link', { name: 'Something went wrong' }).click()
  await page.getByLabel('In your own words').fill('it looks sunken and grey')
  await expect(page.getByRole('button', { name: /^Gone dull/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Cracked/ })).toHaveCount(0)
  await page.getByRole('button', { name: /^Gone dull/ }).click()
  await page.getByRole('button', { name: 'It comes back' }).click()
  await expect(page.getByRole('heading', { name: /Likely: it has sunk/ })).toBeVisible()
  await expect(page.getByText('Leave alone.')).toBeVisible()
  await expectNoAxeProblems(page)

  await open(page, `${demo.url}/rescue?what=gone-dull&painting=quince`)
  await page.getByLabel('Which layer').selectOption('Dark table')
  await page.getByRole('button', { name: 'It comes back' }).click()
  await expect(page.getByText(/what lies under it drinks its oil/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Note it on the record' }).click()
  await expect(page.getByText('It is on record with the layer.')).toBeVisible()
  await saved(page)
  await reload(page)
  await page.getByLabel('Which layer').selectOption('Dark table')
  await page.getByRole('button', { name: 'It comes back' }).click()
  await expect(page.getByText('It is on record with the layer.')).toBeVisible()
})

test('what is found on a painted layer leads to its rescue', async ({ page, shown }) => {
  await open(page, `${shown.url}/paintings/sheds`)
  await page.getByRole('link', { name: 'Rescue' }).first().click()
  await expect(page).toHaveURL(/rescue\?what=too-fat&painting=sheds/)
  await expect(page.getByLabel('Which layer')).toHaveValue(/sheds/)
})

test('the value budget asks for a swatch, then tells how light it must be underneath', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/glasshouse/palette`)
  await page.getByText('Value budget: how light must it be underneath').click()
  await expect(page.getByText('Read a swatch of it first.')).toBeVisible()
  await page.getByLabel('The white').fill('9.5')
  await page.getByLabel('It, over that white').fill('8.5')
  await page.getByLabel('So many glazes of it').fill('2')
  await page.keyboard.press('Tab')
  await expect(
    page.getByText(/^It must be value \d\.\d underneath, no darker, to end at value 5\.0/),
  ).toBeVisible()
  await expect(page.getByRole('list', { name: 'Before and after' }).getByRole('listitem')).toHaveCount(3)
  await page.getByLabel('Or read the place off a photograph').selectOption({ index: 1 })
  await page.getByAltText(/tap the place/).click({ position: { x: 90, y: 120 } })
  await expect(page.getByLabel('The place now')).not.toHaveValue('7')
  await expectNoAxeProblems(page)
  await saved(page)
  await reload(page)
  await page.getByText('Value budget: how light must it be underneath').click()
  await expect(page.getByLabel('It, over that white')).toHaveValue('8.5')
})

test('what a cleaner would lift, by solvent and part of the picture, stands on the record', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/clock-mender/record`)
  const lift = page.getByRole('region', { name: 'What would lift' })
  await expect(lift.getByRole('row')).toHaveCount(6)
  await expect(lift.getByRole('columnheader', { name: 'head' })).toBeVisible()
  await expect(lift).toContainText('Drawing in')
  await expectNoAxeProblems(page)
})
