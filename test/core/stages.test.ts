import { expect } from 'chai'
import { describe, it } from 'mocha'
import { stateIds } from '../../src/core/cure/states.ts'
import { mayBeDone, mayBeDoneInShort } from '../../src/core/finish/mayBeDone.ts'
import { stageOf } from '../../src/core/finish/stageOf.ts'
import type { PackedPicture } from '../../src/core/finish/stageOf.ts'
import { permissionOf, stageActions } from '../../src/core/finish/stages.ts'

const picture = (rest: Partial<PackedPicture> = {}): PackedPicture => ({
  ...{ state: 'touch', thickestUm: 60, wax: 0, isFlexible: true, flexPlain: 1, alkyd: 0 },
  ...rest,
})
const may = (action: Parameters<typeof permissionOf>[0], rest: Partial<PackedPicture> = {}) =>
  permissionOf(action, picture(rest)).may

describe('safe for what (C75)', () => {
  it('touch dry: shown and carried upright in a spacer box, but neither sent nor wrapped', () => {
    expect([may('show'), may('carry'), may('send'), may('wrap')]).to.deep.equal([true, true, false, false])
    expect(permissionOf('carry', picture()).says).to.include('spacer box')
    expect(permissionOf('send', picture()).says).to.include('a nail leaves no mark')
  })
  it('wet: nothing at all', () => {
    expect(stageActions.some((action) => may(action, { state: 'wet' }))).to.equal(false)
  })
  it('impasto and wax count for one stage less', () => {
    expect(stageOf(picture({ state: 'firm', thickestUm: 600 }))).to.equal('touch')
    expect(may('send', { state: 'firm', wax: 0.06 })).to.equal(false)
    expect(may('send', { state: 'set', wax: 0.06 })).to.equal(false)
    expect(may('send', { state: 'firm' })).to.equal(true)
  })
  it('a picture nothing lies on waits for nothing', () => {
    expect(stageOf(picture({ state: 'bare', wax: 0.2 }))).to.equal('bare')
    expect(mayBeDoneInShort[stageOf(picture({ state: 'bare' }))]).to.equal(null)
  })
  it('says of a waxy picture that was found firm what it says of one that is touch dry', () => {
    const waxy = stageOf(picture({ state: 'firm', wax: 0.1 }))
    expect(mayBeDone[waxy]).to.equal(mayBeDone.touch)
    expect(mayBeDone[waxy]).to.include('spacer box')
  })
  it('only thin, supple, cured paint on cloth is rolled', () => {
    expect(may('roll', { state: 'cured' })).to.equal(true)
    for (const rest of [{ isFlexible: false }, { thickestUm: 200 }, { flexPlain: 0.7 }])
      expect(may('roll', { state: 'cured', ...rest })).to.equal(false)
  })
  it('law: what was once allowed stays allowed as it dries on', () => {
    for (const action of stageActions) {
      const allowed = ['wet' as const, ...stateIds].map((state) => may(action, { state }))
      expect(allowed, action).to.deep.equal([...allowed].sort((a, b) => Number(a) - Number(b)))
    }
  })
})
