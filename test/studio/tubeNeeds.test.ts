import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { paintFrom } from '../../src/document/ownTube.ts'
import type { OwnTube } from '../../src/document/tube.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { findIn, findQuery } from '../../src/studio/lists/finding.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { needOfTube, tubeShortages } from '../../src/studio/tubeNeeds.ts'
import { saveTube } from '../../src/studio/tubes.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { layer, painting, tube } from './bodies.ts'
import { emptyStudio, judgeAll, now } from './desk.ts'

type Studio = Awaited<ReturnType<typeof emptyStudio>>
const from = (own: OwnTube, parts = 1) => paintFrom(own, parts, findInLibrary)

describe('what planned layers want of tubes', () => {
  let studio: Studio
  const write = () => ({ db: studio.db, at: now })
  const [little, plenty, uncounted] = [
    tube('little', { leftMl: 3 }),
    tube('plenty', { leftMl: 100 }),
    tube('uncounted'),
  ]
  before(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('p', { widthCm: 50, heightCm: 40 }), null)
    for (const own of [little, plenty, uncounted]) await saveTube(write(), own, null)
    // 2000 cm² at 60 µm are 12 ml, four of each.
    const paints = [from(little), from(plenty), from(uncounted)]
    await saveLayer(write(), layer('a', 'p', 0, { paints }), null)
    await judgeAll(studio.db, now)
  })
  after(() => studio.close())

  it('is told by layer, and only what is short is bought', async () => {
    const need = await needOfTube(studio.db, 'little', now)
    expect(need.ml).to.be.closeTo(4, 0.01)
    expect(need.layers.map(({ layer: name }) => name)).to.deep.equal(['Layer a'])
    const short = await tubeShortages(studio.db, now)
    expect(short.map(({ id, shortMl }) => [id, Number(shortMl.toFixed(2))])).to.deep.equal([['little', 1]])
  })
  it('what is painted wants nothing any more', async () => {
    await logPainted(write(), 'a')
    await judgeAll(studio.db, now)
    expect((await needOfTube(studio.db, 'little', now)).layers).to.deep.equal([])
    expect(await tubeShortages(studio.db, now)).to.deep.equal([])
  })
})

describe('a tube in a room that forbids what is in it', () => {
  let studio: Studio
  const write = () => ({ db: studio.db, at: now })
  const leaded = tube('leaded', { name: 'Old yellow', hazards: ['lead'] })
  before(async () => {
    studio = await emptyStudio()
    const { revision, ...settings } = await settingsOf(studio.db)
    await saveSettings(write(), { ...settings, policies: ['lead'] }, revision)
    await savePainting(write(), painting('p'), null)
    await saveTube(write(), leaded, null)
    await saveTube(write(), tube('plain', { name: 'New yellow' }), null)
    await saveLayer(write(), layer('a', 'p', 0, { paints: [from(leaded)] }), null)
  })
  after(() => studio.close())

  it('is marked where it is chosen, though its pigment alone would pass', async () => {
    const { entries } = await findIn(studio.db, findQuery(new URLSearchParams('in=tube&find=yellow')))
    expect(entries.map(({ title, room }) => [title, room])).to.deep.equal([
      ['New yellow', null],
      ['Old yellow', 'refused'],
    ])
  })
  it('is found on the layer that is planned with it', async () => {
    const picture = (await loadPicture(studio.db, 'p', now))!
    const { findings } = assess(picture, findInStudio(picture.shelf))
    expect(
      findings
        .filter(({ rule }) => rule === 'policy')
        .map(({ message }) => message)
        .join(),
    ).to.match(/holds lead/)
  })
})
