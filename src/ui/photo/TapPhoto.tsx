import { meanOfPixels } from '../../core/values/budget.ts'
import type { Rgb } from '../../core/values/budget.ts'

/** A place on a photograph, from its left and its top, 0..1 each. */
export type Place = readonly [x: number, y: number]

/** So wide a patch is read at once, px of the photograph: paint has a grain. */
const patchPx = 9

interface TapPhotoProps {
  readonly hash: string
  readonly alt: string
  readonly className?: string
  /** Places to mark. */
  readonly marks: readonly Place[]
  /** The colour of the patch that was tapped. */
  readonly onTap: (place: Place, colour: Rgb) => void
}

/** A photograph whose colours are read off by tapping. */
export function TapPhoto({ hash, alt, className = '', marks, onTap }: TapPhotoProps) {
  return (
    <div className={`relative ${className}`}>
      <img
        src={`/api/photos/${hash}`}
        alt={alt}
        className="w-full cursor-crosshair"
        onClick={({ nativeEvent: { offsetX, offsetY }, currentTarget }) => {
          const place = [offsetX / currentTarget.clientWidth, offsetY / currentTarget.clientHeight] as const
          onTap(place, colourAt(currentTarget, place))
        }}
      />
      {marks.map(([x, y], at) => (
        <span
          key={at}
          className="pointer-events-none absolute size-4 -translate-1/2 rounded-full border-2 border-paper outline outline-ink"
          style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
        />
      ))}
    </div>
  )
}

function colourAt(image: HTMLImageElement, [x, y]: Place): Rgb {
  const canvas = document.createElement('canvas')
  const [width, height] = [image.naturalWidth, image.naturalHeight]
  Object.assign(canvas, { width, height })
  const context = canvas.getContext('2d')!
  context.drawImage(image, 0, 0)
  const cornerOf = (middle: number): number => Math.max(0, Math.round(middle) - (patchPx >> 1))
  const { data } = context.getImageData(cornerOf(x * width), cornerOf(y * height), patchPx, patchPx)
  return meanOfPixels(data)
}
