import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import {
  isDue,
  leftShort,
  leftWords,
  startTimer,
  stopTimer,
  timerHeard,
  timers,
} from '../../src/ui/timer/timers.ts'

const minute = 60_000
const at = 1_000_000_000

describe('timers', () => {
  beforeEach(() => {
    const kept = new Map<string, string>()
    const localStorage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    }
    Object.assign(globalThis, { localStorage })
  })
  afterEach(() => void Reflect.deleteProperty(globalThis, 'localStorage'))

  it('a five-minute one that repeats and one over twelve hours run side by side (C80)', () => {
    const tool = startTimer({ name: 'Another tool', minutes: 5, repeats: true }, at)
    startTimer({ name: 'Overnight', minutes: 720, repeats: false }, at)
    const dueAt = (now: number) => timers().filter((one) => isDue(one, now))
    expect(dueAt(at + 5 * minute).map(({ name }) => name)).to.deep.equal(['Another tool'])
    timerHeard(tool.id, at + 6 * minute)
    expect(dueAt(at + 10 * minute)).to.deep.equal([])
    expect(dueAt(at + 11 * minute)).to.have.length(1)
    expect(dueAt(at + 720 * minute)).to.have.length(2)
  })
  it('one that was heard is gone, as is one that was stopped', () => {
    const soak = startTimer({ name: 'Soak', minutes: 10, repeats: false }, at)
    const other = startTimer({ name: 'Soak', minutes: 20, repeats: false }, at)
    timerHeard(soak.id, at + 11 * minute)
    expect(timers()).to.deep.equal([other])
    stopTimer(other.id)
    expect(timers()).to.deep.equal([])
  })
  it('tells what is left, and how long since', () => {
    const timer = { id: 'a', name: 'Soak', minutes: 10, repeats: false, at }
    expect(leftWords(timer, at - 65_000)).to.equal('1:05')
    expect(leftWords(timer, at - 130 * minute)).to.equal('2 h 10 min')
    expect(leftWords(timer, at + 65_000)).to.equal('since 1:05')
    expect(leftShort(timer, at - 130 * minute)).to.equal('2 h 10')
    expect(leftShort(timer, at - 65_000)).to.equal('1:05')
  })
  it('a browser that holds nonsense has none', () => {
    for (const nonsense of ['{not json', '{"a":1}', 'null', '7']) {
      localStorage.setItem('grelta.timers', nonsense)
      expect(timers(), nonsense).to.deep.equal([])
    }
  })
})
