import { clamp } from '../../core/clamp.ts'
import type { Verdict } from '../../core/severity.ts'
import { fatnessText } from '../../core/words.ts'
import { MarkShape, verdictColour } from '../../ui/Verdict.tsx'
import type { LayerRow } from './rows.ts'

interface StairProps {
  readonly rows: readonly LayerRow[]
  readonly verdicts: readonly Verdict[]
  readonly rowPx: number
}

const ticks = [1, 1.25, 2, 4, 8] as const
const tickNames: Readonly<Record<number, string>> = { 1: 'bound', 1.25: 'neat' }
const [leanest, fattest, left, right] = [0.7, 9, 4, 72]
/** From the left of the column in percent of its width, on a logarithmic scale. */
const at = (fatness: number): number =>
  clamp(left + ((right - left) * Math.log(fatness / leanest)) / Math.log(fattest / leanest), left, right)
const x = (fatness: number): string => `${at(fatness).toFixed(2)}%`

/** What the columns of the stair stand for. */
export const StairAxis = () => (
  <svg width="100%" height="34" aria-hidden="true" className="block overflow-visible">
    {ticks.map((tick) => (
      <text
        key={tick}
        x={x(tick)}
        y={tick === 1.25 ? 13 : 28}
        textAnchor={tick === 1 ? 'end' : 'middle'}
        dx={tick === 1 ? 6 : 0}
        className="fill-soft text-[11.5px]"
      >
        {tickNames[tick] ?? `${tick}×`}
      </text>
    ))}
  </svg>
)

/** From here on, in percent of the column, a number stands before its step. */
const farFrom = 60

/** What lies there to be stepped on from above. */
const isStep = ({ goneDay, isRemoval, fatness }: LayerRow): boolean =>
  goneDay === null && !isRemoval && fatness !== null

/** How fat each layer is, surface at the top. A step to the right of the one under it is fatter; the stair must climb to the right. */
export function Stair({ rows, verdicts, rowPx }: StairProps) {
  const fatness = rows.map((row) => row.fatness)
  const height = rows.length * rowPx
  return (
    <svg
      width="100%"
      height={height}
      className="block overflow-visible"
      role="img"
      aria-label="Fat stair: how fat each layer is, from the surface down"
    >
      {ticks.map((tick) => (
        <line
          key={tick}
          x1={x(tick)}
          x2={x(tick)}
          y1={0}
          y2={height}
          stroke="var(--rule)"
          strokeDasharray={tick < 2 ? undefined : '1 4'}
        />
      ))}
      {rows.map((row, index) => {
        const value = fatness[index]
        if (value === null || value === undefined) return null
        const isGone = row.goneDay !== null
        const lower = isGone ? -1 : rows.findIndex((one, at) => at > index && isStep(one))
        const below = fatness[lower]
        const [top, bottom] = [index * rowPx + 7, (index + 1) * rowPx - 7]
        const verdict = verdicts[index]!
        const isFar = at(value) > farFrom
        return (
          <g key={row.layer.id} className={verdictColour(verdict)}>
            {below !== null && below !== undefined && (
              <g stroke="var(--soft)">
                <line x1={x(value)} x2={x(value)} y1={bottom} y2={bottom + 7} />
                <line x1={x(value)} x2={x(below)} y1={bottom + 7} y2={bottom + 7} />
                <line x1={x(below)} x2={x(below)} y1={bottom + 7} y2={lower * rowPx + 7} />
              </g>
            )}
            <line
              x1={x(value)}
              x2={x(value)}
              y1={top}
              y2={bottom}
              stroke="currentColor"
              strokeWidth={5}
              opacity={isGone ? 0.2 : row.layer.painted ? 1 : 0.55}
            />
            <svg x={x(value)} y={(top + bottom) / 2 - 9} width={90} height={18} overflow="visible">
              <text
                x={isFar ? -8 : 8}
                y={13.5}
                textAnchor={isFar ? 'end' : 'start'}
                className="fill-ink text-[13px]"
              >
                {fatnessText(value)}
                {row.ends && ` (${row.ends.map(fatnessText).join('–')})`}
              </text>
              {verdict !== 'sound' && (
                <svg x={isFar ? 8 : 46} y={2} width={14} height={14} viewBox="0 0 16 16">
                  <MarkShape verdict={verdict} />
                </svg>
              )}
            </svg>
          </g>
        )
      })}
    </svg>
  )
}
