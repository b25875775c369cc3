import { marginCm2 } from '../../core/stack/area.ts'
import { pastEdgeMm } from '../../core/stack/event.ts'
import type { LayerDocument } from '../layer.ts'
import type { PaintingDocument } from '../studio.ts'

/** What of a painting says how large a part of it is. */
export type SizedPainting = Pick<PaintingDocument, 'widthCm' | 'heightCm' | 'areas' | 'patches'>

/**
 * The surface a layer covers, cm²: of a scumble only what it covers of it, of a part whose share is not told the whole, of
 * oiling out the patches it is for, and what it goes past its edges. 0: the picture has no size yet.
 */
export function areaCm2Of(
  painting: SizedPainting,
  { areas, event }: Pick<LayerDocument, 'areas' | 'event'>,
): number {
  const { widthCm, heightCm, areas: known, patches } = painting
  const covered = 'covered' in event ? event.covered : 1
  const whole = (widthCm ?? 0) * (heightCm ?? 0) * covered
  const worked = 'patches' in event ? patches.filter(({ id }) => event.patches?.includes(id)) : []
  if (worked.length > 0) return patchesCm2(painting, worked)
  if (areas.length === 0) return whole
  const shares = areas.map((area) => known.find(({ id }) => id === area)?.share ?? null)
  if (shares.includes(null)) return whole
  const within = whole * shares.reduce<number>((sum, share) => sum + share!, 0)
  const pastEdge = 'pastEdgeMm' in event ? marginCm2(within, event.pastEdgeMm) : 0
  return Math.min(whole, within + pastEdge)
}

/** Dull patches with the rim that is oiled out with them, cm². */
export function patchesCm2(
  { widthCm, heightCm }: Pick<PaintingDocument, 'widthCm' | 'heightCm'>,
  patches: readonly Pick<PaintingDocument['patches'][number], 'share'>[],
): number {
  const whole = (widthCm ?? 0) * (heightCm ?? 0)
  const sum = patches.reduce((cm2, { share }) => {
    const patch = share * whole
    return cm2 + patch + (patch > 0 ? marginCm2(patch, pastEdgeMm.enough) : 0)
  }, 0)
  return Math.min(whole, sum)
}
