import { useRef } from 'react'
import type { RefObject } from 'react'
import { chanceBy, laidOn } from '../../core/cure/forecast.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { undatedBecause } from '../../core/plan/forward.ts'
import { clocksOf, plannedOf } from '../../document/dates/horizon.ts'
import type { Horizon, HorizonEntry, HorizonLayer, Planned } from '../../document/dates/horizon.ts'
import { chanceText, dayText } from '../../ui/format.ts'
import type { Axis } from './axis.ts'

interface RingProps {
  readonly layer: HorizonLayer
  /** Its place among the layers. */
  readonly at: number
  readonly entry: HorizonEntry
  readonly planned: Planned
  readonly axis: Axis
  readonly horizon: Horizon
  /** Which of the lanes it runs in, so that none lies on another. */
  readonly lane: number
  /** Percent of the width that is free to its right. */
  readonly room: number
  readonly line: RefObject<HTMLDivElement | null>
  /** It is held over a day; null: as soon as it may be. */
  readonly onMove: (on: string | null, now: Planned) => void
  /** It is let go there. */
  readonly onDrop: (on: string | null) => void
}

/** Where each lane of rings runs, px from the top of the row. */
const laneTops = [26, 58, -6] as const

/** Percent of the width a name takes; where there is less, the ring's own label and the list beside it say it. */
const leastRoom = 17

/** So long after the last key a layer is taken to stay where it was put. */
const settleMs = 700

/** A layer to paint: dragged along the calendar by hand, or moved by keys. */
export function Ring(props: RingProps) {
  const { layer, at, entry, planned, axis, horizon, lane, room, line, onMove, onDrop } = props
  const { day, source } = planned.dates[at]!
  const settling = useRef<ReturnType<typeof setTimeout>>(undefined)
  const dragged = useRef<string | null>(null)
  const isVague = source === 'unknown' || source === 'unsound'
  const chance = readyChance(planned, at)
  const isTooSoon = source === 'planned' && chance < horizon.time.confidence
  const moved = (on: string | null): void => {
    const clocks = clocksOf({ [entry.room]: horizon.rooms[entry.room] ?? null })
    onMove(on, plannedOf(entry, { [layer.id]: on }, clocks, horizon.time))
  }
  const dayUnder = (clientX: number): string => {
    const { left, width } = line.current!.getBoundingClientRect()
    const along = Math.min(1, Math.max(0, (clientX - left) / width))
    return dateOf(Math.max(horizon.time.today, axis.from + along * (axis.to - axis.from)))
  }
  const byKey = (on: string | null): void => {
    moved(on)
    clearTimeout(settling.current)
    settling.current = setTimeout(() => onDrop(on), settleMs)
  }
  if (day > axis.to) return null
  return (
    <button
      type="button"
      aria-label={`${layer.name} of ${entry.title}, ${dayText(day)}${isVague ? `, pencilled in: ${undatedBecause[source]}` : ''}${isTooSoon ? `, too soon: ready with a chance of ${chanceText(chance)}` : ''}`}
      title={`${layer.name}, ${dayText(day)}`}
      className="absolute grid size-8 -translate-x-1/2 cursor-grab touch-none place-items-center rounded-full active:cursor-grabbing"
      style={{ left: `${axis.at(day)}%`, top: laneTops[lane] }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        dragged.current = null
      }}
      onPointerMove={(event) => {
        if (!event.currentTarget.hasPointerCapture(event.pointerId)) return
        const on = dayUnder(event.clientX)
        if (on === dragged.current || (dragged.current === null && on === dateOf(day))) return
        dragged.current = on
        moved(on)
      }}
      onPointerUp={() => {
        if (dragged.current !== null) onDrop(dragged.current)
        dragged.current = null
      }}
      onKeyDown={(event) => {
        const step = event.shiftKey ? 7 : 1
        const towards = event.key === 'ArrowRight' ? step : event.key === 'ArrowLeft' ? -step : 0
        if (event.key === 'Delete' || event.key === 'Backspace') byKey(null)
        else if (towards !== 0)
          byKey(dateOf(Math.max(Math.floor(horizon.time.today), dayOf(dateOf(day))! + towards)))
        else return
        event.preventDefault()
      }}
    >
      <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
        <circle
          cx="9"
          cy="9"
          r="7"
          fill={isTooSoon ? 'var(--unsound)' : 'var(--paper)'}
          stroke={isTooSoon ? 'var(--unsound)' : 'var(--ink)'}
          strokeWidth="2"
          strokeDasharray={isVague ? '3 2.4' : undefined}
        />
        {source === 'planned' && !isTooSoon && <circle cx="9" cy="9" r="3" fill="var(--ink)" />}
        {isTooSoon && <path d="M9 5v5M9 12.2v.8" stroke="var(--paper)" strokeWidth="1.8" />}
      </svg>
      {room >= leastRoom && (
        <span
          className="pointer-events-none absolute left-7 max-w-36 truncate text-[0.78rem] text-soft"
          aria-hidden="true"
        >
          {layer.name}
        </span>
      )}
    </button>
  )
}

/** The chance that all that lies under a layer lets it go on by its day. */
function readyChance({ steps, dates }: Planned, at: number): number {
  const { over, asks } = steps[at]!
  if (asks === 'nothing') return 1
  return Math.min(
    1,
    ...over.map(({ step, forecast, gate }) => {
      const laid = dates[step]!.day
      const state = asks === 'gate' ? gate : asks.state
      return chanceBy(laidOn(forecast, laid), state, dates[at]!.day - laid)
    }),
  )
}
