import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect } from 'chai'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { copyStudio, openCopy, putCopyBack, tellOf } from '../../src/store/copies.ts'
import { openStudio } from '../../src/store/open.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { find, list } from '../../src/store/records.ts'
import { backupFile, backupsFolder, backupsIn, bringUp, stateIn } from '../../src/studio/backups/files.ts'
import { backupKeeper, placeOf } from '../../src/studio/backups/keeper.ts'
import { outlived } from '../../src/studio/backups/kept.ts'
import { differencesTo, previewOfRestore, restore } from '../../src/studio/backups/restore.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { removeMedium, saveMedium } from '../../src/studio/mediums.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { layer, medium, painting } from './bodies.ts'
import { emptyFolder, emptyStudio, now } from './desk.ts'

const today = now.slice(0, 10)
const quietly = (): void => undefined
const refusalOf = (work: () => unknown): string => {
  try {
    work()
    return 'done'
  } catch (error) {
    return (error as Error).message
  }
}

describe('which backups are kept', () => {
  const everyDay = (days: number): string[] =>
    Array.from({ length: days }, (_, ago) => dateOf(dayOf(today)! - ago))
  /** What is left when the painter backs up every day and old ones go each day. */
  const leftAfter = (days: number): string[] =>
    everyDay(days)
      .reverse()
      .reduce<string[]>((kept, date) => {
        const all = [...kept, date]
        const gone = outlived(all, date)
        return all.filter((one) => !gone.includes(one))
      }, [])

  it('one a day for two weeks and the first of each month for two years, whatever the day', () => {
    const left = leftAfter(1000)
    expect(left.slice(-14)).to.deep.equal(everyDay(14).reverse())
    const monthly = left.slice(0, -14)
    expect(monthly.every((date) => date.endsWith('-01'))).to.equal(true)
    expect(monthly[0]).to.equal('2024-12-01')
    expect(monthly).to.have.length(24)
  })
  it('never the newest, and never one of the last two weeks', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 1500 }), { minLength: 1 }), (agos) => {
        const gone = outlived(
          agos.map((ago) => dateOf(dayOf(today)! - ago)),
          today,
        )
        return gone.every((date) => dayOf(today)! - dayOf(date)! >= 14)
      }),
    )
  })
})

describe('a backup', () => {
  let studio: OpenStudio
  const write = () => ({ db: studio.db, at: now })
  const copied = (): string => {
    mkdirSync(backupsFolder(studio.folder), { recursive: true })
    const to = backupFile(backupsFolder(studio.folder), today)
    copyStudio(studio.folder, to)
    return to
  }
  beforeEach(async () => {
    studio = await emptyStudio()
    await savePainting(write(), painting('quay'), null)
    await saveMedium(write(), medium('oil'), null)
  })
  afterEach(() => studio.close())

  it('is made while the studio is open, and holds what was done a moment ago', () => {
    expect(tellOf(copied())).to.include({ event: 2, paintings: 1 })
  })
  it('that is damaged is told as damaged, and never takes the place of a studio', () => {
    const file = copied()
    const bytes = readFileSync(file)
    bytes.fill(0x5a, 4096, 9000)
    writeFileSync(file, bytes)
    expect(refusalOf(() => tellOf(file))).to.include('damaged')
    const other = emptyFolder()
    expect(refusalOf(() => putCopyBack(other, file, 'before.sqlite'))).to.include('damaged')
    expect(existsSync(join(other, 'studio.sqlite'))).to.equal(false)
  })
  it('puts back what changed, what was taken away, and takes away what was made since: in one step', async () => {
    await saveMedium(write(), medium('gel'), null)
    const file = copied()
    await saveMedium(write(), medium('oil', { name: 'Night oil' }), 1)
    await removeMedium(write(), 'gel', 1)
    await saveLayer(write(), layer('first', 'quay', 0), null)
    const copy = await openCopy(file, join(studio.folder, 'scratch'))
    const differences = await differencesTo(studio.db, copy.db, quietly)
    await copy.close()
    expect(previewOfRestore(differences).counts).to.deep.equal({ back: 1, changed: 1, gone: 1 })
    const { event } = await restore(write(), 'yesterday', differences)
    expect((await find(studio.db, 'medium', 'oil'))!.name).to.equal('Medium oil')
    expect((await list(studio.db, 'layer')).length).to.equal(0)
    await undoEvent(write(), event)
    expect((await find(studio.db, 'medium', 'oil'))!.name).to.equal('Night oil')
    expect(await find(studio.db, 'medium', 'gel')).to.equal(null)
    expect((await list(studio.db, 'layer')).length).to.equal(1)
  })
  it('of an older form is brought to today’s before it is looked into', async () => {
    const older = new URL('../stored/0003-batches.sqlite', import.meta.url)
    const copy = await openCopy(older.pathname, join(studio.folder, 'scratch'))
    expect((await list(copy.db, 'painting')).length).to.equal(4)
    await copy.close()
  })
  it('takes the place of a file that cannot be opened any more, which is kept beside it', async () => {
    const copy = readFileSync(copied())
    await studio.close()
    const file = join(studio.folder, 'studio.sqlite')
    writeFileSync(file, 'not a studio')
    putCopyBack(studio.folder, backupFile(backupsFolder(studio.folder), today), 'before.sqlite')
    expect(readFileSync(file).equals(copy)).to.equal(true)
    expect(readFileSync(join(studio.folder, 'before.sqlite'), 'utf8')).to.equal('not a studio')
    studio = await openStudio(studio.folder)
    expect((await list(studio.db, 'painting')).length).to.equal(1)
  })
})

