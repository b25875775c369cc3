import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { asItWas, daysOfLife } from '../../src/document/picture/asItWas.ts'
import { find } from '../../src/store/records.ts'
import { aheadOf } from '../../src/studio/lists/ahead.ts'
import { closeDay, eveningOf, tick } from '../../src/studio/evening.ts'
import { eveningPage } from '../../src/studio/lists/eveningPage.ts'
import type { EveningPage } from '../../src/studio/lists/eveningPage.ts'
import { insidePage, moreInside } from '../../src/studio/lists/inside.ts'
import { closedAsTapped, tickedAsTapped } from '../../src/views/evening/asTapped.ts'
import type { Tick } from '../../src/views/evening/asTapped.ts'
import type { InsidePage, LookedThrough } from '../../src/studio/lists/inside.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { logMixed } from '../../src/studio/palette.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { mediumReplaced } from '../../src/studio/replaced.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { morningOf } from '../../src/studio/lists/todayList.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { usedPage } from '../../src/studio/lists/used.ts'
import { vapourToday } from '../../src/studio/vapourToday.ts'
import { mixedOnlyOn } from '../../src/document/brush.ts'
import { emptyHeap } from '../../src/document/palette/heaps.ts'
import { startOf } from '../../src/document/picture/eventStart.ts'
import { layer, medium } from './bodies.ts'
import { demoStudio, judgeAll, now } from './desk.ts'

const today = dayOf(now)!
const on = now.slice(0, 10)
const refusal = (sent: Promise<unknown>): Promise<string> =>
  sent.then(
    () => '',
    (error: unknown) => (error as Error).message,
  )

const shownIn = ({ groups }: InsidePage) => Object.values(groups).flatMap(({ entries }) => entries)

