import { useRef, useState } from 'react'
import { meanOfPixels } from '../../core/values/budget.ts'
import type { Rgb } from '../../core/values/budget.ts'
import { labOf, setRightByGrey } from '../../core/values/lab.ts'
import { upload } from '../../ui/client.ts'
import { say } from '../../ui/messages.ts'
import { TakePhoto } from '../../ui/photo/TakePhoto.tsx'

/** So wide a patch is read at once, px of the photograph. */
const patchPx = 9

type Point = readonly [x: number, y: number]
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
  const [grey, setGrey] = useState<{ readonly at: Point; readonly light: Rgb } | null>(null)
  const [paint, setPaint] = useState<Point | null>(null)
  const image = useRef<HTMLImageElement>(null)
  const take = (file: File): void =>
    void upload<{ photo: string }>(`/api/swatches/${swatchId}/photo`, file).then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      setHash(reply.value.photo)
      setGrey(null)
      setPaint(null)
    })
  const lightAt = ([x, y]: Point): Rgb => {
    const shown = image.current!
    const canvas = document.createElement('canvas')
    const [width, height] = [shown.naturalWidth, shown.naturalHeight]
    Object.assign(canvas, { width, height })
    const context = canvas.getContext('2d')!
    context.drawImage(shown, 0, 0)
    const [left, top] = [x * width, y * height].map((edge) => Math.max(0, Math.round(edge) - 4)) as [
      number,
      number,
    ]
    return meanOfPixels(context.getImageData(left, top, patchPx, patchPx).data)
  }
  const tap = (at: Point): void => {
    const light = lightAt(at)
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
        <div className="relative max-w-md">
          <img
            ref={image}
            src={`/api/photos/${hash}`}
            alt="The swatch beside a grey card: tap the card, then the paint"
            className="w-full cursor-crosshair"
            onClick={({ nativeEvent: { offsetX, offsetY }, currentTarget }) =>
              tap([offsetX / currentTarget.clientWidth, offsetY / currentTarget.clientHeight])
            }
          />
          {[grey?.at, paint].map(
            (at, which) =>
              at && (
                <span
                  key={which}
                  className="pointer-events-none absolute size-4 -translate-1/2 rounded-full border-2 border-paper outline outline-ink"
                  style={{ left: `${100 * at[0]}%`, top: `${100 * at[1]}%` }}
                />
              ),
          )}
          <p role="status" className="text-[0.85rem] text-soft">
            {!grey
              ? 'Tap the grey card.'
              : paint
                ? 'Read. Tap the grey card to begin again.'
                : 'Now tap the paint.'}
          </p>
        </div>
      )}
    </div>
  )
}
