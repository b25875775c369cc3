import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { assess } from '../../src/document/judging/assess.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import {
  createBatch,
  finishBatch,
  pour,
  repairBatch,
  saveBatch,
  splitBatch,
  unpour,
} from '../../src/studio/batches.ts'
import { expected } from '../../src/document/jar/batchDeeds.ts'
import { readStored } from '../../src/document/kinds.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { logTouch, removeLayer, removeTouch, saveLayer } from '../../src/studio/layers.ts'
import { correctPainted, logPainted, takeBackPainted } from '../../src/studio/painted.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { labelPdf, labelWords, sheetPdf } from '../../src/studio/label.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { saveShelfItem } from '../../src/studio/shelf.ts'
import { find, list } from '../../src/store/records.ts'
import { layer, lot, medium, painting } from './bodies.ts'
import { emptyStudio, now } from './desk.ts'

type Studio = Awaited<ReturnType<typeof emptyStudio>>
const refusalOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'carried out',
    (error: Error) => error.message,
  )

describe('a painted layer keeps what it was painted with', () => {
  let studio: Studio
  const write = () => ({ db: studio.db, at: now })
  const paintedOf = async (id: string) => (await find(studio.db, 'layer', id))!.painted!
  before(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('p'), null)
    await saveShelfItem(write(), lot('lot-b', { rate: 2 }), null)
    const inner = { lines: [{ material: 'lot-b', amount: 30, unit: 'g' as const }] }
    await saveMedium(write(), medium('inner', { recipe: inner }), null)
    const lines = [
      { medium: 'inner', amount: 10, unit: 'g' as const },
      { material: 'damar', amount: 2, unit: 'g' as const },
    ]
    await saveMedium(write(), medium('outer', { name: 'Outer', recipe: { lines } }), null)
    for (const [at, id] of ['a', 'b', 'c'].entries())
      await saveLayer(write(), layer(id, 'p', at, { medium: { mediumId: 'outer', parts: 1 } }), null)
  })
  after(() => studio.close())

  it('written out in materials, with the painter’s own lots as they were', async () => {
    await logPainted(write(), 'a')
    const { used, materials } = await paintedOf('a')
    const { name, recipe } = used!
    expect(name).to.equal('Outer')
    expect(recipe.lines).to.deep.equal([
      { material: 'lot-b', amount: 10, unit: 'g' },
      { material: 'damar', amount: 2, unit: 'g' },
    ])
    expect(materials.map(({ id, rate }) => [id, rate])).to.deep.equal([['lot-b', 2]])
  })
  it('whatever becomes of the recipe and of the lot: its film stays, the planned one’s changes', async () => {
    const films = async () => {
      const picture = (await loadPicture(studio.db, 'p', now))!
      return assess(picture, findInStudio(picture.shelf)).layers.map(({ worst }) => worst!.film.rate)
    }
    const [painted, planned] = await films()
    await saveShelfItem(write(), lot('lot-b', { rate: 0.3 }), 1)
    const [same, slower] = await films()
    expect(same).to.equal(painted)
    expect(slower).to.be.below(planned!)
  })
  it('each with what stood on its own day', async () => {
    await logPainted(write(), 'b')
    expect((await paintedOf('b')).materials[0]!.rate).to.equal(0.3)
    expect((await paintedOf('a')).materials[0]!.rate).to.equal(2)
  })
  it('and goes with its touch tests when it is removed', async () => {
    await logTouch(write(), { layerId: 'b', check: 'touch', passed: false, note: '' })
    const now_ = (await find(studio.db, 'layer', 'b'))!
    await removeLayer(write(), 'b', now_.revision)
    expect(await list(studio.db, 'touch_test')).to.deep.equal([])
  })
  it('is not logged before its time, nor touched before it is painted', async () => {
    expect(
      await refusalOf(logTouch(write(), { layerId: 'c', check: 'smudge', passed: false, note: '' })),
    ).to.include('not painted yet')
    expect(await refusalOf(logPainted(write(), 'c', { paintedAt: '2026-01-01T10:00' }))).to.include(
      'was painted on 24 Nov 2026',
    )
    expect(await refusalOf(logPainted(write(), 'nothing'))).to.include('This layer is no longer there')
  })
})

