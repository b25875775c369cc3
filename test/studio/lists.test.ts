import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { defaultSettings } from '../../src/document/studio.ts'
import { clockOfRoom } from '../../src/document/picture/pictureRoom.ts'
import { stepsOfSummary } from '../../src/document/judging/summarySteps.ts'
import { openSummaries } from '../../src/store/assessments.ts'
import { remembering } from '../../src/store/remembered.ts'
import { titlesOf } from '../../src/store/titles.ts'
import {
  batchPage,
  batchQuery,
  batchWith,
  unpouredCount,
  unpouredOf,
  usesOf,
} from '../../src/studio/lists/batchList.ts'
import { createBatch, createGrid, finishBatch, pour, saveBatch } from '../../src/studio/batches.ts'
import { doneIn, doneWith } from '../../src/studio/done.ts'
import { findIn, findQuery } from '../../src/studio/lists/finding.ts'
import { judgedWithSolve } from '../../src/studio/judge.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { mediumPage, mediumQuery } from '../../src/studio/lists/mediumList.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { linesAtATime } from '../../src/studio/listPage.ts'
import { paintingPage } from '../../src/studio/lists/paintingList.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import {
  benchWith,
  loadPicture,
  loadPictures,
  mediumWith,
  solvedBefore,
  usableOf,
} from '../../src/studio/pictures.ts'
import { saveShelfItem } from '../../src/studio/shelf.ts'
import { shelfPage, withOwn, withStandIns } from '../../src/studio/shelfList.ts'
import { datesOf, todayEntries, morningOf } from '../../src/studio/lists/todayList.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { find } from '../../src/store/records.ts'
import { layer, lot, medium, painting } from './bodies.ts'
import { demoStudio, emptyStudio, judgeAll, now } from './desk.ts'

type Studio = Awaited<ReturnType<typeof emptyStudio>>
const names = (page: { readonly entries: readonly { readonly name?: string; readonly title?: string }[] }) =>
  page.entries.map(({ name, title }) => name ?? title)

describe('a list of paintings', () => {
  let studio: Studio
  before(async () => {
    studio = await emptyStudio()
    const write = { db: studio.db, at: now }
    for (let n = 0; n < linesAtATime + 5; n++)
      await savePainting(write, painting(`p-${n}`, { title: `Ferry ${String(n).padStart(2, '0')}` }), null)
    await savePainting(write, painting('quay', { title: '100 % quay_wall, Écluse' }), null)
    await saveLayer(write, layer('quay-1', 'quay', 0, { name: 'Stain' }), null)
    await saveLayer(write, layer('quay-2', 'quay', 1, { name: 'Body' }), null)
    await logPainted(write, 'quay-1')
    await judgeAll(studio.db, now)
  })
  after(() => studio.close())

  it('shows a page of itself, and goes on where it ended', async () => {
    const first = await paintingPage(studio.db, now)
    expect([first.count, first.entries.length]).to.deep.equal([linesAtATime + 6, linesAtATime])
    const rest = await paintingPage(studio.db, now, { from: linesAtATime })
    expect(rest.entries).to.have.length(6)
    expect(names(rest).at(-1)).to.equal(`Ferry ${linesAtATime + 4}`)
  })
  it('is found by any part of a title, in either case, signs and all', async () => {
    for (const text of ['QUAY', '100 %', 'y_w', 'éCLUSE'])
      expect(names(await paintingPage(studio.db, now, { text }))).to.have.length(1)
    expect((await paintingPage(studio.db, now, { text: 'nothing' })).count).to.equal(0)
  })
  it('tells of each what lies on it, whether it is sound, and what comes next', async () => {
    const [quay] = (await paintingPage(studio.db, now, { text: 'quay' })).entries
    expect(quay!.bands.map(({ painted }) => painted)).to.deep.equal([true, false])
    expect(quay!.verdict).to.equal('sound')
    expect(quay!.next!.name).to.equal('Body')
  })
  it('does not show what an earlier program found as found today', async () => {
    await studio.db.updateTable('assessment').set({ formulas: 0 }).where('painting_id', '=', 'quay').execute()
    const [quay] = (await paintingPage(studio.db, now, { text: 'quay' })).entries
    expect([quay!.verdict, quay!.bands]).to.deep.equal([null, []])
    expect((await todayEntries(studio.db, now)).map(({ paintingId }) => paintingId)).to.not.include('quay')
    expect(await judgeAll(studio.db, now)).to.deep.equal(['quay'])
  })
  it('says of what was never judged that it was not', async () => {
    await savePainting({ db: studio.db, at: now }, painting('fresh', { title: 'Just begun' }), null)
    const [fresh] = (await paintingPage(studio.db, now, { text: 'Just begun' })).entries
    expect([fresh!.verdict, fresh!.bands]).to.deep.equal([null, []])
  })
})

