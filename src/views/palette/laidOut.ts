import { meanDropMl } from '../../core/medium/medium.ts'
import type { Ingredient } from '../../core/medium/medium.ts'
import { nearestThinners } from '../../core/dosing/nearest.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { library } from '../../core/materials/library.ts'
import { worstAnswer } from '../../core/materials/policy.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { consistencyOf } from '../../core/palette/consistency.ts'
import type { Consistency } from '../../core/palette/consistency.ts'
import { dosed, dosedWith, fatnessTogether } from '../../core/palette/heap.ts'
import type { Conditioning, DosedHeap, NoDose } from '../../core/palette/heap.ts'
import { measured, measuredThinner } from '../../core/palette/measured.ts'
import type { MeasuredDose } from '../../core/palette/measured.ts'
import { clockOf, openTimeOf } from '../../core/palette/openTime.ts'
import type { HeapClock, Kept, OpenTime } from '../../core/palette/openTime.ts'
import { practiceOfPainting } from '../../document/picture/picture.ts'
import type { Practice } from '../../core/practice/practice.ts'
import { brushOf } from '../../document/brush.ts'
import { portionsOf } from '../../core/film/paint.ts'
import { besidesOf } from '../../document/palette/besides.ts'
import type { Besides } from '../../document/palette/besides.ts'
import { heapName, heapOf, paletteOf } from '../../document/palette/heaps.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { paintToday } from '../../document/ownTube.ts'
import type { HeapDocument, PaletteDocument } from '../../document/palette.ts'
import { mediumIn } from '../../document/picture/picture.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { findInStudio } from '../../document/studioMaterials.ts'

/** A heap with all that is told of it. */
export interface LaidHeap {
  readonly heap: HeapDocument
  readonly name: string
  readonly ml: number
  /** As it would be with doses to the last digit. */
  readonly exact: DosedHeap
  readonly note: NoDose | null
  /** What tools can measure, or what was poured. */
  readonly medium: MeasuredDose
  readonly thinnerMl: number
  /** As it is meant: with that and what was added to it alone, before brushes brought anything else. */
  readonly meant: DosedHeap
  /** What was added to it alone, and what brushes brought in, ml. */
  readonly besides: Besides
  /** As it comes out with all of it. */
  readonly real: DosedHeap
  readonly consistency: Consistency
  readonly open: OpenTime
  /** Minutes of the calendar; null while it is not mixed, or never sets. */
  readonly clock: HeapClock | null
}

/** A heap that cannot be reckoned, and why. */
export interface SpoiltHeap {
  readonly heap: HeapDocument
  readonly name: string
  readonly problem: string
}

/** The palette of a layer with everything reckoned. */
export interface LaidPalette {
  readonly palette: PaletteDocument
  readonly heaps: readonly (LaidHeap | SpoiltHeap)[]
  readonly conditioning: Conditioning
  /** The medium by name; null: none. */
  readonly mediumName: string | null
  readonly problem: string | null
  readonly thinner: Material | null
  /** One drop of the medium, ml, where it can be dropped, and whether it was counted. */
  readonly drop: { readonly ml: number; readonly isCounted: boolean } | null
  readonly practice: Practice
  readonly findMaterial: FindMaterial
}

export const isLaid = (heap: LaidHeap | SpoiltHeap): heap is LaidHeap => 'exact' in heap

/** Without a thinner of the layer's own this is what one would take. */
const usualThinner = findInLibrary('gum_turpentine')!

/** The usual thinner, or the nearest the room lets in; null: none. */
const thinnerFor = (policies: readonly PolicyId[]): Material | null =>
  nearestThinners(library, usualThinner).find((one) => worstAnswer([one], policies) === null) ?? null

export function laidOut(picture: LoadedPicture, layer: LayerDocument): LaidPalette {
  const findMaterial = findInStudio(picture.shelf)
  const practice = practiceOfPainting(picture.painting, picture.practices)
  const palette = paletteOf(layer, picture.painting)
  const medium = mediumOf(layer, picture, findMaterial)
  const thinnerShare = palette.thinnerShare
  const thinner = layer.thinner
    ? (findMaterial(layer.thinner.material) ?? null)
    : thinnerFor(picture.settings.policies)
  const conditioning: Conditioning = {
    medium: medium.ingredients,
    by: palette.by,
    alkydWeight: practice.alkydWeight,
    thinnerShare,
    ...(thinner && { thinner }),
  }
  const drop = dropOfMedium(medium)
  const setting = { conditioning, practice, picture, findMaterial, dropMl: drop?.ml }
  return {
    palette,
    heaps: palette.heaps.map((heap) => laidHeap(heap, setting)),
    conditioning,
    mediumName: medium.name,
    problem: medium.problem,
    thinner,
    drop,
    practice,
    findMaterial,
  }
}