describe('backups by themselves', () => {
  let studio: OpenStudio
  let clock = now
  let place = ''
  const made: string[] = []
  const keeper = () =>
    backupKeeper(
      studio.db,
      studio.folder,
      {
        copy: (to) => {
          made.push(clock)
          return Promise.resolve(copyStudio(studio.folder, to))
        },
        bringUp: (to, day) => Promise.resolve(bringUp(studio.folder, to, day)),
      },
      () => clock,
    )
  beforeEach(async () => {
    studio = await emptyStudio()
    clock = now
    made.length = 0
    place = emptyFolder()
  })
  afterEach(async () => {
    delete process.env['GRELTA_BACKUPS']
    await studio.close()
  })

  it('are made once something was done, anew after an hour with work in it, and each day', async () => {
    const { look } = keeper()
    const work = (id: string) => saveMedium({ db: studio.db, at: clock }, medium(id), null)
    await look()
    await work('a')
    await look()
    await work('b')
    clock = `${today}T09:30`
    await look()
    clock = `${today}T10:05`
    await look()
    clock = `${today}T12:00`
    await look()
    await work('c')
    clock = `${dateOf(dayOf(today)! + 1)}T08:00`
    await look()
    expect(made).to.deep.equal([now, `${today}T10:05`, clock])
    expect(backupsIn(backupsFolder(studio.folder))).to.have.length(2)
  })
  it('are copied with the photographs to a place that may come and go', async () => {
    process.env['GRELTA_BACKUPS'] = place
    const there = placeOf(stateIn(studio.folder))!
    const { look, makeNow } = keeper()
    await saveMedium({ db: studio.db, at: now }, medium('a'), null)
    mkdirSync(join(studio.folder, 'photos'))
    writeFileSync(join(studio.folder, 'photos', 'picture.jpg'), 'a picture')
    rmSync(place, { recursive: true })
    await makeNow()
    expect(existsSync(place), 'nothing is made where nothing is plugged in').to.equal(false)
    mkdirSync(place)
    await look()
    expect(backupsIn(there)).to.have.length(1)
    expect(readFileSync(join(there, 'photos', 'picture.jpg'), 'utf8')).to.equal('a picture')
    rmSync(place, { recursive: true })
    await makeNow()
    expect(stateIn(studio.folder).problem).to.equal(null)
  })
  it('that fail say why, and are tried again', async () => {
    await saveMedium({ db: studio.db, at: now }, medium('a'), null)
    writeFileSync(backupsFolder(studio.folder), 'in the way')
    const { look } = keeper()
    const wasSaid = console.error
    console.error = quietly
    await look()
    console.error = wasSaid
    expect(stateIn(studio.folder).problem).to.be.a('string')
    rmSync(backupsFolder(studio.folder))
    await look()
    expect(stateIn(studio.folder)).to.include({ problem: null, event: 1 })
  })
})