describe('what a summary says', () => {
  let studio: Studio
  before(async () => {
    studio = await demoStudio()
  })
  after(() => studio.close())

  it('of dates is what the whole judgement says, on whatever minute it is read', async () => {
    const { db } = studio
    const settings = await settingsOf(db)
    const open = await openSummaries(db, 0)
    expect(open).to.have.length(7)
    for (const later of [now, '2026-11-24T18:30', '2026-12-09T07:00'])
      for (const { painting, summary } of open) {
        const picture = (await loadPicture(db, painting.id, later))!
        const { assessment } = judgedWithSolve(picture)
        const dates = datesOf(stepsOfSummary(summary, clockOfRoom(picture.room!)), picture.today, settings)
        const days = assessment.layers.map(({ date }) => date.day)
        dates.forEach(({ day, source }, at) => {
          expect(source).to.equal(assessment.layers[at]!.date.source)
          if (later === now) expect(day).to.be.closeTo(days[at]!, 1e-6)
        })
        if (later === now) expect(summary.verdict).to.equal(assessment.verdict)
      }
  })
  it('is cut to so many of a group on the morning page, soonest first, and counted', async () => {
    const { db } = studio
    const all = await todayEntries(db, now)
    const { groups } = await morningOf(db, now, 1)
    expect(groups.reduce((sum, { count }) => sum + count, 0)).to.equal(all.length)
    expect(groups.every(({ entries }) => entries.length <= 1)).to.equal(true)
    const days = all.map(({ next }) => next?.day ?? Infinity)
    expect(days).to.deep.equal([...days].sort((a, b) => a - b))
  })
  it('comes with the solve it was made from, until something bears upon it', async () => {
    const { db } = studio
    const picture = (await loadPicture(db, 'glasshouse', now))!
    const solved = await solvedBefore(db, picture)
    expect(solved.areas[0]!.layerIds).to.have.length(picture.layers.length)
    const { revision, ...top } = picture.layers.at(-1)!
    await saveLayer({ db, at: now }, { ...top, wetThicknessUm: 99 }, revision)
    expect((await solvedBefore(db, picture)).areas).to.deep.equal([])
  })
  it('a picture brings just the mediums and lots it is painted with', async () => {
    const { db } = studio
    await saveMedium({ db, at: now }, medium('unused'), null)
    await saveShelfItem({ db, at: now }, lot('unused-lot'), null)
    const [picture] = await loadPictures(db, ['glasshouse'], now)
    const named = new Set(
      picture!.layers.flatMap((one) => (one.medium && !one.painted ? [one.medium.mediumId] : [])),
    )
    expect(picture!.mediums.map(({ id }) => id)).to.include.members(
      [...named].filter((id) => id !== 'unused'),
    )
    expect(picture!.mediums.some(({ id }) => id === 'unused')).to.equal(false)
    expect(picture!.shelf.some(({ id }) => id === 'unused-lot')).to.equal(false)
  })
})

