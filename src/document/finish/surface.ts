import { oilOutOrder, sheenOf, trustOf } from '../../core/finish/sheen.ts'
import type { SheenPlace, Trust } from '../../core/finish/sheen.ts'
import { sinkingBecause, sinkingOf } from '../../core/film/sinking.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import { covers, restId } from '../../core/stack/area.ts'
import { inTheArea } from '../../core/words.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import type { PatchDocument } from '../patch.ts'
import type { Picture } from '../picture/picture.ts'
import { filmsOn } from '../judging/stateReached.ts'
import type { FilmOnDay } from '../judging/stateReached.ts'

/** What became of a patch since it was seen. */
export type PatchState = 'there' | 'oiled-out' | 'painted-over'

/** A patch as it was seen, with what lies on top there and why it sank. */
export interface SurfacePatch extends SheenPlace {
  readonly patch: PatchDocument
  readonly share: number
  readonly state: PatchState
  /** The oiling out that was for it, last; null: none. */
  readonly oiledBy: LayerDocument | null
  /** The film on top there; null: nothing lies there. */
  readonly top: FilmOnDay | null
  /** Why it sank, told from the layers under it; null: it did not, or they do not say. */
  readonly because: string | null
}

/** An area as it likely looks where nobody has marked it. */
export interface LikelyArea extends SheenPlace {
  readonly area: string
}

export interface PictureSurface {
  /** Newest first. */
  readonly patches: readonly SurfacePatch[]
  readonly likely: readonly LikelyArea[]
  /** Whether values may be judged on it now. */
  readonly trust: Trust<SheenPlace>
  /** What is dull where work goes on next, the smallest first. */
  readonly toOil: readonly SurfacePatch[]
  /** The next layer of paint; null: none is planned. */
  readonly next: LayerDocument | null
}

/** How light the paint of a layer is, L* 0..100; null: it has none. */
type LightnessOf = (layer: LayerDocument) => number | null

/** The surface of a picture today: what was seen, and what is likely where nobody looked. */
export function surfaceOf(
  picture: Picture,
  assessment: Assessment,
  lightnessOf: LightnessOf,
): PictureSurface {
  const { painting, layers, today } = picture
  const films = filmsOn(picture, assessment, today)
  const topIn = (area: string | null): FilmOnDay | null =>
    films.findLast(({ spot }) => (area === null ? true : spot.area === area)) ?? null
  const areaName = (id: string | null): string =>
    assessment.areas.find(({ area }) => area.id === (id ?? restId))?.area.name ?? 'the picture'
  const patches = painting.patches.toReversed().map((patch): SurfacePatch => {
    const top = topIn(areaOfPatch(patch, assessment))
    return {
      patch,
      name: `the ${patch.sheen} patch ${inTheArea(areaName(patch.area))}`,
      sheen: patch.sheen,
      share: patch.share,
      lightness: top && lightnessOf(top.layer),
      ...fateOf(patch, layers),
      top,
      because: top && whyDull(patch, top),
    }
  })
  const seen = patches.filter(({ state }) => state === 'there')
  const likely = assessment.areas.flatMap(({ area }): LikelyArea[] => {
    const top = topIn(area.id)
    const surface = top?.spot.film.surface
    if (!top || !surface) return []
    const sheen = sheenOf[surface]
    return [{ area: area.id, name: area.name, sheen, lightness: lightnessOf(top.layer) }]
  })
  const isSeen = ({ area }: LikelyArea): boolean =>
    seen.some(({ patch }) => areaOfPatch(patch, assessment) === area)
  const next = layers.find(({ painted, paints }) => !painted && paints.length > 0) ?? null
  return {
    patches,
    likely,
    trust: trustOf<SheenPlace>([...seen, ...likely.filter((area) => !isSeen(area))]),
    toOil: oilOutOrder(
      seen,
      ({ patch }) => next === null || covers(next, areaOfPatch(patch, assessment) ?? restId),
    ),
    next,
  }
}

/** The area of the judge a patch lies in. */
const areaOfPatch = ({ area }: PatchDocument, { areas }: Assessment): string | null =>
  areas.some((one) => one.area.id === area)
    ? area
    : (areas.find((one) => one.area.id === restId)?.area.id ?? null)

const whyDull = ({ sheen }: PatchDocument, { spot }: FilmOnDay): string | null => {
  if (sheen === 'glossy' || sheen === 'satin') return null
  const sinking = sinkingOf(spot.film)
  return sinking && sinking.risk !== 'low' ? sinkingBecause[sinking.because] : null
}

/** A patch is gone once it was oiled out, or once paint went over it. */
function fateOf(
  { id, area, on }: PatchDocument,
  layers: readonly LayerDocument[],
): Pick<SurfacePatch, 'state' | 'oiledBy'> {
  const done = layers.filter(({ painted }) => painted !== null)
  const oiledBy =
    done.findLast((layer) => {
      const { event } = brushOf(layer)
      return 'patches' in event && event.patches?.includes(id)
    }) ?? null
  const seenOn = dayOf(on)!
  const over = done.some((layer) => {
    const { event, areas } = brushOf(layer)
    const isFilm = !isRemoval(event.kind) && event.kind !== 'oil-out'
    return isFilm && covers({ areas }, area ?? restId) && dayOf(layer.painted!.at)! >= seenOn + 1
  })
  return { state: over ? 'painted-over' : oiledBy ? 'oiled-out' : 'there', oiledBy }
}
