import { expect } from 'chai'
import { describe, it } from 'mocha'
import { cutWhileWriting, killWhileOpening, killWhileWriting } from './kills.ts'

const older = new URL('../stored/0003-batches.sqlite', import.meta.url)

describe('a kill at any moment', () => {
  it('while writing loses nothing that was acknowledged', async function () {
    this.timeout(240_000)
    const { acknowledged, lost } = await killWhileWriting(8, 1)
    expect(acknowledged).to.be.above(16)
    expect(lost).to.deep.equal([])
  })
  it('of the power leaves all that was acknowledged, and a log cut short leaves what it still has in order', async function () {
    this.timeout(240_000)
    expect(await cutWhileWriting(4, 4)).to.deep.equal({ lost: [], gaps: [] })
  })
  it('while a studio is made leaves one that can be made', async function () {
    this.timeout(240_000)
    expect(await killWhileOpening(3, 2, null)).to.deep.equal([])
  })
  it('while an older studio is brought forward leaves it whole', async function () {
    this.timeout(240_000)
    expect(await killWhileOpening(3, 3, older)).to.deep.equal([])
  })
})
