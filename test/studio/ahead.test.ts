import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { aheadOf, withinDays } from '../../src/studio/lists/ahead.ts'
import { calendarEntries } from '../../src/studio/lists/calendar.ts'
import { feedText, isCalendarKey } from '../../src/studio/lists/feed.ts'
import { horizonOf } from '../../src/studio/lists/horizon.ts'
import { outlooksOf, plannedOf } from '../../src/document/dates/horizon.ts'
import { leversOn } from '../../src/document/dates/levers.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { paintingPromise } from '../../src/studio/promises.ts'
import type { PaintingPromise } from '../../src/studio/promises.ts'
import { planLayer } from '../../src/studio/layers.ts'
import { movePainting, savePainting } from '../../src/studio/paintings.ts'
import { saveReminder, removeReminder } from '../../src/studio/reminders.ts'
import { roomPage, roomPictures } from '../../src/studio/lists/roomPage.ts'
import { morningOf } from '../../src/studio/lists/todayList.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { warningsOf } from '../../src/views/room/warnings.ts'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { toldIn } from '../calendarTold.ts'
import type { Told } from '../calendarTold.ts'
import { painting } from './bodies.ts'
import { demoStudio, judgeAll, now } from './desk.ts'

const today = dayOf(now)!
const reminder = (id: string, on: string) =>
  ({ id, on, what: 'waste', text: 'Rags to the tip', paintingId: null, doneAt: null, note: '' }) as const