interface FoundMedium {
  readonly name: string | null
  readonly ingredients: readonly Ingredient[]
  /** A drop of it as the painter counted, ml. */
  readonly countedDropMl?: number | undefined
  readonly problem: string | null
}

function mediumOf(layer: LayerDocument, { mediums }: LoadedPicture, findMaterial: FindMaterial): FoundMedium {
  const brush = brushOf(layer)
  if (!brush.medium) return { name: null, ingredients: [], problem: null }
  const { mediumId } = brush.medium
  const found = mediumIn(layer, { ...brush, medium: { mediumId, parts: 1 } }, mediums, findMaterial)
  const live = mediums.find(({ id }) => id === mediumId)
  const name = layer.painted?.used?.name ?? live?.name ?? 'its medium'
  return found && 'ingredients' in found
    ? { name, ingredients: found.ingredients, countedDropMl: live?.dropMl, problem: null }
    : { name, ingredients: [], problem: found?.problem ?? null }
}

function dropOfMedium({ ingredients, countedDropMl }: FoundMedium): LaidPalette['drop'] {
  if (countedDropMl !== undefined) return { ml: countedDropMl, isCounted: true }
  const ml = meanDropMl(ingredients)
  if (ml === undefined) return null
  const liquids = ingredients.filter(({ material }) => material.dropMl)
  return { ml, isCounted: liquids.every(({ material }) => material.dropSpread !== undefined) }
}

interface Setting extends Pick<LaidPalette, 'conditioning' | 'practice' | 'findMaterial'> {
  readonly picture: LoadedPicture
  readonly dropMl: number | undefined
}

function laidHeap(stored: HeapDocument, setting: Setting): LaidHeap | SpoiltHeap {
  const { conditioning, practice, picture, findMaterial } = setting
  // What is mixed stays what it was; what is not goes by the tubes of today.
  const paints = stored.mixed
    ? stored.paints
    : stored.paints.map((paint) => paintToday(paint, picture.tubes, findMaterial))
  const heap = { ...stored, paints }
  const name = heapName(heap, findMaterial)
  const core = heapOf(heap, picture.tubes)
  if (!core)
    return { heap, name, problem: 'Its tube’s squeeze is not weighed yet: tell this heap in ml or g.' }
  const exact = dosed(core, conditioning, findMaterial)
  if (!exact.ok) return { heap, name, problem: exact.message }
  const medium = heap.mixed
    ? { drops: heap.mixed.drops, ml: heap.mixed.mediumMl }
    : measured(exact.heap.mediumMl, setting.dropMl)
  const thinnerMl = heap.mixed?.thinnerMl ?? measuredThinner(exact.heap.thinnerMl)
  const poured = { mediumMl: medium.ml, thinnerMl }
  const added = portionsOf(heap.added, findMaterial)
  const meant = dosedWith(core, conditioning, { ...poured, besides: added }, findMaterial)
  if (!meant.ok) return { heap, name, problem: meant.message }
  const besides = heap.mixed?.besides ?? besidesOf(heap, picture.settings.dipMl, findMaterial)
  const portions = portionsOf(besides, findMaterial)
  const real = dosedWith(core, conditioning, { ...poured, besides: portions }, findMaterial)
  if (!real.ok) return { heap, name, problem: real.message }
  const { film } = real.heap.mix
  const open = openTimeOf(film, picture.settings.climate)
  return {
    heap,
    name,
    ml: exact.heap.ml,
    exact: exact.heap,
    note: exact.heap.note,
    medium,
    thinnerMl,
    meant: meant.heap,
    besides,
    real: real.heap,
    consistency: consistencyOf(
      { volatile: film.mix.volatile, leanness: real.heap.leanness },
      practice.limits,
    ),
    open,
    clock: clockIn(heap, open, picture),
  }
}

function clockIn(
  { kept }: HeapDocument,
  { minutes }: OpenTime,
  { settings }: LoadedPicture,
): HeapClock | null {
  const [first, ...rest] = kept.map(({ where, at }): Kept => ({ where, minute: minuteOfText(at) }))
  return first ? clockOf(minutes, [first, ...rest], settings.climate) : null
}

/** A stored minute, as minutes of this machine's clock. */
export const minuteOfText = (at: string): number => Date.parse(at) / 60_000

/** How fat the layer is as it is planned, all its heaps together; what "equally fat" begins with. */
export function plannedFatness({ heaps, conditioning }: LaidPalette): number {
  const meant = heaps.filter(isLaid).map((laid) => laid.meant)
  const fatness = fatnessTogether(meant, conditioning.alkydWeight)
  return fatness === null ? usualFatness : Number(fatness.toPrecision(2))
}

const usualFatness = 1.5