describe('a list of mediums', () => {
  let studio: Studio
  before(async () => {
    studio = await emptyStudio()
    const write = { db: studio.db, at: now }
    await saveMedium(write, medium('plain', { name: 'Plain walnut' }), null)
    await saveMedium(write, medium('empty', { name: 'Not yet', recipe: { lines: [] } }), null)
    const gel = [
      { material: 'walnut', amount: 100, unit: 'g' as const },
      { material: 'silica_fumed', amount: 8, unit: 'g' as const },
    ]
    await saveMedium(write, medium('gel', { name: 'Standing gel', recipe: { lines: gel } }), null)
    await saveMedium(
      write,
      medium('of-gel', { name: 'Thinned gel', recipe: { lines: [{ medium: 'gel', amount: 5, unit: 'g' }] } }),
      null,
    )
  })
  after(() => studio.close())

  it('is in the order of names, with why one cannot be read', async () => {
    const page = await mediumPage(studio.db)
    expect(names(page)).to.deep.equal(['Not yet', 'Plain walnut', 'Standing gel', 'Thinned gel'])
    expect(page.entries[0]!.problem).to.include('The recipe is empty')
    expect(page.entries[1]!.made!.dryByVolume.oil).to.be.closeTo(1, 1e-9)
  })
  it('is chosen from by what a medium does, mediums in mediums too', async () => {
    const wish = JSON.stringify({ holdsPeaks: true })
    const query = mediumQuery(new URLSearchParams({ wish }))
    expect(names(await mediumPage(studio.db, query))).to.deep.equal(['Standing gel', 'Thinned gel'])
    expect(names(await mediumPage(studio.db, { ...query, text: 'thin' }))).to.deep.equal(['Thinned gel'])
  })
  it('takes a wish that cannot be read for none', async () => {
    for (const wish of ['{"holdsPeaks":', '{"sheen":"purple"}', '7'])
      expect((await mediumPage(studio.db, mediumQuery(new URLSearchParams({ wish })))).count, wish).to.equal(
        4,
      )
  })
  it('is analysed anew once anything is written, and not before', async () => {
    const { db, queries } = studio
    queries.length = 0
    await mediumPage(db)
    expect(queries).to.have.length(1)
    await saveShelfItem({ db, at: now }, lot('walnut', { densityGPerMl: 0.99 }), null)
    await mediumPage(db)
    expect(queries.some((sql) => sql.includes('"medium"'))).to.equal(true)
  })
  it('leads to all that is in one: the mediums in it, and the painter’s own lots', async () => {
    const { db } = studio
    const found = (await mediumWith(db, 'of-gel'))!
    expect(found.known.mediums.map(({ id }) => id)).to.deep.equal(['gel'])
    expect(found.known.shelf.map(({ id }) => id)).to.deep.equal(['walnut'])
    expect(await mediumWith(db, 'nothing')).to.equal(null)
    expect((await usableOf(db, 'of-gel'))!.mediums.map(({ id }) => id)).to.deep.equal(['of-gel', 'gel'])
    const two = await benchWith(db, ['of-gel', 'gel', null])
    expect(two.mediums.map(({ id }) => id).sort()).to.deep.equal(['gel', 'of-gel'])
  })
})

