import { forecastOf } from '../../core/cure/forecast.ts'
import { neverDays } from '../../core/cure/states.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Ingredient } from '../../core/medium/medium.ts'
import { toVolume } from '../../core/film/film.ts'
import { ofVolume, portionsOf } from '../../core/film/paint.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { practiceOf } from '../../core/practice/shipped.ts'
import type { Practice } from '../../core/practice/practice.ts'
import { areasOf } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import type { Removal, StackEvent } from '../../core/stack/event.ts'
import { isRemoval, kindTable } from '../../core/stack/kinds.ts'
import { fold, readied } from '../../core/stack/fold.ts'
import type { ReadyEvent, Stratum } from '../../core/stack/fold.ts'
import { withPaintedInto } from '../../core/stack/paintedInto.ts'
import { groundOf, suctionUnder } from '../../core/stack/support.ts'
import type { UsableMedium } from '../batchMedium.ts'
import { brushOf, materialsOn } from '../brush.ts'
import type { Brush } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import type { ShelfItem } from '../shelf.ts'
import type { PictureLearnt } from './learnt.ts'
import { steadyRoom } from './pictureRoom.ts'
import type { PictureRoom } from './pictureRoom.ts'
import { findAsUsed, findInStudio } from '../studioMaterials.ts'
import type { PaintingDocument, Settings, TouchTest } from '../studio.ts'

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
  /** Where it dries; absent: as the studio is set. */
  readonly room?: PictureRoom
  /** What the studio has learnt of drying; absent: nothing. */
  readonly learnt?: PictureLearnt
}

/** Where a picture dries. */
export const roomOf = ({ room, settings }: Pick<Picture, 'room' | 'settings'>): PictureRoom =>
  room ?? steadyRoom(settings)

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
  const made = layers.map((layer) => madeOf(layer, picture.mediums, findMaterial))
  const days = roughDays(layers)
  const events = withPaintedInto(
    made.map(({ ready }) => ready),
    (at) => days[at]!,
    picture.settings.climate,
  )
  const ground = painting.ground ? groundOf(painting.ground) : undefined
  const suctionUm = suctionUnder(ground, painting.old !== null)
  return {
    events,
    problems: made.map(({ problem }) => problem),
    areas: areasIn(picture).map((area) => ({ area, strata: fold(events, area.id, suctionUm) })),
    practice: practiceOfPainting(painting, picture.practices),
  }
}

/** What a painting is judged by: the practice it follows, or once it is finished that practice as it was then. */
export const practiceOfPainting = (
  { practice, keptPractice }: Pick<PaintingDocument, 'practice' | 'keptPractice'>,
  practices: readonly Practice[],
): Practice => keptPractice ?? practiceOf(practice, practices)

/** An hour between strokes of one sitting, and longer than anything can be worked between what has no day yet; days. */
const [stroke, apart] = [1 / 24, 1000]

/** When each layer went on or will, as far as that is told before anything is dated: who paints into what is seen by it. */
const roughDays = (layers: readonly LayerDocument[]): readonly number[] =>
  layers.reduce<readonly number[]>((days, { painted, plannedOn, wetInWet }) => {
    const before = days.at(-1) ?? 0
    const told = painted ? dayOf(painted.at)! : plannedOn ? dayOf(plannedOn)! : null
    return [...days, told ?? before + (wetInWet ? stroke : apart)]
  }, [])

/** The areas of a picture: those it has named, those only its layers name, and what they leave over. */
export const areasIn = ({ painting, layers }: Pick<Picture, 'painting' | 'layers'>): readonly Area[] =>
  areasOf(painting.areas, layers.map(brushOf))

/** A layer weighed up. */
interface MadeLayer {
  readonly ready: ReadyEvent
  /** Why it cannot be made; null where it can. */
  readonly problem: string | null
}

/** A layer as something that happened or will, weighed up. */
export const readyOf = (
  layer: LayerDocument,
  mediums: readonly UsableMedium[],
  findMaterial: FindMaterial,
): ReadyEvent => makeLayer(layer, mediums, findMaterial).ready

/** What a layer was made of, and with what. */
interface Making {
  readonly mediums: readonly UsableMedium[]
  readonly findMaterial: FindMaterial
  readonly made: MadeLayer
}

/** An edit changes one layer: what the others were made into stands, as long as their mediums and materials do. */
const lastMaking = new WeakMap<LayerDocument, Making>()

function madeOf(
  layer: LayerDocument,
  mediums: readonly UsableMedium[],
  findMaterial: FindMaterial,
): MadeLayer {
  const last = lastMaking.get(layer)
  if (last && last.mediums === mediums && last.findMaterial === findMaterial) return last.made
  const made = makeLayer(layer, mediums, findMaterial)
  lastMaking.set(layer, { mediums, findMaterial, made })
  return made
}

