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

test('a tube calibrated by a washed-out streak moves only the layers still to be painted', async ({
  page,
  demo,
}) => {
  /** What a layer is made of; its dates move with what will cover it. */
  const filmOf = (told: string): string => told.split(/painted|from /)[0]!
  const row = async (layer: string): Promise<string> => {
    await expect(page.getByText('refining the dates')).toHaveCount(0)
    if (!(await page.getByRole('table', { name: /^head/ }).isVisible()))
      await page.getByText('The same as a table').click()
    return (await page.getByRole('table', { name: /^head/ }).getByRole('row', { name: layer }).textContent())!
  }
  await open(page, `${demo.url}/paintings/clock-mender`)
  await page.getByRole('button', { name: 'Painted just now' }).click()
  await saved(page)
  await reload(page)
  const [painted, planned] = [await row('First flesh'), await row('Second flesh')]
  await open(page, `${demo.url}/shelf/paints?at=titanium`)
  const sheet = page.getByRole('region', { name: 'Titanium white', exact: true })
  await expect(sheet).toContainText('by the book')
  await page.getByRole('textbox', { name: 'wet' }).fill('10')
  await page.getByRole('textbox', { name: 'then' }).fill('6.5')
  await page.getByRole('button', { name: 'Take it down' }).click()
  await expect(sheet).toContainText('35 % oil by mass, by your streak')
  await saved(page)
  await open(page, `${demo.url}/paintings/clock-mender`)
  expect(filmOf(await row('Second flesh'))).not.toBe(filmOf(planned))
  await reload(page)
  expect(filmOf(await row('First flesh'))).toBe(filmOf(painted))
})

test('four heaps to equal fatness, one spoilt by dips, mixed in one tap, and there after a reload', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  await open(page, `${demo.url}/paintings/clock-mender/palette`)
  await page.getByRole('button', { name: 'A heap', exact: true }).click()
  await choose(page, 'Colour', 'Raw umber')
  await page.getByRole('button', { name: 'Every heap equally fat' }).click()
  await page.getByRole('textbox', { name: 'as fat as' }).fill('1.6')
  const heaps = page
    .getByRole('list')
    .filter({ hasText: 'on the palette' })
    .getByRole('button', {
      name: /on the palette/,
    })
  await expect(heaps).toHaveCount(4)
  for (let at = 0; at < 4; at++) await expect(heaps.nth(at)).toContainText(/fat 1\.(5\d|6\d?)×/)
  // Whole drops are counted for the small heaps.
  await expect(heaps.nth(3)).toContainText(/\d+ drops?/)
  await page.getByRole('textbox', { name: 'dips', exact: true }).fill('8')
  await expect(page.getByText(/1\.2\sml, 1\d\s% of the wet heap\. It stays: dry/)).toBeVisible()
  await page.getByRole('combobox', { name: 'out of a jar of' }).selectOption({ label: 'turpentine' })
  await expect(page.getByText(/It flies off/)).toBeVisible()
  await page.getByRole('button', { name: 'Mixed it' }).click()
  await expect(page.getByRole('button', { name: 'All of it is mixed' })).toBeDisabled()
  await expect(page.getByText(/Sets about/)).toHaveCount(4)
  await saved(page)
  await reload(page)
  const record = page.getByRole('region', { name: 'What was mixed' })
  await expect(record).toContainText('ml of Raw umber')
  await expect(record).toContainText(/besides 1\.2\sml of gum turpentine/)
  await expect(record.getByRole('listitem').filter({ hasText: 'ml of' })).toHaveCount(5)
  await expect(page.getByText(/Sets about/)).toHaveCount(4)
  // The layer is planned with it.
  await open(page, `${demo.url}/paintings/clock-mender`)
  await page
    .getByRole('button', { name: /^First flesh/ })
    .first()
    .click()
  await expect(page.getByRole('combobox', { name: 'Colour' })).toHaveCount(4)
  await expect(page.getByText('Also in it: 1.2 parts of gum turpentine.')).toBeVisible()
  await page.getByRole('button', { name: 'Leave it out' }).click()
  await expect(page.getByText('Also in it')).toHaveCount(0)
})

