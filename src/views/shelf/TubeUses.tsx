import { useEffect, useState } from 'react'
import type { OwnTube } from '../../document/tube.ts'
import type { TubeNeed } from '../../studio/tubeNeeds.ts'
import { read } from '../../ui/client.ts'
import { about } from '../../ui/format.ts'

/** What planned layers want of a tube, against what is left of it. */
export function TubeUses({ tube: { id, leftMl } }: { readonly tube: OwnTube }) {
  const [need, setNeed] = useState<TubeNeed | null>(null)
  useEffect(() => {
    let wanted = true
    void read('GET /api/tubes/{id}/need', { params: { id } }).then(
      (reply) => wanted && reply.ok && setNeed(reply.value),
    )
    return () => {
      wanted = false
    }
  }, [id])
  if (!need || need.layers.length === 0) return null
  const short = leftMl !== null && need.ml > leftMl
  return (
    <p className="mt-1">
      Planned layers want {about(need.ml)} ml of it:{' '}
      {need.layers.map(({ layer, painting, paintingId }, at) => (
        <span key={`${paintingId} ${layer}`}>
          {at > 0 && ', '}
          <a className="link" href={`/paintings/${paintingId}`}>
            {layer} of {painting}
          </a>
        </span>
      ))}
      .{' '}
      {leftMl !== null && (
        <span className={short ? 'text-watch' : 'text-soft'}>
          {short ? `There is too little: ${about(leftMl)} ml.` : `There is enough.`}
        </span>
      )}
    </p>
  )
}
