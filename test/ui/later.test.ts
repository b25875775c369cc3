import { expect } from 'chai'
import { describe, it } from 'mocha'
import { later } from '../../src/ui/useLater.ts'

describe('a part of the page that is loaded later', () => {
  const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

  it('is brought once, however many places ask, and each is told when it has come', async () => {
    let brought = 0
    let told = 0
    const part = later(() => Promise.resolve(`part ${++brought}`))
    const leave = part.listen(() => told++)
    part.listen(() => told++)
    expect(part.loaded()).to.equal(null)
    part.load()
    part.load()
    await pause()
    expect(part.loaded()).to.equal('part 1')
    expect(told).to.equal(2)
    leave()
    part.load()
    await pause()
    expect(part.loaded()).to.equal('part 1')
    expect(told).to.equal(2)
  })
  it('that could not be brought leaves the page as it is, and is asked for again by the next place', async () => {
    let online = false
    const part = later(() => (online ? Promise.resolve('part') : Promise.reject(new Error('offline'))))
    part.load()
    await pause()
    expect(part.loaded()).to.equal(null)
    online = true
    part.load()
    await pause()
    expect(part.loaded()).to.equal('part')
  })
})