test('an alarm rings on whatever page is looked at before a heap sets, and is heard once', async ({
  page,
  demo,
}) => {
  await page.clock.install()
  await open(page, `${demo.url}/paintings/clock-mender/palette`)
  await page.getByRole('button', { name: 'Mixed it' }).click()
  await expect(page.getByText(/alarm \w/).first()).toBeVisible()
  await saved(page)
  await open(page, `${demo.url}/mediums`)
  await expect(page.getByText(/it begins to set/)).toHaveCount(0)
  await page.clock.fastForward('36:00:00')
  const alarm = page.getByRole('alert').filter({ hasText: 'First flesh of The clock-mender' })
  await expect(alarm.getByText(/it begins to set about/).first()).toBeVisible()
  await expect(page).toHaveTitle(/A heap sets/)
  for (const hear of await page.getByRole('button', { name: 'I hear' }).all())
    await hear.click({ force: true })
  await reload(page)
  await expect(page.getByText(/it begins to set/)).toHaveCount(0)
})

test('the palette card prints on one page', async ({ page, shown }) => {
  await open(page, `${shown.url}/paintings/clock-mender/palette`)
  await expect(page.getByRole('heading', { name: 'First flesh' })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: /^Yellow ochre.*drops/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Mixed it' })).toBeHidden()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1)
})

test('transparent by putty: one tap takes it into the heap, and fatness stays where it was', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/paintings/glasshouse/palette`)
  await page.getByRole('button', { name: /^Yellow ochre/ }).click()
  const paler = page.getByRole('group', { name: /Transparent by putty/ })
  await expect(paler.getByRole('row', { name: /by oil/ })).toContainText('85 %')
  await paler.getByRole('button', { name: 'Take the putty' }).click()
  await expect(
    page.getByRole('button', { name: /Putty \+ Yellow ochre|Yellow ochre \+ Putty/ }),
  ).toBeVisible()
  await saved(page)
  await reload(page)
  await expect(page.getByRole('button', { name: /Putty/ })).toBeVisible()
  await expectNoAxeProblems(page)
  await page.getByRole('button', { name: 'Lay it out anew from the layer’s plan' }).click()
  await expect(page.getByRole('button', { name: /Putty/ })).toHaveCount(0)
})

test('a painter finds a tube by what it does, sees twins, and chooses a white for a role', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/shelf/paints`)
  await expect(page.getByText('are the same pigment, PB29')).toBeVisible()
  await expect(page.getByText(/Viridian PG18 and Viridian PG7 are called the same/)).toBeVisible()
  const tubes = page.getByRole('region', { name: 'Paints' }).getByRole('listitem')
  await page.getByRole('searchbox').fill('transparent, fast, no cadmium')
  await expect(page.getByText(/tubes? do that/)).toBeVisible()
  await expect(tubes.filter({ hasText: 'Cadmium' })).toHaveCount(0)
  await page.getByRole('searchbox').fill('')
  await page.getByRole('button', { name: 'Which white?' }).click()
  const whites = page.getByRole('region', { name: 'Which white?' })
  await expect(whites).toContainText('For underpainting: Stack lead white')
  await expect(whites.getByRole('listitem').filter({ hasText: 'Soft titanium' })).toContainText('Left out')
  await whites.getByRole('combobox', { name: 'For' }).selectOption({ label: 'highlights' })
  await expect(whites.getByText('Left out')).toHaveCount(0)
})

