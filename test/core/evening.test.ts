import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { withinOwnLimit } from '../../src/core/air/ownLimit.ts'
import { nearestPassing } from '../../src/core/dosing/nearestPassing.ts'
import { brushClash, brushVehicles, vehicleOf } from '../../src/core/evening/brushSet.ts'
import { jarAdvice } from '../../src/core/evening/jar.ts'
import { lastUses, putAwayAfter, stillOut } from '../../src/core/evening/putAway.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { library } from '../../src/core/materials/library.ts'
import { policyAnswers } from '../../src/core/materials/policy.ts'
import type { Material } from '../../src/core/materials/material.ts'
import type { PolicyId } from '../../src/core/materials/policy.ts'
import { airOf, airedRoom } from '../../src/document/dayAir.ts'
import { noAir } from '../../src/document/noAir.ts'
import { clockText } from '../../src/views/air/words.ts'

const named = (...ids: string[]) => ids.map((id) => findInLibrary(id)!)

describe('what a day leaves to be put away (C96)', () => {
  it('oily rags heat themselves, in a studio without solvent too', () => {
    expect(putAwayAfter(named('walnut', 'pw6_rutile'))).to.deep.equal(['rags', 'palette'])
    expect(putAwayAfter(named('water'))).to.deep.equal([])
  })
  it('lead apart, egg in the cold, jars closed, water brushes washed', () => {
    expect(
      putAwayAfter(named('pw1', 'linseed_alkali_refined', 'egg_yolk', 'gum_turpentine')),
    ).to.include.members([...['rags', 'lead', 'egg', 'jars']])
    expect(putAwayAfter(named('acrylic_dispersion'))).to.deep.equal(['waterborne'])
  })
  it('law: nothing is put away before all of it is ticked, the rags first', () => {
    const used = lastUses([
      { at: '2026-11-24T16:00', materials: named('walnut', 'egg_yolk', 'gum_turpentine') },
    ])
    expect([...used.keys()]).to.deep.equal(['rags', 'egg', 'jars'])
    fc.assert(
      fc.property(fc.subarray(['rags', 'egg', 'jars'] as const), (put) => {
        const ticked = Object.fromEntries(put.map((what) => [what, '2026-11-24T17:00']))
        const out = stillOut(used, ticked)
        expect(out.length).to.equal(3 - put.length)
        if (!put.includes('rags')) expect(out[0]).to.equal('rags')
      }),
    )
  })
  it('a second sitting after the rags were put away leaves new ones', () => {
    const early = { at: '2026-11-24T10:00', materials: named('walnut', 'pw1') }
    const late = { at: '2026-11-24T20:00', materials: named('walnut', 'pw6_rutile') }
    const ticked = { rags: '2026-11-24T12:00', lead: '2026-11-24T12:00', palette: '2026-11-24T12:00' }
    expect(stillOut(lastUses([early]), ticked)).to.deep.equal([])
    expect(stillOut(lastUses([early, late]), ticked)).to.deep.equal(['rags', 'palette'])
  })
})

describe('a cleaning jar (C97)', () => {
  const jar = { ageDays: 3, uses: 1, tookUpLead: false, isOil: true }
  it('used with lead white it is marked: never where food is', () => {
    const { is, says } = jarAdvice({ ...jar, tookUpLead: true })
    expect(is).to.equal('watch')
    expect(says).to.include('food')
  })
  it('used often or old, it is changed; law: more use never makes it better', () => {
    expect(jarAdvice({ ...jar, uses: 20 }).is).to.equal('change')
    expect(jarAdvice({ ...jar, ageDays: 200 }).is).to.equal('change')
    const rank = { good: 0, watch: 1, change: 2 }
    const ranks = Array.from({ length: 15 }, (_, uses) => rank[jarAdvice({ ...jar, uses }).is])
    expect(ranks).to.deep.equal([...ranks].sort())
  })
})

describe('brushes by vehicle (C98)', () => {
  it('an oil brush in acrylic clashes, in oil it does not', () => {
    const acrylic = vehicleOf({ isWaterborne: true, hasEgg: false, isVarnish: false })
    expect(brushClash('oil', acrylic)).to.be.a('string')
    expect(vehicleOf({ isWaterborne: true, hasEgg: true, isVarnish: false })).to.equal('egg')
    expect(brushVehicles.every((one) => brushClash(one, one) === null)).to.equal(true)
  })
})

describe('the nearest that passes', () => {
  const nearest = (id: string, ...policies: PolicyId[]) =>
    nearestPassing(findInLibrary(id)!, library, (one) => policyAnswers(one, policies).length === 0)
  it('for walnut in a house without nuts it is an oil that dries, and none of nuts', () => {
    const first = nearest('walnut', 'nuts')
    expect(first!.family).to.equal('oil')
    expect(first!.rate!.mid).to.be.at.least(0.5)
    expect(policyAnswers(first!, ['nuts'])).to.deep.equal([])
  })
  it('what is at hand comes first where it is hardly further off, and not where it flows otherwise', () => {
    const withHand = (...atHand: string[]) => {
      const passes = (one: Material): boolean => policyAnswers(one, ['nuts']).length === 0
      const isAtHand = ({ id }: Material): boolean => atHand.includes(id)
      return nearestPassing(findInLibrary('walnut')!, library, passes, isAtHand)!.id
    }
    expect(withHand('linseed_alkali_refined')).to.equal('linseed_alkali_refined')
    expect(withHand('linseed_stand_oil', 'linseed_sun_thickened')).to.equal(withHand())
  })
  it('for lead white it is a white; for turpentine without solvents nothing', () => {
    expect(nearest('pw1', 'lead')!.pigmentCode).to.match(/^PW/)
    const isChalk = ({ id }: Material): boolean => id === 'pw18'
    expect(nearestPassing(findInLibrary('pw1')!, library, isChalk), 'chalk is no white in oil').to.equal(null)
    expect(nearest('gum_turpentine', 'solvent')).to.equal(null)
  })
})

describe('a limit of one’s own (C95)', () => {
  const air = {
    ...{ ...noAir, roomM3: 40, airing: 'crack' as const },
    sources: [
      {
        ...{ id: 'a', what: 'palette' as const, form: 'grams' as const, solvent: 'gum_turpentine' },
        ...{ grams: 25, fromHour: 9, overHours: 3 },
      },
    ],
  }
  it('150 mg/m³ against 198: open the window, or use three quarters', () => {
    const over = withinOwnLimit(airedRoom(air)!, 150)!
    expect(over.share).to.be.closeTo(150 / 198, 0.01)
    expect(over.airChanges).to.be.above(1)
    expect(withinOwnLimit({ ...airedRoom(air)!, airChangesPerHour: over.airChanges! }, 150.01)).to.equal(null)
  })
  it('within it nothing is asked; a fan counts as airing', () => {
    expect(withinOwnLimit(airedRoom(air)!, 250)).to.equal(null)
    expect(airOf({ ...air, extraction: 120 })!.peakMgPerM3).to.be.below(airOf(air)!.peakMgPerM3)
    expect(airOf({ ...air, roomM3: null })).to.equal(null)
  })
  it('hours past midnight are tomorrow', () => {
    expect([clockText(14.84), clockText(25), clockText(49)]).to.deep.equal([
      ...['14:50', '1:00 tomorrow', '1:00 in 2 days'],
    ])
  })
})
