import { inTheArea } from '../../core/words.ts'
import GripVertical from 'lucide-react/dist/esm/icons/grip-vertical.mjs'
import { useMemo } from 'react'
import type { ReactNode } from 'react'
import { groundOf, supportOf } from '../../core/stack/support.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { LivingPicture } from '../../document/dates/living.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { dayText, umText, upperFirst } from '../../ui/format.ts'
import { moved, MovingRow, useSorting } from '../../ui/sorting.tsx'
import type { Moving } from '../../ui/sorting.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Cores, scaleOf } from './Cores.tsx'
import { rowsOf, stateText } from './rows.ts'
import type { LayerRow } from './rows.ts'
import { Stair, StairAxis } from './Stair.tsx'
import { TimeAxis, TimeColumn, timeSpan } from './TimeColumn.tsx'
import { Term } from '../../ui/help/Term.tsx'

interface DrawingProps {
  readonly picture: Picture
  readonly assessment: Assessment
  /** The area whose layers are listed. */
  readonly area: string
  readonly onArea: (area: string) => void
  readonly selected: string | null
  readonly onSelect: (id: string) => void
  /** The day the sections are shown on, and the handle that moves it. */
  readonly day: number
  readonly living: LivingPicture | null
  readonly handle: (span: readonly [number, number]) => ReactNode
  /** The new order of the area's layers, bottom first. */
  readonly onOrder: (ids: readonly string[]) => void
}

/** The face of the program: a section through each area, and of the chosen one its fat stair and its drying, row by row. */
export function Drawing(props: DrawingProps) {
  const { picture, assessment, area, onArea, selected, onSelect, day, living, onOrder } = props
  const cores = useMemo(
    () => assessment.areas.map((one) => ({ ...one, rows: rowsOf(picture, assessment, one.area.id) })),
    [picture, assessment],
  )
  const chosen = cores.find((core) => core.area.id === area) ?? cores[0]!
  const { rows } = chosen
  const rowPx = rows.length <= 5 ? 62 : rows.length <= 8 ? 52 : rows.length <= 10 ? 46 : 40
  const { height, strataOf } = scaleOf(cores, rows.length * rowPx)
  const strata = strataOf(rows)
  const lead = height - rows.length * rowPx
  const sorted = rows.map(({ layer }) => ({
    id: layer.id,
    name: layer.name,
    stays: layer.painted !== null,
  }))
  const canMove = sorted.filter(({ stays }) => !stays).length > 1
  const { movings, mover } = useSorting(sorted, (from, to) =>
    onOrder(moved(rows, from, to).toReversed().flatMap(idsOf)),
  )
  const support = supportOf(picture.painting.support)!
  const inArea = cores.length > 1 ? ` ${inTheArea(chosen.area.name)}` : ''
  return (
    <div className="grid grid-cols-[auto_26px_minmax(140px,1fr)_136px_minmax(226px,1.3fr)] pt-1 xl:grid-cols-[auto_46px_minmax(190px,1.1fr)_216px_minmax(360px,1.35fr)]">
      <ColumnTitle className="col-span-3">
        what is on the {support.name.replace('stretched ', '')}
        {inArea && `,${inArea}`}
      </ColumnTitle>
      {rows.length > 0 ? (
        <ColumnTitle axis={<StairAxis />}>
          <Term of="fat">how fat</Term>
        </ColumnTitle>
      ) : (
        <span />
      )}
      {rows.length > 0 ? (
        <ColumnTitle axis={<TimeAxis rows={rows} picture={picture} />}>
          <Term of="touch dry">how dry</Term>
        </ColumnTitle>
      ) : (
        <span />
      )}
      <Cores
        cores={cores}
        chosen={chosen.area.id}
        onArea={onArea}
        height={height}
        strataOf={strataOf}
        selected={selected}
        woven={support.flexible}
        day={day}
        living={living}
      />
      <Leaders
        rows={rows}
        strata={strata}
        offset={height - strata.reduce((sum, one) => sum + one, 0)}
        lead={lead}
        rowPx={rowPx}
        selected={selected}
      />
      <div style={{ paddingTop: lead }}>
        <ol aria-label={`Layers${inArea}, surface first`}>
          {rows.map((row) => (
            <MovingRow key={row.layer.id} id={row.layer.id} movings={movings}>
              {(moving) => (
                <RowLine
                  row={row}
                  state={stateText(row, day, picture.today)}
                  rowPx={rowPx}
                  selected={selected === row.layer.id}
                  onSelect={onSelect}
                  canMove={canMove && !row.layer.painted}
                  moving={moving}
                />
              )}
            </MovingRow>
          ))}
        </ol>
        {mover}
        <p className="border-t border-rule pt-2 text-[0.85rem] text-soft">{groundText(picture)}</p>
      </div>
      {rows.length > 0 && (
        <>
          <div style={{ paddingTop: lead }}>
            <Stair rows={rows} verdicts={rows.map(({ verdict }) => verdict)} rowPx={rowPx} />
          </div>
          <div style={{ paddingTop: lead }}>
            <TimeColumn rows={rows} picture={picture} rowPx={rowPx} day={day} />
            {props.handle(timeSpan(rows, picture))}
          </div>
        </>
      )}
    </div>
  )
}

