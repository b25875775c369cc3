import { dayOf } from '../../core/plan/calendar.ts'
import { verdicts } from '../../core/severity.ts'
import { restId } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import type { AssessedSpot, Assessment } from '../../document/judging/assess.ts'
import { paintedAtOf } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { Picture } from '../../document/picture/picture.ts'

/** What a picture's page looks up in the picture and in what was found of it. */

/** Rules that ask for a tooth, or oil rubbed on and off. */
export const asksTooth: readonly string[] = ['cissing', 'overaged', 'old-picture']

/** The film that a layer lies on in an area; null: the ground. */
export function liesUnder(
  { layers }: Picture,
  assessment: Assessment,
  area: string,
  spot: AssessedSpot | null,
): { readonly name: string; readonly spot: AssessedSpot } | null {
  if (!spot) return null
  const below = assessment.layers.slice(0, spot.layer).flatMap(({ spots }, at) => {
    const there = spots.find((one) => one.area === area && one.layer === at && one.goneBy === null)
    return there ? [{ name: layers[at]!.name, spot: there }] : []
  })
  return below.at(-1) ?? null
}

/** Where a layer is slowest. */
export const slowestAreaOf = (
  id: string | null,
  { layers }: Picture,
  assessment: Assessment,
): string | undefined => assessment.layers[layers.findIndex((layer) => layer.id === id)]?.worst?.area

/** The area with the gravest verdict; of equals the one with the most layers. */
export const gravestArea = ({ areas }: Assessment): string =>
  [...areas].sort(
    (a, b) => verdicts.indexOf(b.verdict) - verdicts.indexOf(a.verdict) || b.layers.length - a.layers.length,
  )[0]!.area.id

/** The name of an area, where there are several to tell apart. */
export const nameOfArea = ({ areas }: Assessment, id: string): string | null =>
  areas.length > 1 ? (areas.find(({ area }) => area.id === id)?.area.name ?? null) : null

/** The parts that have a name of their own. */
export const namedAreas = ({ areas }: Assessment): readonly Area[] =>
  areas.map(({ area }) => area).filter(({ id }) => id !== restId)

/** What is painted keeps its place; only two layers still planned change theirs. */
export const maySwap = (layer: LayerDocument, neighbour: LayerDocument | undefined): boolean =>
  neighbour !== undefined && !layer.painted && !neighbour.painted

/** So many days ahead the section can be looked at. */
const livingAheadDays = 1100

/** From the first thing done to years ahead. */
export const livingSpan = ({ layers, today }: Picture): readonly [number, number] => {
  const first = layers.map(paintedAtOf).find((at) => at !== null)
  return [first ? dayOf(first)! : Math.floor(today), Math.floor(today) + livingAheadDays]
}
