import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { assess } from '../../src/document/judging/assess.ts'
import { compositionOf, paintFrom } from '../../src/document/ownTube.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { correctionSchema } from '../../src/document/layer.ts'
import type { HeapDocument } from '../../src/document/palette.ts'
import type { OwnTube } from '../../src/document/tube.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { finishBatch, createBatch, pour } from '../../src/studio/batches.ts'
import type { Invalid } from '../../src/studio/computing/compute.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { correctPainted, logPainted } from '../../src/studio/painted.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { logMixed } from '../../src/studio/palette.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { saveShelfItem, removeShelfItem } from '../../src/studio/shelf.ts'
import { tubesFromCsv, tubesToCsv } from '../../src/studio/csv/tubeCsv.ts'
import { tubePage } from '../../src/studio/tubeList.ts'
import { removeTube, saveTube } from '../../src/studio/tubes.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { find } from '../../src/store/records.ts'
import { layer, lot, medium, painting, tube } from './bodies.ts'
import { emptyStudio, now } from './desk.ts'

type Studio = Awaited<ReturnType<typeof emptyStudio>>
const refusalOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'besides out',
    (error: Error) => error.message,
  )
const from = (own: OwnTube, parts = 1) => paintFrom(own, parts, findInLibrary)
const washed = { on: '2026-11-20', how: 'washed', wetG: 10, leftG: 5 } as const

describe('a tube of the painter’s own', () => {
  it('its own streak is believed before the maker, the maker before the book', () => {
    const oil = (own: Partial<OwnTube>) => compositionOf(tube('t', own), findInLibrary).oilMassPercent
    expect(oil({})).to.equal(undefined)
    expect(oil({ oilPercent: 40 })).to.equal(40)
    expect(oil({ oilPercent: 40, streaks: [washed] })).to.be.closeTo(50, 1e-9)
  })
  it('its own drying test is believed before the maker’s word', () => {
    const climate = { temperatureC: 21, relativeHumidityPct: 50, light: 1 }
    const rate = (own: Partial<OwnTube>) => compositionOf(tube('t', own), findInLibrary).rateTimes ?? 1
    const slow = { on: '2026-11-20', thicknessUm: 50, touchDays: 20, climate }
    expect(rate({ speed: 'very fast' })).to.be.above(1)
    expect(rate({ speed: 'very fast', dryingTests: [slow] })).to.be.below(1)
  })
})

describe('calibrating a tube', () => {
  let studio: Studio
  const write = () => ({ db: studio.db, at: now })
  const rates = async (): Promise<readonly number[]> => {
    const picture = (await loadPicture(studio.db, 'p', now))!
    return assess(picture, findInStudio(picture.shelf)).layers.map(({ worst }) => worst!.film.oilContent)
  }
  before(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('p'), null)
    await saveTube(write(), tube('blue'), null)
    for (const [at, id] of ['a', 'b'].entries())
      await saveLayer(write(), layer(id, 'p', at, { paints: [from(tube('blue'))] }), null)
    await logPainted(write(), 'a')
  })
  after(() => studio.close())

  it('moves the layers still to be painted, and not those that are', async () => {
    const [painted, planned] = await rates()
    await saveTube(write(), tube('blue', { streaks: [washed] }), 1)
    const [still, moved] = await rates()
    expect(still).to.equal(painted)
    expect(moved).to.be.above(planned!)
  })
  it('a correction that keeps the tube keeps it as it was', async () => {
    const before = (await find(studio.db, 'layer', 'a'))!.painted!
    await correctPainted(write(), 'a', { wetThicknessUm: 80 })
    const after = (await find(studio.db, 'layer', 'a'))!.painted!
    expect(after.paints).to.deep.equal(before.paints)
  })
  it('a planned layer whose tube is gone keeps what it was made of when it was last saved', async () => {
    const [, moved] = await rates()
    await saveLayer(write(), { ...layer('b', 'p', 1, { paints: [from(tube('blue'))] }), name: 'Sky' }, 1)
    await removeTube(write(), 'blue', 2)
    expect((await rates())[1]).to.equal(moved)
  })
  it('a lot a tube is made with cannot go', async () => {
    await saveShelfItem(write(), lot('thick'), null)
    await saveTube(write(), tube('own', { oil: 'thick' }), null)
    expect(await refusalOf(removeShelfItem(write(), 'thick', 1))).to.match(/Tube own is made with Lot thick/)
    expect(await refusalOf(saveTube(write(), tube('x', { oil: 'no-such' }), null))).to.match(/not there/)
  })
  it('its pigments are found by what they do, and twins are pointed out', async () => {
    await saveTube(write(), tube('quay', { name: 'Quay blue' }), null)
    await saveTube(write(), tube('ultra', { name: 'Ultramarine' }), null)
    const page = await tubePage(studio.db, { text: 'pb29' })
    expect(page.count).to.be.at.least(2)
    expect(page.samePigment.some((group) => group.some(({ name }) => name === 'Quay blue'))).to.equal(true)
    expect((await tubePage(studio.db, { text: 'opaque' })).count).to.equal(0)
  })
})

