import { expect } from 'chai'
import { describe, it } from 'mocha'
import { filmOf } from '../../src/core/film/film.ts'
import type { Film } from '../../src/core/film/film.ts'
import { oilMlPerMlFor, sinkingOf } from '../../src/core/film/sinking.ts'
import { waxEffectsOf } from '../../src/core/film/waxEffects.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { removability, removerOf, yieldsFrom } from '../../src/core/finish/removability.ts'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { allAt } from '../../src/core/cure/states.ts'
import { isolatingPlan } from '../../src/core/finish/isolating.ts'

const material = (id: string) => findInLibrary(id)!
const film = (pigment: string, rest: object = {}, grind = 1.25): Film => {
  const paints = [{ pigments: [{ pigment, share: 1 }], oil: 'linseed_alkali_refined', grind, parts: 1 }]
  const made = filmOf({ paints, wetThicknessUm: 60, ...rest }, findInLibrary)
  if (!made.ok) throw new Error(made.message)
  return made.film
}
const ofMedium = (id: string, parts: number) => {
  const found = material(id)
  return {
    medium: { ingredients: [{ material: found, massG: found.densityGPerMl.mid, volumeMl: 1 }], parts },
  }
}

describe('sinking, told before it happens', () => {
  it('an earth of leanness 0.85 on a thirsty ground is high, and says what oil prevents it', () => {
    const thirsty = { suctionUm: 27 }
    const earth = film('pbr7_burnt_umber', thirsty, 1 / 0.85)
    expect(earth.leanness).to.be.closeTo(0.85, 0.001)
    const { risk, because, oilMlPerMl } = sinkingOf(earth)!
    expect(['high', 'sure']).to.include(risk)
    expect(because).to.equal('suction')
    const held = film('pbr7_burnt_umber', {
      suctionUm: 12,
      ...ofMedium('linseed_alkali_refined', oilMlPerMl),
    })
    expect(sinkingOf(held)!.risk).to.equal('low')
  })
  it('neat paint on what drinks nothing keeps its look; a lean one sinks for its own want of oil', () => {
    expect(sinkingOf(film('pw6_rutile'))!.risk).to.equal('low')
    const lean = sinkingOf(film('pw6_rutile', {}, 1))!
    expect([lean.risk, lean.because]).to.deep.equal(['high', 'lean'])
  })
  it('sealed first, the same earth keeps its look', () => {
    const plan = isolatingPlan({
      areaM2: 0.1,
      wetUm: 25,
      solids: 0.5,
      suctionUm: 12,
      coats: null,
      intervalDays: 1,
      touchDays: 4,
    })
    const earth = film('pbr7_burnt_umber', { suctionUm: plan.suctionLeftUm })
    expect(sinkingOf(earth)!.because).to.not.equal('suction')
  })
  it('a film that has what it needs wants no oil, a clear one has no powder to sink', () => {
    expect(oilMlPerMlFor(film('pw6_rutile'), 1.05)).to.equal(0)
    const clear = filmOf({ paints: [], ...ofMedium('walnut', 1), wetThicknessUm: 10 }, findInLibrary)
    expect(clear.ok && sinkingOf(clear.film)).to.equal(null)
  })
})

describe('wax in paint', () => {
  it('ten grams of paste in forty of paint are a fifth of the mix; it pales the colour and bears no hot room', () => {
    const paste = material('cold_wax_paste')
    const paint = [
      { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 },
    ]
    const neat = filmOf({ paints: paint, wetThicknessUm: 60 }, findInLibrary)
    const paintG = neat.ok ? neat.film.mix.densityGPerMl : 1
    const massG = paintG / 4
    const medium = {
      ingredients: [{ material: paste, massG, volumeMl: massG / paste.densityGPerMl.mid }],
      parts: massG / paste.densityGPerMl.mid,
    }
    const made = filmOf({ paints: paint, medium, wetThicknessUm: 60 }, findInLibrary)
    const wax = waxEffectsOf(made.ok ? made.film : film('pw6_rutile'), [paste])!
    expect(wax.ofFilm).to.be.within(0.06, 0.09)
    expect(wax.gloss).to.equal('matt')
    expect(wax.hottestC).to.equal(30)
  })
  it('none, where there is none', () => {
    expect(waxEffectsOf(film('pw6_rutile'), [])).to.equal(null)
  })
})

describe('what takes a film off', () => {
  const cured = forecastOf(allAt(10), 50)
  const ages = 4000
  it('cured oil, well bound, gives only to the strongest', () => {
    expect(yieldsFrom(film('pw6_rutile'), cured, ages).rank).to.equal(5)
  })
  it('an underbound wash and a waxy layer give to the mildest, young paint too', () => {
    const wash = film('pbr7_burnt_umber', {
      suctionUm: 10,
      thinner: { material: 'gum_turpentine', parts: 4 },
    })
    expect(yieldsFrom(wash, cured, ages)).to.include({ rank: 1, because: 'it is underbound' })
    expect(yieldsFrom(film('pw6_rutile', ofMedium('cold_wax_paste', 0.4)), cured, ages).rank).to.equal(1)
    expect(yieldsFrom(film('pw6_rutile'), cured, 1).because).to.equal('it is not hard yet')
  })
  it('a varnish is sound where its remover is milder than what lies under it gives to, once aged', () => {
    const oil = yieldsFrom(film('pw6_rutile'), cured, ages)
    const damar = removerOf([material('damar_varnish_30'), material('gum_turpentine')])
    expect(damar).to.deep.equal({ fresh: 2, aged: 4 })
    expect(removability(damar, oil)).to.equal('sound')
    expect(removability(damar, { rank: 4 })).to.equal('watch')
    expect(removability(damar, { rank: 1 })).to.equal('unsound')
  })
  it('nothing takes oil, alkyd or run copal off as a varnish', () => {
    for (const id of ['linseed_stand_oil', 'alkyd_medium_fluid', 'run_copal_varnish'])
      expect(removability(removerOf([material(id)]), { rank: 5 }), id).to.equal('unsound')
  })
})
