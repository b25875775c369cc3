import { useMemo } from 'react'
import type { FindMaterial } from '../../../core/materials/find.ts'
import { dayCount, listed } from '../../../core/words.ts'
import type { LayerDocument } from '../../../document/layer.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import type { LayerWrite } from '../../../studio/layers.ts'
import type { LoadedPicture } from '../../../studio/pictures.ts'
import { differencesOf, raisesIn } from '../../../document/judging/plannedActual.ts'
import { useRested } from '../useRested.ts'
import type { Difference, Raise } from '../../../document/judging/plannedActual.ts'
import { dayText, percentText, umText } from '../../../ui/format.ts'

export interface AgainstProps {
  readonly layer: LayerDocument
  readonly picture: LoadedPicture
  readonly area: string
  readonly findMaterial: FindMaterial
  readonly onRaise: (layers: readonly LayerWrite[]) => void
}

/** A painted layer against its plan, and what that does to the layers above it; told on those as well. */
export default function Against({
  layer: { id },
  picture: shown,
  area,
  findMaterial,
  onRaise,
}: AgainstProps) {
  const picture = useRested(shown)
  const { differences, raises } = useMemo(
    () => against(picture, id, area, findMaterial),
    [picture, id, area, findMaterial],
  )
  if (differences.length === 0 && raises.length === 0) return null
  return (
    <section aria-label="Planned and done" className="mt-3 border-t border-rule pt-2 sm:col-span-2">
      <h3 className="font-plain text-[0.85rem] text-soft">Planned, and done</h3>
      {differences.map((difference) => (
        <p key={difference.what}>{toldOf(difference)}</p>
      ))}
      {raises.length > 0 && (
        <p className="mt-1">
          What lies under came out fatter than planned, so{' '}
          {listed(
            raises.map(
              ({ name, from, to }) => `${name} is raised from ${percentText(from)} to ${percentText(to)} oil`,
            ),
          )}
          .{' '}
          <button
            type="button"
            className="min-h-9 font-medium link"
            onClick={() => onRaise(raised(raises, shown))}
          >
            {raises.length === 1 ? 'Raise it' : 'Raise them'}
          </button>
        </p>
      )}
    </section>
  )
}

/** What of a layer came out otherwise than planned, and what is to be raised for it, or it with others. */
function against(
  picture: Picture,
  id: string,
  area: string,
  findMaterial: FindMaterial,
): { readonly differences: readonly Difference[]; readonly raises: readonly Raise[] } {
  const layer = picture.layers.find((one) => one.id === id)
  if (!layer) return { differences: [], raises: [] }
  const differences = differencesOf(layer, picture, findMaterial)
  const isFatter = differences.some(({ what, planned, actual }) => what === 'oil' && actual > planned)
  if (layer.painted && !isFatter) return { differences, raises: [] }
  const raises = raisesIn(picture, area, findMaterial)
  const isConcerned = layer.painted !== null || raises.some(({ layerId }) => layerId === id)
  return { differences, raises: isConcerned ? raises : [] }
}

function toldOf({ what, planned, actual }: Difference): string {
  switch (what) {
    case 'thickness':
      return `Laid on ${umText(actual)} wet; ${umText(planned)} were planned.`
    case 'oil':
      return `It came out ${actual > planned ? 'fatter' : 'leaner'}: ${percentText(actual)} oil in the dried film, and ${percentText(planned)} were planned.`
    case 'days':
      return `Planned for ${dayText(planned)}, done ${dayCount(Math.abs(actual - planned))} ${actual > planned ? 'later' : 'sooner'}: what follows has moved with it.`
  }
}

/** Every layer that lies over one that came out fatter, raised; each as it is shown. */
const raised = (raises: readonly Raise[], { layers }: LoadedPicture): readonly LayerWrite[] =>
  raises.flatMap(({ layerId, change }) => {
    const found = layers.find(({ id }) => id === layerId)
    return found ? [{ layer: { ...found, ...change }, seen: found.revision }] : []
  })
