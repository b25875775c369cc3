import { useState } from 'react'
import { yOfRgb } from '../../../core/values/budget.ts'
import type { Rgb } from '../../../core/values/budget.ts'
import { stepOfScale } from '../../../core/values/lightness.ts'
import type { PaintingDocument } from '../../../document/studio.ts'
import { ChoiceRow } from '../../../ui/fields.tsx'
import { dateText } from '../../../ui/format.ts'
import { TapPhoto } from '../../../ui/photo/TapPhoto.tsx'
import type { Place } from '../../../ui/photo/TapPhoto.tsx'

/** A value of the grey scale, 0 to 10; with its colour where it was read off a photograph. */
export interface PickedLight {
  readonly step: number
  readonly colour: Rgb | null
}

/** A place read off a photograph of the picture, by a tap. */
export function PickFromPhoto({
  photos,
  onPick,
}: {
  readonly photos: PaintingDocument['photos']
  readonly onPick: (light: PickedLight) => void
}) {
  const [hash, setHash] = useState('')
  const [at, setAt] = useState<Place | null>(null)
  if (photos.length === 0) return null
  const read = (place: Place, colour: Rgb): void => {
    setAt(place)
    onPick({ step: stepOfScale(yOfRgb(colour)), colour })
  }
  return (
    <div>
      <ChoiceRow
        label="Or read the place off a photograph"
        value={hash}
        options={[
          { id: '', name: 'none' },
          ...photos.map((photo) => ({ id: photo.hash, name: `the photograph of ${dateText(photo.on)}` })),
        ]}
        onValue={setHash}
      />
      {hash && (
        <>
          <TapPhoto
            hash={hash}
            alt="The picture: tap the place that is to be glazed"
            className="mt-2"
            marks={at ? [at] : []}
            onTap={read}
          />
          <p className="text-[0.85rem] text-soft">
            Tap the place. A photograph is no measurement: light, camera and screen shift it.
          </p>
        </>
      )}
    </div>
  )
}
