import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import type { AirOverDay } from '../../src/core/air/vapour.ts'
import type { RoomAir } from '../../src/document/keeping.ts'
import { answerOf, clockText, latestText, readClock } from '../../src/views/air/words.ts'

describe('an hour of the day, typed', () => {
  const read = readClock(0, 24)
  it('is read with a colon, a point, a comma or alone', () => {
    const typed = ['9:30', '09h30', '9.30', '9.5', '9,5', ' 14 ', '24:00']
    expect(typed.map((text) => read(text))).to.deep.equal(
      [9.5, 9.5, 9.5, 9.5, 9.5, 14, 24].map((value) => ({ value })),
    )
  })
  it('is asked for in a sentence where it is none', () => {
    for (const text of ['', 'noon', '9:75', '9.75', '-3', '9:3'])
      expect(read(text)).to.deep.equal({ problem: 'Write an hour of the day, such as 9:30.' })
  })
  it('is held between what was opened before and the end of the day', () => {
    expect(readClock(9.5, 24)('8:00')).to.deep.equal({ problem: 'Between 9:30 and 24:00.' })
    expect(readClock(0, 12.5 - 1 / 60)('12:29')).to.have.property('value')
    expect(readClock(20 + 1 / 60, 24)('20:01')).to.have.property('value')
    expect(read('25')).to.deep.equal({ problem: 'Between 0:00 and 24:00.' })
  })
  it('law: what is written is read back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 24 * 60 }), (minutes) => {
        expect(read(latestText(minutes / 60))).to.deep.equal({ value: minutes / 60 })
      }),
    )
  })
  it('is told with its day where it is not today', () => {
    expect([clockText(14.84), clockText(25), clockText(50)]).to.deep.equal([
      '14:50',
      '1:00 tomorrow',
      '2:00 in 2 days',
    ])
  })
})

describe('the first thing said of the air', () => {
  const air = { roomM3: 40, ownLimit: null, sources: [{}] } as unknown as RoomAir
  const told = (strict: number | null, peakMgPerM3 = 100) =>
    ({ fractionOfStrictLimit: strict, peakMgPerM3, clearAfterHours: null }) as unknown as AirOverDay
  it('is meant for the face at the easel, where it is three to ten times the room’s mean', () => {
    expect(answerOf(air, told(0.27))).to.match(/^At the easel the air may go over the strictest guidance/)
    expect(answerOf(air, told(0.02))).to.match(/^At the easel the air comes to 6.% to 20.% of the strictest/)
    expect(answerOf(air, told(1.2))).to.match(/^The air goes over the strictest guidance/)
  })
  it('is the painter’s own limit first', () => {
    expect(answerOf({ ...air, ownLimit: 50 }, told(0.02))).to.match(/^The air goes over your limit of 50 mg/)
  })
})
