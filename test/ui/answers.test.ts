import { expect } from 'chai'
import { describe, it } from 'mocha'
import { answerOf as ofBatches } from '../../src/views/batch/answer.ts'
import { answerOf as ofPaintings } from '../../src/views/paintings/answer.ts'
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
