import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { blankOwed } from '../../src/document/finish/owedWords.ts'
import { conservatorSheet } from '../../src/document/finish/conservatorSheet.ts'
import { ownerLetter } from '../../src/document/finish/letter.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { find } from '../../src/store/records.ts'
import { aheadOf } from '../../src/studio/lists/ahead.ts'
import { letterOf, sheetOf } from '../../src/studio/handOver.ts'
import { owedVarnishes, varnishDone } from '../../src/studio/owed.ts'
import { paperOf } from '../../src/studio/paper/paper.ts'
import { forgetAddress, savePainting } from '../../src/studio/paintings.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { pdfText } from '../pdfText.ts'
import { painting } from './bodies.ts'
import { demoStudio, now } from './desk.ts'

const today = dayOf(now)!
const address = 'http://localhost/paintings/x/record'

describe('handing a picture over', () => {
  let studio: Awaited<ReturnType<typeof demoStudio>>
  const write = () => ({ db: studio.db, at: now })
  const pictureOf = async (id: string) => {
    const picture = (await loadPicture(studio.db, id, now))!
    const findMaterial = findInStudio(picture.shelf)
    return { picture, assessment: assess(picture, findMaterial), findMaterial }
  }
  beforeEach(async () => {
    studio = await demoStudio()
  })
  afterEach(() => studio.close())

  it('the owner’s letter says when its varnish is due, how, and who pays (C89)', async () => {
    const told = await pdfText(await letterOf(studio.db, 'ferry-steps', now, address))
    for (const words of [
      'Ferry steps, evening',
      'the painter visits it',
      'the painter pays',
      'soft dry brush',
    ])
      expect(told, words).to.include(words)
    expect(told).to.match(/It is not varnished yet\. The earliest day is about \d/)
  })
  it('what was varnished is told with its resin; what holds wax with the heat it bears', async () => {
    const { picture, assessment, findMaterial } = await pictureOf('salt-pans')
    const care = ownerLetter(picture, assessment, findMaterial).parts.find(
      ({ heading }) => heading === 'Care',
    )!
    expect(care.lines.join()).to.match(/nowhere hotter than \d+ °C/)
    const varnished = await pictureOf('buoys')
    const letter = ownerLetter(varnished.picture, varnished.assessment, varnished.findMaterial)
    expect(JSON.stringify(letter)).to.include('(damar)')
  })
  it('the conservator’s sheet lists every event with what it is made of (C92)', async () => {
    const { picture, assessment, findMaterial } = await pictureOf('salt-pans')
    const { rows, lifts } = conservatorSheet(picture, assessment, findMaterial)
    const painted = picture.layers.filter((layer) => layer.painted !== null)
    expect(painted.length).to.be.at.least(9)
    expect(rows.map(({ name }) => name)).to.deep.equal(painted.map(({ name }) => name))
    const told = await pdfText(await sheetOf(studio.db, 'salt-pans', now, address))
    // A line may break inside a word with a hyphen.
    const unbroken = (text: string): string => text.replace(/\s/g, '')
    for (const { name, of } of rows)
      for (const words of [name, ...of]) expect(unbroken(told)).to.include(unbroken(words))
    expect(lifts).to.have.length(5)
    expect(told).to.include('What would lift today')
  })
  it('names in any of Europe’s letters stay readable', async () => {
    expect(await pdfText(await paperOf('Łódź', ['Σκιά and Тень']))).to.include('Σκιά and Тень')
  })

  it('what is owed stands by its day until it is done, and then among the done (C90)', async () => {
    for (const days of [90, 10, 50, 20]) {
      const owed = blankOwed(dateOf(today + days), 'damar_varnish_30')
      await savePainting(write(), painting(`owed-${days}`, { owed }), null)
    }
    const due = async () => (await owedVarnishes(studio.db)).map(({ paintingId }) => paintingId)
    expect(await due()).to.deep.equal(['owed-10', 'owed-20', 'ferry-steps', 'owed-50', 'owed-90'])
    const { event } = await varnishDone(write(), 'owed-20', dateOf(today))
    expect(await due()).to.deep.equal(['owed-10', 'ferry-steps', 'owed-50', 'owed-90', 'owed-20'])
    const ahead = await aheadOf(studio.db, now)
    expect(ahead.some(({ paintingId }) => paintingId === 'owed-20')).to.equal(false)
    await undoEvent(write(), event)
    expect((await due())[1]).to.equal('owed-20')
  })
  it('says how much varnish to take along, and keeps the visit’s place in the calendar', async () => {
    const [ferry] = await owedVarnishes(studio.db)
    expect(ferry!.ml).to.be.closeTo(0.48 * 90 * 2, 1e-9)
    const visits = (await aheadOf(studio.db, now)).filter(({ paintingId }) => paintingId === 'ferry-steps')
    expect(visits.map(({ uid, on }) => [uid, on])).to.deep.equal([
      ['reminder-visit-ferry-steps', dateOf(today + 34)],
    ])
  })
  it('an address is forgotten for good: no undo brings it back', async () => {
    const { revision, ...ferry } = (await find(studio.db, 'painting', 'ferry-steps'))!
    const known = { ...ferry, owed: { ...ferry.owed!, address: 'Quay 7' } }
    await savePainting(write(), known, revision)
    await savePainting(write(), { ...known, note: 'Rang.' }, revision + 1)
    const { event } = await forgetAddress(write(), 'ferry-steps')
    const stored = async () =>
      JSON.stringify(await studio.db.selectFrom('event_thing').select('before').execute())
    expect(await stored()).not.to.include('Quay 7')
    await undoEvent(write(), event)
    expect((await find(studio.db, 'painting', 'ferry-steps'))!.owed!.address).to.equal('')
  })
})
