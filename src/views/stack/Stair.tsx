import { scaleLog } from 'd3-scale'
import type { Verdict } from '../../core/soundness/mismatch.ts'
import { about } from '../../ui/format.ts'
import { MarkShape, verdictColour } from '../../ui/Verdict.tsx'
import type { LayerRow } from './rows.ts'

interface StairProps {
  readonly rows: readonly LayerRow[]
  readonly verdicts: readonly Verdict[]
  readonly rowPx: number
  readonly width: number
}

const ticks = [1, 1.25, 2, 4, 8] as const
const tickNames: Readonly<Record<number, string>> = { 1: 'bound', 1.25: 'neat' }

/** How fat each layer is, surface at the top. A step to the right of the one under it is fatter; the stair must climb to the right. */
export function Stair({ rows, verdicts, rowPx, width }: StairProps) {
  const x = scaleLog([0.7, 9], [10, width - 52]).clamp(true)
  const fatness = rows.map(({ assessed }) => {
    const leanness = assessed.film?.leanness
    return leanness === undefined || leanness === null ? null : leanness <= 1 / 9 ? Infinity : 1 / leanness
  })
  const height = rows.length * rowPx
  return (
    <svg width={width} height={height + 44} className="block overflow-visible" role="img" aria-label="Fat stair: how fat each layer is, from the surface down">
      {ticks.map((tick) => (
        <line key={tick} x1={x(tick)} x2={x(tick)} y1={0} y2={height} stroke="var(--rule)" strokeDasharray={tick < 2 ? undefined : '1 4'} />
      ))}
      {rows.map((row, at) => {
        const value = fatness[at]
        const below = fatness[at + 1]
        if (value === null || value === undefined) return null
        const left = x(value)
        const [top, bottom] = [at * rowPx + 7, (at + 1) * rowPx - 7]
        const verdict = verdicts[at]!
        return (
          <g key={row.layer.id} className={verdictColour(verdict)}>
            {below !== null && below !== undefined && (
              <path d={`M${left} ${bottom}V${bottom + 7}H${x(below)}V${bottom + 14}`} fill="none" stroke="var(--soft)" strokeWidth={1} />
            )}
            <rect x={left - 2.5} y={top} width={5} height={bottom - top} fill="currentColor" opacity={row.layer.paintedAt ? 1 : 0.55} />
            <text x={left + 8} y={(top + bottom) / 2 + 4.5} className="fill-ink text-[13px]">
              {value === Infinity ? 'all oil' : `${about(value, value >= 10 ? 2 : 3)}×`}
            </text>
            {verdict !== 'sound' && (
              <svg x={left + (value === Infinity ? 48 : 46)} y={(top + bottom) / 2 - 7} width={14} height={14} viewBox="0 0 16 16">
                <MarkShape verdict={verdict} />
              </svg>
            )}
          </g>
        )
      })}
      {ticks.map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y={height + (tick === 1.25 ? 30 : 16)}
          textAnchor={tick === 1 ? 'end' : 'middle'}
          dx={tick === 1 ? 8 : tick === 1.25 ? 10 : 0}
          className="fill-soft text-[11.5px]"
        >
          {tickNames[tick] ?? `${tick}×`}
        </text>
      ))}
    </svg>
  )
}
