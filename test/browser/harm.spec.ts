import { choose, expect, expectNoAxeProblems, open, saved, test } from './studio.ts'

/** What a painter was once told wrongly, and what may never be told again. */

test('no oil that never dries and no more silica than can be stirred comes out of a design; its dust is warned of', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/mediums/design`)
  await choose(page, 'Nearest to', 'Harbour glaze')
  await page.getByLabel('Body', { exact: true }).selectOption('gel')
  await page.getByLabel('Solvent', { exact: true }).selectOption('none')
  const found = page.getByRole('region', { name: 'The recipe' })
  await expect(found.getByRole('heading', { name: /of Harbour glaze by mass changes/ })).toBeVisible()
  await expect(found.getByText(/Gum turpentine|Olive|Rapeseed|high-oleic/)).toHaveCount(0)
  for (const amount of await found.getByRole('row', { name: /Fumed silica|Organ/ }).allTextContents())
    expect(Number(/([\d.]+) g/.exec(amount)![1])).toBeLessThanOrEqual(3)
  await expect(found.getByText(/Most before it is watched/)).toBeVisible()
  await page.getByText(/What may go in/).click()
  await expect(page.getByLabel(/^Olive oil/)).not.toBeChecked()
  await expect(page.getByText('(only if asked: it never dries)').first()).toBeVisible()
})

test('a medium of olive oil is refused in the first line, and no dose of it is given', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/mediums/morning-oil`)
  await choose(page, 'Material, line 1', 'Olive oil')
  await page.getByRole('button', { name: 'Remove line 2' }).click()
  await expect(
    page.getByRole('alert').filter({ hasText: 'never dries (Olive oil): do not use it' }),
  ).toBeVisible()
  await expect(page.getByText(/^No dose is given\./)).toBeVisible()
  await expect(page.getByText(/Most before it is watched/)).toHaveCount(0)
})

test('how much of a medium is one figure on the bench, beside another and on the scale', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/mediums/morning-oil`)
  await expect(page.getByText(/Most before it is watched: 1 part to 3 of paint/)).toBeVisible()
  await open(page, `${demo.url}/mediums/compare?a=morning-oil&b=harbour-glaze`)
  const row = page.getByRole('row', { name: /Most before it is watched/ })
  await expect(row).toContainText(/25.%, that is 1.:.3/)
  await open(page, `${demo.url}/mediums/morning-oil/make`)
  await page.getByRole('button', { name: 'Begin the batch' }).click()
  await page.waitForURL(/batches\/.+/)
  await page.getByRole('button', { name: 'Weigh', exact: true }).click()
  await page.getByLabel('or typed, g').fill('20')
  await page.getByRole('button', { name: 'Write down what is typed' }).click()
  await expect(
    page.getByText(/As it stands: at most 1.:.3 of paint in titanium white on cloth/),
  ).toBeVisible()
})

test('what the room forbids is told on the layer still to be painted and where the medium is made', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/studio`)
  await expect(page.getByText('This room forbids')).toBeVisible()
  await page.getByLabel('solvent', { exact: true }).check()
  await page.getByLabel('nuts (walnut)', { exact: true }).check()
  await saved(page)
  await open(page, `${demo.url}/paintings/glasshouse`)
  await expect(page.getByText(/Sunlight scumble: not in this room\. Walnut/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Do that' }).first().click()
  await expect(page.getByText(/Sunlight scumble: not in this room/)).toHaveCount(0)
  await open(page, `${demo.url}/mediums/harbour-glaze/make`)
  await expect(page.getByRole('alert').filter({ hasText: 'Not in this room: Gum turpentine' })).toBeVisible()
  for (const list of ['/mediums', '/batches']) {
    await open(page, demo.url + list)
    await expect(page.getByRole('link', { name: /^Harbour glaze.*not in this room/ })).toBeVisible()
  }
})

test('a painting warns of all that is in it: its mediums, the oil of its tubes, each harm in its own sentence', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  const cautions = page.getByRole('list', { name: 'Cautions' })
  await expect(cautions).toContainText('sensitise')
  await expect(cautions).toContainText('Manganese')
  await expect(cautions).toContainText('Walnut is an allergen')
  await expect(cautions).toContainText('never put solvent on heat')
  await open(page, `${shown.url}/batches/egg-2#record`)
  await expect(page.getByRole('list', { name: 'Cautions' })).toContainText('Egg: keep it cold')
  await expect(page.getByText(/Look for smell, mould and separation every day/)).toBeVisible()
})

test('words, keys and the science are pages, and a why leads to them', async ({ page, shown }) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  await page.getByRole('button', { name: 'Why: Fat over lean' }).first().click()
  await page.getByRole('dialog').getByRole('link', { name: 'How it is reckoned' }).click()
  await page.waitForURL(/science#6-soundness/)
  await expect(page.getByRole('heading', { name: '6. Soundness' })).toBeInViewport()
  await expectNoAxeProblems(page)
  await page.getByRole('link', { name: 'Words and keys' }).click()
  await expect(page.getByRole('heading', { name: 'Keys', exact: true })).toBeVisible()
  await expectNoAxeProblems(page)
  const gone = await page.goto(`${shown.url}/paintings/nope`)
  expect(gone?.status()).toBe(404)
  await expect(page.getByText('There is nothing here by that address.')).toBeVisible()
})
