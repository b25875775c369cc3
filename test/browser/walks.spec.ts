import type { Page } from '@playwright/test'
import type { LayerDocument } from '../../src/document/layer.ts'
import type { PaintingDocument } from '../../src/document/studio.ts'
import type { Server } from '../server.ts'
import { toldIn } from '../calendarTold.ts'
import { layer, painting } from '../studio/bodies.ts'
import { choose, expect, inDays, newMedium, open, reload, saved, settled, test } from './studio.ts'

/* Errands from start to end. What other tests drive already is not driven again here. */

/** A picture that stands in the studio when the walk begins. */
async function standing(
  page: Page,
  { url }: Server,
  picture: PaintingDocument,
  layers: readonly LayerDocument[],
): Promise<void> {
  const put = async (path: string, data: object): Promise<void> => {
    const answer = await page.request.put(url + path, { data: { ...data, seen: null } })
    expect(answer.ok(), await answer.text()).toBe(true)
  }
  await put('/api/paintings', { painting: picture })
  for (const one of layers) await put('/api/layers', { layer: { ...one, painted: null } })
  await open(page, `${url}/paintings/${picture.id}`)
}

const findings = (page: Page) => page.getByRole('region', { name: 'Findings' })
const whites = (parts = 1) => ({ pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'walnut', parts })

test('the pot on a Sunday: resin is less than the spoons say, filler counts both ways, canvas bears less than panel', async ({
  page,
  demo,
}) => {
  await newMedium(page, demo, [
    ['60 ml', 'Walnut oil, sun thickened'],
    ['9 ml', 'Damar resin'],
    ['20 g', 'Beeswax'],
  ])
  const truths = page.getByRole('region', { name: 'What it really is' })
  const share = async (row: string, column: number): Promise<number> =>
    parseFloat(
      await truths
        .getByRole('row', { name: new RegExp(`^${row}`) })
        .getByRole('cell')
        .nth(column)
        .innerText(),
    )
  await expect(truths.getByRole('row', { name: /^wax/ })).toBeVisible()
  expect(await share('resin', 0)).toBeGreaterThan(1.5 * (await share('resin', 1)))
  const wax = await share('wax', 1)

  await page.getByLabel('by the limits of').selectOption('Wax paste')
  await choose(page, 'Colour', 'Cadmium red')
  const most = page.getByRole('region', { name: 'In paint' }).getByText(/^Most before/)
  await page.getByLabel('painted on').selectOption('cloth')
  await expect(most).toContainText(/\d/)
  const onCloth = await most.innerText()
  await page.getByLabel('painted on').selectOption('panel')
  await expect(most).not.toHaveText(onCloth)

  await page.getByLabel('Amount of the new line').fill('40 ml')
  await choose(page, 'Material of the new line', 'Calcium carbonate, natural chalk')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(truths.getByRole('row', { name: /^filler/ })).toBeVisible()
  await expect.poll(() => share('wax', 1)).toBeLessThan(wax)
  await truths.getByRole('button', { name: 'without filler' }).click()
  await expect.poll(() => share('wax', 1)).toBeCloseTo(wax, 0)

  await saved(page)
  await page.getByRole('link', { name: 'Make it' }).click()
  await page.waitForURL(/make$/)
  await settled(page)
  await page.getByRole('button', { name: 'Begin the batch' }).click()
  await page.waitForURL(/batches\/.+/)
  await settled(page)
  const steps = page.getByRole('checkbox', { name: /^Done: / })
  await expect(steps.first()).toBeVisible()
  await steps.last().click()
  await expect(page.getByRole('alertdialog', { name: 'Out of order' })).toBeVisible()
  await page.getByRole('button', { name: 'Not yet' }).click()
  await expect(page.getByText(/oil above 120 °C/)).toBeVisible()
})