describe('paints as CSV', () => {
  const own = tube('blue', {
    name: 'Blue, "deep"',
    pigments: [
      { pigment: 'pb29', share: 3 },
      { pigment: 'pw4', share: 1 },
    ],
    price: { coins: 9.5, for: { amount: 40, unit: 'ml' } },
    squeezes: [{ drops: 5, grams: 4.2 }],
    hazards: ['cobalt', 'nickel'],
    leftMl: 12,
    streaks: [washed],
    note: '=1+1 ',
  })
  const known = new Map([[own.id, own]])
  it('out and in again is the same tube, its streaks kept', () => {
    expect(tubesFromCsv(tubesToCsv([own]), known, () => false)).to.deep.equal([own])
  })
  it('a name, a code and an oil are enough', () => {
    const [read] = tubesFromCsv('name;pigments;bound_in\nQuay blue;PB29;walnut', new Map(), () => false)
    expect(read!.pigments).to.deep.equal([{ pigment: 'pb29', share: 1 }])
  })
  it('every fault is told by line and column, and nothing is taken', () => {
    const csv = 'name,pigments,bound_in,left_ml\nA,PBr7,walnut,3\nB,pb29,snake,x'
    try {
      tubesFromCsv(csv, new Map(), () => false)
      expect.fail('it was taken')
    } catch (error) {
      const words = (error as Invalid).issues.map(({ message }) => message).join(' | ')
      expect(words).to.match(/Line 2, column "pigments": "PBr7" is several pigments/)
      expect(words).to.match(/Line 3, column "bound_in": No oil "snake"/)
      expect(words).to.match(/Line 3, column "left_ml": "x" is not a number/)
    }
  })
})