describe('what was painted is a fact', () => {
  let studio: Studio
  const write = (at = now) => ({ db: studio.db, at })
  const stored = async (id = 'body') => (await find(studio.db, 'layer', id))!
  const rateOf = async (id: string): Promise<number> => {
    const picture = (await loadPicture(studio.db, 'p', now))!
    const at = picture.layers.findIndex((one) => one.id === id)
    return assess(picture, findInStudio(picture.shelf)).layers[at]!.worst!.film.rate
  }
  before(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('p'), null)
    await saveMedium(write(), medium('glaze', { name: 'Glaze' }), null)
    await saveMedium(write(), medium('other', { name: 'Other' }), null)
    const body = layer('body', 'p', 0, { medium: { mediumId: 'glaze', parts: 0.25 } })
    await saveLayer(write(), body, null)
    await saveLayer(write(), layer('next', 'p', 1), null)
    await logPainted(write(), 'body')
  })
  after(() => studio.close())

  it('and not the painter’s to send: what a page says of it is not heard', async () => {
    const { revision, ...body } = await stored()
    const forged = { ...body.painted!, wetThicknessUm: 5, used: { name: 'Forged', recipe: { lines: [] } } }
    await saveLayer(write(), { ...body, note: 'x', painted: forged } as typeof body, revision)
    expect((await stored()).painted).to.deep.equal(body.painted)
    expect((await stored()).note).to.equal('x')
  })
  it('the book’s oil made faster on the shelf afterwards does not hurry it; it hurries what is planned', async () => {
    const [painted, planned] = [await rateOf('body'), await rateOf('next')]
    await saveShelfItem(write(), lot('walnut', { base: 'walnut', name: 'Walnut oil', rate: 5 }), null)
    expect(await rateOf('body')).to.equal(painted)
    expect(await rateOf('next')).to.be.above(2 * planned)
  })
  it('its plan is settled: another medium or thickness is refused, and says what to do', async () => {
    const { revision, ...body } = await stored()
    for (const change of [{ medium: { mediumId: 'other', parts: 1 } }, { wetThicknessUm: 9 }])
      expect(await refusalOf(saveLayer(write(), { ...body, ...change }, revision))).to.include(
        'Correct it instead',
      )
    expect(await refusalOf(logPainted(write(), 'body'))).to.include('painted already')
  })
  it('a correction is judged by, and what was said before stays beside it', async () => {
    const was = (await stored()).painted!
    await correctPainted(write('2026-11-25T08:00'), 'body', { wetThicknessUm: 90 })
    const { painted, corrections } = await stored()
    expect(painted).to.deep.equal({ ...was, wetThicknessUm: 90 })
    expect(corrections).to.deep.equal([{ at: '2026-11-25T08:00', was }])
    expect(await refusalOf(correctPainted(write(), 'body', { wetThicknessUm: 90 }))).to.include(
      'on record already',
    )
  })
  it('of the medium takes the recipe as it stands; the lots on record stay as they were', async () => {
    await correctPainted(write(), 'body', { medium: { mediumId: 'other', parts: 0.5 } })
    const { painted, corrections } = await stored()
    expect([painted!.used!.name, painted!.medium!.parts]).to.deep.equal(['Other', 0.5])
    expect(corrections).to.have.length(2)
  })
  it('is undone like anything else, its place in the record with it', async () => {
    const before_ = await stored()
    const { event } = await correctPainted(write(), 'body', { at: '2026-11-20T09:00' })
    expect((await stored()).painted!.at).to.equal('2026-11-20T09:00')
    await undoEvent(write(), event)
    const { revision: _now, ...is } = await stored()
    const { revision: _then, ...was } = before_
    expect(is).to.deep.equal(was)
  })
  it('a day on which it cannot have been is refused', async () => {
    expect(await refusalOf(correctPainted(write(), 'body', { at: '2031-01-01T09:00' }))).to.include('future')
    expect(await refusalOf(correctPainted(write(), 'next', { wetThicknessUm: 9 }))).to.include(
      'not painted yet',
    )
  })
  it('a wrong touch test is taken out; then the painting itself can be taken back, and the record keeps it', async () => {
    const { made } = await logTouch(write(), { layerId: 'body', check: 'fingernail', passed: true, note: '' })
    expect(await refusalOf(takeBackPainted(write(), 'body'))).to.include('has a touch test')
    const test = (await find(studio.db, 'touch_test', made[0]!))!
    await removeTouch(write(), test.id, test.revision)
    expect(await list(studio.db, 'touch_test')).to.deep.equal([])
    await takeBackPainted(write(), 'body')
    const { painted, corrections } = await stored()
    expect([painted, corrections.length]).to.deep.equal([null, 3])
    expect(await refusalOf(takeBackPainted(write(), 'body'))).to.include('not painted')
  })
})

