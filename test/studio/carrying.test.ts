import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { expect } from 'chai'
import { after, before, beforeEach, afterEach, describe, it } from 'mocha'
import { kindNames, kinds } from '../../src/document/kinds.ts'
import { bodyVersionIn, documentVersion } from '../../src/document/studioDocument.ts'
import { find, list } from '../../src/store/records.ts'
import { keepKnown } from '../../src/store/known.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { bringIn, previewOf } from '../../src/studio/carrying/bringIn.ts'
import { thingsIn } from '../../src/studio/carrying/documentReader.ts'
import { takeOut } from '../../src/studio/carrying/takeOut.ts'
import { calendarEntries } from '../../src/studio/lists/calendar.ts'
import { withDecimalComma } from '../../src/studio/csv/csv.ts'
import { checksToCsv, scheduleToCsv } from '../../src/studio/csv/listsCsv.ts'
import { shelfFromCsv, shelfToCsv } from '../../src/studio/csv/shelfCsv.ts'
import { wholeShelf } from '../../src/studio/shelfList.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { removeMedium, saveMedium } from '../../src/studio/mediums.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { layer, medium, painting } from './bodies.ts'
import { demoStudio, emptyFolder, emptyStudio, now } from './desk.ts'

const quietly = (): void => undefined
const here = { clashes: 'here', but: {} } as const
const fromFile = { clashes: 'file', but: {} } as const

/** A studio as a file, as its painter would take it out. */
async function takenOut(from: OpenStudio): Promise<string> {
  const file = join(emptyFolder(), 'studio.json')
  const { event } = await takeOut(from, file, false, quietly)
  await keepKnown(from.db, 'carried', event)
  return file
}

const bring = ({ db }: OpenStudio, file: string, choice: Parameters<typeof bringIn>[2] = here) =>
  bringIn({ db, at: now }, file, choice, quietly)

const refusalOf = (work: Promise<unknown>): Promise<string> =>
  work.then(
    () => 'carried out',
    (error: Error) => error.message,
  )

async function everythingIn(text: string): Promise<number> {
  let count = 0
  for await (const _ of thingsIn(Readable.from([Buffer.from(text)]))) count++
  return count
}

describe('a whole studio as one document', () => {
  let demo: OpenStudio
  before(async () => {
    demo = await demoStudio()
  })
  after(() => demo.close())

  it('brought into an empty studio and taken out again is the same, byte for byte', async () => {
    const other = await emptyStudio()
    const first = await takenOut(demo)
    await bring(other, first)
    expect(readFileSync(await takenOut(other), 'utf8')).to.equal(readFileSync(first, 'utf8'))
    for (const kind of kindNames)
      expect((await list(other.db, kind)).length, kind).to.equal((await list(demo.db, kind)).length)
    await other.close()
  })
  it('goes without the key of the calendar, and one that is here stays', async () => {
    const settings = await settingsOf(demo.db)
    const calendarKey = 'k'.repeat(40)
    await saveSettings({ db: demo.db, at: now }, { ...settings, calendarKey }, settings.revision)
    const file = await takenOut(demo)
    expect(readFileSync(file, 'utf8')).not.to.include(calendarKey)
    expect((await previewOf(demo.db, file, quietly)).counts).to.include({ changed: 0, clashing: 0, new: 0 })
  })
  it('has a version for every form its bodies can have', () => {
    for (const kind of kindNames)
      expect(bodyVersionIn(documentVersion, kind), kind).to.equal(kinds[kind].version)
  })
})

describe('a studio file', () => {
  const head = '{"format":"grelta.studio","version":1,"settings":{}'
  it('of the first version opens: a deadline becomes a date to meet', async () => {
    const { deadline: _none, ...old } = { ...painting('old'), deadline: '2027-03-01', dates: undefined }
    const studio = await emptyStudio()
    const settings = JSON.stringify(await settingsOf(studio.db))
    const file = join(emptyFolder(), 'old.json')
    const written = JSON.stringify({ ...old, deadline: '2027-03-01' })
    writeFileSync(
      file,
      `{"format":"grelta.studio","version":1,"settings":${settings},"paintings":[${written}]}`,
    )
    await bring(studio, file)
    expect((await find(studio.db, 'painting', 'old'))!.dates).to.deep.equal([
      { what: 'shown', on: '2027-03-01' },
    ])
    await studio.close()
  })
  it('that is no studio, is newer, or is cut off is refused with what to do', async () => {
    expect(await refusalOf(everythingIn('{"hello":1}'))).to.include('no studio of Grelta')
    expect(await refusalOf(everythingIn('not even JSON'))).to.include('no studio file')
    expect(await refusalOf(everythingIn('{"format":"grelta.studio","version":99}'))).to.include('newer')
    expect(await refusalOf(everythingIn('{"format":"grelta.studio","version":2,"layers":['))).to.include(
      'ends in the middle',
    )
  })
  it('tells every fault by list and number, and what one id names twice', async () => {
    const mediums = [medium('a'), { ...medium('b'), name: '' }, medium('a')]
    const fault = await refusalOf(everythingIn(`${head},"mediums":${JSON.stringify(mediums)}}`))
    expect(fault).to.include('settings: ')
    const issues = await thingsFaults(
      `{"format":"grelta.studio","version":2,"mediums":${JSON.stringify(mediums)}}`,
    )
    expect(issues).to.deep.equal([
      'mediums 2: name: Give it a name.',
      'mediums 3: another one has the id "a" already.',
    ])
  })
})

