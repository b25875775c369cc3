import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { newArea } from '../../src/document/picture/areas.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { mixOf } from '../../src/core/film/film.ts'
import { areaCm2Of } from '../../src/document/picture/area.ts'
import {
  emptyHeap,
  heapName,
  heapOf,
  inUnit,
  paintsTogether,
  paletteOf,
  puttyPaint,
  withPutty,
} from '../../src/document/palette/heaps.ts'
import { paintFrom, withTubesOfToday } from '../../src/document/ownTube.ts'
import { needsOf } from '../../src/document/judging/summary.ts'
import { layer, painting, tube } from '../studio/bodies.ts'

const blue = tube('blue', { squeezes: [{ drops: 10, grams: 12 }] })
const white = tube('white', { name: 'White', pigments: [{ pigment: 'pw6_rutile', share: 1 }] })
const from = (own: typeof blue, parts = 1) => paintFrom(own, parts, findInLibrary)

describe('a heap', () => {
  it('told in squeezes weighs what they were weighed to, and cannot be told so before', () => {
    const heap = { ...emptyHeap('h', from(blue)), amount: 3, unit: 'squeeze' as const }
    const told = heapOf(heap, [blue])!.amount as { g: number }
    expect(told.g).to.be.closeTo(3.6, 1e-9)
    expect(heapOf({ ...heap, paints: [from(white)] }, [white])).to.equal(null)
  })
  it('law: told in another unit and back it is as much, to the digits shown', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 50, noNaN: true }), (ml) => {
        const heap = { ...emptyHeap('h', from(blue)), amount: ml }
        const back = inUnit(inUnit(heap, 'g', [blue], findInLibrary)!, 'ml', [blue], findInLibrary)!
        expect(back.amount).to.be.closeTo(ml, 0.011 * ml)
      }),
    )
  })
  it('is called by its paints, the most plentiful first', () => {
    const paints = [from(blue, 1), from(white, 4)]
    expect(heapName({ paints }, findInLibrary)).to.equal('White + Tube blue')
  })
  it('several come to the paints of a layer: the same tube once, parts in ml', () => {
    const paints = paintsTogether([
      { paints: [from(blue, 1), from(white, 3)], ml: 8 },
      { paints: [from(white)], ml: 2 },
    ])
    expect(paints.map(({ tube: id, parts }) => [id, parts])).to.deep.equal([
      ['blue', 2],
      ['white', 8],
    ])
  })
  it('a putty of 45 % chalk by volume has that much powder in it', () => {
    const putty = puttyPaint('chalk_whiting', 'walnut', 0.45, findInLibrary)!
    const made = mixOf({ paints: [putty], wetThicknessUm: 60 }, findInLibrary)
    expect(made.ok && made.mix.film.pvc).to.be.closeTo(0.45, 1e-3)
  })
  it('with a putty in it holds as much more, and the colour it had', () => {
    const putty = puttyPaint('chalk_whiting', 'walnut', 0.45, findInLibrary)!
    const heap = withPutty({ paints: [from(blue, 2)] }, 10, putty, 5)
    expect([heap.unit, heap.amount]).to.deep.equal(['ml', 15])
    expect(heap.paints.map(({ parts }) => parts)).to.deep.equal([2, 1])
  })
})

describe('the palette of a layer', () => {
  const plan = layer('l', 'p', 0, {
    paints: [from(white, 3), from(blue, 1)],
    medium: { mediumId: 'm', parts: 1 },
    wetThicknessUm: 100,
  })
  it('nobody has laid out yet is a heap of each paint, as much as its area wants', () => {
    const { heaps, by } = paletteOf(plan, painting('p', { widthCm: 50, heightCm: 40 }))
    // 2000 cm² at 100 µm are 20 ml of mix, four fifths of it paint.
    expect(heaps.map(({ amount }) => amount)).to.deep.equal([12, 4])
    expect(by).to.deep.equal({ proportion: 0.25 })
  })
  it('of a picture without a size holds usual heaps', () => {
    const { heaps } = paletteOf(plan, painting('p', { widthCm: null, heightCm: null }))
    expect(heaps.map(({ amount }) => amount)).to.deep.equal([5, 5])
  })
  it('a layer in a part of the picture wants for that part only', () => {
    const areas = [{ ...newArea('sky', 'sky'), share: 0.25 }]
    const picture = painting('p', { widthCm: 50, heightCm: 40, areas })
    const inSky = { ...plan, areas: ['sky'] }
    expect(areaCm2Of(picture, inSky)).to.equal(500)
    const mix = { medium: 0.2, thinner: 0 }
    const wholeMl = needsOf(plan, picture, mix).tubes[0]!.ml
    expect(needsOf(inSky, picture, mix).tubes[0]!.ml).to.be.closeTo(wholeMl / 4, 1e-9)
    expect(wholeMl).to.be.closeTo(12, 1e-9)
  })
})

describe('layers follow their tubes', () => {
  const own = tube('blue', { oilPercent: 50 })
  const plan = layer('l', 'p', 0, { paints: [from(blue), { ...from(white), tube: 'gone' }] })
  it('while they are planned; the paint of a tube that is gone stays as it was', () => {
    const [today] = withTubesOfToday([plan], [own], findInLibrary)
    expect(today!.paints[0]!.oilMassPercent).to.equal(50)
    expect(today!.paints[1]).to.equal(plan.paints[1])
  })
  it('and are the same layer as long as nothing changes, so that nothing is reckoned anew', () => {
    const tubes = [own]
    const once = withTubesOfToday([plan], tubes, findInLibrary)[0]
    expect(withTubesOfToday([plan], tubes, findInLibrary)[0]).to.equal(once)
    const plain = layer('m', 'p', 1)
    expect(withTubesOfToday([plain], tubes, findInLibrary)[0]).to.equal(plain)
  })
})