describe('time at Tern Street', () => {
  let studio: Awaited<ReturnType<typeof demoStudio>>
  const write = (at = now) => ({ db: studio.db, at })
  /** The calendar as another program reads it. */
  const told = async (at = now): Promise<ReadonlyMap<string, Told>> => {
    await judgeAll(studio.db, at)
    return toldIn(await feedText(studio.db, await calendarEntries(studio.db, at), at))
  }
  beforeEach(async () => {
    studio = await demoStudio()
  })
  afterEach(() => studio.close())

  it('the feed keeps each entry’s id; one that is moved gets the next number, the others keep theirs', async () => {
    await saveReminder(write(), reminder('rags', dateOf(today + 3)), null)
    const before = await told()
    expect([...before.values()].every(({ isAllDay }) => isAllDay)).to.equal(true)
    expect(await told()).to.deep.equal(before)
    await saveReminder(write(), reminder('rags', dateOf(today + 5)), 1)
    await planLayer(write(), 'glasshouse-5', dateOf(today + 40))
    const after = await told()
    expect([...after.keys()]).to.have.members([...before.keys()])
    const rags = after.get('reminder-rags@grelta')!
    expect([rags.sequence, rags.date]).to.deep.equal([1, dateOf(today + 5)])
    expect(after.get('paint-glasshouse-5@grelta')!.sequence).to.equal(1)
    expect(after.get('paint-sheds-5@grelta')).to.deep.equal(before.get('paint-sheds-5@grelta'))
    await removeReminder(write(), 'rags', 2)
    expect((await told()).has('reminder-rags@grelta')).to.equal(false)
  })
  it('handed over on 3 May, its varnish is visited on 3 November (C81)', async () => {
    const dates = [{ what: 'handed-over' as const, on: '2027-05-03' }]
    await savePainting(write(), painting('given', { title: 'Given away', dates }), null)
    const visit = [...(await told()).values()].find(({ summary }) =>
      summary.startsWith('Given away: varnish visit'),
    )
    expect(visit!.date).to.equal('2027-11-03')
  })
  it('a visit that was not made is overdue until it is ticked off; one that is moved keeps its id (C81)', async () => {
    const dates = [{ what: 'handed-over' as const, on: '2026-05-03' }]
    await savePainting(write(), painting('given', { title: 'Given away', dates }), null)
    const visitOf = async (at: string) =>
      (await aheadOf(studio.db, at)).find(({ paintingId }) => paintingId === 'given')
    await judgeAll(studio.db, now)
    const { on, reminder: proposed, uid } = (await visitOf(now))!
    expect(on).to.equal('2026-11-03')
    const { revision, ...body } = proposed!
    await saveReminder(write(), { ...body, on: '2026-12-20' }, revision)
    const moved = (await visitOf(now))!
    expect([moved.uid, moved.on, moved.reminder!.revision]).to.deep.equal([uid, '2026-12-20', 1])
    expect((await told()).get(`${uid}@grelta`)!.summary).to.match(/^Given away: varnish visit/)
    await saveReminder(write(), { ...body, doneAt: now }, 1)
    expect(await visitOf('2027-03-01T09:00')).to.equal(undefined)
  })
  it('a reminder about a picture carries its title, and leads to its record', async () => {
    const about = { ...reminder('frame', dateOf(today + 2)), text: 'order the frame', paintingId: 'quince' }
    await saveReminder(write(), about, null)
    const [item] = (await aheadOf(studio.db, now)).filter(({ uid }) => uid === 'reminder-frame')
    expect(item!.says).to.equal('Quince and pewter: order the frame')
    expect(item!.address).to.equal('/paintings/quince/record')
  })
  it('Today names the layer that puts a date at risk, as Horizon does its picture', async () => {
    await judgeAll(studio.db, now)
    const { atRisk } = await morningOf(studio.db, now)
    const horizon = await horizonOf(studio.db, now)
    const unsafe = outlooksOf(horizon, {})!.flatMap(({ chances }, at) =>
      chances.some((chance) => chance < horizon.time.confidence) ? [horizon.entries[at]!.id] : [],
    )
    expect(atRisk.map(({ paintingId }) => paintingId)).to.have.members(unsafe)
    for (const { slowest, ready, date } of atRisk) {
      expect(slowest).to.be.a('string')
      expect(ready!).to.be.above(dayOf(date.on)!)
    }
  })
  it('what is overdue, and what falls due in two weeks, is told on Today; the rest is not yet', async () => {
    for (const days of [-4, 10, 30])
      await saveReminder(write(), reminder(`r${days + 4}`, dateOf(today + days)), null)
    const soon = withinDays(await aheadOf(studio.db, now), now, 14)
    const own = soon.flatMap(({ reminder: one }) => (one && one.id !== 'spacers' ? [one.id] : []))
    expect(own).to.deep.equal(['r0', 'r14'])
  })
  it('only the calendar’s own key opens it', async () => {
    const { revision, ...settings } = await settingsOf(studio.db)
    const key = 'a'.repeat(40)
    expect(await isCalendarKey(studio.db, key)).to.equal(false)
    await saveSettings(write(), { ...settings, calendarKey: key }, revision)
    expect(await isCalendarKey(studio.db, key)).to.equal(true)
    expect(await isCalendarKey(studio.db, 'b'.repeat(40))).to.equal(false)
    expect(await isCalendarKey(studio.db, '')).to.equal(false)
  })
  it('the horizon foretells each date; a layer put off lowers the chance, and says until when it may wait', async () => {
    const horizon = await horizonOf(studio.db, now)
    expect(horizon.entries[0]!.dates.length).to.be.above(0)
    const at = horizon.entries.findIndex(({ id }) => id === 'glasshouse')
    const outlook = outlooksOf(horizon, {})![at]!
    expect(outlook.chances[0]).to.be.above(0.9)
    const late = { 'glasshouse-5': dateOf(outlook.latest[0]! + 20) }
    expect(outlooksOf(horizon, late)![at]!.chances[0]).to.be.below(outlook.chances[0]!)
    const moved = plannedOf(horizon.entries[at]!, late, {}, horizon.time)
    expect(dateOf(moved.dates.at(-1)!.day)).to.equal(late['glasshouse-5'])
  })
  it('days away put off what would fall into them', async () => {
    const { revision, ...settings } = await settingsOf(studio.db)
    const away = [{ from: dateOf(today), until: dateOf(today + 90) }]
    await saveSettings(write(), { ...settings, away }, revision)
    await judgeAll(studio.db, now)
    const horizon = await horizonOf(studio.db, now)
    for (const entry of horizon.entries) {
      const { dates } = plannedOf(entry, {}, {}, horizon.time)
      for (const { day, source } of dates) if (source === 'forecast') expect(day).to.be.above(today + 90)
    }
  })
  it('a promise names levers with what each buys; less may be promised than a varnish', async () => {
    const promiseWith = (lever: string | null): Promise<PaintingPromise> =>
      paintingPromise(studio.db, 'clock-mender', now, { on: null, needs: null, lever })
    const promise = await promiseWith(null)
    expect(promise.wanted!.needs).to.equal('varnishSoft')
    expect(promise.levers.map(({ id }) => id)).to.include.members(['unvarnished', 'temporary-varnish'])
    expect((await promiseWith('unvarnished')).chance).to.be.above(promise.chance!)
    for (const lever of ['warmer', 'thinner', 'fewer']) {
      const { sent } = (await promiseWith(lever)).days
      expect(sent!.likely, lever).to.be.below(promise.days.sent!.likely)
    }
    const refusal = await promiseWith('thicker').catch((error: Error) => error.message)
    expect(refusal).to.include('no longer help')
    const picture = (await loadPicture(studio.db, 'clock-mender', now))!
    expect(leversOn(picture, 'firm').some(({ id }) => id === 'unvarnished')).to.equal(false)
  })
  it('a waxy picture is warned of in a hot place, and of no other', async () => {
    const { revision, ...settings } = await settingsOf(studio.db)
    const hot = {
      id: 'attic',
      name: 'the attic',
      climate: { temperatureC: 35, relativeHumidityPct: 40, light: 1 },
      season: 'steady' as const,
    }
    await saveSettings(write(), { ...settings, places: [...settings.places, hot] }, revision)
    await movePainting(write(), 'salt-pans', { placeId: 'attic', on: dateOf(today) })
    await movePainting(write(), 'quince', { placeId: 'attic', on: dateOf(today) })
    await judgeAll(studio.db, now)
    const room = await roomPage(studio.db, 'attic', now)
    const says = warningsOf(room, today).map((one) => one.says)
    expect(says.filter((one) => one.includes('The wax of'))).to.have.length(1)
    expect(says.join()).to.include('The wax of Salt pans')
    const found = await roomPictures(studio.db, 'attic', now, { text: 'quin' })
    expect(found).to.deep.include({ count: 1 })
    expect(found.entries[0]!.title).to.equal('Quince and pewter')
    expect((await roomPictures(studio.db, 'attic', now, { from: 1 })).entries).to.have.length(1)
  })
})