const thingsFaults = (text: string): Promise<readonly string[]> =>
  everythingIn(text).then(
    () => [],
    (error: { issues: readonly { message: string }[] }) => error.issues.map(({ message }) => message),
  )

describe('single lists', () => {
  let demo: OpenStudio
  const cells = (csv: string): readonly string[][] =>
    csv.split('\r\n').map((line) => [...line.matchAll(/"((?:[^"]|"")*)"/g)].map(([, cell]) => cell!))
  before(async () => {
    demo = await demoStudio()
  })
  after(() => demo.close())

  it('of checks has every hand on a layer and on a swatch, oldest first', async () => {
    const [, ...lines] = cells(await checksToCsv(demo.db))
    const swatches = await list(demo.db, 'swatch')
    const fingers = swatches.reduce((sum, one) => sum + one.fingers.length, 0)
    expect(lines.length).to.equal((await list(demo.db, 'touch_test')).length + fingers)
    expect(lines.map(([at]) => at)).to.deep.equal(lines.map(([at]) => at).sort())
  })
  it('of what is ahead begins today', async () => {
    const [, ...lines] = cells(scheduleToCsv(await calendarEntries(demo.db, now)))
    expect(lines.length).to.be.above(5)
    expect(lines.some(([, what]) => what!.includes('Glasshouse'))).to.equal(true)
  })
  it('with commas for decimals come back as they were', async () => {
    const csv = shelfToCsv(await wholeShelf(demo.db))
    const comma = withDecimalComma(csv)
    expect(comma).to.match(/"\d+,\d+"/)
    expect(shelfFromCsv(comma)).to.deep.equal(shelfFromCsv(csv))
  })
})

describe('bringing a file into a studio that holds work', () => {
  let studio: OpenStudio
  let away: OpenStudio
  const write = ({ db }: OpenStudio) => ({ db, at: now })
  /** The same studio twice: one at home, one that went to the coast in a file. */
  beforeEach(async () => {
    studio = await emptyStudio()
    await savePainting(write(studio), painting('quay'), null)
    await saveMedium(write(studio), medium('oil'), null)
    away = await emptyStudio()
    await bring(away, await takenOut(studio))
  })
  afterEach(() => Promise.all([studio.close(), away.close()]))

  it('adds what is new, takes what only the file changed, keeps what only this studio changed', async () => {
    await saveMedium(write(away), medium('oil', { name: 'Sea oil' }), 1)
    await saveLayer(write(away), layer('first', 'quay', 0), null)
    await saveMedium(write(studio), medium('oil', { note: 'keep cool' }), 1)
    const file = await takenOut(away)
    const { counts } = await previewOf(studio.db, file, quietly)
    expect(counts).to.include({ new: 1, changed: 1, clashing: 0 })
    await bring(studio, file)
    const { name, note } = (await find(studio.db, 'medium', 'oil'))!
    expect([name, note]).to.deep.equal(['Sea oil', 'keep cool'])
    expect(await find(studio.db, 'layer', 'first')).not.to.equal(null)
  })
  it('asks where both changed the same: each side can be taken, for all or for one', async () => {
    await saveMedium(write(away), medium('oil', { name: 'Sea oil' }), 1)
    await saveMedium(write(studio), medium('oil', { name: 'Home oil' }), 1)
    const file = await takenOut(away)
    const { clashing } = await previewOf(studio.db, file, quietly)
    expect(clashing).to.have.length(1)
    expect(clashing[0]!.clashes).to.deep.equal([{ field: 'name', here: 'Home oil', file: 'Sea oil' }])
    expect(await refusalOf(bring(studio, file))).to.include('already')
    await bring(studio, file, { clashes: 'here', but: { 'medium/oil': 'file' } })
    expect((await find(studio.db, 'medium', 'oil'))!.name).to.equal('Sea oil')
  })
  it('never lets an old file undo what came after it without asking', async () => {
    const old = await takenOut(studio)
    await saveMedium(write(studio), medium('oil', { name: 'Better oil' }), 1)
    await takenOut(studio)
    expect((await previewOf(studio.db, old, quietly)).counts).to.include({ changed: 0, clashing: 1 })
  })
  it('takes nothing away, and says of what comes back that it was here', async () => {
    await removeMedium(write(studio), 'oil', 1)
    const { new: coming } = await previewOf(studio.db, await takenOut(away), quietly)
    expect(coming.map(({ id, wasHere }) => [id, wasHere])).to.deep.equal([['oil', true]])
  })
  it('is taken back in one step', async () => {
    await saveLayer(write(away), layer('first', 'quay', 0), null)
    await saveMedium(write(away), medium('oil', { name: 'Sea oil' }), 1)
    const before = readFileSync(await takenOut(studio), 'utf8')
    const { event } = await bring(studio, await takenOut(away), fromFile)
    await undoEvent(write(studio), event)
    expect(readFileSync(await takenOut(studio), 'utf8')).to.equal(before)
  })
  it('is all or nothing: a layer of no painting stops everything', async () => {
    await saveMedium(write(away), medium('new'), null)
    const file = await takenOut(away)
    const text = readFileSync(file, 'utf8').replace(
      '"layers":[]',
      `"layers":[${JSON.stringify(layer('x', 'gone', 0))}]`,
    )
    writeFileSync(file, text)
    expect(await refusalOf(bring(studio, file))).to.include('painting is no longer there')
    expect(await find(studio.db, 'medium', 'new')).to.equal(null)
  })
})
