import { marginCm2 } from '../core/stack/area.ts'
import type { LayerDocument } from './layer.ts'
import type { PaintingDocument } from './studio.ts'

/**
 * The surface a layer covers, cm²: of a scumble only what it covers of it, of a part whose share is not told the whole, and
 * what it goes past its edges. 0: the picture has no size yet.
 */
export function areaCm2Of(
  { widthCm, heightCm, areas: known }: Pick<PaintingDocument, 'widthCm' | 'heightCm' | 'areas'>,
  { areas, event }: Pick<LayerDocument, 'areas' | 'event'>,
): number {
  const covered = 'covered' in event ? event.covered : 1
  const whole = (widthCm ?? 0) * (heightCm ?? 0) * covered
  if (areas.length === 0) return whole
  const shares = areas.map((area) => known.find(({ id }) => id === area)?.share ?? null)
  if (shares.includes(null)) return whole
  const within = whole * shares.reduce<number>((sum, share) => sum + share!, 0)
  const pastEdge = 'pastEdgeMm' in event ? marginCm2(within, event.pastEdgeMm) : 0
  return Math.min(whole, within + pastEdge)
}