describe('a layer of the first version', () => {
  it('painted, becomes a fact of what it said; planned, stays a plan', () => {
    const { painted: _painted, corrections: _corrections, ...old } = layer('l', 'p', 0, { areas: ['sky'] })
    const usedMedium = { name: 'Oil', recipe: { lines: [] }, materials: [lot('lot-b')] }
    const read = (body: object) =>
      readStored('layer', JSON.stringify({ ...old, ...body }), 1) as { readonly body: LayerDocument }
    const { painted, areas } = read({ paintedAt: now, usedMedium }).body
    expect(areas).to.deep.equal(['sky'])
    expect(painted).to.deep.include({ at: now, areas: ['sky'], wetThicknessUm: old.wetThicknessUm })
    expect([painted!.used!.name, painted!.materials.length]).to.deep.equal(['Oil', 1])
    expect(read({ paintedAt: null, usedMedium: null }).body.painted).to.equal(null)
  })
  it('whose medium was not recorded says so, and is judged again once it is corrected', async () => {
    const studio = await emptyStudio()
    const write = { db: studio.db, at: now }
    await savePainting(write, painting('p'), null)
    await saveMedium(write, medium('glaze'), null)
    await saveLayer(write, layer('l', 'p', 0, { medium: { mediumId: 'glaze', parts: 1 } }), null)
    await logPainted(write, 'l')
    const { revision: _revision, ...body } = (await find(studio.db, 'layer', 'l'))!
    const text = JSON.stringify({ ...body, painted: { ...body.painted, used: null } })
    await studio.db.updateTable('layer').set({ body: text }).execute()
    const problem = async () => {
      const picture = (await loadPicture(studio.db, 'p', now))!
      return assess(picture, findInStudio(picture.shelf)).layers[0]!.problem
    }
    expect(await problem()).to.include('is not on record. Correct it.')
    await correctPainted(write, 'l', { medium: { mediumId: 'glaze', parts: 1 } })
    expect(await problem()).to.equal(null)
    await studio.close()
  })
})

