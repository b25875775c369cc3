import {
  addFirstLayer,
  choose,
  expect,
  expectNoAxeProblems,
  newPainting,
  open,
  reload,
  saved,
  test,
} from './studio.ts'
import type { Page } from '@playwright/test'
import sharp from 'sharp'

/** Adds something that happens to the picture, of this kind, and gives it a name. */
async function happens(page: Page, kind: string, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Something else' }).click()
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${kind}`) })
    .click()
  await expect(page.getByLabel('Layer', { exact: true })).toHaveValue(kind === 'Paint' ? /^Layer \d/ : kind)
  await page.getByLabel('Layer', { exact: true }).fill(name)
  await saved(page)
}

const rows = (page: Page, area: string) =>
  page.getByRole('list', { name: new RegExp(`^Layers in the ${area}`) }).getByRole('listitem')

test('an acrylic start, an isolating coat, and a glaze wiped off in one of two parts; any day seen; all undone', async ({
  page,
  studio,
}) => {
  await newPainting(page, studio)
  await happens(page, 'Waterborne underpainting', 'Ground tone')
  await happens(page, 'Isolating coat', 'Isolation')
  await expect(page.getByRole('region', { name: 'Isolating plan' })).toContainText('Paint from')
  await expectNoAxeProblems(page)
  await happens(page, 'Glaze', 'Blue')
  await page.getByLabel('A new part of the picture').fill('sky')
  await page.getByRole('button', { name: 'Add this part' }).click()
  await page.getByLabel('A new part of the picture').fill('sea')
  await page.getByRole('button', { name: 'Add this part' }).click()
  await saved(page)
  await page.getByRole('button', { name: /^sky: / }).click()
  await happens(page, 'Wiped off', 'Wiped')
  await expect(page.getByRole('checkbox', { name: 'sky' })).toBeChecked()
  await saved(page)

  await expect(rows(page, 'sky')).toHaveText([/Wiped/, /Blue/, /Isolation/, /Ground tone/])
  await expect(rows(page, 'sky').nth(1)).toContainText('taken off')
  await page.getByRole('button', { name: /^sea: / }).click()
  await expect(rows(page, 'sea')).toHaveText([/Blue/, /Isolation/, /Ground tone/])
  await expect(rows(page, 'sea').first()).not.toContainText('taken off')

  // The section on another day: what will be there then, and what may be done.
  const handle = page.getByRole('slider', { name: 'The section on another day' })
  await handle.focus()
  for (let day = 0; day < 9; day++) await page.keyboard.press('ArrowRight')
  const told = page.getByText(/It is wet somewhere|It may be shown|Painted by then/).first()
  await expect(told).toBeVisible()
  await page.getByLabel('The section on this day').fill('2029-03-01')
  await expect(page.getByText(/Any final varnish may go on/)).toBeVisible()
  await expect(rows(page, 'sea')).toContainText(['cured', 'cured', 'dry'])
  await page.getByRole('button', { name: 'Back to today' }).click()
  await expect(page.getByText(/^Drag to see the section/)).toBeVisible()
  await expect(rows(page, 'sea').first()).not.toContainText('cured')

  await reload(page)
  await page.getByRole('button', { name: /^sky: / }).click()
  await expect(rows(page, 'sky')).toHaveText([/Wiped/, /Blue/, /Isolation/, /Ground tone/])
  // Each step is taken back, the latest first.
  const undo = page.getByRole('button', { name: 'Undo' })
  for (let step = 0; step < 12; step++) {
    if (!(await page.getByRole('button', { name: /^sky: / }).isVisible())) break
    await undo.click()
    await saved(page)
  }
  await expect(page.getByRole('button', { name: /^sky: / })).toHaveCount(0)
  await expect(page.getByRole('button', { name: /^Ground tone/ })).toBeVisible()
})

test('an old picture as ground blocks until its varnish is off and it has a tooth, as its own record tells', async ({
  page,
  demo,
}) => {
  const stack = await newPainting(page, demo)
  await addFirstLayer(page)
  await open(page, `${stack}/record`)
  await page.getByRole('button', { name: 'It is painted over an old picture' }).click()
  await saved(page)
  await expectNoAxeProblems(page)
  await open(page, stack)
  await expect(page.getByText(/would lie on the varnish of the old picture/).first()).toBeVisible()

  await open(page, `${stack}/record`)
  await choose(page, 'Its own record, if it has one', 'Quince and pewter')
  await expect(page.getByRole('checkbox', { name: 'It is varnished' })).not.toBeChecked()
  await expect(page.getByText('Now give it a tooth, and say so here.')).toBeVisible()
  await saved(page)
  await open(page, stack)
  await expect(page.getByText(/would not take hold of the old picture/).first()).toBeVisible()
  await open(page, `${stack}/record`)
  await page.getByLabel('Prepared').selectOption('wet-scuff')
  await saved(page)
  await reload(page)
  await expect(page.getByLabel('Prepared')).toHaveValue('wet-scuff')
  await open(page, stack)
  await expect(page.getByText(/over an old picture/)).toBeVisible()
  await expect(page.getByText(/the old picture[:.]/)).toHaveCount(0)
})

test('a layer that came out fatter than planned raises the one above it, in one tap and back in one', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/clock-mender`)
  await page.getByRole('button', { name: /^First flesh/ }).click()
  await page.getByRole('button', { name: 'Painted just now' }).click()
  await page.getByRole('button', { name: 'Correct what was used' }).click()
  const parts = page.getByRole('textbox', { name: 'parts', exact: true }).first()
  await parts.fill('1.6')
  await page.getByRole('button', { name: 'Save the correction' }).click()
  const planned = page.getByRole('region', { name: 'Planned and done' })
  await expect(planned).toContainText('It came out fatter')
  await expect(planned).toContainText(/Second flesh is raised from [\d.]+\s% to [\d.]+\s% oil/)
  await planned.getByRole('button', { name: /^Raise/ }).click()
  await expect(planned.getByRole('button', { name: /^Raise/ })).toHaveCount(0)
  await saved(page)
  await reload(page)
  await page.getByRole('button', { name: /^First flesh/ }).click()
  await expect(planned).toContainText('It came out fatter')
  await expect(planned.getByRole('button', { name: /^Raise/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(planned.getByRole('button', { name: /^Raise/ })).toBeVisible()
  // The layer to be raised says so too.
  await page.getByRole('button', { name: /^Second flesh/ }).click()
  await expect(planned).toContainText('Second flesh is raised')
  await planned.getByRole('button', { name: /^Raise/ }).click()
  await expect(planned).toHaveCount(0)
})

test('half acrylic: one head in oil is isolated past its edge; what goes on it is fat, and no water after it', async ({
  page,
  studio,
}) => {
  const stack = await newPainting(page, studio)
  await open(page, `${stack}/record`)
  await page.getByLabel('Width, cm').fill('40')
  await page.getByLabel('Height, cm').fill('50')
  await page.getByRole('button', { name: 'a part', exact: true }).click()
  await page.getByLabel('part 1, share of the picture').fill('20')
  await saved(page)
  await page.getByLabel('Name of part 1').fill('head')
  await saved(page)
  await open(page, stack)
  await happens(page, 'Waterborne underpainting', 'Flat acrylic')
  const halo = page.getByText(/creeps 1 to 3 mm past its edge into Flat acrylic/).first()
  await happens(page, 'Isolating coat', 'Coat')
  await page.getByRole('checkbox', { name: 'head' }).check()
  await saved(page)
  const plan = page.getByRole('region', { name: 'Isolating plan' })
  await expect(plan).toContainText(/yellows and is a fat layer of its own/)
  await expect(plan).toContainText(/at most \d+ drops? in all, half its dose/)
  // 40 × 50 cm, a fifth of it, and 10 mm all round: 484 cm² at 25 ml on a square metre.
  await expect(page.getByText('1.2 ml for where it goes.')).toBeVisible()
  await happens(page, 'Paint', 'Head')
  await page.getByRole('checkbox', { name: 'head' }).check()
  await saved(page)
  await expect(halo).toHaveCount(0)
  await expect(page.getByText(/Head is leaner than Coat under it/).first()).toBeVisible()
  await page.getByRole('button', { name: /^Coat/ }).click()
  await page.getByLabel('past every edge, mm').fill('0')
  await saved(page)
  await expect(halo).toBeVisible()
  await happens(page, 'Gouache', 'Line')
  await expect(page.getByText(/Water-based Line does not hold on the oil of Head/).first()).toBeVisible()
})

test('a picture is photographed along its life: each with its day and what it shows, none lost to the next', async ({
  page,
  studio,
}) => {
  const stack = await newPainting(page, studio)
  await open(page, `${stack}/record`)
  const shot = (name: string, background: string) =>
    sharp({ create: { width: 300, height: 200, channels: 3, background } })
      .png()
      .toBuffer()
      .then((buffer) => ({ name, mimeType: 'image/png', buffer }))
  const camera = page.getByLabel('Photograph it as it is now')
  const life = page.getByRole('region', { name: 'Its life' })
  const [morning, evening] = [await shot('morning.png', '#b98'), await shot('evening.png', '#654')]
  await camera.setInputFiles(morning)
  await camera.setInputFiles(evening)
  await expect(life.getByRole('img')).toHaveCount(2)
  await expect(page.getByLabel('The map is drawn on')).not.toHaveValue('')
  await camera.setInputFiles(morning)
  await expect(page.getByText('That photograph is here already.', { exact: true })).toBeVisible()
  await life
    .getByLabel(/^Day of the photograph/)
    .first()
    .fill('2026-01-12')
  await life.getByLabel('What the photograph of 12 Jan 2026 shows').fill('the bare ground')
  await saved(page)
  await camera.setInputFiles({ name: 'note.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') })
  await expect(page.getByText(/^That is no photograph this program can read/)).toBeVisible()

  await reload(page)
  await expect(life.getByRole('img')).toHaveCount(2)
  await expect(life.getByLabel('What the photograph of 12 Jan 2026 shows')).toHaveValue('the bare ground')
  await expectNoAxeProblems(page)
  await life.getByRole('button', { name: 'Take out the photograph of 12 Jan 2026' }).click()
  await expect(life.getByRole('img')).toHaveCount(1)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(life.getByRole('img')).toHaveCount(2)
})

