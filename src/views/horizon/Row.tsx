import { useRef, useState } from 'react'
import { daysAtChance, laidOn } from '../../core/cure/forecast.ts'
import { simulateTogether } from '../../core/plan/together.ts'
import { isFilm } from '../../core/plan/step.ts'
import { projectOf } from '../../document/dates/horizon.ts'
import type { EntryOutlook, Horizon, HorizonEntry, Planned } from '../../document/dates/horizon.ts'
import { meetingNames } from '../../document/picture/pictureDates.ts'
import { datesText, dayText } from '../../ui/format.ts'
import { VerdictMark, verdictColour } from '../../ui/Verdict.tsx'
import type { Axis } from './axis.ts'
import { Ring } from './Ring.tsx'
import { chanceInTen, changeWords, duesOf, standingOf } from './words.ts'
import type { Due } from './words.ts'

export const rowPx = 92

interface RowProps {
  readonly entry: HorizonEntry
  /** As it is planned on the page, and as it is saved. */
  readonly planned: Planned
  readonly saved: Planned
  readonly outlook: EntryOutlook | undefined
  readonly axis: Axis
  readonly horizon: Horizon
  readonly onPlan: (layerId: string, on: string | null) => void
  readonly onSave: (layerId: string, name: string, on: string | null) => void
}

/** So many draws are played at once while the hand is on a ring: enough to see a date lost or won. */
const quickDraws = 160

/** One painting along the calendar. */
export function Row(props: RowProps) {
  const { entry, planned, saved, outlook, axis, horizon, onPlan, onSave } = props
  const { today } = horizon.time
  const line = useRef<HTMLDivElement>(null)
  const [change, setChange] = useState('')
  const quick = (of: Planned) =>
    simulateTogether([projectOf(entry, of, horizon)], horizon.time, { draws: quickDraws })![0]!
  const dues = duesOf(entry, outlook, today)
  const next = entry.layers.findIndex(({ paintedDay }) => paintedDay === null)
  const firm = outlook?.firm ?? null
  const lanes = lanesOf(planned, axis)
  /** Tells what moving a layer did, against the plan that is saved. */
  const told = (layerId: string, on: string | null, now: Planned): void => {
    onPlan(layerId, on)
    const [was, is] = [quick(saved), quick(now)]
    const chances = was.chances.map((chance, at) => [chance, is.chances[at]!] as const)
    setChange(changeWords(entry, saved, now, chances, dues))
  }
  return (
    <div className="grid h-full gap-x-4 sm:grid-cols-[15rem_1fr]">
      <div className="min-w-0 overflow-hidden py-2">
        <h2 className="truncate font-read text-[1.1rem] leading-tight">
          <VerdictMark verdict={entry.verdict} size={11} />{' '}
          <a href={`/paintings/${entry.id}`} className="hover:underline">
            {entry.title}
          </a>
        </h2>
        <p className="line-clamp-2 text-[0.82rem] leading-tight text-soft">
          {nextWords(entry, planned, next, firm)}
        </p>
        {dues.slice(0, 1).map((due) => (
          <p
            key={due.day}
            className={`line-clamp-2 text-[0.82rem] leading-tight ${due.chance === null ? 'text-soft' : verdictColour(standingOf(due.chance))}`}
          >
            {meetingNames[due.what]} {dayText(due.day)}
            {due.chance !== null && `: ${chanceInTen(due.chance)}`}
            {mayStillWait(due) && next >= 0 && `; begin by ${dayText(due.latest!)}`}
          </p>
        ))}
      </div>
      <div ref={line} className="relative hidden min-w-0 sm:block">
        <FirmBar planned={planned} outlook={outlook} axis={axis} dues={dues} />
        {dues.map((due, index) => (
          <Flag key={`${due.what} ${due.day}`} due={due} axis={axis} at={index} />
        ))}
        {entry.layers.map((layer, at) =>
          layer.paintedDay === null ? (
            <Ring
              key={layer.id}
              layer={layer}
              at={at}
              lane={lanes[at]!}
              room={roomRight(at, lanes, planned, firm, axis)}
              {...{ entry, planned, axis, horizon, line }}
              onMove={(on, now) => told(layer.id, on, now)}
              onDrop={(on) => onSave(layer.id, layer.name, on)}
            />
          ) : null,
        )}
        <p role="status" className="absolute bottom-0 left-0 max-w-full truncate text-[0.8rem]">
          {change}
        </p>
      </div>
    </div>
  )
}

/** Whether the day to begin by helps: where the hours of other paintings already take it away, it would only mislead. */
const mayStillWait = ({ chance, latest }: Due): boolean =>
  latest !== null && (chance === null || standingOf(chance) !== 'unsound')

/** Rings nearer than this, in percent of the width, would lie on one another. */
const nearPercent = 4

