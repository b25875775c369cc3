import { expect, hold, open, reload, saved, settled, test } from './studio.ts'

test('a layer is moved, and moved back, by the keyboard alone', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/clock-mender`)
  const names = page.getByRole('list', { name: 'Layers in the head, surface first' }).getByRole('listitem')
  await expect(names.first()).toContainText('Second flesh')
  const handle = page.getByRole('button', { name: 'Move Second flesh' })
  await expect(handle).toHaveAttribute('aria-roledescription', 'sortable')
  await handle.focus()
  const spoken = page.getByRole('status').filter({ hasText: /^Second flesh is/ })
  await page.keyboard.press('Space')
  await expect(spoken).toContainText('at place 1 of 4')
  await page.keyboard.press('ArrowDown')
  await expect(spoken).toHaveText('Second flesh is held at place 2 of 4.')
  // What is painted keeps its place: nothing goes under it, and it cannot be picked up.
  await expect(page.getByRole('button', { name: 'Move Dead colour' })).toHaveCount(0)
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await expect(spoken).toHaveText('Second flesh is put down, at place 2 of 4.')
  await expect(names.first()).toContainText('First flesh')
  await page.keyboard.press('Control+z')
  await expect(names.first()).toContainText('Second flesh')
})

test('a number is asked why, and answered, without a mouse; focus comes back to it', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  const fat = page.getByRole('button', { name: /fat over what the powder needs/ })
  await fat.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog', { name: 'Why: How fat' })).toContainText('Just bound is 1')
  await page.keyboard.press('Escape')
  await expect(fat).toBeFocused()
})

test('the night theme stays for the next page and the next visit', async ({ page, shown }) => {
  await open(page, shown.url)
  await page.getByRole('button', { name: 'Night' }).click()
  await open(page, `${shown.url}/paintings`)
  await expect(page.getByRole('button', { name: 'Night' })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Night' }).click()
})

test('a colder room moves the dates of every picture, and warming it brings them back', async ({
  page,
  demo,
}) => {
  const sheds = page.getByRole('listitem').filter({ hasText: 'Allotment sheds in frost' })
  await open(page, demo.url)
  const warm = await sheds.textContent()
  await open(page, `${demo.url}/studio`)
  await page.getByLabel('Temperature, °C').fill('11,5')
  await saved(page)
  await open(page, demo.url)
  await expect(sheds).not.toHaveText(warm!)
  await expect(page.getByText(/^The first \d+ of/)).toHaveCount(0)
  await open(page, `${demo.url}/studio`)
  await page.getByLabel('Temperature, °C').fill('50')
  await expect(page.getByRole('alert').filter({ hasText: 'Between 5 and 35 °C.' })).toBeVisible()
  await page.getByLabel('Temperature, °C').fill('19')
  await saved(page)
  await open(page, demo.url)
  await expect(sheds).toHaveText(warm!)
})

test('a removed painting is back whole after one undo', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/sheds`)
  const layers = page.getByRole('list', { name: 'Layers, surface first' }).getByRole('listitem')
  const before = await layers.allTextContents()
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await page.getByRole('button', { name: 'Remove painting' }).click()
  await page.waitForURL(/paintings/)
  await settled(page)
  await expect(page.getByRole('link', { name: /Allotment sheds/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(page.getByRole('link', { name: /Allotment sheds/ })).toBeVisible()
  await open(page, `${demo.url}/paintings/sheds`)
  expect(await layers.allTextContents()).toEqual(before)
})

test('an empty studio says where to begin, on every page', async ({ page, studio }) => {
  await open(page, `${studio.url}/batches`)
  await expect(page.getByText(/^No batch is made yet/)).toBeVisible()
  await open(page, `${studio.url}/shelf`)
  await page.getByRole('searchbox').fill('nothing of the kind')
  await expect(page.getByText('Nothing on the shelf does all of that. Take a word away.')).toBeVisible()
})

test('what is typed before a part of the page has come stays, and so does the place one types at', async ({
  page,
  demo,
}) => {
  const listComes = await hold(page, /ChooserList/)
  await open(page, `${demo.url}/mediums/morning-oil`)
  const material = page.getByRole('combobox', { name: 'Material, line 1' })
  const chosen = await material.inputValue()
  await material.fill('walnut o')
  listComes()
  await expect(page.getByRole('option', { name: 'Walnut oil' }).first()).toBeVisible()
  await expect(material).toBeFocused()
  await page.keyboard.type('il')
  await expect(material).toHaveValue('walnut oil')
  await page.keyboard.press('Escape')
  await expect(material).toHaveValue(chosen)

  const draggingComes = await hold(page, /Sorter/)
  await reload(page)
  const amount = page.getByLabel('Amount, line 1')
  await amount.fill('77 ')
  draggingComes()
  await expect(page.locator('[aria-roledescription="sortable"]').first()).toBeVisible()
  await expect(amount).toBeFocused()
  await expect(amount).toHaveValue('77 ')
})

test('what is typed before the page answers is saved like anything else', async ({ page, demo }) => {
  const pageAnswers = await hold(page, /_astro\/client\./)
  await page.goto(`${demo.url}/mediums/morning-oil`, { waitUntil: 'commit' })
  const name = page.getByLabel('Name of the medium')
  const amount = page.getByLabel('Amount, line 1')
  const second = page.getByLabel('Amount, line 2')
  await page.getByLabel('Note').fill('typed early')
  await amount.fill('44 ml')
  await second.fill('5 ml')
  await name.fill('Morning oil, early')
  const sent = page.waitForRequest((request) => request.method() === 'PUT')
  pageAnswers()
  await sent
  await saved(page)
  await expect(name).toBeFocused()
  await reload(page)
  await expect(page.getByLabel('Note')).toHaveValue('typed early')
  await expect(amount).toHaveValue('44 ml')
  await expect(second).toHaveValue('5 ml')
  await expect(name).toHaveValue('Morning oil, early')
})

test('what is chosen and pressed before the page answers is done once it does', async ({ page, demo }) => {
  const benchAnswers = await hold(page, /_astro\/client\./)
  await page.goto(`${demo.url}/mediums/harbour-glaze`, { waitUntil: 'commit' })
  const lines = page.getByLabel(/^Amount, line/)
  await expect(lines.first()).toBeVisible()
  const before = await lines.count()
  await page.getByLabel('Amount of the new line').fill('3 g')
  await page.getByRole('button', { name: 'Remove line 3' }).click()
  await page.getByText('What was done').click()
  benchAnswers()
  await expect(lines).toHaveCount(before - 1)
  await expect(page.getByLabel('Amount of the new line')).toHaveValue('3 g')
  await saved(page)
  await expect(page.getByRole('button', { name: 'Take back: Changed medium Harbour glaze' })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(lines).toHaveCount(before)

  const stackAnswers = await hold(page, /_astro\/client\./)
  await page.goto(`${demo.url}/paintings/clock-mender`, { waitUntil: 'commit' })
  await page.getByLabel('How thick', { exact: true }).selectOption('impasto')
  stackAnswers()
  await expect(page.getByLabel('wet thickness', { exact: true })).toHaveValue('600')
  await saved(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('How thick', { exact: true })).not.toHaveValue('impasto')
})

test('what went wrong may be said before the page answers', async ({ page, shown }) => {
  const pageAnswers = await hold(page, /_astro\/client\./)
  await page.goto(`${shown.url}/rescue`, { waitUntil: 'commit' })
  await page.getByLabel('In your own words').fill('it looks sunken and grey')
  pageAnswers()
  await expect(page.getByRole('button', { name: /^Cracked/ })).toHaveCount(0)
  await expect(page.getByRole('button', { name: /^Gone dull/ })).toBeVisible()
})
