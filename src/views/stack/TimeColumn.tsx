import { daysAtChance } from '../../core/cure/forecast.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { monthName } from '../../document/dateText.ts'
import { meetingNames, nextDate } from '../../document/picture/pictureDates.ts'
import type { StateId } from '../../core/cure/states.ts'
import { dayText } from '../../ui/format.ts'
import type { LayerRow } from './rows.ts'

interface TimeProps {
  readonly rows: readonly LayerRow[]
  readonly picture: Picture
  readonly rowPx: number
  /** The day the section is shown on. */
  readonly day: number
}

/** From and to which day the drawing runs: all that is painted, planned and due, and every layer firm. */
export function timeSpan(rows: readonly LayerRow[], picture: Picture): readonly [number, number] {
  const starts = rows.map(({ assessed }) => assessed.date.day)
  const ends = rows.map(
    ({ assessed, forecast }) => assessed.date.day + Math.min(400, daysAtChance(forecast, 'firm', 0.9) ?? 60),
  )
  const deadline = Math.max(-Infinity, ...picture.painting.dates.map(({ on }) => dayOf(on)!))
  const first = Math.min(picture.today, ...starts)
  const last = Math.max(picture.today + 20, deadline, ...ends)
  const margin = (last - first) * 0.05
  return [first - margin * 2.6, last + margin]
}

/** The months, today and the day it is due, over the column. */
export function TimeAxis({ rows, picture }: Pick<TimeProps, 'rows' | 'picture'>) {
  const { from, to, at } = axisOf(rows, picture)
  const next = nextDate(picture.painting, dateOf(picture.today))
  const close = next !== null && Math.abs(dayOf(next.on)! - picture.today) < (to - from) * 0.25
  return (
    <svg width="100%" height="34" aria-hidden="true" className="block overflow-visible">
      {monthsIn(from, to).map(({ day, name }) => (
        <text key={day} x={at(day)} dx={4} y={28} className="fill-soft text-[11.5px]">
          {name}
        </text>
      ))}
      <text
        x={at(picture.today)}
        y={13}
        dx={close ? 4 : 0}
        textAnchor={close ? 'end' : 'middle'}
        className="fill-today text-[12px] font-medium"
      >
        today
      </text>
      {next && (
        <text x={at(dayOf(next.on)!)} y={13} textAnchor="end" dx={4} className="fill-ink text-[12px]">
          {meetingNames[next.what]} {dayText(dayOf(next.on)!).slice(4)}
        </text>
      )}
    </svg>
  )
}

function axisOf(rows: readonly LayerRow[], picture: Picture) {
  const [from, to] = timeSpan(rows, picture)
  return {
    from,
    to,
    at: (day: number): string =>
      `${(100 * Math.min(1, Math.max(0, (day - from) / (to - from)))).toFixed(2)}%`,
    wide: (days: number): string => `${((100 * days) / (to - from)).toFixed(2)}%`,
  }
}

