import type { FindMaterial } from '../core/materials/find.ts'
import { mixOf } from '../core/film/film.ts'
import type { Tube } from '../core/film/paint.ts'
import { oilByStreaks, rateTimesByTests } from '../core/palette/calibrate.ts'
import { speedRates } from '../core/palette/speeds.ts'
import type { LayerDocument } from './layer.ts'
import type { Paint } from './paints.ts'
import type { OwnTube } from './tube.ts'

/* Read off a tube without its schema: pages look at tubes, and only the studio checks them. */

/** What a tube is made of and how it behaves: its own streaks and tests before the maker's word, that before the book. */
export function compositionOf(tube: OwnTube, findMaterial: FindMaterial): Tube {
  const { pigments, oil, transparency, sinkingTendency, lightfastness, hazards } = tube
  const percent = oilPercentOf(tube)
  const plain: Tube = {
    pigments,
    oil,
    ...(percent !== null && { oilMassPercent: percent }),
    ...(transparency && { transparency }),
    ...(sinkingTendency && { sinkingTendency }),
    ...(lightfastness && { lightfastness }),
    ...(hazards.length > 0 && { hazards }),
  }
  const times = rateTimesOf(tube, plain, findMaterial)
  return times === null ? plain : { ...plain, rateTimes: times }
}

/** Oil by mass in percent as its streaks tell it, else as the maker gives it; null: by the book. */
export function oilPercentOf({ streaks, oilPercent }: OwnTube): number | null {
  const told = oilByStreaks(streaks)
  return told && 'percent' in told ? told.percent : oilPercent
}

function rateTimesOf(tube: OwnTube, plain: Tube, findMaterial: FindMaterial): number | null {
  if (tube.dryingTests.length === 0 && tube.speed === null) return null
  const neat = mixOf({ paints: [{ ...plain, parts: 1 }], wetThicknessUm: anyThicknessUm }, findMaterial)
  if (!neat.ok || neat.mix.film.rate === 0) return null
  const book = neat.mix.film.rate
  return rateTimesByTests(book, tube.dryingTests) ?? (tube.speed && speedRates[tube.speed] / book)
}

/** How fast a paint dries does not rest on how thick it lies. */
const anyThicknessUm = 60

/** So many parts of a tube as a layer holds it. */
export const paintFrom = (tube: OwnTube, parts: number, findMaterial: FindMaterial): Paint => {
  const { pigments, hazards, lightfastness: _graded, ...rest } = compositionOf(tube, findMaterial)
  return {
    ...rest,
    pigments: [...pigments],
    ...(hazards && { hazards: [...tube.hazards] }),
    ...(tube.lightfastness && { lightfastness: tube.lightfastness }),
    parts,
    tube: tube.id,
    name: tube.name,
  }
}

interface Freshened {
  readonly tubes: readonly OwnTube[]
  readonly findMaterial: FindMaterial
  readonly layer: LayerDocument
}
const lastFreshened = new WeakMap<LayerDocument, Freshened>()

/**
 * Layers still to be painted with their tubes as they are today. What is painted stays as it was, and so does the paint of a
 * tube that is gone.
 */
export const withTubesOfToday = <Layer extends LayerDocument>(
  layers: readonly Layer[],
  tubes: readonly OwnTube[],
  findMaterial: FindMaterial,
): readonly Layer[] =>
  tubes.length === 0 ? layers : layers.map((layer) => freshened(layer, tubes, findMaterial))

function freshened<Layer extends LayerDocument>(
  layer: Layer,
  tubes: readonly OwnTube[],
  findMaterial: FindMaterial,
): Layer {
  if (layer.painted || !layer.paints.some(({ tube }) => tube)) return layer
  const last = lastFreshened.get(layer)
  if (last && last.tubes === tubes && last.findMaterial === findMaterial) return last.layer as Layer
  const fresh = { ...layer, paints: layer.paints.map((paint) => paintToday(paint, tubes, findMaterial)) }
  lastFreshened.set(layer, { tubes, findMaterial, layer: fresh })
  return fresh
}

/** A paint with its tube as it is today. */
export function paintToday(paint: Paint, tubes: readonly OwnTube[], findMaterial: FindMaterial): Paint {
  const tube = tubes.find(({ id }) => id === paint.tube)
  return tube ? paintFrom(tube, paint.parts, findMaterial) : paint
}