describe('the end of a day at Tern Street', () => {
  let studio: Awaited<ReturnType<typeof demoStudio>>
  const write = (at = now) => ({ db: studio.db, at })
  /** Oiling out a patch of Quince, today. */
  const oilOut = async (): Promise<void> => {
    await saveLayer(write(), layer('oiled', 'quince', 3, { ...startOf('oil-out'), name: 'Oiling out' }), null)
    await logPainted(write(), 'oiled')
  }
  beforeEach(async () => {
    studio = await demoStudio()
  })
  afterEach(() => studio.close())

  it('with an oiling out is not closed before the rags are ticked (C96)', async () => {
    await oilOut()
    const { asks, done } = await eveningOf(studio.db, on)
    expect(asks).to.include.members(['rags', 'jars'])
    expect(done).to.deep.equal(['Oiling out'])
    expect(await refusal(closeDay(write(), on))).to.match(/oily rags first/)
    await tick(write(), on, { what: 'rags', check: null, is: true })
    expect(await refusal(closeDay(write(), on))).to.match(/jars first/)
    await tick(write(), on, { what: 'jars', check: null, is: true })
    const { event } = await closeDay(write(), on)
    expect((await eveningOf(studio.db, on)).closing.closedAt).to.equal(now)
    await undoEvent(write(), event)
    expect((await eveningOf(studio.db, on)).closing.closedAt).to.equal(null)
  })
  it('a day that was closed is open again once something is used after it', async () => {
    await oilOut()
    for (const what of ['rags', 'jars'] as const) await tick(write(), on, { what, check: null, is: true })
    await closeDay(write(), on)
    await saveLayer(write(), layer('evening', 'quince', 4, {}), null)
    await logPainted(write(`${on}T20:00`), 'evening')
    const { out, closing } = await eveningOf(studio.db, on)
    expect(out).to.include.members(['rags', 'lead'])
    expect(closing.closedAt).to.equal(null)
    const late = write(`${on}T20:30`)
    expect(await refusal(closeDay(late, on))).to.match(/oily rags first/)
    for (const what of out) await tick(late, on, { what, check: null, is: true })
    expect((await eveningOf(studio.db, on)).closing.closedAt, 'until it is closed again').to.equal(null)
  })
  it('a palette that was mixed and not painted from leaves its rags all the same, the next morning too', async () => {
    const quietDay = dateOf(today - 2)
    expect((await eveningOf(studio.db, quietDay)).done).to.deep.equal([])
    const planned = layer('thought-of', 'quince', 3, { medium: { mediumId: 'morning-oil', parts: 1 } })
    await saveLayer(write(), planned, null)
    const poured = { mediumMl: 0.5, drops: null, thinnerMl: 0, besides: [] }
    const heaps = [{ ...emptyHeap('heap', planned.paints[0]!), poured, ml: 4 }]
    await logMixed(write(`${quietDay}T16:00`), 'thought-of', { heaps })
    const { done, asks } = await eveningOf(studio.db, quietDay)
    expect(done).to.deep.equal(['Layer thought-of, mixed'])
    expect(asks).to.deep.equal(['rags', 'lead', 'palette'])
    const { mixed } = (await find(studio.db, 'layer', 'thought-of'))!
    const paintedAt = (at: string) => mixedOnlyOn({ mixed, painted: { at } })
    expect(paintedAt(`${quietDay}T17:00`), 'painted from it').to.deep.equal([])
    expect(paintedAt(`${quietDay}T15:00`), 'mixed again after').to.deep.equal([quietDay])
    await judgeAll(studio.db, now)
    const days = (await morningOf(studio.db, now)).notPutAway
    expect(days.find((day) => day.on === quietDay)?.out).to.deep.equal(['rags', 'lead', 'palette'])
  })
  it('what a page shows of taps that wait is what the studio says once they came, at the minute they were made', async () => {
    await oilOut()
    const before = await eveningPage(studio.db, now)
    const ticks = before.today.asks.map((what): Tick => ({ what, check: null, is: true }))
    const own: Tick = { what: null, check: 'Skylight shut', is: true }
    const taps = [...ticks, { ...ticks[0]!, is: false }, ticks[0]!, own]
    const nextMorning = write(`${dateOf(today + 1)}T08:00`)
    const asTapped = (page: EveningPage, tap: Tick): EveningPage => tickedAsTapped(page, on, tap)
    const shown = closedAsTapped(taps.reduce(asTapped, before), on, `${on}T19:02`)
    for (const tap of taps) await tick(nextMorning, on, { ...tap, tapped: `${on}T19:00` })
    await closeDay(nextMorning, on, `${on}T19:02`)
    const { today: came } = await eveningPage(studio.db, now)
    expect(shown.today.out).to.deep.equal(came.out)
    expect(shown.today.closing.checked).to.deep.equal(came.closing.checked)
    expect([shown.today.closing.closedAt, came.closing.closedAt]).to.deep.equal([
      `${on}T19:02`,
      `${on}T19:02`,
    ])
    expect(Object.values(came.closing.ticked)).to.include(`${on}T19:00`)
    const unready = closedAsTapped(before, on, now)
    expect(unready.today.closing.closedAt, 'not with rags about').to.equal(null)
  })
  it('a tick taken back opens the day again', async () => {
    await oilOut()
    for (const what of ['rags', 'jars'] as const) await tick(write(), on, { what, check: null, is: true })
    await closeDay(write(), on)
    await tick(write(), on, { what: 'rags', check: null, is: false })
    const { closing, out } = await eveningOf(studio.db, on)
    expect([closing.closedAt, out]).to.deep.equal([null, ['rags']])
  })
  it('what was not put away is asked again the next mornings, until it is', async () => {
    const { notPutAway } = await morningOf(studio.db, now)
    expect(notPutAway.map((day) => day.on)).to.include(dateOf(today - 1))
    for (const day of notPutAway) {
      for (const what of day.out) await tick(write(), day.on, { what, check: null, is: true })
      await closeDay(write(), day.on)
    }
    expect((await morningOf(studio.db, now)).notPutAway).to.deep.equal([])
  })
  it('a drum four fifths full is a trip on the list', async () => {
    const trips = async () => (await aheadOf(studio.db, now)).filter(({ uid }) => uid.startsWith('waste-'))
    expect((await trips()).map(({ uid, on: day }) => [uid, day])).to.deep.equal([
      ['waste-drum', dateOf(today + 6)],
    ])
    const { revision, ...settings } = await settingsOf(studio.db)
    const containers = settings.containers.map((one) => ({ ...one, level: 0.79, tripOn: null }))
    await saveSettings(write(), { ...settings, containers }, revision)
    expect(await trips()).to.deep.equal([])
  })
  it('what was painted today has given its solvent off', async () => {
    await oilOut()
    const [given] = await vapourToday(studio.db, now)
    expect(given).to.include({ what: 'palette', fromHour: 9 })
    expect(given!.form === 'grams' && given!.grams).to.be.above(0.1)
  })
})

