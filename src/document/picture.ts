import { forecastOf } from '../core/cure/forecast.ts'
import type { Evidence } from '../core/cure/forecast.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { analyseMedium, scaledIngredients } from '../core/medium/medium.ts'
import type { Ingredient } from '../core/medium/medium.ts'
import { ofVolume } from '../core/film/paint.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { practiceOf } from '../core/practice/practice.ts'
import type { Practice } from '../core/practice/practice.ts'
import { areasOf } from '../core/stack/area.ts'
import type { Area } from '../core/stack/area.ts'
import type { StackEvent } from '../core/stack/event.ts'
import { fold, readied } from '../core/stack/fold.ts'
import type { ReadyEvent, Stratum } from '../core/stack/fold.ts'
import { groundOf, suctionUmOf } from '../core/stack/support.ts'
import type { UsableMedium } from './batchMedium.ts'
import { brushOf, paintedAtOf } from './brush.ts'
import type { Brush } from './brush.ts'
import type { LayerDocument } from './layer.ts'
import type { ShelfItem } from './shelf.ts'
import { findAsUsed } from './studioMaterials.ts'
import type { Feel, PaintingDocument, Settings, TouchTest } from './studio.ts'

/** A painting with everything its verdict and its dates depend on. Layers are in order, bottom first. */
export interface Picture {
  readonly painting: PaintingDocument
  readonly layers: readonly LayerDocument[]
  readonly touchTests: readonly TouchTest[]
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly ShelfItem[]
  /** The studio's own practices, and those it has changed. */
  readonly practices: readonly Practice[]
  readonly settings: Settings
  /** Now, as a day of the core's calendar. */
  readonly today: number
}

/** One area of a picture and the films that lie in it, bottom first. */
export interface AreaStrata {
  readonly area: Area
  readonly strata: readonly Stratum[]
}

/** A picture as the core sees it: what happened, and what that makes of each area. Days are not in it yet. */
export interface Folded {
  /** One a layer, in their order. */
  readonly events: readonly ReadyEvent[]
  /** Why a layer cannot be made; null where it can. */
  readonly problems: readonly (string | null)[]
  readonly areas: readonly AreaStrata[]
  readonly practice: Practice
}

export function folded(picture: Picture, findMaterial: FindMaterial): Folded {
  const { painting, layers } = picture
  const made = layers.map((layer) => eventOf(layer, picture.mediums, findMaterial))
  const events = made.map((one) => ('problem' in one ? unmade(one.event) : readied(one.event, one.find)))
  const suctionUm = suctionUmOf(painting.ground ? groundOf(painting.ground) : undefined)
  return {
    events,
    problems: layers.map(({ name }, at) => {
      const one = made[at]!
      const { problem } = events[at]!
      return 'problem' in one ? one.problem : problem ? `${name}: ${problem.message}` : null
    }),
    areas: areasIn(picture).map((area) => ({ area, strata: fold(events, area.id, suctionUm) })),
    practice: practiceOf(painting.practice, picture.practices),
  }
}

/** The areas of a picture: those it has named, those only its layers name, and what they leave over. */
export const areasIn = ({ painting, layers }: Pick<Picture, 'painting' | 'layers'>): readonly Area[] =>
  areasOf(painting.areas, layers.map(brushOf))

const unmade = (event: StackEvent): ReadyEvent => ({ event, mix: null, problem: null })

type MadeEvent =
  | { readonly event: StackEvent; readonly find: FindMaterial }
  | { readonly event: StackEvent; readonly problem: string }