describe('a list of batches', () => {
  let studio: Studio
  let ids: readonly string[]
  before(async () => {
    studio = await emptyStudio()
    const write = { db: studio.db, at: now }
    await saveMedium(write, medium('oil', { name: 'Oil' }), null)
    const made: string[] = []
    for (const g of [20, 30, 40]) {
      const by = { kind: 'mass' as const, g }
      made.push((await createBatch(write, { mediumId: 'oil', by, jarMl: null, byFeel: false })).made[0]!)
    }
    ids = made
    for (const id of ids.slice(0, 2)) {
      await pour(write, id, 'walnut', 20)
      await finishBatch(write, id)
    }
    const { revision, ...first } = (await find(studio.db, 'batch', ids[0]!))!
    await saveBatch(write, ids[0]!, { ...first, feel: { ...first.feel, tack: 4 } }, revision)
  })
  after(() => studio.close())

  it('is newest first, or in order of how they felt, or found by name', async () => {
    const { db } = studio
    expect(names(await batchPage(db, now))).to.deep.equal(['Oil, batch 3', 'Oil, batch 2', 'Oil, batch 1'])
    expect(names(await batchPage(db, now, batchQuery(new URLSearchParams('by=tack'))))).to.deep.equal([
      'Oil, batch 1',
    ])
    expect(names(await batchPage(db, now, { text: 'BATCH 2' }))).to.deep.equal(['Oil, batch 2'])
    const wholeList = { text: '', from: 0, by: null }
    for (const from of ['x', '0.5', '-3', '1e400'])
      expect(batchQuery(new URLSearchParams({ by: 'smell', from })), from).to.deep.equal(wholeList)
  })
  it('knows those nothing is poured for, for a weighing sheet', async () => {
    const { db } = studio
    expect(await unpouredCount(db, 'oil')).to.equal(1)
    const { title, batches, nameOf } = await unpouredOf(db, 'oil')
    expect([title, batches.length, nameOf('walnut')]).to.deep.equal(['Oil: weighing sheet', 1, 'Walnut oil'])
    const refusal = await unpouredOf(db, 'nothing').catch((error: Error) => error.message)
    expect(refusal).to.include('nothing to weigh')
  })
  it('tells of one what it was taken from, and the layers it went into', async () => {
    const { db } = studio
    const write = { db, at: now }
    await savePainting(write, painting('gate', { title: 'The gate' }), null)
    const glaze = layer('gate-1', 'gate', 0, { name: 'Glaze', medium: { mediumId: ids[0]!, parts: 1 } })
    await saveLayer(write, glaze, null)
    expect(await usesOf(db, ids[0]!)).to.deep.equal(['Glaze of The gate (planned)'])
    await logPainted(write, 'gate-1')
    expect((await batchWith(db, ids[0]!))!.usedIn).to.deep.equal(['Glaze of The gate'])
  })
  it('reads a batch once, and again only when it changed', async () => {
    const { db, queries } = studio
    const facts = remembering('batch', ({ id }) => id)
    await facts(db)
    queries.length = 0
    expect((await facts(db)).size).to.equal(3)
    expect(queries).to.have.length(1)
    await pour({ db, at: now }, ids[2]!, 'walnut', 5)
    queries.length = 0
    await facts(db)
    expect(queries).to.have.length(2)
  })
  it('grows by a cell of a grid at a time, numbered on', async () => {
    const { db } = studio
    await saveMedium(
      { db, at: now },
      medium('two', {
        recipe: {
          lines: [
            { material: 'walnut', amount: 80, unit: 'g' },
            { material: 'damar', amount: 10, unit: 'g' },
            { material: 'beeswax', amount: 10, unit: 'g' },
          ],
        },
      }),
      null,
    )
    const across = { material: 'damar', shares: [0.05, 0.1] }
    const { made } = await createGrid(
      { db, at: now },
      { mediumId: 'two', across, down: { material: 'beeswax', shares: [0.05] }, cellG: 10 },
    )
    const numbers = await Promise.all(made.map(async (id) => (await find(db, 'batch', id))!.number))
    expect(numbers.sort()).to.deep.equal([4, 5])
  })
})

