import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { alarmsDue, heard, setAlarms } from '../../src/ui/alarm/alarms.ts'

/** What a browser keeps, as far as alarms need it. */
function browserThatKeeps(): void {
  const kept = new Map<string, string>()
  const localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  }
  Object.assign(globalThis, { localStorage })
}

const hour = 3600_000
const alarm = (id: string, at: number) => ({
  id,
  at,
  sets: at + hour,
  says: `Heap ${id}`,
  address: '/paintings/p/palette',
})
const dueAt = (now: number): readonly string[] => alarmsDue(now).map(({ id }) => id)

describe('alarms of heaps', () => {
  beforeEach(browserThatKeeps)
  afterEach(() => void Reflect.deleteProperty(globalThis, 'localStorage'))

  it('ring from their minute on, several at once, whichever palette set them', () => {
    setAlarms('first', [alarm('a', 10 * hour), alarm('b', 11 * hour)])
    setAlarms('second', [alarm('c', 10 * hour)])
    expect(dueAt(9 * hour)).to.deep.equal([])
    expect(dueAt(10 * hour)).to.deep.equal(['a', 'c'])
    expect(dueAt(11 * hour)).to.deep.equal(['a', 'b', 'c'])
  })
  it('that were heard are silent, and stay so', () => {
    setAlarms('first', [alarm('a', 10 * hour), alarm('b', 10 * hour)])
    heard('a')
    expect(dueAt(10 * hour)).to.deep.equal(['b'])
    setAlarms('first', [alarm('a', 10 * hour), alarm('b', 10 * hour)])
    expect(dueAt(10 * hour)).to.deep.equal(['b'])
  })
  it('of a heap that was covered or scraped off go with it', () => {
    setAlarms('first', [alarm('a', 10 * hour)])
    setAlarms('first', [alarm('a under glass', 16 * hour)])
    expect(dueAt(10 * hour)).to.deep.equal([])
    setAlarms('first', [])
    expect(dueAt(16 * hour)).to.deep.equal([])
  })
  it('long past say nothing: the heap is skin by now', () => {
    setAlarms('first', [alarm('a', 10 * hour)])
    expect(dueAt(40 * hour)).to.deep.equal([])
  })
  it('of a browser that keeps nothing, or nonsense, are none', () => {
    localStorage.setItem('grelta.alarms', '{"first": [')
    expect(dueAt(10 * hour)).to.deep.equal([])
    Reflect.deleteProperty(globalThis, 'localStorage')
    setAlarms('first', [alarm('a', 10 * hour)])
    expect(dueAt(10 * hour)).to.deep.equal([])
  })
})
