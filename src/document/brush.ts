import type { LayerDocument } from './layer.ts'
import { materialsOfTube } from './paints.ts'

/* Read off a layer without its schema: pages look at layers, and only the studio checks them. */

/** What is on the brush, planned or as it was. */
export type Brush = Pick<
  LayerDocument,
  'event' | 'areas' | 'paints' | 'medium' | 'thinner' | 'besides' | 'wetThicknessUm' | 'ridgeWetUm'
>

/** The plan of a layer, and nothing else of it. */
export const planOf = ({
  event,
  areas,
  paints,
  medium,
  thinner,
  besides,
  wetThicknessUm,
  ridgeWetUm,
}: Brush): Brush => ({
  event,
  areas,
  paints,
  medium,
  thinner,
  besides,
  wetThicknessUm,
  ridgeWetUm,
})

/** The materials on the brush, but for those of its medium. */
export const materialsOn = ({ paints, thinner, besides, event }: Brush): readonly string[] => [
  ...paints.flatMap(materialsOfTube),
  ...(thinner ? [thinner.material] : []),
  ...besides.map(({ material }) => material),
  ...('solvent' in event && event.solvent ? [event.solvent] : []),
]

/** What lies on the picture of a painted layer, or will lie on it of another. */
export const brushOf = (layer: LayerDocument): Brush => layer.painted ?? layer

export const paintedAtOf = ({ painted }: Pick<LayerDocument, 'painted'>): string | null => painted?.at ?? null

/** Days on which heaps were mixed for a layer and it was not painted after: a palette and its rags all the same. */
export function mixedOnlyOn({
  mixed,
  painted,
}: Pick<LayerDocument, 'mixed'> & { readonly painted: { readonly at: string } | null }): readonly string[] {
  const dayIn = (minute: string): string => minute.slice(0, 10)
  const wentOn = (at: string): boolean =>
    painted !== null && dayIn(at) === dayIn(painted.at) && at <= painted.at
  return [...new Set(mixed.flatMap(({ at }) => (wentOn(at) ? [] : [dayIn(at)])))]
}
