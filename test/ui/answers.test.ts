import { expect } from 'chai'
import { describe, it } from 'mocha'
import { bottleIsLow, tubeIsLow } from '../../src/document/nearlyOut.ts'
import { answerOf as ofBatches, jarText, makingText } from '../../src/views/batch/answer.ts'
import { answerOf as ofMediums } from '../../src/views/mediums/answer.ts'
import { answerOf as ofPaintings } from '../../src/views/paintings/answer.ts'
import { answerOf as ofShelf, lowNow } from '../../src/views/shelf/answer.ts'
import { answerOf as ofStudio } from '../../src/views/studio/answer.ts'
import { answerOf as ofDay } from '../../src/views/today/answer.ts'

const day = (ready: readonly string[], touch: readonly string[], wait: readonly string[]) =>
  ofDay(
    Object.entries({ ready, touch, wait }).map(([readiness, titles]) => ({
      readiness: readiness as 'ready' | 'touch' | 'wait',
      count: titles.length,
      entries: titles.map((title) => ({ title })),
    })),
  )

describe('the first thing a morning says', () => {
  it('is what may be painted on, and what a finger has to decide', () => {
    expect(day(['Sheds'], ['Quince', 'Pans'], ['Steps'])).to.equal(
      'Sheds can be painted on; touch Quince and Pans before you decide',
    )
    expect(day(['a', 'b', 'c'], [], [])).to.equal('3 pictures can be painted on')
    expect(day([], ['the gate'], ['b'])).to.equal('Touch the gate before you decide')
  })
  it('is to leave all alone where nothing is near, and nothing where nothing is in work', () => {
    expect(day([], [], ['Sheds'])).to.match(/leave all of it alone/)
    expect(day([], [], [])).to.equal(null)
  })
})

describe('the first thing said of many paintings', () => {
  const of = (count: number, unsound: number, watch: number, sound: number) =>
    ofPaintings({ count, verdicts: { sound, watch, unsound } })
  it('is how many are not sound', () => {
    expect(of(7, 2, 2, 3)).to.equal('2 of 7 paintings are unsound, 2 to be watched')
    expect(of(7, 1, 0, 6)).to.equal('1 of 7 paintings is unsound')
    expect(of(7, 0, 1, 6)).to.equal('1 of 7 paintings is to be watched')
    expect(of(4, 0, 0, 4)).to.equal('All 4 paintings are sound')
  })
  it('is of no soundness while some are still to be judged', () => {
    expect(of(7, 1, 0, 2)).to.equal('7 paintings')
  })
})

describe('the first thing said of the batches', () => {
  const spoiling = { title: 'Yolk, batch 2', state: 'watch' } as const
  it('is which to use, and what is short', () => {
    const needed = { entries: [{ shortMl: 3 }, { shortMl: 0 }] }
    expect(ofBatches(4, { count: 1, entries: [spoiling] }, needed)).to.equal(
      'Use Yolk, batch 2 soon; the planned layers are short of one medium',
    )
    expect(ofBatches(4, { count: 0, entries: [] }, { entries: [] })).to.equal('Every batch keeps')
    expect(ofBatches(0, { count: 0, entries: [] }, needed)).to.match(/^No batch is made; /)
  })
})

describe('the first thing said of the mediums', () => {
  it('is how many of them are to be aired, and which dries first', () => {
    const oil = { name: 'Oil', made: { leaves: 0, effects: { touchHours: 96 } } }
    const quick = { name: 'Quick', made: { leaves: 0.4, effects: { touchHours: 24 } } }
    const kitchen = { name: 'Kitchen', made: { leaves: 0, effects: { touchHours: null } } }
    expect(ofMediums({ count: 3, entries: [oil, quick, kitchen] })).to.equal(
      'One of 3 mediums holds solvent or water; Quick is touch dry first, in about 1 day',
    )
    expect(ofMediums({ count: 2, entries: [kitchen, kitchen] })).to.equal(
      'None of 2 mediums holds solvent or water',
    )
    expect(ofMediums({ count: 40, entries: [oil, quick] })).to.equal('40 mediums')
    expect(ofMediums({ count: 0, entries: [] })).to.equal('Mediums')
  })
})

describe('the first thing said of the shelf', () => {
  it('is what runs out, by name while it is little', () => {
    expect(ofShelf(6, 'material', ['Walnut oil'])).to.equal('Walnut oil is nearly out')
    expect(ofShelf(6, 'material', ['Walnut oil', 'Damar'])).to.equal('Walnut oil and Damar are nearly out')
    expect(ofShelf(9, 'tube', ['a', 'b', 'c', 'd'])).to.equal('4 of your tubes are nearly out')
    expect(ofShelf(9, 'tube', [])).to.equal('9 tubes of your own')
    expect(ofShelf(0, 'tube', [])).to.equal('No tube of your own yet')
  })
})

describe('what is nearly out', () => {
  it('is told of all there is, and of what was changed on the page as it is now', () => {
    const before = [
      { id: 'oil', name: 'Walnut oil' },
      { id: 'wax', name: 'Beeswax (bleached)' },
    ]
    const changed = [
      { id: 'oil', name: 'Walnut oil', stockG: 400 },
      { id: 'resin', name: 'Damar', stockG: 50 },
      { id: 'chalk', name: 'Chalk', stockG: null },
    ]
    expect(lowNow(before, changed, bottleIsLow)).to.deep.equal(['Beeswax', 'Damar'])
    expect([5, 5.5, 0, null].map((leftMl) => tubeIsLow({ leftMl }))).to.deep.equal([true, false, true, false])
  })
})

describe('the first thing said of the studio', () => {
  const week = (days: number) => Array.from({ length: 7 }, (_, at) => at < days)
  it('is the time plans count on, and what may not come in', () => {
    expect(ofStudio({ workingDays: week(6), hoursADay: 6, policies: [] })).to.equal(
      'Plans count on 6 hours a day, 6 days a week; nothing is forbidden',
    )
    expect(ofStudio({ workingDays: week(7), hoursADay: 1, policies: ['solvent', 'nuts'] })).to.equal(
      'Plans count on one hour every day; no solvent or nuts may come in',
    )
    expect(ofStudio({ workingDays: week(0), hoursADay: 6, policies: [] })).to.match(/^Nobody works here/)
  })
})

describe('the first thing said of one batch', () => {
  it('is what is left and until when, never a day for a jar that is empty', () => {
    expect(jarText(125, 'fresh', '2027-08-26')).to.match(/^125\sml left; use by about 26 Aug 2027\.$/)
    expect(jarText(68, 'watch', '2026-11-30')).to.match(/use it soon/)
    expect(jarText(68, 'past', '2026-11-30')).to.match(/past its day.*smell/)
    expect(jarText(0, 'past', '2026-11-30')).to.equal('It is used up.')
  })
  it('is the step that comes next while it is made', () => {
    const steps = [
      { id: 'crush', title: 'Crush the resin' },
      { id: 'strain', title: 'Strain it' },
    ]
    expect(makingText(steps, [])).to.equal('Being made; next is step 1 of 2: Crush the resin.')
    expect(makingText(steps, ['crush'])).to.equal('Being made; next is step 2 of 2: Strain it.')
    expect(makingText(steps, ['crush', 'strain'])).to.match(/finish it/)
  })
})
