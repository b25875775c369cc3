import { filmOver } from '../../core/film/film.ts'
import type { Film } from '../../core/film/film.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { raisedTargets } from '../../core/plan/raised.ts'
import { covers } from '../../core/stack/area.ts'
import { brushOf, planOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import { readyOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'

/** One thing that was planned in one way and done in another. */
export interface Difference {
  readonly what: 'thickness' | 'oil' | 'days'
  readonly planned: number
  readonly actual: number
}

/** Less than this is as planned: a tenth of the thickness, half a point of oil, a day. */
const slack = { thickness: 0.1, oil: 0.005, days: 1 } as const

/**
 * A layer as it was planned, its film taken for itself; null where it cannot be made, or lays none. Of a painted one with
 * the medium and the lots of that day: what has become of a recipe since is no difference.
 */
const plannedFilm = (layer: LayerDocument, picture: Picture, find: FindMaterial): Film | null => {
  const { painted, medium } = layer
  const isThatMedium = painted?.used && painted.medium?.mediumId === medium?.mediumId
  const then = isThatMedium ? { ...painted, ...planOf(layer) } : null
  const { mix } = readyOf({ ...layer, painted: then }, picture.mediums, find)
  return mix && filmOver(mix, 0)
}
const actualFilm = (layer: LayerDocument, picture: Picture, find: FindMaterial): Film | null => {
  const { mix } = readyOf(layer, picture.mediums, find)
  return mix && filmOver(mix, 0)
}

/** What of a painted layer came out otherwise than it was planned. */
export function differencesOf(
  layer: LayerDocument,
  picture: Picture,
  find: FindMaterial,
): readonly Difference[] {
  const { painted, plannedOn } = layer
  if (!painted) return []
  const [planned, actual] = [plannedFilm(layer, picture, find), actualFilm(layer, picture, find)]
  const films: readonly Difference[] =
    planned && actual
      ? [
          { what: 'thickness', planned: planned.wetThicknessUm, actual: actual.wetThicknessUm },
          { what: 'oil', planned: planned.oilContent, actual: actual.oilContent },
        ]
      : []
  const days: readonly Difference[] = plannedOn
    ? [{ what: 'days', planned: dayOf(plannedOn)!, actual: Math.floor(dayOf(painted.at)!) }]
    : []
  return [...films, ...days].filter(({ what, planned: was, actual: is }) => {
    const off = Math.abs(is - was)
    return what === 'thickness' ? off > slack.thickness * was : off >= slack[what] - 1e-9
  })
}

/** A layer still to be painted that one under it, fatter than planned, asks to be fatter. */
export interface Raise {
  readonly layerId: string
  readonly name: string
  /** Oil content as it was planned, and as it has to be, 0..1. */
  readonly from: number
  readonly to: number
  readonly change: { readonly medium: NonNullable<LayerDocument['medium']> }
}

/** Every layer of an area that is to be raised, with the medium that does it; those that no medium can raise are left out. */
export function raisesIn(picture: Picture, area: string, find: FindMaterial): readonly Raise[] {
  const here = picture.layers.flatMap((layer) => {
    if (!covers(brushOf(layer), area)) return []
    const planned = plannedFilm(layer, picture, find)
    if (!planned || planned.oilContent === 0) return []
    const actual = layer.painted ? (actualFilm(layer, picture, find)?.oilContent ?? null) : null
    return [{ layer, planned: planned.oilContent, actual }]
  })
  const targets = raisedTargets(here)
  return here.flatMap(({ layer, planned }, at) => {
    const to = targets[at]
    if (to == null) return []
    const medium = mediumFor(layer, to, picture, find)
    return medium ? [{ layerId: layer.id, name: layer.name, from: planned, to, change: { medium } }] : []
  })
}

const halvings = 40
/** As much medium as paint is a glaze, and no way to raise a layer. */
const mostOfPaint = 2

/** The medium, its own or that of the layers around it, whose parts bring a layer to so much oil. */
function mediumFor(
  layer: LayerDocument,
  oilContent: number,
  picture: Picture,
  find: FindMaterial,
): LayerDocument['medium'] {
  const paint = layer.paints.reduce((sum, { parts }) => sum + parts, 0)
  const ids = [
    layer.medium?.mediumId,
    ...picture.layers.map((other) => brushOf(other).medium?.mediumId),
    ...picture.mediums.map(({ id }) => id),
  ].filter((id) => id !== undefined && picture.mediums.some((medium) => medium.id === id))
  const withParts = (mediumId: string, parts: number): number =>
    plannedFilm({ ...layer, medium: { mediumId, parts } }, picture, find)?.oilContent ?? 0
  for (const mediumId of new Set(ids as string[])) {
    let [low, high] = [layer.medium?.mediumId === mediumId ? layer.medium.parts : 0, mostOfPaint * paint]
    if (!(withParts(mediumId, high) >= oilContent)) continue
    for (let step = 0; step < halvings; step++) {
      const middle = (low + high) / 2
      if (withParts(mediumId, middle) < oilContent) low = middle
      else high = middle
    }
    return { mediumId, parts: Number(high.toPrecision(3)) }
  }
  return null
}