/** A film moves with all it is laid in. */
const idsOf = ({ layer, passes }: LayerRow): readonly string[] =>
  [layer, ...passes].sort((a, b) => a.position - b.position).map(({ id }) => id)

function groundText({ painting }: Picture): string {
  const ground = painting.ground ? groundOf(painting.ground) : undefined
  const support = supportOf(painting.support)!.name
  if (painting.old)
    return `${painting.old.title || 'An old picture'}, taken as hard and closed, on ${support}`
  return ground
    ? `${upperFirst(ground.name)}, takes ${ground.lossMlPerM2.low}–${ground.lossMlPerM2.high} ml/m² of oil (estimate), on ${support}`
    : `No ground, on ${support}`
}

const ColumnTitle = ({
  children,
  axis,
  className = '',
}: {
  readonly children: ReactNode
  readonly axis?: ReactNode
  readonly className?: string
}) => (
  <div className={`flex flex-col justify-end pb-1 ${className}`}>
    <h2 className="font-plain text-[0.85rem] text-soft">{children}</h2>
    {axis}
  </div>
)

/** How thick a film is, what is left of it, and in how many passes it was laid. */
function filmText({ spot, brush, passes, goneDay }: LayerRow): string | null {
  if (!spot) return null
  if (goneDay !== null) return `taken off ${dayText(goneDay).slice(4)}`
  const left = spot.left < 1 ? `, ${umText(spot.film.dryThicknessUm * spot.left)} left` : ''
  const ridges = brush.ridgeWetUm ? `, ridges ${umText(spot.thickestUm * spot.left)}` : ''
  const several = passes.length > 0 ? `, ${passes.length + 1} passes` : ''
  return `${umText(spot.film.dryThicknessUm)}${left}${ridges}${several}`
}

function RowLine({
  row,
  state,
  rowPx,
  selected,
  onSelect,
  canMove,
  moving: { ref, style, isDragging, handle },
}: {
  readonly moving: Moving
  readonly row: LayerRow
  /** How dry it is that day. */
  readonly state: string | null
  readonly rowPx: number
  readonly selected: boolean
  readonly onSelect: (id: string) => void
  readonly canMove: boolean
}) {
  const { layer, assessed, verdict, mixture } = row
  const isTall = rowPx > 50
  const what = assessed.problem ?? [filmText(row), mixture].filter(Boolean).join(' · ')
  return (
    <li
      ref={ref}
      className={`group relative flex items-stretch border-t border-rule ${selected ? 'bg-wash' : ''} ${isDragging ? 'z-10 bg-sheet' : ''}`}
      style={{ height: rowPx, ...style }}
    >
      <button
        type="button"
        onClick={() => onSelect(layer.id)}
        aria-pressed={selected}
        className={`grid min-w-0 grow content-center gap-x-3 px-2 text-left leading-tight ${isTall ? 'lg:grid-cols-[1fr_auto]' : 'sm:grid-cols-[1fr_auto]'}`}
        title={what}
      >
        <span className="flex min-w-0 items-center gap-2">
          <span
            className={`line-clamp-2 font-read text-[0.98rem] [overflow-wrap:anywhere] sm:line-clamp-1 ${isTall ? 'lg:line-clamp-2 lg:text-[1.15rem]' : 'lg:text-[1.02rem]'} ${layer.painted ? '' : 'italic'} ${row.goneDay === null ? '' : 'line-through decoration-1'}`}
          >
            {layer.name}
          </span>
          {verdict !== 'sound' && <VerdictMark verdict={verdict} size={12} />}
        </span>
        {state && <span className="self-center text-[0.82rem]">{state}</span>}
        <span
          className={`col-span-full hidden truncate text-[0.82rem] sm:block ${assessed.problem ? 'text-unsound' : 'text-soft'}`}
        >
          {what}
        </span>
      </button>
      {canMove && (
        <button
          type="button"
          className="w-[26px] shrink-0 touch-none text-stone hover:text-ink"
          aria-label={`Move ${layer.name}`}
          {...handle}
        >
          <GripVertical size={16} aria-hidden="true" className="mx-auto" />
        </button>
      )}
    </li>
  )
}

interface LeaderProps {
  readonly rows: readonly LayerRow[]
  readonly strata: readonly number[]
  /** Where the topmost stratum, and the first row, begin; px. */
  readonly offset: number
  readonly lead: number
  readonly rowPx: number
  readonly selected: string | null
}

/** From the middle of each stratum to the middle of its row. */
function Leaders({ rows, strata, offset, lead, rowPx, selected }: LeaderProps) {
  const height = lead + rows.length * rowPx
  return (
    <svg
      width="100%"
      height={height}
      viewBox={`0 0 40 ${height}`}
      preserveAspectRatio="none"
      aria-hidden="true"
      className="block"
    >
      {rows.map(({ layer }, index) => {
        const from = offset + strata.slice(0, index).reduce((sum, one) => sum + one, 0) + strata[index]! / 2
        const to = lead + (index + 0.5) * rowPx
        const on = layer.id === selected
        return (
          <path
            key={layer.id}
            d={`M0 ${from}C22 ${from} 16 ${to} 38 ${to}`}
            fill="none"
            stroke={on ? 'var(--ink)' : 'var(--stone)'}
            strokeWidth={on ? 1.6 : 1}
            vectorEffect="non-scaling-stroke"
          />
        )
      })}
    </svg>
  )
}
