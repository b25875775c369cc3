import {
  addFirstLayer,
  expect,
  expectNoAxeProblems,
  newPainting,
  open,
  reload,
  saved,
  test,
} from './studio.ts'
import type { Page } from '@playwright/test'

/** Adds a layer on top and describes it. */
async function newLayer(page: Page, name: string, thickness: string, area?: string): Promise<void> {
  await page.getByRole('button', { name: 'Layer on top' }).click()
  await expect(page.getByLabel('Layer', { exact: true })).toHaveValue(/^Layer \d$/)
  await page.getByLabel('Layer', { exact: true }).fill(name)
  await page.getByLabel('wet thickness', { exact: true }).fill(thickness)
  if (area) {
    await page.getByLabel('A new part of the picture').fill(area)
    await page.getByRole('button', { name: 'Add this part' }).click()
    await expect(page.getByRole('checkbox', { name: area })).toBeChecked()
  }
  await saved(page)
}

test('two parts over one ground colour are built, judged apart, painted, corrected and undone', async ({
  page,
  studio,
}) => {
  await newPainting(page, studio)
  await addFirstLayer(page)
  await page.getByLabel('Layer', { exact: true }).fill('Ground colour')
  await page.getByLabel('wet thickness', { exact: true }).fill('60')
  await saved(page)
  await newLayer(page, 'Sky', '1500', 'sky')
  await newLayer(page, 'Boat', '20', 'boat')

  const core = (name: string) => page.getByRole('button', { name: new RegExp(`^${name}: `) })
  const rows = (name: string) =>
    page.getByRole('list', { name: `Layers in the ${name}, surface first` }).getByRole('listitem')
  await core('boat').click()
  await expect(rows('boat')).toHaveText([/Boat/, /Ground colour/])
  await core('sky').click()
  await expect(rows('sky')).toHaveText([/Sky/, /Ground colour/])

  await page.getByRole('button', { name: /^Ground colour/ }).click()
  await page.getByRole('button', { name: 'Painted just now' }).click()
  await expect(page.getByText('laid on')).toBeVisible()
  await expect(
    page.getByText(/^Figures are those in the sky, where it is the last to become firm/),
  ).toBeVisible()
  const firm = page.getByRole('button', { name: /^firm after/ })
  const underSky = await firm.textContent()
  await core('boat').click()
  await page.getByRole('button', { name: /^Ground colour/ }).click()
  await expect(firm).not.toHaveText(underSky!)
  await page.getByRole('button', { name: /^Boat/ }).click()
  await expect(page.getByText(/^no date|^Figures are those in the boat/)).toBeVisible()

  // What was used is on record; it is put right, and what was said before stays beside it.
  await page.getByRole('button', { name: /^Ground colour/ }).click()
  await page.getByRole('button', { name: 'Correct what was used' }).click()
  await page.getByLabel('wet thickness', { exact: true }).fill('90')
  await expect(page.getByRole('button', { name: /^dry: 90 µm/ })).toBeVisible()
  await expectNoAxeProblems(page)
  await page.getByRole('button', { name: 'Leave it as it was' }).click()
  await expect(page.getByText('60 µm wet', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Correct what was used' }).click()
  await page.getByLabel('wet thickness', { exact: true }).fill('90')
  await page.getByRole('button', { name: 'Save the correction' }).click()
  await expect(page.getByText('90 µm wet', { exact: true })).toBeVisible()
  const before = page.getByRole('region', { name: 'Corrections' })
  await expect(before).toContainText('laid on 60 µm wet')
  await reload(page)
  await core('boat').click()
  await page.getByRole('button', { name: /^Ground colour/ }).click()
  await expect(page.getByText('90 µm wet', { exact: true })).toBeVisible()
  await expect(before).toContainText('laid on 60 µm wet')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('60 µm wet', { exact: true })).toBeVisible()
  await expect(before).toHaveCount(0)

  // A touch test that was wrong is taken out, after a reload too; then that it was painted at all.
  await page.getByRole('button', { name: 'Touch test' }).click()
  await page.getByRole('button', { name: 'nail leaves no mark' }).click()
  await page.getByRole('button', { name: 'It is: write it down' }).click()
  const tests = page.getByRole('region', { name: 'Touch tests' })
  await expect(tests).toContainText('fingernail, firm, no mark')
  await reload(page)
  await core('boat').click()
  await page.getByRole('button', { name: /^Ground colour/ }).click()
  await page.getByRole('button', { name: 'It was not painted' }).click()
  await expect(page.getByText('Ground colour has a touch test, so it was painted.')).toBeVisible()
  await tests.getByRole('button', { name: /^Take back the touch test/ }).click()
  await expect(tests).toHaveCount(0)
  await page.getByRole('button', { name: 'It was not painted' }).click()
  await expect(page.getByRole('button', { name: 'Painted just now' })).toBeVisible()
  await expect(before).toContainText('which was taken back')
})

test('the drawing is told as a table too, area by area', async ({ page, shown }) => {
  await open(page, `${shown.url}/paintings/clock-mender`)
  await page.getByText('The same as a table').click()
  for (const area of ['head', 'waistcoat', 'the rest']) {
    const table = page.getByRole('table', { name: new RegExp(`^${area}, surface first`) })
    await expect(table.getByRole('row').last()).toContainText('Drawing in')
    await expect(table.getByRole('columnheader').first()).toHaveText('Layer')
  }
  await expect(page.getByRole('table', { name: /^head/ }).getByRole('row')).toHaveCount(5)
  await expectNoAxeProblems(page)
})

test('a practice is changed to one’s own limits, judged by, and put back as it was shipped', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/studio`)
  const practices = page.getByRole('region', { name: 'Practices' })
  await practices.getByLabel('Practice', { exact: true }).selectOption('Glazing')
  await practices.getByRole('button', { name: 'Change its limits' }).click()
  const between = practices.getByText(/^Between layers/)
  await between.click()
  const oilStep = practices.getByLabel(/^step down in oil content.*counts/)
  await expect(oilStep).toHaveValue('3')
  await oilStep.fill('20')
  await saved(page)
  await expectNoAxeProblems(page)
  await open(page, `${demo.url}/paintings/glasshouse`)
  await expect(page.getByText('Every layer is sound over what lies under it.')).toBeVisible()
  await open(page, `${demo.url}/studio`)
  await practices.getByLabel('Practice', { exact: true }).selectOption('Glazing')
  await between.click()
  await expect(oilStep).toHaveValue('20')
  await practices
    .getByRole('button', { name: /^step down in oil content.*back to the starting value/ })
    .click()
  await expect(oilStep).toHaveValue('3')
  await practices.getByRole('button', { name: 'Back to how it was shipped' }).click()
  await expect(practices.getByRole('button', { name: 'Change its limits' })).toBeVisible()
  await open(page, `${demo.url}/paintings/glasshouse`)
  await expect(page.getByText(/Sunlight scumble is leaner than First glaze/).first()).toBeVisible()
})
