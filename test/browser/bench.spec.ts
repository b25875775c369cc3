import { away, choose, expect, newMedium, open, reload, saved, test } from './studio.ts'

test('a recipe with spoons and drops is read three ways, with filler and without, and as a range where a product is known only so', async ({
  page,
  demo,
}) => {
  await newMedium(page, demo, [
    ['2 tbsp', 'Stand oil'],
    ['1/3 cup', 'Damar resin'],
    ['20 drops', 'Walnut oil'],
    ['10 g', 'Marble dust'],
    ['5 g', 'Gel from the harbour market'],
  ])
  const resin = page.getByRole('region', { name: 'What it really is' }).getByRole('row', { name: /^resin/ })
  await expect(resin).toHaveText(/resin6\d.%5\d.*%/)
  const counted = await resin.textContent()
  await page.getByRole('button', { name: 'without filler' }).click()
  await expect(resin).not.toHaveText(counted!)
  await expect(page.getByRole('columnheader', { name: /Dried/ })).toContainText(
    'of the dried film by true volume, filler not counted',
  )
  await expect(page.getByRole('row', { name: /^alkyd/ })).toHaveText(/–/)
  // The walnut oil's dropper is counted: no warning of half to double for it.
  await expect(page.getByText(/drops of Walnut oil are anything/)).toHaveCount(0)
  await saved(page)
  await page.getByRole('button', { name: 'Move line 2 up' }).click()
  await expect(page.getByLabel('Amount, line 1')).toHaveValue(/cup/)
  await saved(page)
  await reload(page)
  await expect(page.getByLabel('Amount, line 1')).toHaveValue(/cup/)
})

test('what is slow to come from the studio keeps its place in the recipe, and is counted once it is here', async ({
  page,
  demo,
}) => {
  const isBack = await away(page, /api\/mediums\/[^/]+$/)
  await newMedium(page, demo, [
    ['2 tbsp', 'Morning oil'],
    ['10 g', 'Marble dust'],
  ])
  await expect(page.getByRole('combobox', { name: 'Material, line 1' })).toHaveValue('Morning oil')
  await expect(page.getByText('coming from the studio; counted once it is here')).toBeVisible()
  await isBack()
  await expect(page.getByRole('combobox', { name: 'Material, line 2' })).toHaveValue('Marble dust')
  await expect(page.getByText('30 ml of material')).toBeVisible()
})

test('the most of a medium is told in parts, in ml and of the mix, and typing one basis of a dose sets the others', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/mediums/harbour-glaze`)
  await expect(
    page.getByText(
      /Most before it is watched: 1 part to 1\.7 of paint by volume, that is 6 ml to 10 ml of paint; 37.% of the mix/,
    ),
  ).toBeVisible()
  await page.getByLabel('on the paint, by volume', { exact: true }).fill('25')
  await expect(page.getByLabel('of the mix, by volume', { exact: true })).toHaveValue('20')
  await expect(page.getByLabel('Your dose, medium : paint')).toHaveValue('1:4')
  await page.getByLabel('Your dose, medium : paint').fill('0:0')
  await expect(page.getByRole('alert').filter({ hasText: 'mixes nothing' })).toBeVisible()
  await page.getByText('A product you know only roughly').click()
  await page.getByLabel('Product').selectOption('market-gel')
  await expect(
    page.getByText(/15\.5–20\.0.% of the dried film by mass: cannot tell; safe at or below 17\.5 g/),
  ).toBeVisible()
  await page.getByText('One oil for another').click()
  await choose(page, 'take', 'Poppy')
  await page.getByRole('button', { name: 'Judge the planned layers with it' }).click()
  await expect(page.getByText(/Last light of Salt pans: touch dry in/)).toBeVisible()
})

test('designing under two limits gives the nearest recipe; two wishes that exclude each other are named', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/mediums/design`)
  await choose(page, 'Nearest to', 'Harbour glaze')
  await page.getByLabel('resin at most, %').fill('0,5')
  await page.getByLabel('Solvent', { exact: true }).selectOption('none')
  const found = page.getByRole('region', { name: 'The recipe' })
  await expect(found.getByRole('heading', { name: /of Harbour glaze by mass changes/ })).toBeVisible()
  await expect(found.getByText('Gum turpentine')).toHaveCount(0)
  await reload(page)
  await expect(page.getByLabel('resin at most, %')).toHaveValue('0.5')
  await page.getByLabel('Body', { exact: true }).selectOption('fluid')
  await page.getByLabel('Dries at least as fast as').fill('9')
  await expect(
    found.getByText('Nothing on the shelf can meet “drying at least 9 times as fast as raw linseed”'),
  ).toBeVisible()
  await page.getByLabel('Dries at least as fast as').fill('')
  await page.getByLabel('oil at least, %').fill('99')
  await expect(found.getByText(/No recipe can do all of that/)).toBeVisible()
  await page.getByLabel('oil at least, %').fill('')
  await page.getByLabel('Body', { exact: true }).selectOption('')
  await found.getByRole('button', { name: 'Keep it as a medium' }).click()
  await expect(page.getByLabel('Name of the medium')).toHaveValue('Harbour glaze, redesigned')
})