describe('the shelf, and choosing by name', () => {
  let studio: Studio
  before(async () => {
    studio = await emptyStudio()
    const write = { db: studio.db, at: now }
    await saveShelfItem(
      write,
      lot('lot-b', { name: 'Thick oil, lot B', base: 'linseed_sun_thickened' }),
      null,
    )
    await saveShelfItem(write, lot('walnut', { name: 'Walnut oil of ours' }), null)
    await saveMedium(write, medium('walnut-medium', { name: 'Walnut and chalk' }), null)
    await savePainting(write, painting('walnuts', { title: 'Walnuts on slate' }), null)
  })
  after(() => studio.close())

  it('is found by what a material does, and knows which of the book’s it stands in for', async () => {
    const all = await shelfPage(studio.db)
    expect(names(all)).to.deep.equal(['Thick oil, lot B', 'Walnut oil of ours'])
    expect(all.overridden).to.deep.equal(['walnut'])
    expect(names(await shelfPage(studio.db, { text: 'no nuts' }))).to.deep.equal(['Thick oil, lot B'])
    expect(await withOwn(studio.db, all.entries.slice(0, 1))).to.have.length(2)
  })
  it('gives every page the lots that stand in for the book’s, used there or not', async () => {
    expect((await withStandIns(studio.db, [])).map(({ id }) => id)).to.deep.equal(['walnut'])
  })
  it('offers, of the kinds asked, what holds the text', async () => {
    const found = (search: string) => findIn(studio.db, findQuery(new URLSearchParams(search)))
    const { count, entries } = await found('in=medium,painting,shelf_item&find=WALNUT')
    expect(count).to.equal(3)
    expect(entries.map(({ kind }) => kind)).to.deep.equal(['medium', 'shelf_item', 'painting'])
    expect((await found('in=setting,layer&find=walnut')).count).to.equal(0)
    expect((await found('find=walnut')).count).to.equal(0)
  })
  it('puts what was chosen lately first, of what holds the text', async () => {
    const titles = async (kind: string, search: string) => {
      const query = findQuery(new URLSearchParams(`in=${kind}&${search}`))
      return (await findIn(studio.db, query)).entries.map(({ id }) => id)
    }
    for (const kind of ['medium', 'shelf_item']) {
      const byName = await titles(kind, 'find=')
      const last = byName.at(-1)!
      const [first, ...others] = await titles(kind, `find=&first=gone,${last}`)
      expect([first, others]).to.deep.equal([last, byName.slice(0, -1)])
      expect(await titles(kind, `find=nothing+of+the+kind&first=${last}`)).to.deep.equal([])
    }
  })
  it('offers the painter’s own materials by another spelling, of the families asked, with what the room says', async () => {
    const found = async (search: string) =>
      (await findIn(studio.db, findQuery(new URLSearchParams(`in=shelf_item&${search}`)))).entries
    expect((await found('find=flaxseed')).map(({ title }) => title)).to.deep.equal(['Thick oil, lot B'])
    expect(await found('find=oil&family=pigment')).to.deep.equal([])
    expect((await found('find=nut&family=oil')).map(({ room }) => room)).to.deep.equal([null])
    const { revision, ...settings } = await settingsOf(studio.db)
    await saveSettings({ db: studio.db, at: now }, { ...settings, policies: ['nuts'] }, revision)
    expect((await found('find=nut&family=oil')).map(({ room }) => room)).to.deep.equal(['refused'])
  })
  it('finds by title without reading a body', async () => {
    const { db, queries } = studio
    queries.length = 0
    await titlesOf(db, 'medium', { text: 'chalk', from: 0, most: 5 })
    expect(queries.every((sql) => !sql.includes('"body"'))).to.equal(true)
  })
})

describe('what was done, as it is asked for', () => {
  it('comes thirty at a time, older on demand, of a picture, a thing or the studio', async () => {
    const { db, close } = await emptyStudio()
    const write = { db, at: now }
    await savePainting(write, painting('p'), null)
    await saveLayer(write, layer('l', 'p', 0), null)
    for (let n = 1; n <= 35; n++) await saveLayer(write, layer('l', 'p', 0, { note: `${n}` }), n)
    await saveMedium(write, medium('m'), null)
    const first = await doneWith(db, { painting: 'p' })
    expect([first.entries.length, first.more]).to.deep.equal([30, true])
    const before = String(first.entries.at(-1)!.event)
    const older = await doneIn(db, new URLSearchParams({ painting: 'p', before }))
    expect([older.entries.length, older.more]).to.deep.equal([7, false])
    const thing = await doneIn(db, new URLSearchParams({ kind: 'layer', id: 'l' }))
    expect(thing.entries[0]!.what).to.equal('Changed layer Layer l')
    expect((await doneIn(db, new URLSearchParams())).entries[0]!.what).to.equal('Added medium Medium m')
    expect((await doneIn(db, new URLSearchParams({ kind: 'nonsense', id: 'l' }))).entries).to.have.length(30)
    await close()
  })
})

describe('the studio’s settings', () => {
  it('are the usual ones until the painter changes any', async () => {
    const { db, close } = await emptyStudio()
    expect(await settingsOf(db)).to.deep.equal({ ...defaultSettings, revision: 0 })
    await close()
  })
})
