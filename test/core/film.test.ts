import { expect } from 'chai'
import { describe, it } from 'mocha'
import { filmOf } from '../../src/core/film/film.ts'
import type { Film } from '../../src/core/film/film.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import { drierEffect } from '../../src/core/cure/drier.ts'
import { spreadOf } from '../../src/core/cure/forecast.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'

const tube = (pigment: string, parts = 1) => ({
  pigments: [{ pigment, share: 1 }],
  oil: 'linseed_cold_pressed',
  parts,
})
function film(
  mixture: Partial<Parameters<typeof filmOf>[0]>,
  medium?: readonly (readonly [string, number])[],
  parts = 0.5,
): Film {
  const made =
    medium &&
    analyseMedium(
      { lines: medium.map(([material, amount]) => ({ material, amount, unit: 'g' as const })) },
      findInLibrary,
    )
  const found = filmOf(
    {
      paints: [tube('pw6_rutile')],
      wetThicknessUm: 60,
      ...(made?.ok && { medium: { ingredients: made.medium.ingredients, parts } }),
      ...mixture,
    },
    findInLibrary,
  )
  if (!found.ok) throw new Error(found.message)
  return found.film
}

describe('what a film is', () => {
  it('a neat tube is a quarter over its need: binder ratio 1.25, leanness 0.80', () => {
    const neat = film({})
    expect(neat.binderRatio).to.be.closeTo(1.25, 1e-9)
    expect(neat.leanness).to.be.closeTo(0.8, 1e-9)
  })
  it('a clear oil film has no powder to bind: no binder ratio, leanness 0', () => {
    const clear = film({ paints: [] }, [['linseed_stand_oil', 1]])
    expect([clear.binderRatio, clear.cpvc, clear.surface, clear.leanness]).to.deep.equal([
      null,
      null,
      null,
      0,
    ])
  })
  it('wax and egg hold powder but are no fat', () => {
    const waxed = film({}, [['beeswax', 1]])
    expect(waxed.binderRatio!).to.be.above(1.25)
    expect(waxed.leanness).to.be.closeTo(0.8, 1e-9)
  })
  it('an alkyd counts half as fat', () => {
    const oil = film({}, [['linseed_cold_pressed', 1]], 0.2)
    const alkyd = film({}, [['alkyd_walnut_solvent_free', 1]], 0.2)
    expect(alkyd.leanness!).to.be.above(oil.leanness!)
  })
  it('a little umber hurries a slow white out of all proportion, for it is a catalyst', () => {
    const rate = (umber: number): number =>
      film({ paints: [tube('pw6_rutile', 1 - umber), tube('pbr7_raw_umber', umber)] }).rate
    expect(rate(0.1) - rate(0)).to.be.above(rate(1) - rate(0.9))
  })
  it('zinc stiffens, stand oil stretches, much resin makes brittle', () => {
    const plain = film({}).flexPlain!
    expect(film({ paints: [tube('pw4')] }).flexPlain!).to.be.below(plain / 2)
    expect(film({}, [['linseed_stand_oil', 1]]).flexPlain!).to.be.above(plain)
    expect(film({}, [['damar', 1]]).flexPlain!).to.be.below(plain)
  })
  it('a spoonful of wax makes it satin, more makes it matt', () => {
    const rich = (wax: number) =>
      film(
        {},
        [
          ['linseed_stand_oil', 10 - wax],
          ['beeswax', wax],
        ],
        1,
      ).surface
    expect([rich(0), rich(1.5), rich(4)]).to.deep.equal(['glossy', 'satin', 'matt'])
  })
  it('what is all solvent leaves nothing, and says so', () => {
    const found = filmOf(
      { paints: [], thinner: { material: 'gum_turpentine', parts: 1 }, wetThicknessUm: 20 },
      findInLibrary,
    )
    expect(!found.ok && found.message).to.include('dries to nothing')
  })
})

describe('drinking', () => {
  const stain = (parts: number, suctionUm: number): Film =>
    film({
      paints: [tube('pbr7_raw_umber')],
      thinner: { material: 'gum_turpentine', parts },
      wetThicknessUm: 20,
      suctionUm,
    })
  it('the thinner the wash, the more a thirsty ground takes out of it', () => {
    expect(stain(2, 40).binderRatioAfterDrinking!).to.be.below(stain(0.3, 40).binderRatioAfterDrinking!)
    expect(stain(2, 40).binderRatioAfterDrinking!).to.be.below(0.9)
  })
  it('a well-bound layer seals what is under it; a starved one goes on drinking', () => {
    expect(film({ suctionUm: 10 }).suctionLeftUm).to.equal(0)
    expect(stain(2, 40).suctionLeftUm).to.be.above(5)
  })
  it('drinking changes what is left of the binder, not how lean the film is', () => {
    expect(film({ suctionUm: 40 }).leanness).to.equal(film({ suctionUm: 0 }).leanness)
    expect(film({ suctionUm: 40 }).q).to.be.below(film({ suctionUm: 0 }).q)
  })
})

describe('driers and spread', () => {
  const dose = (id: string, percent: number) => [{ kind: id, name: id, percent, maxPercent: undefined }]
  it('cobalt hurries the skin and not the depth; lead the depth', () => {
    const [cobalt, lead] = [drierEffect(dose('cobalt', 0.05), true), drierEffect(dose('lead', 0.5), true)]
    expect([cobalt.start > 2, cobalt.through < 1, lead.through > 1.4]).to.deep.equal([true, true, true])
  })
  it('of several driers the stronger counts once; clove oil holds the start back', () => {
    const both = drierEffect([...dose('cobalt', 0.05), ...dose('manganese', 0.02)], true)
    expect(both.start).to.equal(
      Math.max(
        drierEffect(dose('cobalt', 0.05), true).start,
        drierEffect(dose('manganese', 0.02), true).start,
      ),
    )
    expect(drierEffect(dose('clove_oil', 1), true).start).to.be.closeTo(0.4, 1e-9)
  })
  it('above half a millimetre no drier makes a layer firm much sooner', () => {
    const [plain, dried] = [{}, { start: 2.5, through: 0.85 }].map((drier) =>
      stateDaysFromTable({ thicknessUm: 1000, rate: 1, ...drier }),
    )
    expect(dried!.firm! / plain!.firm!).to.be.above(0.9)
    expect(dried!.touch!).to.be.below(plain!.touch!)
  })
  it('the forecast is honest about impasto: its spread is more than twice a thin film’s', () => {
    expect([spreadOf(50), spreadOf(1000)]).to.deep.equal([0.35, 0.8])
  })
})