test('a room without solvent refuses a hidden carrier, on the shelf and in the recipe', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/studio`)
  await page.getByLabel('solvent', { exact: true }).check()
  await saved(page)
  await open(page, `${demo.url}/shelf`)
  await page.getByRole('searchbox').fill('wax, no solvent')
  await expect(page.getByRole('button', { name: /Beeswax/ }).first()).toBeVisible()
  await expect(page.getByRole('button', { name: /Cold wax paste/ })).toHaveCount(0)
  await page.getByRole('searchbox').fill('cold wax')
  await expect(page.getByRole('button', { name: /Cold wax paste.*not in this room/ })).toBeVisible()
  await open(page, `${demo.url}/mediums/shed-putty`)
  await page.getByLabel('Amount of the new line').fill('5 g')
  await choose(page, 'Material of the new line', 'Cold wax paste')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(
    page
      .getByRole('alert')
      .filter({ hasText: /Not in this room: Cold wax paste.*carries up to \d+.% solvent/ }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Remove line 4' }).click()
  await saved(page)
  await open(page, `${demo.url}/studio`)
  await page.getByLabel('solvent', { exact: true }).uncheck()
  await saved(page)
})

test('a CSV with one bad line brings nothing and says where; put right, it comes whole and goes in one step', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/shelf`)
  const bring = (text: string) =>
    page
      .getByLabel('CSV file to bring onto your shelf')
      .setInputFiles({ name: 'shelf.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  const head = 'id,name,lot_of,family,density_g_per_ml'
  await bring(`${head}\nattic-oil,Oil from the attic,walnut,oil,0.93\nodd-oil,Odd oil,walnut,oil,0.0\n`)
  await expect(page.getByRole('alert')).toContainText(
    'Line 3, column "density_g_per_ml": A density is at least 0.3 g/ml.',
  )
  await page.getByRole('searchbox').fill('attic')
  await expect(page.getByRole('button', { name: /Oil from the attic/ })).toHaveCount(0)
  await bring(`${head}\nattic-oil,Oil from the attic,walnut,oil,0.93\n`)
  await expect(page.getByText('1 material came onto your shelf.', { exact: true })).toBeVisible()
  await page.getByRole('searchbox').fill('attic')
  await expect(page.getByRole('button', { name: /Oil from the attic/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await page.getByRole('searchbox').fill('attic')
  await expect(page.getByRole('button', { name: /Oil from the attic/ })).toHaveCount(0)
})

test('a lot of one’s own is weighed by its own density, its dropper counted, and an oil judged by its iodine value', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/shelf?at=poppy`)
  await page.getByRole('button', { name: 'A bottle or bag of my own' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Poppy, the May bottle')
  await page.getByLabel('Density, g/ml').fill('0,95')
  await page.getByLabel('drops', { exact: true }).fill('50')
  await page.getByLabel('weighed', { exact: true }).fill('1,35')
  await page.getByRole('button', { name: 'Count it' }).click()
  await expect(page.getByText('One drop is about 0.027 g')).toBeVisible()
  await page.getByLabel('Iodine value', { exact: true }).fill('118–138')
  await expect(page.getByText('between semi-drying and drying: test it')).toBeVisible()
  await page.getByLabel('Price').fill('18 for 250')
  await expect(page.getByRole('alert').filter({ hasText: 'Bought by the ml or the g' })).toBeVisible()
  await page.getByLabel('Price').fill('18 for 250 ml')
  await saved(page)
  await reload(page)
  await page.getByRole('searchbox').fill('May bottle')
  await page.getByRole('button', { name: /Poppy, the May bottle · yours/ }).click()
  await expect(page.getByLabel('Density, g/ml')).toHaveValue('0.95')
  await expect(page.getByText('50 drops weighed 1.35 g')).toBeVisible()
})

test('a medium is chosen by what it should do, and two stand side by side', async ({ page, shown }) => {
  await open(page, `${shown.url}/mediums`)
  await page.getByLabel('hold peaks').check()
  await expect(page.getByRole('link', { name: /Shed putty/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Harbour glaze fluid|Harbour glaze dries/ })).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Ready-made that do it' })).toContainText(
    'Fast alkyd medium (gel)',
  )
  await open(page, `${shown.url}/mediums/compare?a=harbour-glaze&b=morning-oil`)
  await expect(page.getByRole('row', { name: /Solvent and water, of the mix by volume/ })).toContainText('45')
})
