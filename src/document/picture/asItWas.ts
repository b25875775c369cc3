import { dayOf } from '../../core/plan/calendar.ts'
import { paintedAtOf } from '../brush.ts'
import type { Picture } from './picture.ts'

/** A picture as it was at the end of a day: what was painted by then, what was touched, and how it looked. */
export function asItWas(picture: Picture, day: number): Picture {
  const end = Math.floor(day) + 1
  const isBefore = (at: string | null): boolean => at !== null && dayOf(at)! < end
  const layers = picture.layers.filter((layer) => isBefore(paintedAtOf(layer)))
  return {
    ...picture,
    today: Math.min(picture.today, end - 1e-3),
    layers,
    touchTests: picture.touchTests.filter(
      ({ at, layerId }) => isBefore(at) && layers.some(({ id }) => id === layerId),
    ),
    painting: {
      ...picture.painting,
      patches: picture.painting.patches.filter(({ on }) => isBefore(on)),
      photos: picture.painting.photos.filter(({ on }) => isBefore(on)),
    },
  }
}

/** The days anything happened to it, first to last: painted on, photographed, marked, or touched. */
export function daysOfLife({ layers, painting, touchTests }: Picture): readonly number[] {
  const days = [
    ...layers.flatMap((layer) => paintedAtOf(layer) ?? []),
    ...painting.photos.map(({ on }) => on),
    ...painting.patches.map(({ on }) => on),
    ...touchTests.map(({ at }) => at),
  ].map((at) => Math.floor(dayOf(at)!))
  return [...new Set(days)].sort((a, b) => a - b)
}
