import { expect } from 'chai'
import { describe, it } from 'mocha'
import { keepingOf } from '../../src/core/batch/keeping.ts'
import { filmOf } from '../../src/core/film/film.ts'
import type { Film } from '../../src/core/film/film.ts'
import { findInLibrary, finderOf } from '../../src/core/materials/find.ts'
import { library } from '../../src/core/materials/library.ts'
import { hazardsOf } from '../../src/core/materials/hazards.ts'
import type { Material } from '../../src/core/materials/material.ts'
import { materialOf } from '../../src/core/materials/own.ts'
import { policyAnswers, policyIds } from '../../src/core/materials/policy.ts'
import { deedsOf } from '../../src/core/materials/search.ts'
import { metalsIn } from '../../src/core/medium/drierDose.ts'
import { gelling } from '../../src/core/medium/effects.ts'
import { pairsIn } from '../../src/core/medium/pairs.ts'
import { lot } from '../studio/bodies.ts'

/** A painter's own lot of a material: an id of its own, and nothing known better. */
const ownLot = (base: Material): Material =>
  materialOf(lot('my-own', { base: base.id, name: base.name, family: base.family }), findInLibrary)
const withLots = finderOf([...library, ...library.map((base) => ({ ...ownLot(base), id: `my-${base.id}` }))])

describe('a painter’s own lot is of the kind it is based on', () => {
  it('for the room’s policy, its hazards, how long it keeps and what it does', () => {
    for (const base of library) {
      const own = ownLot(base)
      const asked = (material: Material) => ({
        policy: policyAnswers(material, policyIds),
        hazards: hazardsOf([material]),
        keeps: keepingOf([material], true),
        deeds: deedsOf(material),
      })
      expect(asked(own), base.id).to.deep.equal(asked(base))
    }
  })
  it('for what must not meet it', () => {
    const messages = (a: Material, b: Material) => pairsIn([a, b]).map(({ message }) => message)
    const partners = ['vinegar_5', 'beeswax', 'egg_yolk'].flatMap((id) => findInLibrary(id) ?? [])
    expect(partners).to.have.length.above(1)
    for (const base of library)
      for (const partner of partners)
        if (partner !== base)
          expect(messages(partner, ownLot(base)), base.id).to.deep.equal(messages(partner, base))
  })
  it('for its metal, and for how it gels', () => {
    const measured = (material: Material) => [
      { material, massG: 2, volumeMl: 2 / material.densityGPerMl.mid },
    ]
    for (const base of library) {
      expect(metalsIn(measured(ownLot(base))), base.id).to.deep.equal(metalsIn(measured(base)))
      expect(gelling(ownLot(base)), base.id).to.equal(gelling(base))
    }
  })
  it('for the film it makes: umber hurries, zinc stiffens, cobalt skins', () => {
    const film = (prefix: string, pigment: string, drier: string): Film => {
      const of = (id: string): Material => withLots(`${prefix}${id}`)!
      const oil = { material: of('walnut'), massG: 0.93, volumeMl: 1 }
      const added = { material: of(drier), massG: 0.02, volumeMl: 0.02 }
      const made = filmOf(
        {
          paints: [
            { pigments: [{ pigment: `${prefix}${pigment}`, share: 1 }], oil: `${prefix}walnut`, parts: 1 },
          ],
          medium: { ingredients: [oil, added], parts: 0.2 },
          wetThicknessUm: 60,
        },
        withLots,
      )
      return (made as { film: Film }).film
    }
    for (const pigment of ['pbr7_raw_umber', 'pw4', 'pw5', 'pw1'])
      for (const drier of ['cobalt', 'clove_oil'])
        expect(film('my-', pigment, drier), `${pigment} ${drier}`).to.deep.equal(film('', pigment, drier))
  })
})

describe('a make the book does not know', () => {
  const make = (rest: Parameters<typeof lot>[1]): Material =>
    materialOf(
      lot('make', {
        base: null,
        name: 'A make',
        family: 'ready_medium',
        densityGPerMl: 0.9,
        stays: { oil: 1 },
        ...rest,
      }),
      findInLibrary,
    )
  it('has the hazards its painter named, and is kept out by them', () => {
    const leaded = make({ hazards: ['lead', 'nuts'] })
    expect(hazardsOf([leaded])).to.deep.equal(['lead', 'nuts'])
    expect(policyAnswers(leaded, ['lead', 'nuts', 'egg']).map(({ policy }) => policy)).to.deep.equal([
      'lead',
      'nuts',
    ])
  })
  it('gives off solvent vapour once a hundredth of it leaves as it dries', () => {
    expect(hazardsOf([make({ nonVolatile: { low: 0.6, high: 0.7 } })])).to.deep.equal(['solvent vapour'])
    expect(hazardsOf([make({ nonVolatile: { low: 0.995, high: 1 } })])).to.deep.equal([])
  })
})