function makeLayer(
  layer: LayerDocument,
  mediums: readonly UsableMedium[],
  findMaterial: FindMaterial,
): MadeLayer {
  const found = eventOf(layer, mediums, findMaterial)
  if ('problem' in found)
    return { ready: { event: found.event, mix: null, problem: null }, problem: found.problem }
  const ready = readied(found.event, found.find)
  return { ready, problem: ready.problem && `${layer.name}: ${ready.problem.message}` }
}

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
  const find = findOn(layer, findMaterial)
  if (isRemoval(brush.event.kind)) return { event: removalOf(layer, brush, find), find }
  const happening = {
    name: layer.name,
    areas: brush.areas,
    purpose: kindTable[brush.event.kind].purpose,
    isPass: layer.pass,
    prepared: layer.prepared,
  }
  const coats = 'coats' in brush.event ? brush.event.coats : 1
  const wetThicknessUm = coats * brush.wetThicknessUm
  const bare = { ...happening, kind: 'clear', coat: [], wetThicknessUm } as const
  const medium = mediumIn(layer, brush, mediums, find)
  if (medium && 'problem' in medium) return { event: bare, problem: medium.problem }
  const paints = brush.paints.filter(({ parts }) => parts > 0)
  const thinner = brush.thinner && brush.thinner.parts > 0 ? brush.thinner : null
  if (paints.length === 0) {
    const solvent = thinner && find(thinner.material)
    const coat = [
      ...(medium ? toVolume(medium.ingredients, medium.parts) : []),
      ...(solvent ? [ofVolume(solvent, thinner.parts)] : []),
      ...portionsOf(brush.besides, find),
    ]
    const wiped = 'wiped' in brush.event ? brush.event.wiped : 0
    const pastEdgeMm = 'pastEdgeMm' in brush.event ? brush.event.pastEdgeMm : 0
    return { event: { ...bare, coat, wiped, pastEdgeMm }, find }
  }
  const mixture = {
    paints,
    ...(medium && { medium }),
    ...(thinner && { thinner }),
    ...(brush.besides.length > 0 && { besides: brush.besides }),
    wetThicknessUm,
  }
  const ridge = brush.ridgeWetUm === null ? {} : { ridgeWetUm: brush.ridgeWetUm }
  const used = mediums.find(({ id }) => id === brush.medium?.mediumId)
  const named = used ? { medium: { id: used.id, mostPasses: used.mostPasses ?? null } } : {}
  return { event: { ...happening, kind: 'paint', mixture, ...ridge, ...named }, find }
}

/** What takes a film off, as the core sees it. */
function removalOf({ name }: LayerDocument, { event, areas }: Brush, find: FindMaterial): Removal {
  const solvent = 'solvent' in event && event.solvent ? find(event.solvent) : undefined
  return {
    kind: 'removal',
    name,
    areas,
    how: kindTable[event.kind].takesOff!,
    takes: 'takes' in event ? event.takes : 1,
    ...('takesUm' in event && { takesUm: event.takesUm }),
    ...(solvent && { solvent }),
  }
}

/**
 * Finds what is on a layer. Of a planned one as it stands; of a painted one as it was used: the lots on record, and all
 * else by the book. Only a lot that is neither, as older records have them, is looked up as it stands.
 */
export function findOn({ painted }: LayerDocument, live: FindMaterial): FindMaterial {
  if (!painted) return live
  const then = findAsUsed(findInLibrary, painted.materials)
  return (id) => then(id) ?? live(id)
}

export type MediumIn =
  { readonly ingredients: readonly Ingredient[]; readonly parts: number } | { readonly problem: string }

/** The medium on the brush: of a painted layer as it was, of another as its recipe stands. */
export function mediumIn(
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

/** Everything on the picture and its brushes: paints, their oils, mediums taken apart, thinners; each once. */
export function materialsUsed(picture: Picture): readonly Material[] {
  const live = findInStudio(picture.shelf)
  const used = picture.layers.flatMap((layer) => {
    const find = findOn(layer, live)
    const brush = brushOf(layer)
    const medium = mediumIn(layer, brush, picture.mediums, find)
    return [
      ...materialsOn(brush).flatMap((id) => find(id) ?? []),
      ...(medium && 'ingredients' in medium ? medium.ingredients.map(({ material }) => material) : []),
    ]
  })
  return [...new Map(used.map((material) => [material.id, material])).values()]
}

/** The forecast of nothing: it never dries. */
export const noForecast = forecastOf(neverDays, 1)