describe('mixed it', () => {
  let studio: Studio
  const write = () => ({ db: studio.db, at: now })
  const heap = (id: string, own: OwnTube, amount: number): HeapDocument => ({
    id,
    paints: [from(own)],
    amount,
    unit: 'ml',
    added: [],
    dips: null,
    stray: null,
    mixed: null,
    kept: [],
  })
  const poured = (one: HeapDocument, mediumMl: number, oilMl = 0) => ({
    ...one,
    ml: one.amount,
    poured: {
      mediumMl,
      drops: 5,
      thinnerMl: 0,
      besides: oilMl > 0 ? [{ material: 'walnut', parts: oilMl }] : [],
    },
  })
  const [white, ochre] = [
    tube('white', { pigments: [{ pigment: 'pw6_rutile', share: 1 }], leftMl: 20 }),
    tube('ochre', { pigments: [{ pigment: 'py43', share: 1 }] }),
  ]
  let event = 0
  before(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('p'), null)
    for (const own of [white, ochre]) await saveTube(write(), own, null)
    await saveMedium(write(), medium('oil'), null)
    const begun = await createBatch(write(), {
      mediumId: 'oil',
      by: { kind: 'volume', ml: 50 },
      jarMl: 100,
      byFeel: false,
    })
    await pour(write(), begun.made[0]!, 'walnut', 46)
    await finishBatch(write(), begun.made[0]!)
    const mediumId = begun.made[0]!
    const plan = { paints: [from(white, 2), from(ochre)], medium: { mediumId, parts: 1 } }
    await saveLayer(write(), layer('a', 'p', 0, plan), null)
    const heaps = [poured(heap('h1', white, 12), 1.5), poured(heap('h2', ochre, 3), 0.2)]
    ;({ event } = await logMixed(write(), 'a', { heaps }))
  })
  after(() => studio.close())

  it('stands on the layer’s record, and the layer is planned with what was mixed', async () => {
    const { mixed, paints, medium: used, palette } = (await find(studio.db, 'layer', 'a'))!
    expect(mixed[0]!.heaps.map(({ ml, mediumMl }) => [ml, mediumMl])).to.deep.equal([
      [12, 1.5],
      [3, 0.2],
    ])
    expect(paints.map(({ tube: id, parts }) => [id, parts])).to.deep.equal([
      ['white', 12],
      ['ochre', 3],
    ])
    expect(used!.parts).to.equal(1.7)
    expect(mixed[0]!.medium, 'the jar by its number').to.match(/, batch 1$/)
    expect(palette!.heaps.map(({ kept }) => kept)).to.deep.equal([
      [{ where: 'open', at: now }],
      [{ where: 'open', at: now }],
    ])
  })
  it('takes from the tube that is kept count of, and from the jar', async () => {
    expect((await find(studio.db, 'tube', 'white'))!.leftMl).to.equal(8)
    expect((await find(studio.db, 'tube', 'ochre'))!.leftMl).to.equal(null)
    const { medium: used } = (await find(studio.db, 'layer', 'a'))!
    expect((await find(studio.db, 'batch', used!.mediumId))!.taken[0]!.ml).to.be.closeTo(1.7, 1e-9)
  })
  it('a second mixing adds to the plan of the first', async () => {
    const written = await logMixed(write(), 'a', { heaps: [poured(heap('h3', ochre, 2), 0)] })
    const { paints, mixed } = (await find(studio.db, 'layer', 'a'))!
    expect(paints.find(({ tube: id }) => id === 'ochre')!.parts).to.equal(5)
    expect(mixed).to.have.length(2)
    await undoEvent(write(), written.event)
  })
  it('what dips brought into it goes on the picture with it, and a correction of the thickness leaves it there', async () => {
    const dipped = [poured(heap('h4', ochre, 2), 0, 0.6), poured(heap('h5', ochre, 2), 0, 0.3)]
    const written = await logMixed(write(), 'a', { heaps: dipped })
    const { mixed, besides } = (await find(studio.db, 'layer', 'a'))!
    expect(besides).to.deep.equal([{ material: 'walnut', parts: 0.9 }])
    expect(mixed.at(-1)!.heaps[0]!.besides).to.deep.equal([{ material: 'walnut', parts: 0.6 }])
    const painted = await logPainted(write(), 'a')
    const change = correctionSchema.parse({ wetThicknessUm: 80 })
    const corrected = await correctPainted(write(), 'a', change)
    const now = (await find(studio.db, 'layer', 'a'))!.painted!
    expect([now.wetThicknessUm, now.besides]).to.deep.equal([80, besides])
    for (const done of [corrected, painted, written]) await undoEvent(write(), done.event)
  })
  it('more other things than a layer can hold are refused, and nothing is written', async () => {
    const full = (id: string, from: number) => {
      const one = poured(heap(id, ochre, 2), 0)
      const besides = Array.from({ length: 20 }, (_, at) => ({ material: `thing-${from + at}`, parts: 1 }))
      return { ...one, poured: { ...one.poured, besides } }
    }
    const tried = logMixed(write(), 'a', { heaps: [full('h6', 0), full('h7', 20)] })
    expect(await tried.catch(({ message }: Error) => message)).to.include('at most 24 other things')
    expect((await find(studio.db, 'layer', 'a'))!.mixed).to.have.length(1)
  })
  it('is undone as one', async () => {
    await undoEvent(write(), event)
    const { mixed, paints, palette } = (await find(studio.db, 'layer', 'a'))!
    expect([mixed.length, paints.length, palette]).to.deep.equal([0, 2, null])
    expect((await find(studio.db, 'tube', 'white'))!.leftMl).to.equal(20)
  })
})
