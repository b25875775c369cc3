import { expect } from 'chai'
import { describe, it } from 'mocha'
import { defaultLimits, levelOf, limitKeys, limitTable } from '../../src/core/practice/limits.ts'
import type { LimitRow } from '../../src/core/practice/limitRow.ts'
import { noPractice } from '../../src/core/practice/practice.ts'
import { practiceOf, practicesWith, shippedPractices } from '../../src/core/practice/shipped.ts'
import { practiceSchema } from '../../src/document/practice.ts'
import type { PracticeDocument } from '../../src/document/practice.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { practicesOf, removePractice, savePractice } from '../../src/studio/practices.ts'
import { find } from '../../src/store/records.ts'
import { paintingPage } from '../../src/studio/lists/paintingList.ts'
import { layer, painting } from './bodies.ts'
import { emptyStudio, judgeAll, now } from './desk.ts'

const shipped = (): PracticeDocument => practiceSchema.parse(shippedPractices[0])

describe('the table of limits', () => {
  it('says of each what it is, within its own bounds, watched before it is unsound', () => {
    for (const key of limitKeys) {
      const { label, bounds, default: usual, side }: LimitRow = limitTable[key]
      expect(label, key).to.match(/\w/)
      for (const value of Object.values(usual)) expect(value, key).to.be.within(...bounds)
      const { watch, unsound } = usual as { watch?: number; unsound?: number }
      if (watch === undefined || unsound === undefined) continue
      expect(side === 'below' || side === 'up to' ? unsound <= watch : watch <= unsound, key).to.equal(true)
    }
  })
  it('a limit speaks over it, from it on, or below it, and a rounding error changes nothing', () => {
    const { medium, resin, binderRatio } = defaultLimits
    expect(levelOf('medium', medium, 0.25)).to.equal(null)
    expect(levelOf('medium', medium, 0.2501)).to.equal('watch')
    expect(levelOf('resin', resin, 0.1 - 1e-12)).to.equal('watch')
    expect(levelOf('binderRatio', binderRatio, 0.9)).to.equal('watch')
    expect(levelOf('binderRatio', binderRatio, 0.89)).to.equal('unsound')
  })
})

describe('a practice', () => {
  it('as shipped is a document like any other; a level an older one lacks has its default', () => {
    for (const practice of shippedPractices)
      expect(practiceSchema.parse(practice)).to.deep.equal({
        ...practice,
        provenance: {},
        basedOn: null,
      })
    const { medium: _medium, ...older } = shipped().limits
    expect(practiceSchema.parse({ ...shipped(), limits: older }).limits.medium).to.deep.equal(
      defaultLimits.medium,
    )
  })
  it('cannot call unsound what it does not watch, nor go beyond what is sensible', () => {
    const withResin = (watch: number, unsound: number) =>
      practiceSchema.safeParse({ ...shipped(), limits: { ...defaultLimits, resin: { watch, unsound } } })
    expect(withResin(0.3, 0.2).error!.issues[0]!.message).to.include('beyond what is watched')
    expect(withResin(0.1, 7).error!.issues[0]!.message).to.match(/^That is at most 100.%\.$/)
  })
  it('is never missing: what is changed stands in for what is shipped, what is gone for the first', () => {
    const mine = { ...shipped(), id: 'mine', name: 'Mine' }
    const changed = { ...shipped(), name: 'Oil, my way' }
    const names = practicesWith([changed, mine]).map(({ name }) => name)
    expect([names[0], names.at(-1), names.length]).to.deep.equal(['Oil, my way', 'Mine', 10])
    expect(practiceOf('gone', [mine]).id).to.equal('oil-led')
    expect(practiceOf('mine', [mine]).name).to.equal('Mine')
    expect(practicesWith([]).some(({ id }) => id === noPractice.id)).to.equal(false)
  })
  it('changed in the studio judges the paintings that follow it anew, and them alone', async () => {
    const { db, close } = await emptyStudio()
    const write = { db, at: now }
    for (const id of ['a', 'b']) {
      await savePainting(
        write,
        painting(id, { support: 'linen_stretched', practice: id === 'a' ? 'oil-led' : 'glazing' }),
        null,
      )
      const medium = {
        paints: [{ pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'walnut', parts: 1 }],
      }
      await saveLayer(write, layer(`${id}-1`, id, 0, medium), null)
    }
    const verdicts = async () => {
      await judgeAll(db, now)
      return (await paintingPage(db, now)).entries.map(({ verdict }) => verdict)
    }
    expect(await verdicts()).to.deep.equal(['sound', 'sound'])
    const strict = { ...defaultLimits, supportStrain: { watch: 0.1, unsound: 0.9 } }
    await savePractice(write, { ...shipped(), limits: strict }, null)
    const [asked] = await db.selectFrom('assessment').selectAll().where('painting_id', '=', 'b').execute()
    expect(asked!.judged).to.equal(asked!.wanted)
    expect(await verdicts()).to.deep.equal(['watch', 'sound'])
    await removePractice(write, 'oil-led', 1)
    expect(await practicesOf(db)).to.deep.equal([])
    expect(await verdicts()).to.deep.equal(['sound', 'sound'])
    await close()
  })
  it('of one’s own stays while a painting follows it; a painting cannot follow one that is not there', async () => {
    const { db, close } = await emptyStudio()
    const write = { db, at: now }
    const refusal = (work: Promise<unknown>): Promise<string> =>
      work.then(
        () => 'carried out',
        (error: Error) => error.message,
      )
    const follower = painting('a', { practice: 'mine' })
    expect(await refusal(savePainting(write, follower, null))).to.include(
      'names a practice that is not there',
    )
    await savePractice(write, { ...shipped(), id: 'mine', name: 'Mine' }, null)
    await savePainting(write, follower, null)
    expect(await refusal(removePractice(write, 'mine', 1))).to.include('follows Mine')
    expect(await find(db, 'practice', 'mine')).to.not.equal(null)
    await close()
  })
})
