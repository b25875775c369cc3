import { expect } from 'chai'
import { describe, it } from 'mocha'
import { answerOf } from '../../src/views/today/answer.ts'

const answer = (ready: readonly string[], touch: readonly string[], wait: readonly string[]) =>
  answerOf(
    Object.entries({ ready, touch, wait }).map(([readiness, titles]) => ({
      readiness: readiness as 'ready' | 'touch' | 'wait',
      count: titles.length,
      entries: titles.map((title) => ({ title })),
    })),
  )

describe('the first thing a morning says', () => {
  it('is what may be painted on, and what a finger has to decide', () => {
    expect(answer(['Sheds'], ['Quince', 'Pans'], ['Steps'])).to.equal(
      'Sheds can be painted on; touch Quince and Pans before you decide',
    )
    expect(answer(['a', 'b', 'c'], [], [])).to.equal('3 pictures can be painted on')
    expect(answer([], ['the gate'], ['b'])).to.equal('Touch the gate before you decide')
  })
  it('is to leave all alone where nothing is near, and nothing where nothing is in work', () => {
    expect(answer([], [], ['Sheds'])).to.match(/leave all of it alone/)
    expect(answer([], [], [])).to.equal(null)
  })
})
