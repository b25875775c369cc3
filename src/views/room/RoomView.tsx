import { useState } from 'react'
import type { ReactNode } from 'react'
import { placesIn } from '../../document/places.ts'
import { settingsId } from '../../document/settingsId.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { shownOn } from '../../saving/desk.ts'
import type { RoomPage } from '../../studio/lists/roomPage.ts'
import { read } from '../../ui/client.ts'
import type { Reply } from '../../ui/client.ts'
import { about, dayText, upperFirst } from '../../ui/format.ts'
import { Judging } from '../../ui/lists/Judging.tsx'
import { say } from '../../ui/messages.ts'
import { climateText } from '../../ui/room/climateText.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDesk } from '../../ui/useDesk.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Bring } from './Bring.tsx'
import { Places } from './Places.tsx'
import { Standing } from './Standing.tsx'
import { warningsOf } from './warnings.ts'

export interface RoomDesk {
  readonly room: RoomPage
  readonly settings: Revised<Settings>
  readonly today: number
  /** What the pictures here are found by. */
  readonly find: string
  readonly setFind: (text: string) => void
  /** Carries something out, says what was done, with its undo, and shows the place as it then is. */
  readonly after: (reply: Promise<Reply<{ readonly event: number }>>, done: string) => void
  readonly editSettings: (change: Partial<Settings>) => void
  readonly show: (placeId: string) => void
}

const chart = later(() => import('./YearChart.tsx').then(({ default: YearChart }) => YearChart))

/** Where pictures dry: how warm and damp it was, what the season will do, and what that means for what stands there. */
export function RoomView({
  initial,
  initialSettings,
  today,
  events,
  judging,
}: {
  readonly initial: RoomPage
  readonly initialSettings: Revised<Settings>
  readonly today: number
  readonly events: readonly number[]
  /** Paintings still being judged: what stands here is not all known yet. */
  readonly judging: number
}) {
  const [things] = useState(() => [
    { kind: 'setting' as const, id: settingsId, body: { ...initialSettings, id: settingsId } },
  ])
  const { desk, state } = useDesk(`setting/${settingsId}`, things, events)
  const settings = shownOn(state, 'setting', settingsId) ?? initialSettings
  const [room, setRoom] = useState(initial)
  const [find, setFind] = useState('')
  /** Counts how often the place was read anew. */
  const [round, setRound] = useState(0)
  const YearChart = useLater(chart)
  const show = (placeId: string): void => {
    const wanted = placeId === room.placeId ? find : ''
    setFind(wanted)
    void read('GET /api/room', { query: { place: placeId, find: wanted } }).then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      setRoom(reply.value)
      setRound((before) => before + 1)
    })
  }
  const after: RoomDesk['after'] = (sent, done) =>
    void sent.then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      say(done, reply.value.event, () => show(room.placeId))
      show(room.placeId)
    })
  const editSettings = (change: Partial<Settings>): void => {
    desk.edit('setting', settingsId, change)
    void desk.flush().then(() => show(room.placeId))
  }
  const shown: RoomDesk = { room, settings, today, find, setFind, after, editSettings, show }
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(room)}</h1>
      <Judging left={judging} onDone={() => show(room.placeId)} />
      <SaveLine desk={desk} state={state} />
      <nav aria-label="Places" className="flex flex-wrap gap-x-1 border-b border-rule">
        {placesIn(settings).map(({ id, name }) => (
          <button
            key={id}
            type="button"
            aria-pressed={room.placeId === id}
            className="min-h-11 border-b-2 border-transparent px-2.5 text-soft hover:text-ink aria-pressed:border-ink aria-pressed:text-ink"
            onClick={() => show(id)}
          >
            {upperFirst(name)}
          </button>
        ))}
      </nav>
      <Warnings room={room} today={today} />
      <figure aria-label={yearWords(room)} role="img" className="mt-3">
        {YearChart ? <YearChart room={room} today={today} /> : <div className="h-56" />}
        <figcaption className="flex flex-wrap gap-x-5 text-[0.82rem] text-soft">
          <Key colour="#9c5a2b">temperature, left</Key>
          <Key colour="#3c6e8f">humidity, right</Key>
          <span>whole lines were read, dashed ones are expected by the season</span>
        </figcaption>
      </figure>
      <div className="mt-8 grid gap-x-14 gap-y-8 lg:grid-cols-2">
        <Bring {...shown} />
        <Standing key={round} {...shown} />
        <Places {...shown} />
        <Months room={room} />
      </div>
      <Toasts />
    </>
  )
}

function answerOf({ name, now, slowness }: RoomPage): string {
  const pace =
    Math.abs(slowness - 1) < 0.05
      ? 'paint dries as the book says'
      : slowness > 1
        ? `paint takes ${about(slowness, 2)} times the book’s time`
        : `paint dries ${about(1 / slowness, 2)} times as fast as the book`
  return `${upperFirst(name)} ${now.wasRead ? 'is at' : 'is taken to be at'} ${climateText(now)}: ${pace}`
}

function Warnings({ room, today }: { readonly room: RoomPage; readonly today: number }) {
  const warnings = warningsOf(room, today)
  return (
    <ul aria-label="What to look out for" className="mt-3 grid gap-1">
      {warnings.map(({ verdict, says }) => (
        <li key={says}>
          <VerdictMark verdict={verdict} size={13} /> {says}
        </li>
      ))}
    </ul>
  )
}

const yearWords = ({ readings, extremes: { hottest, coldest } }: RoomPage): string =>
  `${readings.length} days were read. Hottest ${about(hottest.temperatureC, 3)} °C on ${dayText(hottest.day)}, coldest ${about(coldest.temperatureC, 3)} °C on ${dayText(coldest.day)}.`

const Key = ({ colour, children }: { readonly colour: string; readonly children: ReactNode }) => (
  <span className="flex items-center gap-1.5">
    <svg width="22" height="6" aria-hidden="true">
      <line x1="0" x2="22" y1="3" y2="3" stroke={colour} strokeWidth="2" />
    </svg>
    {children}
  </span>
)

/** The drawing as figures: means of each month that was read. */
function Months({ room: { readings } }: { readonly room: RoomPage }) {
  const months = [...new Set(readings.map(({ on }) => on.slice(0, 7)))].slice(-13)
  if (months.length === 0) return null
  const meanOf = (month: string, of: 'temperatureC' | 'relativeHumidityPct'): number => {
    const inside = readings.filter(({ on }) => on.startsWith(month))
    return inside.reduce((sum, one) => sum + one[of], 0) / inside.length
  }
  return (
    <details>
      <summary className="min-h-11 cursor-pointer font-read text-[1.15rem]">The year in figures</summary>
      <table className="w-full max-w-md text-left">
        <thead className="text-[0.8rem] text-soft">
          <tr>
            <th scope="col">Month</th>
            <th scope="col">mean °C</th>
            <th scope="col">mean % humidity</th>
          </tr>
        </thead>
        <tbody>
          {months.map((month) => (
            <tr key={month} className="border-t border-rule">
              <th scope="row" className="font-normal">
                {month}
              </th>
              <td>{about(meanOf(month, 'temperatureC'), 3)}</td>
              <td>{Math.round(meanOf(month, 'relativeHumidityPct'))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}