test('parts of a picture are drawn over its photograph, by hand and by numbers, and measured', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/sheds/record`)
  await page.getByRole('button', { name: 'a part' }).click()
  await page.getByLabel('Name of part 1').fill('roofs')
  await page.getByRole('button', { name: 'a box by numbers' }).click()
  const box = page.getByRole('dialog')
  for (const [side, percent] of [
    ['left', '0'],
    ['top', '0'],
    ['width', '50'],
    ['height', '40'],
  ] as const)
    await box.getByRole('textbox', { name: `${side} of the box, %` }).fill(percent)
  await box.getByRole('button', { name: /^Add the box/ }).click()
  await expect(page.getByText('20 % of it, measured')).toBeVisible()

  await page.getByRole('button', { name: 'a part' }).click()
  await page.getByRole('button', { name: 'Draw a box' }).click()
  const map = page.locator('.konvajs-content')
  await map.scrollIntoViewIfNeeded()
  const { x, y, width, height } = (await map.boundingBox())!
  await page.mouse.move(x + 2, y + 0.5 * height)
  await page.mouse.down()
  await page.mouse.move(x + 0.5 * width, y + 0.75 * height, { steps: 5 })
  await page.mouse.move(x + width - 1, y + height - 1, { steps: 5 })
  await page.mouse.up()
  await expect(page.getByText(/^(49|50)(\.\d)?\s% of it, measured/)).toBeVisible()
  await saved(page)
  await reload(page)
  await expect(page.getByLabel('Name of roofs')).toHaveValue('roofs')
  await expect(page.getByText('20 % of it, measured')).toBeVisible()
  await expectNoAxeProblems(page)
  await open(page, `${demo.url}/paintings/sheds`)
  await expect(page.getByRole('button', { name: /^roofs: / })).toBeVisible()
})

test('at the easel a sitting is written down in three taps, a further pass as part of the same film', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await open(page, `${demo.url}/paintings/clock-mender/palette`)
  await page.getByRole('button', { name: 'head', exact: true }).click()
  await page.getByRole('button', { name: 'First flesh: painted just now' }).click()
  await page.getByRole('button', { name: 'A further pass, painted just now' }).click()
  await expect(page.getByRole('heading', { name: 'First flesh, next pass' })).toBeVisible()
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, `${demo.url}/paintings/clock-mender`)
  const list = rows(page, 'head')
  await expect(list.filter({ hasText: 'First flesh' })).toHaveCount(1)
  await expect(list.filter({ hasText: 'First flesh' })).toContainText('2 passes')
})

test('how thick a layer really is: spread with a card, from a comb on the dry film', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/glasshouse`)
  await page.getByRole('button', { name: 'How thick really?' }).click()
  const card = page.getByRole('region', { name: 'Spread with a card' })
  await expect(card.getByRole('button')).toHaveText('Take it: 100 µm wet, 100 µm dry')
  await card.getByRole('textbox', { name: 'paint spread, ml' }).fill('1')
  await card.getByRole('button').click()
  await expect(page.getByLabel('wet thickness', { exact: true })).toHaveValue('50')
})

test('a picture keeps where it stands, for whom and by when, and is found by it', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/sheds/record`)
  await page.getByLabel('Where it stands').fill('loft, behind the press')
  await page.getByLabel('How far it is').selectOption('resting')
  await page.getByRole('button', { name: 'a date' }).click()
  await page.getByLabel('Day it is shown').fill('2031-05-02')
  await saved(page)
  await reload(page)
  await expect(page.getByText(/^Resting, loft, behind the press/)).toBeVisible()
  await open(page, `${demo.url}/paintings`)
  const list = page.getByRole('list').filter({ has: page.getByRole('link', { name: /Allotment/ }) })
  await page.getByRole('searchbox').fill('behind the press')
  await expect(list.getByRole('listitem')).toHaveCount(1)
  await page.getByRole('searchbox').fill('')
  await page.getByLabel('How far they are').selectOption('resting')
  await expect(list.getByRole('listitem')).toHaveCount(2)
  await expect(list.getByRole('listitem').first()).toContainText('Shown 2 May 2031')
})
