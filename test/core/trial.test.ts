import { expect } from 'chai'
import { describe, it } from 'mocha'
import { checkIds, isThinSpot, stateOfCheck } from '../../src/core/cure/checks.ts'
import { stateIds } from '../../src/core/cure/states.ts'
import { differencesIn, differenceWords, tellingOf } from '../../src/core/learn/tells.ts'
import { learn } from '../../src/core/learn/learn.ts'
import { colourChange, verdictByColour } from '../../src/core/trial/colour.ts'
import type { ColourRead } from '../../src/core/trial/colour.ts'
import { verdictByCheck } from '../../src/core/trial/verdict.ts'
import type { TrialFinger } from '../../src/core/trial/verdict.ts'
import { labOf, setRightByGrey } from '../../src/core/values/lab.ts'
import type { Rgb } from '../../src/core/values/budget.ts'

const rule = { check: 'fingernail', day: 49 } as const
const nail = (day: number, passed: boolean, where = ''): TrialFinger => ({
  day,
  check: 'fingernail',
  passed,
  where,
})

describe('checks by hand', () => {
  it('tell of states in their order, the gentlest of the first', () => {
    const order = checkIds.map((check) => stateIds.indexOf(stateOfCheck[check]))
    expect(order).to.deep.equal([...order].sort((a, b) => a - b))
    expect(stateOfCheck['thumb-twist']).to.equal(stateOfCheck.fingernail)
  })
  it('on a thin part are told apart from those on the film', () => {
    expect(['a thin edge', 'Thinned out corner'].map(isThinSpot)).to.deep.equal([true, true])
    expect(['', 'the thickest spot', 'the even middle'].some(isThinSpot)).to.equal(false)
  })
})

describe('a trial with a control (C83)', () => {
  it('dent at 49 days, dent in the control: inconclusive, thin parts pass only', () => {
    const both = [nail(49, false), nail(49, true, 'a thin edge')]
    const { outcome, says, change } = verdictByCheck(rule, both, both)
    expect(outcome).to.equal('inconclusive')
    expect(says).to.include('thin parts pass only')
    expect(change).to.include('even thickness')
  })
  it('is yes when both pass, no when only the control does', () => {
    expect(verdictByCheck(rule, [nail(48, true)], [nail(30, true)]).outcome).to.equal('yes')
    expect(verdictByCheck(rule, [nail(49, false)], [nail(49, true)]).outcome).to.equal('no')
  })
  it('stays open until the whole film is looked at on its day, whatever failed before', () => {
    for (const early of [[], [nail(20, false)], [nail(49, true, 'a thin edge')]])
      expect(verdictByCheck(rule, early, [nail(49, true)]).outcome).to.equal('open')
  })
  it('a later state passed says the earlier is there; an earlier failed that it is not', () => {
    const print: TrialFinger = { day: 49, check: 'thumb-pressure', passed: true, where: '' }
    const tacky: TrialFinger = { day: 49, check: 'touch', passed: false, where: '' }
    expect(verdictByCheck(rule, [print], [nail(49, true)]).outcome).to.equal('yes')
    expect(verdictByCheck(rule, [tacky], [nail(49, true)]).outcome).to.equal('no')
  })
})

describe('yellowing beside a card (C84)', () => {
  const read = (day: number, b: number, kept: 'light' | 'dark' = 'dark'): ColourRead => ({
    day,
    kept,
    grade: null,
    lab: { L: 95 - b / 4, a: 0, b },
  })
  it('b* from 4 to 9 in six months is 5 points yellower, and darker too', () => {
    expect(colourChange([read(182, 9), read(0, 4)], 'dark')).to.deep.include({ yellower: 5, days: 182 })
    expect(colourChange([read(182, 9), read(0, 4)], 'dark')!.darker).to.be.closeTo(1.25, 1e-9)
  })
  it('is told apart by how it was kept, and takes two readings', () => {
    expect(colourChange([read(0, 4), read(182, 9)], 'light')).to.equal(null)
    expect(colourChange([read(0, 4)], 'dark')).to.equal(null)
  })
  it('a control that yellows as much shows nothing', () => {
    const [pale, yellow] = [
      [read(0, 4), read(180, 5)],
      [read(0, 4), read(180, 9)],
    ]
    const limit = { mostYellower: 3, day: 180 }
    expect(verdictByColour(limit, yellow, pale).outcome).to.equal('no')
    expect(verdictByColour(limit, pale, pale).outcome).to.equal('yes')
    expect(verdictByColour(limit, yellow, yellow).outcome).to.equal('inconclusive')
    expect(verdictByColour(limit, pale.slice(0, 1), pale).outcome).to.equal('open')
  })
  it('a photograph is set right by the grey card in it, whatever the light', () => {
    const paper: Rgb = [0.8, 0.78, 0.7]
    const under = (lamp: Rgb, of: Rgb) => of.map((channel, at) => channel * lamp[at]!) as unknown as Rgb
    const grey: Rgb = [0.18, 0.18, 0.18]
    const lamps: Rgb[] = [
      [1, 1, 1],
      [0.9, 0.7, 0.4],
      [0.5, 0.6, 0.8],
    ]
    const found = lamps.map((lamp) => labOf(setRightByGrey(under(lamp, paper), under(lamp, grey))))
    for (const { L, a, b } of found) {
      expect(L).to.be.closeTo(found[0]!.L, 1e-6)
      expect([a - found[0]!.a, b - found[0]!.b].every((off) => Math.abs(off) < 1e-6)).to.equal(true)
    }
    expect(labOf([1, 1, 1]).L).to.be.closeTo(100, 1e-3)
    expect(labOf(grey).b).to.be.closeTo(0, 0.01)
  })
})

describe('how a paint differs from the book', () => {
  const film = (powder: string, bookDays: number, seen: number) => ({
    oils: { walnut: 1 },
    powders: { [powder]: 1 },
    thicknessUm: 60,
    bookDays,
    failDays: seen * 0.95,
    passDays: seen * 1.05,
    isFirst: true,
  })
  it('is told from two checks on, and not by one', () => {
    const black = [film('pbk9', 6, 9), film('pbk9', 5, 8)]
    const toldOf = (films: typeof black) =>
      differencesIn(learn(films), films).find(({ id }) => id === 'pbk9')!.isTold
    expect(toldOf(black)).to.equal(true)
    expect(toldOf(black.slice(0, 1))).to.equal(false)
  })
  it('in words a painter would use', () => {
    expect(differenceWords(1.3)).to.equal('takes 1.3 times the book’s time')
    expect(differenceWords(1 / 1.3)).to.equal('dries 1.3 times as fast as the book')
    expect(differenceWords(1.02)).to.equal('dries as the book says')
  })
  it('one more check tells most where it may as well pass as not', () => {
    const unsure = { ln: 0, sd: 0.3 }
    expect(tellingOf(0.5, unsure)).to.be.above(tellingOf(0.9, unsure))
    expect(tellingOf(0.5, unsure)).to.be.above(tellingOf(0.5, { ln: 0, sd: 0.05 }))
    expect(tellingOf(1, unsure)).to.equal(0)
  })
})