describe('what hides in the things of Tern Street', () => {
  let studio: Awaited<ReturnType<typeof demoStudio>>
  beforeEach(async () => {
    studio = await demoStudio()
  })
  afterEach(() => studio.close())

  it('nuts are found in every medium and tube that carries them, and something else takes their place', async () => {
    const things = shownIn(await insidePage(studio.db, now, ['nuts']))
    const names = things.map(({ name }) => name)
    expect(names).to.include.members(['Morning oil', 'Quick walnut', 'Studio white'])
    const planned = things.filter(({ kind }) => kind === 'layer')
    expect(planned, 'what is planned with them').not.to.deep.equal([])
    expect(names, 'what was poured into a jar').to.include.members(['Yolk and walnut, batch 2'])
    for (const { address } of planned) expect(address).to.match(/^\/paintings\/.+\?layer=/)
    const morning = things.find(({ id }) => id === 'morning-oil')!
    const { material, instead } = morning.hidden[0]!
    const write = { db: studio.db, at: now }
    expect(instead!.isAtHand, 'rather something the painter works with').to.equal(true)
    const replacement = { material, by: instead!.id, name: instead!.name }
    await mediumReplaced(write, 'morning-oil', [replacement], 'morning-anew')
    const after = await insidePage(studio.db, now, ['nuts'])
    expect(shownIn(after).some(({ id }) => id === 'morning-anew')).to.equal(false)
    expect(await find(studio.db, 'medium', 'morning-oil')).not.to.equal(null)
  })
  it('what hides in a medium of another medium is replaced in both, and the old ones stay; undone as one', async () => {
    const write = { db: studio.db, at: now }
    const lines = [
      { medium: 'morning-oil', amount: 2, unit: 'part' as const },
      { material: 'gum_turpentine', amount: 1, unit: 'part' as const },
    ]
    await saveMedium(write, medium('thinned', { name: 'Thinned oil', recipe: { lines } }), null)
    const hiddenIn = async (id: string) =>
      shownIn(await insidePage(studio.db, now, ['nuts'])).find((thing) => thing.id === id)?.hidden
    const { material, instead } = (await hiddenIn('thinned'))![0]!
    const replacement = { material, by: instead!.id, name: instead!.name }
    const { event } = await mediumReplaced(write, 'thinned', [replacement], 'thinned-anew')
    expect(await hiddenIn('thinned-anew')).to.equal(undefined)
    expect(await hiddenIn('thinned'), 'the old one stays').to.have.length(1)
    const anew = (await find(studio.db, 'medium', 'thinned-anew'))!
    const inner = anew.recipe.lines.flatMap((line) => ('medium' in line ? [line.medium] : []))
    expect(await hiddenIn(inner[0]!)).to.equal(undefined)
    await undoEvent(write, event)
    expect(await find(studio.db, 'medium', inner[0]!)).to.equal(null)
    const elsewhere = mediumReplaced(write, 'thinned', [{ ...replacement, material: 'poppyseed' }], 'other')
    expect(await refusal(elsewhere)).to.match(/does not hold/)
  })
  it('a layer planned with a batch carries what was poured into it', async () => {
    const write = { db: studio.db, at: now }
    const medium = { mediumId: 'glaze-1', parts: 0.3 }
    await saveLayer(write, layer('glazed', 'clock-mender', 9, { medium }), null)
    const things = shownIn(await insidePage(studio.db, now, ['solvent']))
    const found = things.find(({ id }) => id === 'glazed')!
    expect(found.hidden.map(({ material }) => material)).to.include('gum_turpentine')
  })
  it('is told a page at a time, and every page together is all of it', async () => {
    const { policies, groups } = await insidePage(studio.db, now)
    const { count, entries } = groups.asked
    const more: LookedThrough[] = [...entries]
    while (more.length < count) {
      const next = await moreInside(studio.db, now, policies, 'asked', more.length)
      expect(next.entries).not.to.deep.equal([])
      more.push(...next.entries)
    }
    const ids = more.map(({ kind, id }) => `${kind} ${id}`)
    expect(new Set(ids).size).to.equal(count)
  })
  it('every use of solvent on record has its step, and where it is', async () => {
    const { solvent } = await insidePage(studio.db, now, ['solvent'])
    const uses = solvent.map(({ use }) => use)
    expect(uses).to.include.members(['starts', 'medium', 'oiling-out'])
    expect(solvent.every(({ where }) => where.length > 0)).to.equal(true)
  })
})

describe('looking back', () => {
  let studio: Awaited<ReturnType<typeof demoStudio>>
  beforeEach(async () => {
    studio = await demoStudio()
  })
  afterEach(() => studio.close())

  it('a picture is shown as it was at the end of any day of its life', async () => {
    const picture = (await loadPicture(studio.db, 'salt-pans', now))!
    const days = daysOfLife(picture)
    const [first] = days
    expect(asItWas(picture, first! - 1).layers).to.have.length(0)
    const counts = days.map((day) => asItWas(picture, day).layers.length)
    expect(counts).to.deep.equal([...counts].sort((a, b) => a - b))
    expect(counts.at(-1)).to.equal(picture.layers.filter(({ painted }) => painted).length)
  })
  it('“where did I use that stand oil?” finds the layers, through their mediums', async () => {
    await judgeAll(studio.db, now)
    const { entries, count } = await usedPage(studio.db, 'stand oil')
    expect(count).to.be.above(1)
    expect(entries.every(({ as }) => as.some((name) => /stand oil/i.test(name)))).to.equal(true)
    expect(new Set(entries.map(({ title }) => title)).size).to.be.above(1)
    const { count: none, toTap } = await usedPage(studio.db, '')
    expect(none).to.equal(0)
    expect(toTap).to.include.members(['Harbour glaze', 'Yolk and walnut, batch 2'])
    expect((await usedPage(studio.db, 'moonstone')).count).to.equal(0)
  })
})
