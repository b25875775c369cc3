import type { MixShares } from '../../core/film/film.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { needsOf } from '../../document/judging/summary.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { about } from '../../ui/format.ts'

export interface NeedsProps {
  readonly layer: LayerDocument
  readonly mix: MixShares | null
  readonly picture: Pick<LoadedPicture, 'painting' | 'tubes'>
}

/** What a planned layer wants of each of the painter's tubes for its area, against what is left of them. */
export function TubeNeeds({ layer, mix, picture: { painting, tubes } }: NeedsProps) {
  const { tubes: needs } = needsOf(layer, painting, mix)
  if (needs.length === 0) return null
  return (
    <p className="text-[0.9rem] sm:col-span-2">
      <span className="text-soft">Wants of your tubes: </span>
      {needs.map(({ tubeId, ml }, at) => {
        const tube = tubes.find(({ id }) => id === tubeId)
        const left = tube?.leftMl ?? null
        const short = left !== null && ml > left
        return (
          <span key={`${tubeId} ${at}`}>
            {at > 0 && ', '}
            {about(ml)} ml of {tube?.name ?? 'a tube that is gone'}
            {left !== null && (
              <span className={short ? 'text-watch' : 'text-soft'}>
                {short ? ` (only ${about(left)} ml left)` : ` (of ${about(left)})`}
              </span>
            )}
          </span>
        )
      })}
      .
    </p>
  )
}
