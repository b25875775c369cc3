import { stateOfCheck } from '../../core/cure/checks.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import type { FingerDocument } from '../../document/finger.ts'
import type { RackBand, RackSwatch } from '../../studio/lists/rack.ts'
import { dayScale } from './scale.ts'
import { foundWords } from './words.ts'

const [width, rowHeight, left] = [560, 26, 78]
const rows: readonly { readonly state: StateId; readonly also: readonly StateId[] }[] = [
  { state: 'touch', also: [] },
  { state: 'firm', also: ['set'] },
]

/** What was forecast and what hands have found, on one line a state: bars as likely as they are dark, filled dots passed. */
export function Timeline({ entry, today }: { readonly entry: RackSwatch; readonly today: number }) {
  const { swatch, film } = entry
  if (!film) return <p className="text-soft">What was laid can no longer be made out.</p>
  const laidDay = dayOf(swatch.laid.at)!
  const age = today - laidDay
  const fingers = swatch.fingers.filter(({ counts }) => counts)
  const lastBar = Math.max(...rows.map(({ state }) => bandOf(entry, state)?.days?.[2] ?? 0))
  const lastDay = Math.max(8, Math.min(Math.max(lastBar, age) * 1.06, 1200))
  const scale = dayScale(lastDay, width - left - 14)
  const at = (day: number): number => left + scale.x(day)
  const height = rows.length * rowHeight + 18
  return (
    <figure className="min-w-0">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="w-full min-w-0"
        role="img"
        aria-label={rows.map(({ state }) => foundWords(entry, state)).join('. ')}
      >
        <defs>
          <linearGradient id={`soft-${swatch.id}`}>
            <stop offset="0" stopColor="var(--ink)" stopOpacity="0.08" />
            <stop offset="0.5" stopColor="var(--ink)" stopOpacity="0.55" />
            <stop offset="1" stopColor="var(--ink)" stopOpacity="0.08" />
          </linearGradient>
        </defs>
        {scale.ticks.map(({ day, says }) => (
          <g key={day}>
            <line x1={at(day)} x2={at(day)} y1={2} y2={height - 16} stroke="var(--rule)" />
            <text x={at(day)} y={height - 3} textAnchor="middle" className="fill-soft text-[11px]">
              {says}
            </text>
          </g>
        ))}
        {rows.map(({ state, also }, row) => (
          <StateRow
            key={state}
            state={state}
            y={row * rowHeight + 13}
            band={bandOf(entry, state)}
            at={at}
            lastDay={lastDay}
            fill={`url(#soft-${swatch.id})`}
            fingers={fingers.filter(({ check }) => [state, ...also].includes(stateOfCheck[check]))}
            laidDay={laidDay}
          />
        ))}
        {age <= lastDay && (
          <line x1={at(age)} x2={at(age)} y1={0} y2={height - 16} stroke="var(--today)" strokeWidth={1.4} />
        )}
      </svg>
    </figure>
  )
}

const bandOf = ({ film }: RackSwatch, state: StateId): RackBand | undefined =>
  film?.bands.find((band) => band.state === state)

interface RowProps {
  readonly state: StateId
  readonly y: number
  readonly band: RackBand | undefined
  readonly at: (day: number) => number
  readonly lastDay: number
  readonly fill: string
  readonly fingers: readonly FingerDocument[]
  readonly laidDay: number
}

const StateRow = ({ state, y, band, at, lastDay, fill, fingers, laidDay }: RowProps) => (
  <g>
    <text x={0} y={y + 4} className="fill-soft text-[12px]">
      {stateNames[state]}
    </text>
    {band?.days && band.days[0] < lastDay && (
      <rect
        x={at(band.days[0])}
        width={Math.max(3, at(band.days[2]) - at(band.days[0]))}
        y={y - 7}
        height={14}
        fill={fill}
      />
    )}
    {band?.book != null && band.book < lastDay && (
      <line
        x1={at(band.book)}
        x2={at(band.book)}
        y1={y - 9}
        y2={y + 9}
        stroke="var(--ink)"
        strokeDasharray="2 2"
      />
    )}
    {fingers.map(({ id, at: when, passed }) => (
      <circle
        key={id}
        cx={at(dayOf(when)! - laidDay)}
        cy={y}
        r={4.6}
        fill={passed ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth={1.7}
      />
    ))}
  </g>
)
