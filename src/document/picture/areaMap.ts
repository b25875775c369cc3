import { drawnShares } from '../../core/stack/map.ts'
import type { AreaDocument } from '../studio.ts'

/** Colours of parts on a map, told apart in daylight and by those who see fewer. */
const colours = ['#8fa7b8', '#c2a06a', '#7d8f63', '#b07a6a', '#6d6a8f', '#c9b8a0', '#4f7d7a', '#a05c7b']

/** The colour of a part on the map: its own, else the next that is free. */
export const areaColour = (
  { id, colour }: Pick<AreaDocument, 'id' | 'colour'>,
  areas: readonly Pick<AreaDocument, 'id' | 'colour'>[],
): string => {
  if (colour) return colour
  const at = areas.findIndex((area) => area.id === id)
  return colours[(at < 0 ? areas.length : at) % colours.length]!
}

/** A share below this is nothing, and no share of a picture. */
const least = 1e-4

/** Areas with their shares as they are drawn; of those that are not drawn the share stays as it was typed, if it fits. */
export function drawnAreas(areas: readonly AreaDocument[], aspect: number): AreaDocument[] {
  const drawn = drawnShares(areas, aspect)
  const measured = [...drawn.values()].reduce((sum, share) => sum + share, 0)
  let left = 1 - measured
  return areas.map((area) => {
    const share = drawn.get(area.id)
    if (share !== undefined) return { ...area, share: share < least ? null : share }
    if (area.share === null) return area
    const fits = Math.min(area.share, Math.max(0, left))
    left -= fits
    return { ...area, share: fits < least ? null : fits }
  })
}