/** A layer as something that happens to the picture, with what it is looked up by. */
function eventOf(
  layer: LayerDocument,
  mediums: readonly UsableMedium[],
  findMaterial: FindMaterial,
): MadeEvent {
  const brush = brushOf(layer)
  const { name } = layer
  const find = findOn(layer, findMaterial)
  const happening = { name, areas: brush.areas }
  const bare = { ...happening, kind: 'clear', coat: [], wetThicknessUm: brush.wetThicknessUm } as const
  const medium = mediumIn(layer, brush, mediums, find)
  if (medium && 'problem' in medium) return { event: bare, problem: medium.problem }
  const paints = brush.paints.filter(({ parts }) => parts > 0)
  const thinner = brush.thinner && brush.thinner.parts > 0 ? brush.thinner : null
  if (paints.length === 0) {
    const solvent = thinner && find(thinner.material)
    const coat = [
      ...(medium ? scaledIngredients(medium.ingredients, medium.parts / volumeOf(medium.ingredients)) : []),
      ...(solvent ? [ofVolume(solvent, thinner.parts)] : []),
    ]
    return { event: { ...bare, coat }, find }
  }
  const mixture = {
    paints,
    ...(medium && { medium }),
    ...(thinner && { thinner }),
    wetThicknessUm: brush.wetThicknessUm,
  }
  const ridge = brush.ridgeWetUm === null ? {} : { ridgeWetUm: brush.ridgeWetUm }
  return { event: { ...happening, kind: 'paint', mixture, ...ridge }, find }
}

const volumeOf = (ingredients: readonly Ingredient[]): number =>
  ingredients.reduce((sum, { volumeMl }) => sum + volumeMl, 0)

/**
 * Finds what is on a layer. Of a planned one as it stands; of a painted one as it was used: the lots on record, and all
 * else by the book. Only a lot that is neither, as older records have them, is looked up as it stands.
 */
export function findOn({ painted }: LayerDocument, live: FindMaterial): FindMaterial {
  if (!painted) return live
  const then = findAsUsed(findInLibrary, painted.materials)
  return (id) => then(id) ?? live(id)
}

type MediumIn =
  { readonly ingredients: readonly Ingredient[]; readonly parts: number } | { readonly problem: string }

/** The medium on the brush: of a painted layer as it was, of another as its recipe stands. */
function mediumIn(
  { painted, name }: LayerDocument,
  { medium }: Brush,
  mediums: readonly UsableMedium[],
  find: FindMaterial,
): MediumIn | null {
  if (!medium || medium.parts === 0) return null
  const media = (id: string): UsableMedium | undefined => mediums.find((one) => one.id === id)
  if (painted && !painted.used)
    return { problem: `What medium ${name} was painted with is not on record. Correct it.` }
  const live = media(medium.mediumId)
  const named = painted?.used ?? live
  if (!named) return { problem: `The medium of ${name} is gone. Choose another.` }
  const made = analyseMedium(
    named.recipe,
    painted ? find : findAsUsed(find, live?.materials ?? []),
    media,
    painted ? [] : [medium.mediumId],
  )
  return made.ok
    ? { ingredients: made.medium.ingredients, parts: medium.parts }
    : { problem: `${named.name}: ${made.problems[0]!.message}` }
}

/** What each feel says of a layer's states. */
const evidenceOf: Readonly<Record<Feel, Omit<Evidence, 'day'>>> = {
  wet: { state: 'touch', reached: false },
  tacky: { state: 'touch', reached: false },
  touch: { state: 'touch', reached: true },
  firm: { state: 'firm', reached: true },
}

/** What fingers on a layer have told, on days after it was painted; nothing of one that is not. */
export function fingersOn(picture: Picture, layer: LayerDocument): readonly Evidence[] {
  const paintedAt = paintedAtOf(layer)
  if (!paintedAt) return []
  return picture.touchTests
    .filter(({ layerId }) => layerId === layer.id)
    .map(({ at, feel }) => ({ ...evidenceOf[feel], day: Math.max(0, dayOf(at)! - dayOf(paintedAt)!) }))
}

/** The forecast of nothing: it never dries. */
export const noForecast = forecastOf(
  { touch: null, firm: null, set: null, varnishSoft: null, cured: null },
  1,
)
