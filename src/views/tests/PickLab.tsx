import { useState } from 'react'
import type { Rgb } from '../../core/values/budget.ts'
import { labOf, setRightByGrey } from '../../core/values/lab.ts'
import { upload } from '../../ui/client.ts'
import { say } from '../../ui/messages.ts'
import { TakePhoto } from '../../ui/photo/TakePhoto.tsx'
import { TapPhoto } from '../../ui/photo/TapPhoto.tsx'
import type { Place } from '../../ui/photo/TapPhoto.tsx'

const round = (value: number): number => Math.round(10 * value) / 10

/** A colour off a photograph: first the grey card in it is tapped, then the paint. */
export function PickLab({
  swatchId,
  onLab,
}: {
  readonly swatchId: string
  readonly onLab: (lab: { readonly L: number; readonly a: number; readonly b: number }) => void
}) {
  const [hash, setHash] = useState<string | null>(null)
  const [grey, setGrey] = useState<{ readonly at: Place; readonly light: Rgb } | null>(null)
  const [paint, setPaint] = useState<Place | null>(null)
  const take = (file: File): void =>
    void upload<{ photo: string }>(`/api/swatches/${swatchId}/photo`, file).then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      setHash(reply.value.photo)
      setGrey(null)
      setPaint(null)
    })
  const tap = (at: Place, light: Rgb): void => {
    if (!grey || paint) {
      setGrey({ at, light })
      setPaint(null)
      return
    }
    setPaint(at)
    const { L, a, b } = labOf(setRightByGrey(light, grey.light))
    onLab({ L: round(L), a: round(a), b: round(b) })
  }
  return (
    <div className="mt-2">
      <TakePhoto onFile={take}>{hash ? 'another photograph' : 'take the photograph'}</TakePhoto>
      {hash && (
        <>
          <TapPhoto
            hash={hash}
            alt="The swatch beside a grey card: tap the card, then the paint"
            className="max-w-md"
            marks={[...(grey ? [grey.at] : []), ...(paint ? [paint] : [])]}
            onTap={tap}
          />
          <p role="status" className="text-[0.85rem] text-soft">
            {!grey
              ? 'Tap the grey card.'
              : paint
                ? 'Read. Tap the grey card to begin again.'
                : 'Now tap the paint.'}
          </p>
        </>
      )}
    </div>
  )
}
