import { useEffect, useRef, useState } from 'react'
import type { RefObject } from 'react'
import { isReached } from '../../core/cure/forecast.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { kindOf } from '../../core/materials/material.ts'
import type { AssessedArea } from '../../document/judging/assess.ts'
import { profileOn } from '../../document/dates/living.ts'
import type { LivingPicture } from '../../document/dates/living.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { VerdictMark, verdictWords } from '../../ui/Verdict.tsx'
import type { LayerRow } from './rows.ts'
import type { Stratum } from './section.ts'

/** One area of the picture, with its layers from the surface down. */
export interface Core extends AssessedArea {
  readonly rows: readonly LayerRow[]
}

const groundPx = 20
const supportPx = 24
const thinnestPx = 8
/** At most this many pixels for the square root of a micrometre, so that a lone stain still looks thin. */
const mostPxPerRoot = 8

/** How high the strata of all cores are drawn: on one scale, so that they can be compared. */
export interface CoreScale {
  /** Of the tallest core, without ground and support; at least as high as the rows beside it. */
  readonly height: number
  readonly strataOf: (rows: readonly LayerRow[]) => readonly number[]
}

const sumOf = (heights: readonly number[]): number => heights.reduce((sum, one) => sum + one, 0)

/** Strata on a square-root scale, so that 1500 µm and 15 µm both can be seen. */
export function scaleOf(cores: readonly Core[], rowsHeight: number): CoreScale {
  const perRoot = cores.reduce((least, { rows }) => {
    const films = rows.filter(({ isRemoval }) => !isRemoval)
    const roots = sumOf(films.map(({ thickestUm }) => Math.sqrt(thickestUm)))
    const thinnest = films.length * thinnestPx
    return roots > 0 ? Math.min(least, Math.max(rowsHeight - thinnest, thinnest) / roots) : least
  }, mostPxPerRoot)
  const strataOf = (rows: readonly LayerRow[]): readonly number[] =>
    rows.map(({ isRemoval, thickestUm }) => (isRemoval ? 0 : thinnestPx + perRoot * Math.sqrt(thickestUm)))
  return { height: Math.max(rowsHeight, ...cores.map(({ rows }) => sumOf(strataOf(rows)))), strataOf }
}

interface CoresProps extends CoreScale {
  readonly cores: readonly Core[]
  readonly chosen: string
  readonly onArea: (area: string) => void
  readonly selected: string | null
  readonly woven: boolean
  readonly day: number
  readonly living: LivingPicture | null
}

/** A section through every area, side by side on the same support; the chosen one is large and stands by its rows. */
export function Cores(props: CoresProps) {
  const { cores, chosen, onArea, height, strataOf, selected, woven, day, living } = props
  const sectionOf = ({ area, rows }: Core) => (
    <Section
      rows={rows}
      strata={strataOf(rows)}
      height={height}
      selected={area.id === chosen ? selected : null}
      woven={woven}
      day={day}
      profileOf={(layerId) => living && profileOn(living, area.id, layerId, day)}
    />
  )
  const [only] = cores
  if (only && cores.length === 1) return <div className="w-[130px] xl:w-[190px]">{sectionOf(only)}</div>
  const isChosen = ({ area }: Core): boolean => area.id === chosen
  const inOrder = [...cores.filter((core) => !isChosen(core)), ...cores.filter(isChosen)]
  return (
    <div className="flex items-start gap-1.5" role="group" aria-label="Areas of the picture">
      {inOrder.map((core) => (
        <button
          key={core.area.id}
          type="button"
          aria-pressed={isChosen(core)}
          aria-label={`${core.area.name}: ${layerCount(core.rows.length)}, ${verdictWords[core.verdict].toLowerCase()}`}
          onClick={() => onArea(core.area.id)}
          className={`block ${isChosen(core) ? 'w-[96px] xl:w-[150px]' : 'w-[52px] opacity-75 hover:opacity-100 xl:w-[64px]'}`}
        >
          {sectionOf(core)}
          <span
            className={`flex min-h-11 flex-wrap items-center justify-center gap-x-1 text-[0.75rem] leading-tight xl:text-[0.8rem] ${isChosen(core) ? 'border-b-2 border-ink font-medium' : ''}`}
          >
            {core.verdict !== 'sound' && <VerdictMark verdict={core.verdict} size={11} />}
            <span className="max-w-full [hyphens:auto] [overflow-wrap:break-word]">{core.area.name}</span>
          </span>
        </button>
      ))}
    </div>
  )
}

