import { mostAreas } from '../../core/stack/area.ts'
import { drawnAreas } from '../picture/areaMap.ts'
import { namedAreasOf, newArea } from '../picture/areas.ts'
import type { PatchDocument } from '../patch.ts'
import type { Picture } from '../picture/picture.ts'
import type { PaintingDocument } from '../studio.ts'

/** Where oil goes, and what of the painting has to change for it; null: nothing. */
export interface OiledParts {
  readonly areas: string[]
  readonly change: Pick<PaintingDocument, 'areas' | 'patches'> | null
}

/**
 * The parts of a picture that patches lie in. What lies in none of them gets one of its own, so that its oil lies nowhere
 * else; with no room for another part it is taken to lie everywhere.
 * @param aspect height over width
 * @param freshId makes an id
 */
export function oiledParts(
  picture: Pick<Picture, 'painting' | 'layers'>,
  patches: readonly PatchDocument[],
  aspect: number,
  freshId: () => string,
): OiledParts {
  const known = namedAreasOf(picture)
  const named = [...new Set(patches.flatMap(({ area }) => area ?? []))]
  const apart = patches.filter(({ area }) => area === null)
  if (apart.length === 0) return { areas: named, change: null }
  if (known.length === 0 || known.length + apart.length > mostAreas) return { areas: [], change: null }
  const fresh = apart.map((patch, at) => ({
    ...newArea(`oiled patch ${known.length + at + 1}`, freshId()),
    shapes: patch.shapes,
    share: patch.shapes.length > 0 ? null : patch.share,
  }))
  return {
    areas: [...named, ...fresh.map(({ id }) => id)],
    change: {
      areas: drawnAreas([...known, ...fresh], aspect),
      patches: picture.painting.patches.map((patch) => {
        const at = apart.findIndex(({ id }) => id === patch.id)
        return at < 0 ? patch : { ...patch, area: fresh[at]!.id }
      }),
    },
  }
}
