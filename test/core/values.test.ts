import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import {
  glazedColour,
  linearOf,
  shownOf,
  meanOfPixels,
  tintedTo,
  transmittanceOf,
  valueBudget,
  valueBudgetAsSeen,
  yOfRgb,
} from '../../src/core/values/budget.ts'
import { lightnessOf, lightOf, stepOfScale } from '../../src/core/values/lightness.ts'
import { valuesRequest } from '../../src/document/compute.ts'
import { expectClose, vectors } from '../vectors.ts'

describe('the value budget of glazes', () => {
  for (const { name, request, expect: expected } of vectors<{
    name: string
    request: unknown
    expect: unknown
  }>('values'))
    it(name, () => {
      const { start, transmittances, end } = valuesRequest.parse(request)
      expectClose(valueBudget(start, transmittances, end), expected, 1e-6)
    })
  it('two glazes that let 0.85 through bring 0.42 to 0.219, and L* 70.9 to 53.9; to end at 60 it begins at 78.4', () => {
    const { endY, endL, neededStartL } = valueBudget({ Y: 0.42 }, [0.85, 0.85], { L: 60 })
    expect(endY).to.be.closeTo(0.219, 0.001)
    expect([lightnessOf(0.42), endL, neededStartL].map((l) => Math.round(10 * l!) / 10)).to.deep.equal([
      70.9, 53.9, 78.4,
    ])
  })
  it('no white is light enough for what lets too little through', () => {
    expect(valueBudget({ L: 80 }, [0.5, 0.5, 0.5], { L: 70 }).neededStartL).to.equal(null)
  })
  it('a swatch tells one pass: the light over white is lost going in and coming out', () => {
    expect(transmittanceOf(0.7225 * 0.8, 0.8)).to.be.closeTo(0.85, 1e-12)
  })
  it('lightness and light are each other’s inverse, and even steps of the scale look even', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (y) => {
        expect(lightOf(lightnessOf(y))).to.be.closeTo(y, 1e-9)
        expect(stepOfScale(y)).to.be.within(0, 10.0001)
      }),
    )
  })
  it('a further glaze never makes it lighter, and never changes which glaze came first', () => {
    const t = fc.double({ min: 0.05, max: 1, noNaN: true })
    fc.assert(
      fc.property(fc.array(t, { maxLength: 6 }), t, (glazes, one) => {
        const start = { Y: 0.6 }
        const { endY } = valueBudget(start, glazes)
        expect(valueBudget(start, [...glazes, one]).endY).to.be.at.most(endY + 1e-12)
        expect(valueBudget(start, glazes.toReversed()).endY).to.be.closeTo(endY, 1e-12)
      }),
    )
  })
  it('where it has gone dull what is seen is lighter than what is, before and after', () => {
    const glazes = [0.85, 0.85]
    const [clear, dull] = [false, true].map((is) => valueBudgetAsSeen(0.42, glazes, 0.22, is))
    expect(clear!.endY).to.be.closeTo(valueBudget({ Y: 0.42 }, glazes).endY, 1e-12)
    // (0.42 - 0.04) x 0.85^4 + 0.04
    expect(dull!.endY).to.be.closeTo(0.38 * 0.85 ** 4 + 0.04, 1e-12)
    expect(dull!.neededStartY).to.be.closeTo(0.18 / 0.85 ** 4 + 0.04, 1e-12)
  })
  it('a tint is as light as its swatch and keeps its hue; the mean of pixels is one of light', () => {
    const tint = tintedTo([0.1, 0.3, 0.8], 0.85)
    expect(yOfRgb(tint)).to.be.closeTo(0.7225, 0.03)
    expect(tint[0]).to.be.below(tint[2])
    expect(meanOfPixels([0, 0, 0, 255, 255, 255, 255, 255])).to.deep.equal([0.5, 0.5, 0.5])
  })
  it('a blue glaze takes the red out of what lies under it', () => {
    const [red, , blue] = glazedColour([0.6, 0.6, 0.6], [0.2, 0.4, 0.8], 2)
    expect(red).to.be.below(blue)
    expect(yOfRgb([1, 1, 1])).to.be.closeTo(1, 1e-9)
    for (const value of [0, 7, 128, 255]) expect(shownOf(linearOf(value))).to.equal(value)
  })
})