test('the slab keeps its tally through a reload, and says how to mend too much oil', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/shelf/paints?at=grinding`)
  const slab = page.getByRole('region', { name: 'Paint from dry pigment' })
  await slab.getByRole('button', { name: 'Pigment onto the slab' }).click()
  await slab.getByRole('textbox', { name: 'Weighed' }).fill('40')
  await slab.getByRole('button', { name: 'Oil onto the slab' }).click()
  await expect(slab).toContainText(/Too much oil\. Grind in .* more pigment/)
  await expect(slab).toContainText('wet bench')
  await reload(page)
  await expect(slab).toContainText('pigment 60 g, oil 40 g')
})

test('a layer is given a tube by typing, and is told what it wants of it', async ({ page, demo }) => {
  await open(page, `${demo.url}/paintings/glasshouse`)
  const colour = page.getByRole('combobox', { name: 'Colour' }).first()
  await expect(colour).toHaveValue('Titanium white')
  await colour.click()
  await colour.pressSequentially('Bone black')
  await page.getByRole('option', { name: /Bone black.*Your tubes/ }).click()
  await expect(page.getByText(/Wants of your tubes:.*of Bone black \(only 3 ml left\)/)).toBeVisible()
  await saved(page)
  await reload(page)
  await expect(colour).toHaveValue('Bone black')
})

test('three consistencies on one palette: what makes each, what a brush spoils, and all of it on record', async ({
  page,
  demo,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 })
  await open(page, `${demo.url}/paintings/clock-mender/palette`)
  const heap = async (colour: string): Promise<void> => {
    await page.getByRole('button', { name: 'A heap', exact: true }).click()
    await choose(page, 'Colour', colour)
  }
  const consistency = (name: string) => page.getByRole('button', { name, exact: true })
  const row = (name: RegExp) => page.getByRole('button', { name })
  await expect(row(/^Titanium white.*body:/)).toBeVisible()
  await heap('Raw umber')
  await consistency('sketch').click()
  await expect(page.getByText(/To a sketch: [\d.]+\sml more thinner\./)).toBeVisible()
  await page.getByRole('button', { name: 'Do that to this heap' }).click()
  await expect(row(/Raw umber.*with [\d.]+\sml gum turpentine besides.*sketch:/)).toBeVisible()
  // Six dips of a brush cleaned in oil shift the umber by so much.
  await page.getByRole('textbox', { name: 'dips', exact: true }).fill('6')
  await expect(
    page.getByText(/^\s*0\.9\sml.* It stays: dry, the heap goes from fat [\d.]+× to [\d.]+×/),
  ).toBeVisible()
  await heap('Quay blue')
  await consistency('glaze').click()
  await page.getByRole('button', { name: 'Do that to this heap' }).click()
  await expect(row(/Quay blue.*with [\d.]+\sml poppyseed oil besides.*glaze:/)).toBeVisible()
  await page.getByRole('textbox', { name: 'dips', exact: true }).fill('1')
  await expect(page.getByText('Oil jar: used 5 times,')).toBeVisible()
  await expect(page.getByText('opaque paint gets into this glaze. Change it first.')).toBeVisible()
  await page.getByRole('textbox', { name: 'dips', exact: true }).fill('0')
  await expect(page.getByText('opaque paint gets into this glaze')).toHaveCount(0)
  await expect(page.getByText(/within the 1\s% a glaze bears/)).toBeVisible()
  await page.getByRole('textbox', { name: 'left in the brush' }).fill('0.3')
  await expect(page.getByText(/from 1\s% on a glaze clouds/)).toBeVisible()
  await page.getByRole('textbox', { name: 'ml of poppyseed oil' }).fill('4')
  await page.getByRole('button', { name: /^medium: \d+ drops\. Why/ }).click()
  await expect(page.getByText('Heap × medium to one of paint, by volume.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expectNoAxeProblems(page)
  await page.getByRole('button', { name: 'Mixed it' }).click()
  await saved(page)
  await reload(page)
  const record = page.getByRole('region', { name: 'What was mixed' })
  await expect(
    record.getByText(/ml of Raw umber.*besides [\d.]+\sml of gum turpentine, besides 0\.9\sml of linseed/),
  ).toBeVisible()
  await expect(
    record.getByText(/ml of Quay blue.*besides 4\sml of poppyseed.*of titanium white/),
  ).toBeVisible()
})

test('drops of a mixture are counted at its jar, and the palette counts with them', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/batches/glaze-1`)
  const drop = page.getByRole('region', { name: 'A drop of it' })
  await expect(drop).toContainText('Not counted yet')
  await drop.getByRole('textbox', { name: 'weighed' }).fill('0.4')
  await drop.getByRole('button', { name: 'Count it' }).click()
  await expect(drop).toContainText(/One drop is about 0\.02\d? ml\. Palettes count with it\./)
  await saved(page)
  await open(page, `${demo.url}/paintings/clock-mender/palette`)
  await choose(page, 'Medium', 'Harbour glaze, batch 1')
  await expect(page.getByText(/Whole drops, each about 0\.02\d? ml, as you counted them\./)).toBeVisible()
  await expect(page.getByText(/ml are left in the jar/)).toBeVisible()
  await saved(page)
})

test('a heap that will sink says so beforehand, and by how many drops of its oil it does not', async ({
  page,
  studio,
}) => {
  const painting = await newPainting(page, studio)
  await addFirstLayer(page)
  await open(page, `${painting}/palette`)
  await page
    .getByRole('button', { name: /^Burnt umber/ })
    .first()
    .click()
  const told = page.getByText(/sink.*(drinks its oil|lean|sink more)/)
  await expect(told).toBeVisible()
  await page.getByRole('button', { name: 'Stir it in' }).click()
  await saved(page)
  await expect(told).toHaveCount(0)
})
