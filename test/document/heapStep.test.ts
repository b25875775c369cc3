import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { volumeOf } from '../../src/core/medium/amount.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { consistencyOf, stepTo } from '../../src/core/palette/consistency.ts'
import type { Consistency } from '../../src/core/palette/consistency.ts'
import { dosedWith, heapPaint, heldIn } from '../../src/core/palette/heap.ts'
import { portionsOf } from '../../src/core/film/paint.ts'
import type { Besides } from '../../src/document/palette/besides.ts'
import { addedThinnerMl, takeStep } from '../../src/document/palette/heapStep.ts'

const spirit = findInLibrary('gum_turpentine')!
const paintOf = (pigment: string, oil = 'walnut') => ({
  pigments: [{ pigment, share: 1 }],
  oil,
  parts: 1,
})
const laid = (pigment: string, ml: number, added: Besides = []) => {
  const heap = { paints: [paintOf(pigment)], amount: { ml } }
  const besides = portionsOf(added, findInLibrary)
  const none = { medium: [], by: { proportion: 0 } }
  const made = dosedWith(heap, none, { mediumMl: 0, thinnerMl: 0, besides }, findInLibrary)
  const neat = heapPaint({ ...heap, amount: { ml: 1 } }, findInLibrary)
  if (!made.ok || !neat.ok) throw new Error(`${pigment} in walnut can be reckoned`)
  return { ...made.heap, neat: neat.paint }
}
const handling = (pigment: string, ml: number, added: Besides): Consistency => {
  const { mix, leanness } = laid(pigment, ml, added)
  return consistencyOf({ volatile: mix.film.mix.volatile, leanness })
}
const take = (wanted: Consistency, pigment: string, ml: number, added: Besides = []) => {
  const { mix, neat } = laid(pigment, ml, added)
  const paint = heldIn(neat)
  const step = stepTo(wanted, {
    film: mix.film,
    wetMl: volumeOf(mix.all),
    thinnerMl: addedThinnerMl({ added }, findInLibrary),
    ...heldIn(mix.all),
    paintFat: paint.fatMl,
    paintDemand: paint.demandMl,
  })
  return takeStep({ added, paints: [paintOf(pigment)] }, step, {
    thinner: spirit,
    findMaterial: findInLibrary,
  })
}
const pigment = fc.constantFrom('pbr7_raw_umber', 'pb29', 'pw6_rutile', 'py43')
const ml = fc.double({ min: 1, max: 40, noNaN: true })

describe('a step taken with one heap', () => {
  it('law: brings it to the consistency asked for', () =>
    fc.assert(
      fc.property(
        pigment,
        ml,
        fc.constantFrom<Consistency>('stain', 'sketch', 'glaze'),
        (colour, much, wanted) => {
          expect(handling(colour, much, take(wanted, colour, much)!)).to.equal(wanted)
        },
      ),
    ))
  it('to a glaze is the oil the tube is ground in; what thinned it goes out again', () => {
    const thinned = take('sketch', 'pb29', 5)!
    expect(thinned.map(({ material }) => material)).to.deep.equal(['gum_turpentine'])
    const glaze = take('glaze', 'pb29', 5, thinned)!
    expect(glaze.map(({ material }) => material)).to.deep.equal(['walnut'])
    expect(take('body', 'pb29', 5, thinned)).to.deep.equal([])
  })
  it('keeps what was added for another reason', () => {
    const clove = [{ material: 'clove_oil', parts: 0.05 }]
    expect(take('glaze', 'pb29', 5, clove)![0]).to.deep.equal(clove[0])
  })
  it('is none where it stands there already, where paint is wanted, or where the binder is no oil', () => {
    expect(take('body', 'pb29', 5)).to.equal(null)
    expect(take('body', 'pb29', 5, take('glaze', 'pb29', 5)!)).to.equal(null)
    const step = { thinnerMl: 0, oilMl: 1, paintMl: 0, mediumSolvent: false }
    const acrylic = { added: [], paints: [paintOf('pb29', 'acrylic_dispersion')] }
    expect(takeStep(acrylic, step, { thinner: spirit, findMaterial: findInLibrary })).to.equal(null)
  })
  it('cannot take out thinner that was poured into every heap, nor solvent of a medium', () => {
    const into = { added: [], paints: [paintOf('pb29')] }
    const by = { thinner: spirit, findMaterial: findInLibrary }
    const out = { thinnerMl: -1, oilMl: 0, paintMl: 0, mediumSolvent: false }
    expect(takeStep(into, out, by)).to.equal(null)
    expect(takeStep(into, { ...out, thinnerMl: 0, oilMl: 1, mediumSolvent: true }, by)).to.equal(null)
  })
})
