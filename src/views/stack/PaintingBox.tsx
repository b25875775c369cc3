import { PictureFields } from '../record/PictureFields.tsx'
import type { PictureProps } from '../record/PictureFields.tsx'
import { Areas } from './Areas.tsx'

export interface PaintingBoxProps extends PictureProps {
  readonly onRemove: () => void
}

/** What a painting is made on, and its parts; the rest of its record stands on a page of its own. */
export function PaintingBox({ picture, onChange, onRemove }: PaintingBoxProps) {
  return (
    <>
      <PictureFields picture={picture} onChange={onChange} />
      <Areas picture={picture} onChange={(areas) => onChange({ areas })} />
      <div className="flex items-end justify-between sm:col-span-2">
        <a className="link" href={`/paintings/${picture.painting.id}/record`}>
          Dates, photographs, map
        </a>
        <button type="button" className="button" onClick={onRemove}>
          Remove painting
        </button>
      </div>
    </>
  )
}
