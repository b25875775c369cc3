import { copyFileSync, existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { expect } from 'chai'
import { describe, it } from 'mocha'
import { stateOfCheck } from '../../src/core/cure/checks.ts'
import { tellsOfFilm } from '../../src/document/judging/fingers.ts'
import { kinds, readStored } from '../../src/document/kinds.ts'
import { StudioFailure } from '../../src/store/failure.ts'
import { migrations } from '../../src/store/migrations/index.ts'
import { openStudio, studioFile } from '../../src/store/open.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { find, list } from '../../src/store/records.ts'
import { doneWith } from '../../src/studio/done.ts'
import { versionsOfMedium } from '../../src/studio/lists/mediumHistory.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { medium } from '../studio/bodies.ts'
import { emptyFolder } from '../studio/desk.ts'

const at = '2026-11-26T09:00'
const stored = new URL('../stored/', import.meta.url)
const failureOf = (work: Promise<OpenStudio>): Promise<StudioFailure> =>
  work.then(
    () => {
      throw new Error('It opened.')
    },
    (error: unknown) => {
      if (error instanceof StudioFailure) return error
      throw error
    },
  )

/** A folder with one of the kept files in it, as a painter of that version would have it. */
function folderWith(name: string): string {
  const folder = emptyFolder()
  copyFileSync(new URL(name, stored), studioFile(folder))
  return folder
}

describe('opening a studio', () => {
  it('made from nothing is whole, and opening it again changes nothing and copies nothing', async () => {
    const folder = emptyFolder()
    await (await openStudio(folder)).close()
    const bytes = readFileSync(studioFile(folder))
    const { db, close } = await openStudio(folder)
    expect(await db.selectFrom('kysely_migration').selectAll().execute()).to.have.length(
      Object.keys(migrations).length,
    )
    await close()
    expect(readdirSync(folder).sort()).to.deep.equal(['studio.lock', 'studio.sqlite'])
    expect(readFileSync(studioFile(folder)).length).to.equal(bytes.length)
  })
  it('after a clean stop the one file is the whole studio', async () => {
    const folder = emptyFolder()
    const { db, close } = await openStudio(folder)
    await saveMedium({ db, at }, medium('copied'), null)
    await close()
    const copy = emptyFolder()
    copyFileSync(studioFile(folder), studioFile(copy))
    const other = await openStudio(copy)
    expect((await find(other.db, 'medium', 'copied'))!.name).to.equal('Medium copied')
    await other.close()
  })
  it('what a kill left half made is thrown away, and the studio made anew', async () => {
    const folder = emptyFolder()
    writeFileSync(join(folder, 'studio.new'), 'half of something')
    const { close } = await openStudio(folder)
    await close()
    expect(existsSync(join(folder, 'studio.new'))).to.equal(false)
  })
  it('a second program on the folder is told so, and the first goes on', async () => {
    const folder = emptyFolder()
    const first = await openStudio(folder)
    expect((await failureOf(openStudio(folder))).code).to.equal('in-use')
    await saveMedium({ db: first.db, at }, medium('still'), null)
    await first.close()
    await (await openStudio(folder)).close()
  })
  it('a file of a newer program is left alone, with a sentence', async () => {
    const folder = emptyFolder()
    await (await openStudio(folder)).close()
    const raw = new SQLite(studioFile(folder))
    raw.prepare('insert into kysely_migration (name, timestamp) values (?, ?)').run('9999-later', at)
    raw.close()
    const before = readFileSync(studioFile(folder))
    const failure = await failureOf(openStudio(folder))
    expect([failure.code, failure.message]).to.satisfy(
      ([code, message]: string[]) => code === 'newer' && message!.includes('a newer Grelta'),
    )
    expect(readFileSync(studioFile(folder)).equals(before)).to.equal(true)
  })
  for (const [what, spoil] of [
    ['empty', () => Buffer.alloc(0)],
    ['cut in half', (file: Buffer) => file.subarray(0, file.length / 2)],
    ['without its head', (file: Buffer) => Buffer.concat([Buffer.alloc(100, 7), file.subarray(100)])],
    [
      'with pages overwritten',
      (file: Buffer) => Buffer.concat([file.subarray(0, 4096), Buffer.alloc(20480, 3), file.subarray(24576)]),
    ],
  ] as const)
    it(`a file ${what} is called damaged, and not written to`, async () => {
      const folder = emptyFolder()
      const { db, close } = await openStudio(folder)
      for (let n = 0; n < 30; n++) await saveMedium({ db, at }, medium(`m-${n}`), null)
      await close()
      const spoilt = spoil(readFileSync(studioFile(folder)))
      writeFileSync(studioFile(folder), spoilt)
      expect((await failureOf(openStudio(folder))).code).to.equal('damaged')
      expect(readFileSync(studioFile(folder)).equals(spoilt)).to.equal(true)
    })
  it('a folder that cannot be made is told with what to do', async () => {
    const file = join(emptyFolder(), 'a-file')
    writeFileSync(file, '')
    const failure = await failureOf(openStudio(join(file, 'inside')))
    expect(failure.code).to.equal('no-folder')
    expect(failure.message).to.include('GRELTA_DATA')
  })
})

describe('a studio of every earlier version', () => {
  for (const name of readdirSync(stored))
    describe(name, () => {
      it('opens, is brought forward, and a copy from before stands beside it', async () => {
        const folder = folderWith(name)
        const { db, close } = await openStudio(folder)
        expect(await list(db, 'painting')).to.have.length.at.least(4)
        expect((await list(db, 'layer')).every(({ paintingId }) => paintingId.length > 0)).to.equal(true)
        await close()
        expect(readdirSync(folder).filter((file) => file.startsWith('studio-before-'))).to.have.length(1)
      })
      it('keeps its history: versions, what was done, and what was taken back', async () => {
        const { db, close } = await openStudio(folderWith(name))
        const { entries } = await doneWith(db, 'studio')
        expect(entries.map(({ what }) => what)).to.include.members([
          'Removed medium Gone and back',
          'Poured 3 g',
          'Loaded a studio document',
        ])
        expect(entries.some(({ undone }) => undone)).to.equal(true)
        const noted = (await list(db, 'medium')).find(({ name: called }) => called.endsWith('(thin)'))!
        expect(noted.note).to.equal('Warm it first')
        expect(await versionsOfMedium(db, noted.id)).to.have.length.at.least(1)
        await close()
      })
      it('what hands found on its layers is a check by its name, and still bears on them', async () => {
        const { db, close } = await openStudio(folderWith(name))
        const hands = await list(db, 'touch_test')
        expect(hands).to.have.length.at.least(1)
        for (const { check, passed } of hands) {
          expect(Object.keys(stateOfCheck)).to.include(check)
          expect(passed).to.be.a('boolean')
        }
        expect(hands.every((hand) => tellsOfFilm(hand))).to.equal(true)
        await close()
      })
      it('can be undone in: a rename, a removal and a pour come back', async () => {
        const { db, close } = await openStudio(folderWith(name))
        const { entries } = await doneWith(db, 'studio')
        const eventOf = (what: RegExp): number => entries.find((one) => what.test(one.what))!.event
        await undoEvent({ db, at }, eventOf(/^Removed medium Gone/))
        expect((await find(db, 'medium', 'gone-and-back'))!.revision).to.be.at.least(2)
        await undoEvent({ db, at }, eventOf(/^Changed medium .*\(thin\)/))
        const mediums = await list(db, 'medium')
        expect(mediums.some(({ name: called }) => called.endsWith('(thin)'))).to.equal(false)
        expect(mediums.some(({ note }) => note === 'Warm it first')).to.equal(true)
        const pourOf = (grams: number) => eventOf(new RegExp(`^Poured ${grams} g`))
        await undoEvent({ db, at }, pourOf(3))
        await undoEvent({ db, at }, pourOf(5))
        const batch = (await list(db, 'batch')).find(({ pours }) => pours.length === 0)
        expect(batch).not.to.equal(undefined)
        await close()
      })
    })
})

describe('a stored body', () => {
  const body = JSON.stringify(medium('old'))
  it('of a newer version is not read, and not thrown over', () => {
    expect(readStored('medium', body, kinds.medium.version + 1)).to.deep.equal({
      ok: false,
      why: 'It was written by a newer Grelta.',
    })
  })
  it('without a field that came later has its default', () => {
    const { note: _note, ...before } = medium('old')
    const read = readStored('medium', JSON.stringify(before), 1)
    expect(read.ok && read.body.note).to.equal('')
  })
  it('that is no JSON, or does not fit, says where', () => {
    expect(readStored('medium', '{"id":', 1).ok).to.equal(false)
    const read = readStored('medium', JSON.stringify({ ...medium('old'), name: '' }), 1)
    expect(!read.ok && read.why).to.equal('name: Give it a name.')
  })
})
