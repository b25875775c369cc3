import { GripVertical } from 'lucide-react'
import { useEffect, useMemo, useRef } from 'react'
import type { ReactNode } from 'react'
import { groundOf, supportOf } from '../../core/soundness/support.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import type { Assessment, Picture } from '../../document/assess.ts'
import { umText, upperFirst } from '../../ui/format.ts'
import { moved, MovingRow, useSorting } from '../../ui/sorting.tsx'
import type { Moving } from '../../ui/sorting.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { rowsOf } from './rows.ts'
import type { LayerRow } from './rows.ts'
import { drawSection } from './section.ts'
import type { Stratum } from './section.ts'
import { Stair, StairAxis } from './Stair.tsx'
import { TimeAxis, TimeColumn } from './TimeColumn.tsx'

interface DrawingProps {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly selected: string | null
  readonly onSelect: (id: string) => void
  /** The new order, bottom first. */
  readonly onOrder: (ids: readonly string[]) => void
}

const sectionWidth = 190
const groundPx = 20
const supportPx = 24
const thinnestPx = 8
/** At most this many pixels for the square root of a micrometre, so that a lone stain still looks thin. */
const mostPxPerRoot = 8

/** Strata on a square-root scale, so that 1500 µm and 15 µm both can be seen; together at most as tall as the rows. */
function heights(rows: readonly LayerRow[], height: number): readonly number[] {
  const roots = rows.map(({ thickestUm }) => Math.sqrt(thickestUm))
  const spare = height - rows.length * thinnestPx
  const perRoot = Math.min(mostPxPerRoot, spare / roots.reduce((sum, root) => sum + root, 0))
  return roots.map((root) => thinnestPx + perRoot * root)
}

