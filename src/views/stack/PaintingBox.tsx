import type { LoadedPicture } from '../../studio/pictures.ts'
import { send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { say } from '../../ui/messages.ts'
import { PictureFields } from '../record/PictureFields.tsx'
import type { PictureProps } from '../record/PictureFields.tsx'
import { Areas } from './Areas.tsx'

export interface PaintingBoxProps extends PictureProps {
  readonly picture: LoadedPicture
}

/** What a painting is made on, and its parts; the rest of its record stands on a page of its own. */
export function PaintingBox({ picture, onChange }: PaintingBoxProps) {
  return (
    <>
      <PictureFields picture={picture} onChange={onChange} />
      <Areas picture={picture} onChange={(areas) => onChange({ areas })} />
      <div className="flex items-end justify-between sm:col-span-2">
        <a className="link" href={`/paintings/${picture.painting.id}/record`}>
          Dates, photographs, map
        </a>
        <button type="button" className="button" onClick={() => void remove(picture.painting)}>
          Remove painting
        </button>
      </div>
    </>
  )
}

/** Removes a painting with all that is on it, and goes to the others, where it can be taken back. */
async function remove({ id, title, revision }: LoadedPicture['painting']): Promise<void> {
  const reply = await send('DELETE /api/paintings/{id}', { seen: revision }, { params: { id } })
  if (reply.ok) goAndSay('/paintings', `${title} is removed.`, reply.value.event)
  else say(reply.refusal.message)
}