/** The same layers along time: painted or planned, touch dry, firm, each with its range. */
export function TimeColumn({ rows, picture, rowPx, day: shown }: TimeProps) {
  const { from, to, at, wide } = axisOf(rows, picture)
  const height = rows.length * rowPx
  const meetings = picture.painting.dates.map(({ on }) => dayOf(on)!)
  return (
    <svg
      width="100%"
      height={height}
      className="block overflow-visible"
      role="img"
      aria-label="Drying along time: when each layer is painted, touch dry and firm, from the surface down"
    >
      {monthsIn(from, to).map(({ day }) => (
        <line key={day} x1={at(day)} x2={at(day)} y1={0} y2={height} stroke="var(--rule)" />
      ))}
      <line
        x1={at(picture.today)}
        x2={at(picture.today)}
        y1={-6}
        y2={height + 4}
        stroke="var(--today)"
        strokeWidth={1.2}
      />
      {Math.floor(shown) !== Math.floor(picture.today) && (
        <line x1={at(shown)} x2={at(shown)} y1={-6} y2={height + 18} stroke="var(--ink)" strokeWidth={2} />
      )}
      {meetings.map((day) => (
        <line
          key={day}
          x1={at(day)}
          x2={at(day)}
          y1={-6}
          y2={height + 4}
          stroke="var(--ink)"
          strokeDasharray="2 3"
        />
      ))}
      {rows.map((row, index) => {
        const middle = (index + 0.5) * rowPx
        const { forecast } = row
        const { date } = row.assessed
        const painted = row.layer.painted !== null
        const isVague = date.source === 'unknown' || date.source === 'unsound'
        if (row.isRemoval)
          return (
            <g key={row.layer.id}>
              <Cross x={at(date.day)} y={middle} isDone={painted} />
              <DateAt x={at(date.day)} y={middle} text={isVague ? 'no date' : dayText(date.day).slice(4)} />
            </g>
          )
        const band = (state: StateId): readonly [number, number] | null => {
          const [low, high] = [daysAtChance(forecast, state, 0.1), daysAtChance(forecast, state, 0.9)]
          return low === null || high === null ? null : [date.day + low, Math.min(date.day + high, to)]
        }
        const [touch, firm] = [band('touch'), band('firm')]
        return (
          <g key={row.layer.id}>
            <line
              x1={at(date.day)}
              x2={at(row.goneDay ?? firm?.[1] ?? touch?.[1] ?? to)}
              y1={middle}
              y2={middle}
              stroke="var(--stone)"
            />
            {touch && (
              <Band
                x={at(touch[0])}
                width={wide(Math.max(touch[1] - touch[0], (to - from) / 250))}
                y={middle - 6}
                height={12}
                solid
              />
            )}
            {firm && (
              <Band
                x={at(firm[0])}
                width={wide(Math.max(firm[1] - firm[0], (to - from) / 250))}
                y={middle - 9}
                height={18}
              />
            )}
            {row.goneDay !== null && <Cross x={at(row.goneDay)} y={middle} isDone />}
            {!touch && row.goneDay === null && (
              <text x={at(date.day)} dx={12} y={middle - 6} className="fill-unsound text-[12px]">
                may never harden
              </text>
            )}
            {picture.touchTests
              .filter(({ layerId }) => layerId === row.layer.id)
              .map(({ id, at: when, passed }) => (
                <g key={id} className="text-ink">
                  <line
                    x1={at(dayOf(when)!)}
                    x2={at(dayOf(when)!)}
                    y1={middle - 15}
                    y2={middle - 2}
                    stroke="currentColor"
                    strokeWidth={1.5}
                  />
                  <circle
                    cx={at(dayOf(when)!)}
                    cy={middle - 16}
                    r={3.4}
                    fill={passed ? 'currentColor' : 'var(--paper)'}
                    stroke="currentColor"
                    strokeWidth={1.5}
                  />
                </g>
              ))}
            <circle
              cx={at(date.day)}
              cy={middle}
              r={5}
              fill={painted ? 'var(--ink)' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth={1.6}
              strokeDasharray={isVague ? '2 2' : undefined}
            />
            <DateAt x={at(date.day)} y={middle} text={isVague ? 'no date' : dayText(date.day).slice(4)} />
          </g>
        )
      })}
    </svg>
  )
}

/** The day something happens, before its mark. */
const DateAt = ({ x, y, text }: { readonly x: string; readonly y: number; readonly text: string }) => (
  <text
    x={x}
    dx={-10}
    y={y + 4}
    textAnchor="end"
    className="fill-ink stroke-paper stroke-4 text-[12px] [paint-order:stroke]"
  >
    {text}
  </text>
)

/** A film taken off. */
const Cross = ({ x, y, isDone }: { readonly x: string; readonly y: number; readonly isDone: boolean }) => (
  <svg x={x} y={y} overflow="visible" stroke="var(--ink)" strokeWidth={isDone ? 2.2 : 1.3}>
    <path d="M-5-5L5 5M5-5L-5 5" />
  </svg>
)

function Band({
  x,
  width,
  y,
  height,
  solid = false,
}: {
  readonly x: string
  readonly width: string
  readonly y: number
  readonly height: number
  readonly solid?: boolean
}) {
  return (
    <rect
      x={x}
      width={width}
      y={y}
      height={height}
      fill={solid ? 'var(--soft)' : 'var(--stone)'}
      opacity={solid ? 0.75 : 0.5}
      rx={1.5}
    />
  )
}

const monthOf = (day: number): number => Number(dateOf(day).slice(5, 7))
const firstOfNextMonth = (day: number): number => {
  const first = dayOf(`${dateOf(day).slice(0, 7)}-01`)!
  return dayOf(`${dateOf(first + 31).slice(0, 7)}-01`)!
}

/** The months that begin between two days and have room for their name; a January goes by its year. */
function monthsIn(from: number, to: number): readonly { readonly day: number; readonly name: string }[] {
  const starts: number[] = []
  const last = to - (to - from) * 0.13
  for (let day = firstOfNextMonth(from); day < last; day = firstOfNextMonth(day)) starts.push(day)
  const every = Math.max(1, Math.ceil((Math.ceil((to - from) / 28) + 1) / 8))
  return starts
    .filter((day) => (monthOf(day) - 1) % every === 0)
    .map((day) => ({ day, name: monthOf(day) === 1 ? dateOf(day).slice(0, 4) : monthName(day) }))
}