test('the wrong varnish: a quick alkyd as the last coat is refused with its reason, and the soupy wash is underbound', async ({
  page,
  studio,
}) => {
  const soup = layer('soup', 'thirsty', 0, {
    name: 'Soupy wash',
    paints: [
      { pigments: [{ pigment: 'pbr7_raw_umber', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 },
    ],
    thinner: { material: 'gum_turpentine', parts: 6 },
    wetThicknessUm: 60,
  })
  const quick = layer('quick', 'thirsty', 1, {
    name: 'Quick alkyd',
    paints: [],
    besides: [{ material: 'alkyd_medium_fluid', parts: 1 }],
    event: { kind: 'varnish', coats: 1 },
    wetThicknessUm: 20,
    plannedOn: inDays(60),
  })
  await standing(page, studio, painting('thirsty', { ground: 'chalk_glue_gesso' }), [soup, quick])
  await expect(findings(page)).toContainText(/binder|underbound/)
  const last = findings(page)
    .getByRole('listitem')
    .filter({ hasText: 'Quick alkyd can never be taken off without the painting: 100' })
  await expect(last).toContainText('Take a resin that mild spirit lifts.')
})

test('a kitchen oil: a label’s range straddles what dries, so it is to be tested', async ({
  page,
  studio,
}) => {
  await open(page, `${studio.url}/shelf`)
  await page.getByRole('button', { name: 'A material of your own' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Oil from the kitchen')
  await page
    .getByRole('region', { name: 'Oil from the kitchen' })
    .getByLabel('Kind', { exact: true })
    .selectOption('oil')
  await page.getByLabel('Iodine value', { exact: true }).fill('118–141')
  await expect(page.getByRole('main')).toContainText('between semi-drying and drying: test it')
  await saved(page)
  await reload(page)
  await page.getByRole('searchbox').fill('kitchen')
  await page.getByRole('button', { name: /^Oil from the kitchen/ }).click()
  await expect(page.getByLabel('Iodine value', { exact: true })).toHaveValue('118–141')
})

test('the first year: a second layer fatter than the third is told in one sentence, and one tap mends it', async ({
  page,
  studio,
}) => {
  const oily = (parts: number) => ({ besides: [{ material: 'linseed_alkali_refined', parts }] })
  await standing(
    page,
    studio,
    painting('first', { support: 'cotton_stretched', ground: 'acrylic_dispersion_ground' }),
    [
      layer('one', 'first', 0, { name: 'One', paints: [whites(10)] }),
      layer('two', 'first', 1, { name: 'Two', paints: [whites(10)], ...oily(3) }),
      layer('three', 'first', 2, { name: 'Three', paints: [whites(10)], ...oily(1) }),
    ],
  )
  const told = findings(page).getByRole('listitem').filter({ hasText: 'Three is leaner than Two' })
  await expect(told).toHaveCount(1)
  await told.getByRole('button', { name: 'Do that' }).click()
  await expect(told).toHaveCount(0)
  await saved(page)
  await reload(page)
  await expect(findings(page).getByText('Three is leaner than Two')).toHaveCount(0)
})

test('wax in one afternoon: what a panel bears to watch, a canvas does not', async ({ page, studio }) => {
  const waxed = layer('wax', 'marsh', 0, {
    name: 'Marsh and sky',
    paints: [whites()],
    besides: [{ material: 'cold_wax_paste', parts: 0.8 }],
    wetThicknessUm: 120,
  })
  const marsh = painting('marsh', { ground: 'acrylic_dispersion_ground', practice: 'wax-paste' })
  await standing(page, studio, marsh, [waxed])
  const verdict = page
    .getByRole('paragraph')
    .filter({ hasText: /^\s*(Sound|Watch|Unsound)/ })
    .first()
  await expect(verdict).toHaveText(/^\s*(Watch|Sound)/)
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await page.getByLabel('Support').selectOption('stretched cotton')
  await page.keyboard.press('Escape')
  await expect(verdict).toHaveText(/^\s*Unsound.*wax/)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(verdict).toHaveText(/^\s*(Watch|Sound)/)
})

test('yolk: the emulsion is fat when dry though it is watery, its missing drops are asked for, and it keeps four days cold', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/batches/egg-2`)
  await expect(page.getByText(/^Egg emulsion/)).toContainText(
    /fat when dry; \d+\s% of the wet, by mass, leaves as water/,
  )
  await expect(page.getByText(/smell it first/).first()).toBeVisible()
  const keeps = page.getByRole('region', { name: 'How long it keeps' })
  await expect(keeps.getByLabel('kept cold')).toBeChecked()
  const cold = await keeps.getByText('Use by about').innerText()
  await keeps.getByLabel('kept cold').uncheck()
  await expect(keeps.getByText('Use by about')).not.toHaveText(cold)
  await page.getByRole('button', { name: 'Method', exact: true }).click()
  await expect(page.getByText(/A drop or two, stirred through before any oil/)).toBeVisible()
  await expect(page.getByLabel('I leave it out knowingly')).toBeChecked()
})

test('which alkyd: what should not drip, what should hold peaks, with its time and its estimate', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/mediums`)
  const ready = page.getByRole('region', { name: 'Ready-made that do it' })
  await page.getByLabel('not drip').check()
  await expect(ready.getByRole('link', { name: /alkyd/i }).first()).toBeVisible()
  const upright = await ready.getByRole('link').allInnerTexts()
  await page.getByLabel('hold peaks').check()
  await expect.poll(() => ready.getByRole('link').count()).toBeLessThan(upright.length)
  await page.getByLabel('hold peaks').uncheck()
  await page.getByLabel('not drip').uncheck()
  await page.getByLabel('level').check()
  await expect(ready.getByRole('link', { name: /alkyd/i }).first()).toBeVisible()
  await expect(ready).toContainText(/touch dry in/)
})

test('thin, straight, thick: silent in its own school, found fault with by another, side by side', async ({
  page,
  studio,
}) => {
  const alkyd = { besides: [{ material: 'alkyd_medium_fluid', parts: 0.3 }] }
  await standing(
    page,
    studio,
    painting('body', { ground: 'acrylic_dispersion_ground', practice: 'body-led' }),
    [
      layer('start', 'body', 0, { name: 'Fast start', paints: [whites()], ...alkyd, wetThicknessUm: 25 }),
      layer('straight', 'body', 1, {
        name: 'As it comes',
        paints: [whites()],
        wetThicknessUm: 60,
        plannedOn: inDays(10),
      }),
      layer('lights', 'body', 2, {
        name: 'Thick lights',
        paints: [whites()],
        wetThicknessUm: 200,
        plannedOn: inDays(40),
      }),
    ],
  )
  await expect(findings(page).getByText(/^(Watch|Unsound)/)).toHaveCount(0)
  await page.getByLabel(/^By body-led, the school it follows/).selectOption('Oil-led')
  const beside = page.getByRole('region', { name: 'By another school' })
  await expect(beside.getByRole('row').nth(1)).toBeVisible()
})

test('the show in eleven weeks: how light the grey, when it must begin, what helps, what to send, and the varnish owed', async ({
  page,
  demo,
}) => {
  const glaze = (at: number): LayerDocument =>
    layer(`glaze-${at}`, 'harbour-wall', at, {
      name: `Glaze ${at}`,
      paints: [{ pigments: [{ pigment: 'pb29', share: 1 }], oil: 'walnut', parts: 1 }],
      medium: { mediumId: 'harbour-glaze', parts: 0.6 },
      wetThicknessUm: 25,
    })
  const grey = layer('grey', 'harbour-wall', 0, { name: 'Grey underpainting', paints: [whites()] })
  const wall = painting('harbour-wall', {
    title: 'Harbour wall',
    support: 'linen_stretched',
    ground: 'acrylic_dispersion_ground',
    practice: 'glazing',
    dates: [
      { what: 'sent', on: inDays(70) },
      { what: 'shown', on: inDays(77) },
    ],
  })
  await standing(page, demo, wall, [grey, ...[1, 2, 3, 4].map(glaze)])

  // How light the grey has to be for the dark that is wanted.
  await open(page, `${demo.url}/paintings/harbour-wall/palette`)
  await page.getByText('Value budget: how light must it be underneath').click()
  await page.getByLabel('The white').fill('9.5')
  await page.getByLabel('It, over that white').fill('8.5')
  await page.getByLabel('So many glazes of it').fill('4')
  await page.keyboard.press('Tab')
  await expect(page.getByText(/^It must be value \d\.\d underneath, no darker/)).toBeVisible()

  // When it must begin, how safe the day is, what each lever buys, and what to write to its owner.
  await open(page, `${demo.url}/promise?painting=harbour-wall`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Harbour wall: .* in 10 that/)
  await expect(page.getByText(/To be safe the next layer (has to|should have)/)).toBeVisible()
  const levers = page.getByRole('region', { name: 'What would help' }).getByRole('listitem')
  await expect(levers.first()).toContainText('It costs:', { timeout: 60_000 })
  await expect(page.getByRole('blockquote')).toContainText(/travel|send|sent/)

  // What a varnish would still have against it by then; it leaves without, and the visit is in the calendar.
  await open(page, `${demo.url}/paintings/harbour-wall/finish`)
  const ladder = page.getByRole('region', { name: 'Ladder of dates' })
  await expect(ladder.getByRole('rowheader', { name: /Soft, removable/ })).toBeVisible()
  const handOver = page.getByRole('region', { name: 'Hand-over' })
  await handOver.getByRole('button', { name: 'It leaves without its varnish' }).click()
  await handOver.getByLabel('Due', { exact: true }).fill(inDays(300))
  await saved(page)
  await open(page, `${demo.url}/studio`)
  await page.getByRole('button', { name: 'Give out an address to subscribe to' }).click()
  const address = await page.getByLabel('Address of the calendar').textContent()
  await expect.poll(async () => (await page.request.get(address!)).status()).toBe(200)
  const entries = [...toldIn(await (await page.request.get(address!)).text()).values()]
  expect(entries.map(({ date, summary }) => `${date} ${summary}`)).toEqual(
    expect.arrayContaining([
      `${inDays(77)} Harbour wall: shown today`,
      expect.stringMatching(`^${inDays(300)} Harbour wall: its varnish, `),
    ]),
  )
})

test('two years later: what is on it, what lifts it, and both sheets on paper', async ({ page, shown }) => {
  await open(page, `${shown.url}/paintings/ferry-steps/record`)
  const early = page.getByRole('button', { name: /^As it was on/ }).nth(1)
  const when = (await early.getAttribute('aria-label'))!.replace('As it was on ', '')
  const lay = page.getByRole('list', { name: /^What lay on it on/ })
  await expect(lay).toContainText('Evening light')
  await early.click()
  await expect(lay).toHaveAccessibleName(`What lay on it on ${when}`)
  await expect(lay).not.toContainText('Evening light')
  await expect(page.getByRole('main')).toContainText(/white spirit|turpentine|ethanol/)
  for (const sheet of ['sheet.pdf', 'letter.pdf']) {
    const paper = await page.request.get(`${shown.url}/api/paintings/ferry-steps/${sheet}`)
    expect(paper.headers()['content-type'], sheet).toBe('application/pdf')
  }
  await open(page, `${shown.url}/used`)
  await page.getByRole('searchbox').fill('stand oil')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/“stand oil” is in \d+ layers/)
})

test('a house without solvents: the whole studio is looked through, unknown says ask, and a waterborne start waits hours', async ({
  page,
  demo,
}) => {
  await open(page, `${demo.url}/studio`)
  await page.getByLabel('solvent', { exact: true }).check()
  await page.getByLabel('nuts (walnut)').check()
  await saved(page)
  await open(page, `${demo.url}/room/inside`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    /may not come in, and \d+ have to be asked about/,
  )
  await expect(page.getByRole('region', { name: 'Tubes' })).toContainText('Walnut oil comes from nuts')
  await page
    .getByText(/have to be asked about$/)
    .last()
    .click()
  await expect(page.getByRole('group').filter({ hasText: 'ask the supplier' }).first()).toBeVisible()
  await open(page, `${demo.url}/paintings/sheds`)
  await expect(page.getByRole('list', { name: 'Cautions' })).toContainText(
    'Oily rags, paper and sponges heat themselves',
  )
  await open(page, `${demo.url}/shelf/paints`)
  await expect(page.getByRole('main')).toContainText('not in this room')
})
