import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useEffect, useMemo, useRef, useState } from 'react'
import { clocksOf, plannedOf } from '../../document/dates/horizon.ts'
import type { Horizon, Plans } from '../../document/dates/horizon.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { monthName } from '../../document/dateText.ts'
import type { AheadItem } from '../../studio/lists/ahead.ts'
import { read, send } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { ChoiceRow } from '../../ui/fields.tsx'
import { FindField } from '../../ui/lists/ListFoot.tsx'
import { Judging } from '../../ui/lists/Judging.tsx'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { BeginLink, Empty } from '../../ui/lists/Empty.tsx'
import { AlsoDue } from './AlsoDue.tsx'
import { Backdrop } from './Backdrop.tsx'
import { axisOver } from './axis.ts'
import type { Axis } from './axis.ts'
import { Row, rowPx } from './Row.tsx'
import { useOutlooks } from './useOutlooks.ts'
import { duesOf, headline } from './words.ts'

const spans = [
  { id: '3', name: '3 months' },
  { id: '6', name: '6 months' },
  { id: '9', name: '9 months' },
  { id: '18', name: '18 months' },
]

interface HorizonProps {
  readonly initial: Horizon
  /** What is to be done besides painting, soonest first. */
  readonly ahead: readonly AheadItem[]
  /** Paintings still being judged. */
  readonly judging: number
}

/** Every painting along the calendar: layers to paint, when it is firm, the dates that were promised and how safe they are. */
export function HorizonView({ initial, ahead: aheadAtFirst, judging }: HorizonProps) {
  useEarly()
  const [ahead, setAhead] = useState(aheadAtFirst)
  const [horizon, setHorizon] = useState(initial)
  const [plans, setPlans] = useState<Plans>({})
  const [span, setSpan] = useState('9')
  const [asked, setAsked] = useState('')
  const clocks = useMemo(() => clocksOf(horizon.rooms), [horizon.rooms])
  const { of: outlooks, progress } = useOutlooks(horizon, plans)
  const { today } = horizon.time
  const axis = useMemo(() => axisOver(today, Number(span)), [today, span])
  const show = (): void =>
    void read('GET /api/horizon').then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      setHorizon(reply.value)
      setPlans({})
    })
  const showAhead = (): void =>
    void read('GET /api/ahead').then((reply) => reply.ok && setAhead(reply.value.items))
  const written = (did: string, event: number): void => {
    showAhead()
    say(did, event, showAhead)
  }
  const isWhole = initial.entries.length === initial.count
  useEffect(() => {
    if (!isWhole) void read('GET /api/horizon').then((reply) => reply.ok && setHorizon(reply.value))
  }, [isWhole])
  const entries = useMemo(
    () => horizon.entries.filter(({ title }) => title.toLowerCase().includes(asked.trim().toLowerCase())),
    [horizon, asked],
  )
  const dues = horizon.entries.flatMap((entry) =>
    duesOf(entry, outlooks.get(entry.id), today).map((due) => ({
      ...due,
      title: entry.title,
      id: entry.id,
    })),
  )
  const { says, more, worst } = headline(dues)
  const save = (layerId: string, name: string, on: string | null): void =>
    void send('POST /api/layers/{id}/plan', { on }, { params: { id: layerId } }).then((reply) => {
      if (!reply.ok) {
        say(reply.refusal.message)
        return show()
      }
      say(on === null ? `${name} goes on as soon as it may.` : `${name} is planned.`, reply.value.event, show)
    })
  const list = useRef<HTMLUListElement>(null)
  const [top, setTop] = useState(0)
  /** How far down the document the list begins. */
  const measure = (): void => setTop((list.current?.getBoundingClientRect().top ?? 0) + window.scrollY)
  useEffect(measure, [entries.length])
  const rows = useWindowVirtualizer({
    count: entries.length,
    estimateSize: () => rowPx,
    overscan: 6,
    scrollMargin: top,
    getItemKey: (at) => entries[at]!.id,
    initialRect: { width: 1280, height: 900 },
  })
  return (
    <>
      <Judging left={judging} onDone={show} />
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <div>
          <h1 className="text-[2.2rem] leading-tight">{says}</h1>
          <p className="min-h-6">
            {more}{' '}
            {worst && (
              <a className="link" href={`/promise?painting=${worst}`}>
                what would help
              </a>
            )}{' '}
            <a className="ml-3 link" href="/promise">
              before you promise a new one
            </a>
          </p>
        </div>
        <span className="not-printed flex flex-wrap items-end gap-3">
          <FindField label="Find by title" value={asked} onValue={setAsked} />
          <ChoiceRow label="Shown" className="w-32" value={span} options={spans} onValue={setSpan} />
        </span>
      </div>
      <p role="status" className="min-h-6 text-[0.85rem] text-soft">
        {progress < 1 && outlooks.size > 0 && `Foreseeing the chances: ${Math.round(100 * progress)} %`}
      </p>
      {horizon.entries.length === 0 && (
        <Empty says="Nothing is painted or planned yet. Every picture lies here along the calendar: what is to be painted when, and whether the days you promised will be kept.">
          <BeginLink to="/paintings/begin">Describe the picture on the easel</BeginLink>
        </Empty>
      )}
      <div className="wide-sheet relative">
        <Backdrop axis={axis} today={today} working={horizon.time} />
        <MonthLine axis={axis} today={today} />
        <AlsoDue items={ahead} today={dateOf(today)} axis={axis} onWritten={written} onToggle={measure} />
        <ul
          ref={list}
          aria-label="Paintings along the calendar"
          style={{ height: rows.getTotalSize() }}
          className="relative"
        >
          {rows.getVirtualItems().map(({ index, start, key }) => {
            const entry = entries[index]!
            return (
              <li
                key={key}
                className="absolute inset-x-0 border-t border-rule"
                style={{ height: rowPx, transform: `translateY(${start - top}px)` }}
              >
                <Row
                  entry={entry}
                  planned={plannedOf(entry, plans, clocks, horizon.time)}
                  saved={plannedOf(entry, {}, clocks, horizon.time)}
                  outlook={outlooks.get(entry.id)}
                  axis={axis}
                  horizon={horizon}
                  onPlan={(layerId, on) => setPlans((now) => ({ ...now, [layerId]: on }))}
                  onSave={save}
                />
              </li>
            )
          })}
        </ul>
      </div>
      <p className="not-printed mt-4 text-[0.85rem] text-soft">
        Rings: layers to paint; drag one to another day, or move it with the arrow keys (with Shift by a
        week); Delete puts it back to as soon as it may be. Soft bars: when all of it is firm, as likely as
        they are dark. Flags: dates you promised, with their chance. Small squares on edge: what else is due.
        Shaded: days nobody works. Estimates; your hours are shared among all paintings.
      </p>
      <Toasts />
    </>
  )
}

/** The months, the painter's days away, and today. */
const MonthLine = ({ axis, today }: { readonly axis: Axis; readonly today: number }) => (
  <div
    aria-hidden="true"
    className="relative hidden h-7 grid-cols-[16rem_1fr] text-[0.85rem] text-soft sm:grid"
  >
    <span />
    <span className="relative">
      {axis.months.map((day) => {
        const [month, year] = monthName(day).split(' ')
        return (
          <span key={day} className="absolute top-1 pl-1" style={{ left: `${axis.at(day)}%` }}>
            {month}
            {year && <span className="max-lg:hidden"> {year}</span>}
          </span>
        )
      })}
      <span
        className="absolute top-1 -translate-x-full pr-1 text-today"
        style={{ left: `${axis.at(today)}%` }}
      >
        today
      </span>
    </span>
  </div>
)
