import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { referenceClimate } from '../../src/core/cure/climate.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { whyDry } from '../../src/core/cure/why.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dosed } from '../../src/core/palette/heap.ts'
import type { Conditioning, Heap } from '../../src/core/palette/heap.ts'
import { measured } from '../../src/core/palette/measured.ts'
import { openTimeOf } from '../../src/core/palette/openTime.ts'
import { tubeFacts } from '../../src/core/palette/tubeFacts.ts'
import { whyDose, whyOpen, whyTubeOil } from '../../src/core/palette/why.ts'
import type { Reason } from '../../src/core/reason.ts'

const walnut = findInLibrary('walnut')!
const medium = [{ material: walnut, massG: 92, volumeMl: 92 / walnut.densityGPerMl.mid }]
const ochre = { pigments: [{ pigment: 'py43', share: 1 }], oil: 'walnut', parts: 1 }
const valueOf = (reason: Reason, is: string): number => {
  const found = reason.figures.find((one) => one.is === is)
  if (!found || found.value === null) throw new Error(`nothing is said of ${is}`)
  return found.value
}
const asked = (amount: Heap['amount'], by: Conditioning['by']) => {
  const conditioning = { medium, by }
  const made = dosed({ paints: [ochre], amount }, conditioning, findInLibrary)
  if (!made.ok) throw new Error('ochre in walnut can be reckoned')
  const dose = measured(made.heap.mediumMl, walnut.dropMl)
  return whyDose({
    byMass: 'g' in amount,
    exact: made.heap,
    measured: dose,
    dropMl: walnut.dropMl,
    conditioning,
  })
}

describe('why a palette says what it says', () => {
  it('law: the figures of an equal fatness give the dose by the formula beside them', () =>
    fc.assert(
      fc.property(fc.double({ min: 1.4, max: 5, noNaN: true }), fc.integer({ min: 1, max: 40 }), (f, ml) => {
        const reason = asked({ ml }, { fatness: f })
        const [fat, need] = ['fat of the heap', 'oil its powder just needs'].map((is) => valueOf(reason, is))
        const brought = valueOf(reason, 'fat in one ml of medium')
        const powder = valueOf(reason, 'oil its powder needs, per ml of medium')
        const dose = (f * need! - fat!) / (brought - f * powder)
        expect(valueOf(reason, 'medium, reckoned')).to.be.closeTo(dose, 1e-9 * ml)
      }),
    ))
  it('a proportion is told by volume for ml, by mass for grams', () => {
    const byVolume = asked({ ml: 9 }, { proportion: 1 / 9 })
    expect(byVolume.formula).to.include('by volume')
    expect(valueOf(byVolume, 'medium, reckoned')).to.be.closeTo(1, 1e-9)
    const byMass = asked({ g: 12 }, { proportion: 1 / 3 })
    expect(byMass.formula).to.include('by mass')
    expect(valueOf(byMass, 'medium, reckoned') * walnut.densityGPerMl.mid).to.be.closeTo(4, 1e-9)
  })
  it('a small dose names its drop, a large one does not', () => {
    const named = (ml: number) => asked({ ml }, { proportion: 0.1 }).figures.map(({ is }) => is)
    expect(named(3)).to.include('one drop of it')
    expect(named(30)).to.not.include('one drop of it')
  })
  it('how long it can be worked is the share of touch dry it says', () => {
    const film = tubeFacts(ochre, findInLibrary)!.film
    const reason = whyOpen(film, openTimeOf(film, referenceClimate))
    expect(valueOf(reason, 'workable')).to.be.closeTo(0.15 * valueOf(reason, 'touch dry'), 1e-9)
  })
})

describe('why a tube says what it says', () => {
  const facts = tubeFacts(ochre, findInLibrary)!
  const oil = (rest: Partial<Parameters<typeof whyTubeOil>[0]>) =>
    whyTubeOil({ film: facts.film, oilShare: facts.oilShare, streaks: [], byMaker: null, ...rest })
  it('its oil is by a streak before the maker, by the maker before the book', () => {
    const streaks = [{ how: 'washed' as const, wetG: 10, leftG: 6.5 }]
    expect(oil({ streaks, byMaker: 30 }).source).to.equal('As you weighed it.')
    expect(oil({ byMaker: 30 }).formula).to.equal('As its maker says.')
    expect(valueOf(oil({}), 'binder over that')).to.be.closeTo(1.25, 1e-9)
  })
  it('a dried streak tells a range, because what oil takes up is not known better', () => {
    const reason = oil({ streaks: [{ how: 'dried', wetG: 10, leftG: 10.4 }] })
    expect(valueOf(reason, 'at least')).to.be.below(valueOf(reason, 'at most'))
    expect(reason.formula).to.include('10 to 18 %')
  })
  it('its touch dry is told with the days around it', () => {
    const days = stateDaysFromTable({ thicknessUm: 60, rate: facts.film.rate }, referenceClimate)
    const reason = whyDry('Touch dry', forecastOf(days, 60), 'touch')
    const told = reason.figures.slice(0, 3).map(({ value }) => value!)
    expect(told).to.deep.equal([...told].sort((a, b) => a - b))
    expect(whyDry('Touch dry', forecastOf(days, 60), 'touch', 'water').formula).to.include('losing its water')
  })
})