/** A lane for each step, so that what goes on about the same day stands side by side. */
function lanesOf({ dates, steps }: Planned, axis: Axis): readonly number[] {
  const lastIn: number[] = [-Infinity, -Infinity, -Infinity]
  return dates.map(({ day }, at) => {
    if (steps[at]!.paintedDay !== null) return 0
    const x = axis.at(day)
    const free = lastIn.findIndex((last) => Math.abs(x - last) >= nearPercent)
    const lane = free < 0 ? lastIn.length - 1 : free
    lastIn[lane] = x
    return lane
  })
}

/** How much room there is to the right of a ring for its name, in percent of the width. */
function roomRight(
  at: number,
  lanes: readonly number[],
  { dates, steps }: Planned,
  firm: EntryOutlook['firm'],
  axis: Axis,
): number {
  const x = axis.at(dates[at]!.day)
  const others = dates.flatMap(({ day }, other) =>
    other !== at && lanes[other] === lanes[at] && steps[other]!.paintedDay === null ? [axis.at(day)] : [],
  )
  // The bar lies in the first lane.
  const bar = firm && lanes[at] === 0 ? [axis.at(firm[0])] : []
  return Math.min(100, ...[...others, ...bar].filter((other) => other > x)) - x
}

function nextWords(
  entry: HorizonEntry,
  { dates }: Planned,
  next: number,
  firm: EntryOutlook['firm'],
): string {
  const ready = firm ? `firm ${datesText(firm[0], firm[2])}` : 'firm: not foreseen yet'
  if (next < 0) return `All painted; ${ready}`
  const { day, source } = dates[next]!
  const when = source === 'unsound' || source === 'unknown' ? 'no date yet' : dayText(day)
  return `${entry.layers[next]!.name}: ${when}; ${ready}`
}

/** What its label takes, in percent of the width. */
const varnishLabelPercent = 9

/** When all of it is firm, as likely as it is dark; and from when a soft varnish may go on. */
function FirmBar({
  planned: { steps, dates },
  outlook,
  axis,
  dues,
}: Pick<RowProps, 'planned' | 'outlook' | 'axis'> & { readonly dues: readonly Due[] }) {
  const firm = outlook?.firm
  const soft = Math.max(
    ...steps.flatMap(({ spots }, at) =>
      spots
        .filter(isFilm)
        .map(
          ({ forecast }) =>
            dates[at]!.day + (daysAtChance(laidOn(forecast, dates[at]!.day), 'varnishSoft', 0.8) ?? Infinity),
        ),
    ),
  )
  const ahead = (day: number): number => axis.at(day) - axis.at(soft)
  const isFree = dues.every(({ day }) => ahead(day + 0.5) < 0 || ahead(day) > varnishLabelPercent)
  return (
    <div aria-hidden="true">
      {firm && firm[0] < axis.to && (
        <div
          className="absolute top-[34px] h-4 min-w-1"
          style={{
            left: `${axis.at(firm[0])}%`,
            width: `${axis.at(firm[2]) - axis.at(firm[0])}%`,
            background:
              'linear-gradient(90deg, transparent, color-mix(in srgb, var(--ink) 55%, transparent) 50%, transparent)',
          }}
        />
      )}
      {firm && firm[1] < axis.to && (
        <span
          className="absolute top-[52px] -translate-x-1/2 text-[0.78rem] text-soft"
          style={{ left: `${axis.at(firm[1])}%` }}
        >
          firm
        </span>
      )}
      {soft < axis.to && (
        <span
          className="absolute top-[34px] h-4 truncate border-l border-dashed border-stone pl-1 text-[0.75rem] leading-4 text-soft"
          style={{ left: `${axis.at(soft)}%`, right: 0 }}
        >
          {isFree && 'soft varnish'}
        </span>
      )}
    </div>
  )
}

/** A promised day, as a flag with its chance; of several the flags hang at different heights. */
function Flag({ due, axis, at }: { readonly due: Due; readonly axis: Axis; readonly at: number }) {
  if (due.day > axis.to) return null
  const isLate = axis.at(due.day) > 82
  const stands = axis.at(due.day + 0.5)
  const colour = due.chance === null ? 'text-soft' : verdictColour(standingOf(due.chance))
  return (
    <div
      className={`pointer-events-none absolute top-1 flex h-14 items-start border-current ${isLate ? 'flex-row-reverse border-r-2' : 'border-l-2'} ${colour}`}
      style={{
        [isLate ? 'right' : 'left']: `${isLate ? 100 - stands : stands}%`,
        paddingTop: at % 2 === 0 ? 0 : 15,
      }}
    >
      <svg width="15" height="12" aria-hidden="true" className={`shrink-0 ${isLate ? '-scale-x-100' : ''}`}>
        <path d="M0 0h14l-4 5.5 4 5.5H0z" fill="currentColor" />
      </svg>
      <span className="px-1 text-[0.82rem] leading-3 font-semibold">
        {meetingNames[due.what]}
        {due.chance !== null && `, ${chanceInTen(due.chance)}`}
      </span>
    </div>
  )
}