/** The face of the program: a section through the picture, its fat stair and its drying, row by row. */
export function Drawing({ picture, assessment, selected, onSelect, onOrder }: DrawingProps) {
  const rows = useMemo(() => rowsOf(picture, assessment), [picture, assessment])
  const rowPx = rows.length <= 5 ? 62 : rows.length <= 8 ? 52 : 46
  const height = rows.length * rowPx
  const strata = heights(rows, height)
  const offset = height - strata.reduce((sum, one) => sum + one, 0)
  const ids = rows.map(({ layer }) => layer.id)
  const movable = rows.map(({ layer }) => ({ id: layer.id, name: layer.name }))
  const { movings, mover } = useSorting(movable, (from, to) => onOrder(moved(ids, from, to).toReversed()))
  return (
    <div className="grid grid-cols-[130px_30px_minmax(150px,1fr)_160px_minmax(240px,1.3fr)] pt-1 xl:grid-cols-[190px_46px_minmax(190px,1.1fr)_216px_minmax(360px,1.35fr)]">
      <ColumnTitle className="col-span-3">
        what is on the {supportOf(picture.painting.support)!.name.replace('stretched ', '')}
      </ColumnTitle>
      {rows.length > 0 ? <ColumnTitle axis={<StairAxis />}>how fat</ColumnTitle> : <span />}
      {rows.length > 0 ? (
        <ColumnTitle axis={<TimeAxis rows={rows} picture={picture} />}>how dry</ColumnTitle>
      ) : (
        <span />
      )}
      <Section
        rows={rows}
        strata={strata}
        offset={offset}
        selected={selected}
        woven={supportOf(picture.painting.support)!.flexible}
      />
      <Leaders rows={rows} strata={strata} offset={offset} rowPx={rowPx} selected={selected} />
      <div>
        <ol aria-label="Layers, surface first">
          {rows.map((row) => (
            <MovingRow key={row.layer.id} id={row.layer.id} movings={movings}>
              {(moving) => (
                <RowLine
                  row={row}
                  rowPx={rowPx}
                  selected={selected === row.layer.id}
                  onSelect={onSelect}
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
          <Stair rows={rows} verdicts={rows.map(({ verdict }) => verdict)} rowPx={rowPx} />
          <TimeColumn rows={rows} picture={picture} rowPx={rowPx} />
        </>
      )}
    </div>
  )
}

function groundText({ painting }: Picture): string {
  const ground = painting.ground ? groundOf(painting.ground) : undefined
  const support = supportOf(painting.support)!.name
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

function RowLine({
  row,
  rowPx,
  selected,
  onSelect,
  moving: { ref, style, isDragging, handle },
}: {
  readonly moving: Moving
  readonly row: LayerRow
  readonly rowPx: number
  readonly selected: boolean
  readonly onSelect: (id: string) => void
}) {
  const { layer, assessed, state, verdict, mixture } = row
  const areas = layer.areas.length > 0 ? ` · ${layer.areas.join(', ')}` : ''
  const what =
    assessed.problem ??
    `${assessed.film ? umText(assessed.film.dryThicknessUm) : ''}${layer.ridgeWetUm ? `, ridges ${umText(row.thickestUm)}` : ''} · ${mixture}${areas}`
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
        className="min-w-0 grow px-2 text-left"
        title={what}
      >
        <span className="flex items-center gap-2">
          <span
            className={`truncate font-read ${rowPx > 50 ? 'text-[1.15rem]' : 'text-[1.02rem]'} leading-tight ${layer.paintedAt ? '' : 'italic'}`}
          >
            {layer.name}
          </span>
          {verdict !== 'sound' && <VerdictMark verdict={verdict} size={12} />}
        </span>
        <span className="flex gap-3 text-[0.82rem]">
          <span className={`truncate ${assessed.problem ? 'text-unsound' : 'text-soft'}`}>{what}</span>
          {state && <span className="ml-auto shrink-0">{state}</span>}
        </span>
      </button>
      <button
        type="button"
        className="w-[26px] shrink-0 touch-none text-stone hover:text-ink"
        aria-label={`Move ${layer.name}`}
        {...handle}
      >
        <GripVertical size={16} aria-hidden="true" className="mx-auto" />
      </button>
    </li>
  )
}

interface StrataProps {
  readonly rows: readonly LayerRow[]
  readonly strata: readonly number[]
  readonly offset: number
  readonly selected: string | null
}

/** From the middle of each stratum to the middle of its row. */
function Leaders({ rows, strata, offset, rowPx, selected }: StrataProps & { readonly rowPx: number }) {
  const height = rows.length * rowPx
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
        const to = (index + 0.5) * rowPx
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

function Section({ rows, strata, offset, selected, woven }: StrataProps & { readonly woven: boolean }) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const total = strata.reduce((sum, one) => sum + one, 0)
  const height = Math.ceil(total + groundPx + supportPx)
  const drawn = JSON.stringify([
    strata.map(Math.round),
    selected,
    woven,
    rows.map(({ layer, colour, state }) => [layer.id, colour, state]),
  ])
  useEffect(() => {
    const element = canvas.current
    const context = element?.getContext('2d')
    if (!element || !context) return
    const draw = (): void => {
      const sharp = window.devicePixelRatio || 1
      const width = element.clientWidth
      element.width = width * sharp
      element.height = height * sharp
      context.setTransform(sharp, 0, 0, sharp, 0, 0)
      const style = getComputedStyle(element)
      const colour = (name: string): string => style.getPropertyValue(name).trim()
      drawSection(
        context,
        width,
        rows.map((row, index) => stratumOf(row, strata[index]!, selected)),
        { groundPx, supportPx, woven },
        {
          paper: colour('--paper'),
          ink: colour('--ink'),
          rule: colour('--rule'),
          ground: '#e9e4d6',
          support: woven ? '#b8a179' : '#a9845a',
        },
      )
    }
    draw()
    const resized = new ResizeObserver(draw)
    resized.observe(element)
    return () => resized.disconnect()
    // eslint-disable-next-line react-hooks/exhaustive-deps -- drawn says all that is drawn
  }, [drawn, height])
  const names = rows.map(({ layer }) => layer.name).join(', ')
  return (
    <div style={{ paddingTop: offset }}>
      <canvas
        ref={canvas}
        width={sectionWidth}
        height={height}
        style={{ height }}
        className="block w-full"
        role="img"
        aria-label={`Section through the picture, from the surface down: ${names || 'only the ground'}. Thickness on a square-root scale.`}
      />
    </div>
  )
}

function stratumOf(row: LayerRow, heightPx: number, selected: string | null): Stratum {
  const { layer, assessed, colour, state } = row
  const film = assessed.film
  const opaque = film?.powder.opaque ?? 0
  return {
    seed: [...layer.id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 100003, 7),
    colour,
    heightPx,
    pvc: film?.pvc ?? 0,
    clearness: (1 - opaque) * (1 - Math.min(1, (film?.pvc ?? 0) * 1.6)),
    grain: grainOf(row),
    state: state === null ? 'planned' : state === 'wet' || state === 'touch dry' ? 'soft' : 'firm',
    selected: layer.id === selected,
  }
}

/** Earths and ground minerals are coarse, organic colours fine: told by how heavy the powder is and its family. */
function grainOf({ layer }: LayerRow): number {
  const powders = layer.paints.flatMap(({ pigments }) =>
    pigments.map(({ pigment }) => findInLibrary(pigment)),
  )
  if (powders.length === 0) return 0
  return Math.max(
    ...powders.map((powder) =>
      powder?.id.startsWith('pbr7') || powder?.id === 'py43' || powder?.id === 'pg23'
        ? 0.9
        : (powder?.densityGPerMl.mid ?? 1) > 2.2
          ? 0.45
          : 0.1,
    ),
  )
}
