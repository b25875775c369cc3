import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { mixOf } from '../../src/core/film/film.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { carryOver } from '../../src/core/palette/carryOver.ts'
import { dosedWith } from '../../src/core/palette/heap.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { materialsUsed } from '../../src/document/picture/picture.ts'
import { portionsOf } from '../../src/core/film/paint.ts'
import { besidesOf, besidesTogether, dipMlOf, withPutIn } from '../../src/document/palette/besides.ts'
import { emptyHeap } from '../../src/document/palette/heaps.ts'
import { layer, picture, tube } from '../studio/bodies.ts'
import { paintFrom } from '../../src/document/ownTube.ts'

const umber = paintFrom(
  tube('umber', { pigments: [{ pigment: 'pbr7_raw_umber', share: 1 }] }),
  1,
  findInLibrary,
)
const heap = emptyHeap('h', umber)
const dips = { liquid: 'walnut', count: 8, brush: 'middle' as const }

describe('what brushes bring in', () => {
  it('eight dips of a middle brush are 1.2 ml, or what the painter weighed', () => {
    const of = (own: { middle?: number }) => besidesOf({ ...heap, dips }, own, findInLibrary)
    expect(of({})).to.deep.equal([{ material: 'walnut', parts: 1.2 }])
    expect(of({ middle: 0.2 })[0]!.parts).to.equal(1.6)
    expect([dipMlOf('small', { middle: 0.2 }), dipMlOf('middle', { middle: 0.2 })]).to.deep.equal([0.05, 0.2])
  })
  it('paint left in the brush is told by weight and counted by volume', () => {
    const stray = { pigment: 'pw6_rutile', g: 0.415 }
    const [one] = besidesOf({ ...heap, stray }, {}, findInLibrary)
    expect(one!.parts).to.be.closeTo(0.415 / findInLibrary('pw6_rutile')!.densityGPerMl.mid, 1e-4)
    expect(besidesOf({ ...heap, dips: { ...dips, count: 0 } }, {}, findInLibrary)).to.deep.equal([])
  })
  it('of several heaps is the same liquid once', () => {
    const [oil, spirit] = ['walnut', 'gum_turpentine']
    const together = besidesTogether([
      [{ material: oil, parts: 1 }],
      [
        { material: spirit, parts: 0.5 },
        { material: oil, parts: 0.25 },
      ],
    ])
    expect(together).to.deep.equal([
      { material: oil, parts: 1.25 },
      { material: spirit, parts: 0.5 },
    ])
  })
  it('law: a heap with dips in it is what carry-over says of it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom('walnut', 'gum_turpentine'),
        (count, id) => {
          const liquid = findInLibrary(id)!
          const clean = dosedWith(neat, none, { mediumMl: 0, thinnerMl: 0 }, findInLibrary)
          const besides = portionsOf([{ material: id, parts: count * 0.15 }], findInLibrary)
          const spoilt = dosedWith(neat, none, { mediumMl: 0, thinnerMl: 0, besides }, findInLibrary)
          if (!clean.ok || !spoilt.ok) throw new Error('a neat heap can be reckoned')
          const said = carryOver(clean.heap.mix, { liquid, dips: count, mlEach: 0.15 })
          expect(spoilt.heap.leanness).to.be.closeTo(said.leanness[1]!, 1e-9)
          expect(spoilt.heap.mix.film.mix.volatile).to.be.closeTo(said.wetVolatile[1], 1e-9)
        },
      ),
    )
  })
  it('a layer painted with it is as fat as the heap, and neither medium nor thinner is counted for it', () => {
    const besides = [{ material: 'walnut', parts: 1.2 }]
    const made = mixOf({ paints: [{ ...umber, parts: 12 }], besides, wetThicknessUm: 60 }, findInLibrary)
    const spoilt = dosedWith(
      { paints: [umber], amount: { ml: 12 } },
      none,
      { mediumMl: 0, thinnerMl: 0, besides: portionsOf(besides, findInLibrary) },
      findInLibrary,
    )
    if (!made.ok || !spoilt.ok) throw new Error('umber and walnut can be reckoned')
    expect(made.mix.film.leanness).to.be.closeTo(spoilt.heap.leanness!, 1e-9)
    expect(made.mix.film.mix).to.include({ medium: 0, thinner: 0 })
  })
  it('dips into a heap that is mixed go on record and on with the layer; into another they wait', () => {
    const mixed = { mediumMl: 0, drops: null, thinnerMl: 0, besides: [], ml: 5, at: '2026-11-26T10:00' }
    const other = { ...heap, id: 'other', mixed: { ...mixed, besides: [{ material: 'walnut', parts: 0.3 }] } }
    const palette = {
      heaps: [{ ...heap, mixed }, { ...heap, id: 'neat' }, other],
      by: { proportion: 0 },
      thinnerShare: 0,
      mediumAgeDays: null,
    }
    const into = (id: string) => withPutIn(palette, id, { dips }, (one) => besidesOf(one, {}, findInLibrary))
    expect(into('h').besides).to.deep.equal([{ material: 'walnut', parts: 1.5 }])
    expect(into('h').palette.heaps[0]!.mixed!.besides).to.deep.equal([{ material: 'walnut', parts: 1.2 }])
    expect(into('neat').besides).to.equal(null)
    expect(into('neat').palette.heaps[1]!.dips).to.deep.equal(dips)
  })
  it('is told with what lies on the picture, and judged with it', () => {
    const plain = picture([layer('a', 'p', 0, { paints: [umber] })])
    const besides = [{ material: 'walnut', parts: 0.5 }]
    const brushed = picture([layer('a', 'p', 0, { paints: [umber], besides })])
    const fat = (of: typeof plain) => assess(of, findInLibrary).layers[0]!.worst!.film.leanness!
    expect(fat(brushed)).to.be.below(fat(plain))
    expect(materialsUsed(brushed).map(({ id }) => id)).to.include('walnut')
  })
  it('what is on no shelf is said, not passed over', () => {
    const besides = [{ material: 'nothing_known', parts: 1 }]
    const made = mixOf({ paints: [umber], besides, wetThicknessUm: 60 }, findInLibrary)
    expect(made.ok ? '' : made.message).to.include('what else is really in it')
  })
})

const neat = { paints: [umber], amount: { ml: 12 } }
const none = { medium: [], by: { proportion: 0 } }