const layerCount = (count: number): string => (count === 1 ? '1 layer' : `${count} layers`)

interface SectionProps {
  readonly rows: readonly LayerRow[]
  readonly strata: readonly number[]
  readonly height: number
  readonly selected: string | null
  readonly woven: boolean
  readonly day: number
  /** How far a film has cured through its depth that day. */
  readonly profileOf: (layerId: string) => readonly number[] | null
}

/** Drawn once the page answers; its place is kept. */
const drawer = later(() => import('./section.ts').then(({ drawSection }) => drawSection))

function Section({ rows, strata, height, selected, woven, day, profileOf }: SectionProps) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const width = useWidth(canvas)
  const drawSection = useLater(drawer)
  const total = sumOf(strata)
  const drawnHeight = Math.ceil(total + groundPx + supportPx)
  const drawn = JSON.stringify([
    strata.map(Math.round),
    selected,
    woven,
    rows.map((row) => [row.layer.id, row.colour, stateOf(row, day), profileOf(row.layer.id)]),
  ])
  useEffect(() => {
    const element = canvas.current
    const context = element?.getContext('2d')
    if (!element || !context || !drawSection || width === 0) return
    const sharp = window.devicePixelRatio || 1
    element.width = width * sharp
    element.height = drawnHeight * sharp
    context.setTransform(sharp, 0, 0, sharp, 0, 0)
    const style = getComputedStyle(element)
    const colour = (name: string): string => style.getPropertyValue(name).trim()
    drawSection(
      context,
      width,
      rows.flatMap((row, index) =>
        row.isRemoval ? [] : [stratumOf(row, strata[index]!, selected, day, profileOf(row.layer.id))],
      ),
      { groundPx, supportPx, woven },
      {
        paper: colour('--paper'),
        ink: colour('--ink'),
        rule: colour('--rule'),
        ground: '#e9e4d6',
        support: woven ? '#b8a179' : '#a9845a',
      },
    )
    // eslint-disable-next-line react-hooks/exhaustive-deps -- drawn says all that is drawn
  }, [drawn, drawnHeight, drawSection, width])
  const names = rows.map(({ layer }) => layer.name).join(', ')
  return (
    <span className="block" style={{ paddingTop: height - total }}>
      <canvas
        ref={canvas}
        height={drawnHeight}
        style={{ height: drawnHeight }}
        className="block w-full"
        role="img"
        aria-label={`Section, from the surface down: ${names || 'only the ground'}. Thickness on a square-root scale.`}
      />
    </span>
  )
}

/** How wide an element is, in pixels, as it is shown; 0 until that is known. */
function useWidth(element: RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(0)
  useEffect(() => {
    const resized = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width))
    if (element.current) resized.observe(element.current)
    return () => resized.disconnect()
  }, [element])
  return width
}

function stratumOf(
  row: LayerRow,
  heightPx: number,
  selected: string | null,
  day: number,
  profile: readonly number[] | null,
): Stratum {
  const { layer, spot, colour } = row
  const pvc = spot?.film.pvc ?? 0
  const opaque = spot?.film.powder.opaque ?? 0
  return {
    seed: [...layer.id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 100003, 7),
    colour,
    heightPx,
    pvc,
    clearness: (1 - opaque) * (1 - Math.min(1, pvc * 1.6)),
    grain: grainOf(row),
    state: stateOf(row, day),
    profile,
    selected: layer.id === selected,
  }
}

/** How a film is drawn on a day; a moment's slack, as days are told to the hour. */
function stateOf({ goneDay, assessed, forecast, layer }: LayerRow, day: number): Stratum['state'] {
  const age = day - assessed.date.day
  if (goneDay !== null && goneDay <= day) return 'gone'
  if (age < 0 || (age < 1e-6 && !layer.painted)) return 'planned'
  return isReached(forecast, 'firm', age) ? 'firm' : 'soft'
}

const earths = /^(pbr7|py43$|pg23$)/

/** Earths and ground minerals are coarse, organic colours fine: told by how heavy the powder is and its kind. */
function grainOf({ brush }: LayerRow): number {
  const powders = brush.paints.flatMap(({ pigments }) =>
    pigments.flatMap(({ pigment }) => findInLibrary(pigment) ?? []),
  )
  return Math.max(
    0,
    ...powders.map((powder) =>
      earths.test(kindOf(powder)) ? 0.9 : powder.densityGPerMl.mid > 2.2 ? 0.45 : 0.1,
    ),
  )
}
