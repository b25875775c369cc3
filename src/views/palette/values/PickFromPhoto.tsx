import { useRef, useState } from 'react'
import { meanOfPixels, yOfRgb } from '../../../core/values/budget.ts'
import type { Rgb } from '../../../core/values/budget.ts'
import { stepOfScale } from '../../../core/values/lightness.ts'
import type { PaintingDocument } from '../../../document/studio.ts'
import { ChoiceRow } from '../../../ui/fields.tsx'
import { dateText } from '../../../ui/format.ts'

/** A value of the grey scale, 0 to 10; with its colour where it was read off a photograph. */
export interface PickedLight {
  readonly step: number
  readonly colour: Rgb | null
}

/** So wide a patch is read at once, px of the photograph: paint has a grain. */
const patchPx = 9

/** A place read off a photograph of the picture, by a tap. */
export function PickFromPhoto({
  photos,
  onPick,
}: {
  readonly photos: PaintingDocument['photos']
  readonly onPick: (light: PickedLight) => void
}) {
  const [hash, setHash] = useState('')
  const [at, setAt] = useState<readonly [number, number] | null>(null)
  const image = useRef<HTMLImageElement>(null)
  if (photos.length === 0) return null
  const read = (x: number, y: number): void => {
    const shown = image.current!
    const canvas = document.createElement('canvas')
    const [width, height] = [shown.naturalWidth, shown.naturalHeight]
    Object.assign(canvas, { width, height })
    const context = canvas.getContext('2d')!
    context.drawImage(shown, 0, 0)
    const { data } = context.getImageData(
      Math.max(0, Math.round(x * width) - 4),
      Math.max(0, Math.round(y * height) - 4),
      patchPx,
      patchPx,
    )
    const colour = meanOfPixels(data)
    setAt([x, y])
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
        <div className="relative mt-2">
          <img
            ref={image}
            src={`/api/photos/${hash}`}
            alt="The picture: tap the place that is to be glazed"
            className="w-full cursor-crosshair"
            onClick={({ nativeEvent: { offsetX, offsetY }, currentTarget }) =>
              read(offsetX / currentTarget.clientWidth, offsetY / currentTarget.clientHeight)
            }
          />
          {at && (
            <span
              className="pointer-events-none absolute size-4 -translate-1/2 rounded-full border-2 border-paper outline outline-ink"
              style={{ left: `${100 * at[0]}%`, top: `${100 * at[1]}%` }}
            />
          )}
          <p className="text-[0.85rem] text-soft">
            Tap the place. A photograph is no measurement: light, camera and screen shift it.
          </p>
        </div>
      )}
    </div>
  )
}