describe('a batch at the hot plate', () => {
  let studio: Studio
  let id: string
  const write = () => ({ db: studio.db, at: now })
  const by = { kind: 'mass' as const, g: 100 }
  const begun = async () =>
    (await createBatch(write(), { mediumId: 'resin-oil', by, jarMl: null, byFeel: false })).made[0]!
  before(async () => {
    studio = await emptyStudio()
    const lines = [
      { material: 'walnut', amount: 90, unit: 'g' as const },
      { material: 'damar', amount: 10, unit: 'g' as const },
    ]
    await saveMedium(write(), medium('resin-oil', { name: 'Resin oil', recipe: { lines } }), null)
    id = await begun()
  })
  after(() => studio.close())

  it('has no label while nothing is poured, and is not finished or split', async () => {
    const batch = (await find(studio.db, 'batch', id))!
    expect(labelWords(batch)).to.equal(null)
    expect(await labelPdf(batch, 'small', 'http://x/')).to.equal(null)
    expect(await refusalOf(finishBatch(write(), id))).to.include('Nothing is poured yet')
    expect(await refusalOf(unpour(write(), id))).to.include('Nothing is poured yet')
    expect(await refusalOf(splitBatch(write(), id, 5, 'Half'))).to.include('Finish the batch')
    expect(await refusalOf(pour(write(), id, 'moon_oil', 5))).to.include('not on the shelf')
  })
  it('is finished once; then nothing more is poured, and what was poured stands', async () => {
    await pour(write(), id, 'walnut', 90)
    await pour(write(), id, 'damar', 10)
    await finishBatch(write(), id)
    expect((await find(studio.db, 'batch', id))!.madeOn).to.equal(now)
    expect(await refusalOf(pour(write(), id, 'walnut', 1))).to.include('This batch is finished')
    expect(await refusalOf(unpour(write(), id))).to.include('what was poured stands')
  })
  it('that is not what it was meant to be takes a name of its own, and is no batch of that medium', async () => {
    const short = await begun()
    await pour(write(), short, 'walnut', 90)
    await finishBatch(write(), short)
    const kept = (await find(studio.db, 'batch', short))!
    expect([kept.name, kept.mediumId]).to.deep.equal(['Resin oil, as it came out', null])
  })
  it('with half again the most drier advised is not begun', async () => {
    const lines = [
      { material: 'walnut', amount: 100, unit: 'g' as const },
      { material: 'cobalt', amount: 3, unit: 'g' as const },
    ]
    await saveMedium(write(), medium('dried', { recipe: { lines } }), null)
    const by = { kind: 'mass' as const, g: 50 }
    const begin = createBatch(write(), { mediumId: 'dried', by, jarMl: null, byFeel: false })
    expect(await refusalOf(begin)).to.include('times the most drier advised')
  })
  it('keeps its pours and its number whatever a page sends of them', async () => {
    const { revision, ...batch } = (await find(studio.db, 'batch', id))!
    await saveBatch(write(), id, { ...batch, pours: [], number: 77, note: 'cleared overnight' }, revision)
    const kept = (await find(studio.db, 'batch', id))!
    expect([kept.pours.length, kept.number, kept.note]).to.deep.equal([2, 1, 'cleared overnight'])
  })
  it('can be split only by what is left of it', async () => {
    expect(await refusalOf(splitBatch(write(), id, 500, 'Too much'))).to.match(/^Only [\d.]+ ml are left/)
    const { made } = await splitBatch(write(), id, 20, 'Putty')
    const child = (await find(studio.db, 'batch', made[0]!))!
    expect([child.parentId, child.number, child.madeOn]).to.deep.equal([id, 3, null])
    expect(child.pours.reduce((sum, { grams }) => sum + grams, 0)).to.be.closeTo(20, 1e-9)
  })
  it('has a label of what is in it by mass, with its cautions, in two sizes', async () => {
    const batch = (await find(studio.db, 'batch', id))!
    const { title, lines } = labelWords(batch)!
    expect(title).to.equal('Resin oil, batch 1')
    expect(lines.join(' ')).to.match(/90\.0.% Walnut oil, 10\.0.% Damar resin/)
    expect(lines.join(' ')).to.include('walnut is an allergen').and.include('oily rags heat themselves')
    const sizes = await Promise.all(
      (['small', 'large'] as const).map((size) => labelPdf(batch, size, 'http://x/')),
    )
    for (const pdf of sizes) expect(Buffer.from(pdf!.subarray(0, 5)).toString()).to.equal('%PDF-')
  })
  it('is on a weighing sheet, more than eighteen on a second page', async () => {
    const batch = (await find(studio.db, 'batch', id))!
    const one = await sheetPdf('Sheet', [batch], (material) => material)
    const many = await sheetPdf(
      'Sheet',
      Array.from({ length: 20 }, () => batch),
      (material) => material,
    )
    const pages = (pdf: Uint8Array): number => pdf.length
    expect(pages(many)).to.be.above(pages(one))
  })
  it('shows while the studio is away what the studio makes of it afterwards', async () => {
    const other = await begun()
    const deeds = {
      pour: (sent: { material: string; grams: number }) => pour(write(), other, sent.material, sent.grams),
      repair: () => repairBatch(write(), other),
      unpour: () => unpour(write(), other),
    }
    for (const [deed, material, grams] of [
      ['pour', 'walnut', 99],
      ['repair', '', 0],
      ['pour', 'marble_dust', 2],
      ['unpour', '', 0],
      ['unpour', '', 0],
    ] as const) {
      const batch = (await find(studio.db, 'batch', other))!
      const shown = expected(batch, deed, { material, grams }, now)
      await deeds[deed]({ material, grams })
      const { targets, pours } = (await find(studio.db, 'batch', other))!
      expect({ targets, pours }, deed).to.deep.equal({ targets: shown.targets, pours: shown.pours })
    }
  })
})
