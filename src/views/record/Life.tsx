import Camera from 'lucide-react/dist/esm/icons/camera.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { useEffect, useRef } from 'react'
import { kindTable } from '../../core/stack/kinds.ts'
import { namedAreasOf } from '../../document/picture/areas.ts'
import { brushOf } from '../../document/brush.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { upload } from '../../ui/client.ts'
import { TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import { TakePhoto } from '../../ui/photo/TakePhoto.tsx'
import { say } from '../../ui/messages.ts'

interface LifeProps {
  readonly picture: Picture
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

type Photo = PaintingDocument['photos'][number]

/** A picture's life: what was done day by day, and photographs of it along the way. */
export function Life({ picture, onChange }: LifeProps) {
  const { painting, today } = picture
  // What was photographed or written while a photograph was on its way stays.
  const latest = useRef(painting)
  useEffect(() => {
    latest.current = painting
  }, [painting])
  const photos = [...painting.photos].sort((a, b) => a.on.localeCompare(b.on))
  const photograph = async (file: File): Promise<void> => {
    const reply = await upload<{ photo: string }>(`/api/paintings/${painting.id}/photo`, file)
    if (!reply.ok) return say(reply.refusal.message)
    const hash = reply.value.photo
    const { photos: taken, mapPhoto } = latest.current
    if (taken.some((one) => one.hash === hash)) return say('That photograph is here already.')
    onChange({
      photos: [...taken, { hash, on: dateOf(today), note: '' }],
      mapPhoto: mapPhoto ?? hash,
    })
  }
  const change = (photo: Photo, more: Partial<Photo>): void =>
    onChange({
      photos: painting.photos.map((one) => (one.hash === photo.hash ? { ...one, ...more } : one)),
    })
  const remove = ({ hash }: Photo): void =>
    onChange({
      photos: painting.photos.filter((one) => one.hash !== hash),
      mapPhoto: painting.mapPhoto === hash ? null : painting.mapPhoto,
    })
  return (
    <section aria-label="Its life" className="mt-8 border-t border-ink pt-4">
      <div className="flex flex-wrap items-center gap-x-6">
        <h2 className="text-xl">Its life</h2>
        <TakePhoto onFile={(file) => void photograph(file)}>
          <Camera size={16} aria-hidden="true" /> Photograph it as it is now
        </TakePhoto>
      </div>
      {photos.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-5">
          {photos.map((photo) => (
            <li key={photo.hash} className="w-52">
              <img
                src={`/api/photos/${photo.hash}`}
                alt={`${painting.title} on ${dateText(photo.on)}`}
                width={208}
                height={156}
                loading="lazy"
                className="h-39 w-52 border border-rule object-contain"
              />
              <span className="flex items-center gap-1">
                <input
                  type="date"
                  aria-label={`Day of the photograph ${photo.note}`}
                  className="field w-36"
                  value={photo.on}
                  onChange={({ target }) => target.value && change(photo, { on: target.value })}
                />
                <IconButton
                  label={`Take out the photograph of ${dateText(photo.on)}`}
                  onClick={() => remove(photo)}
                >
                  <X size={15} aria-hidden="true" />
                </IconButton>
              </span>
              <TypedField
                label={`What the photograph of ${dateText(photo.on)} shows`}
                shown={photo.note}
                read={readLine}
                onValue={(note) => change(photo, { note })}
              />
            </li>
          ))}
        </ul>
      )}
      <Done picture={picture} />
    </section>
  )
}

const readLine = (text: string): Reading<string> =>
  text.length > 120 ? { problem: 'Keep it under 120 letters.' } : { value: text }

/** What was done, the latest first. */
function Done({ picture }: { readonly picture: Picture }) {
  const areas = namedAreasOf(picture)
  const done = picture.layers
    .flatMap((layer) => (layer.painted ? [{ layer, at: layer.painted.at }] : []))
    .sort((a, b) => b.at.localeCompare(a.at))
  if (done.length === 0) return <p className="mt-3 text-soft">Nothing is painted on it yet.</p>
  return (
    <table className="mt-5 w-full max-w-[52rem] text-[0.95rem]">
      <caption className="text-left text-soft">What was done, the latest first</caption>
      <tbody>
        {done.map(({ layer, at }) => {
          const { event, areas: where } = brushOf(layer)
          const names = where.map((id) => areas.find((area) => area.id === id)?.name ?? id)
          return (
            <tr key={layer.id} className="border-t border-rule align-top">
              <td className="w-36 py-1 pr-4">{dateText(dateOf(dayOf(at)!))}</td>
              <th scope="row" className="py-1 pr-4 text-left font-medium">
                {layer.name}
              </th>
              <td className="py-1 pr-4 text-soft">{kindTable[event.kind].name}</td>
              <td className="py-1 text-soft">{names.length > 0 ? names.join(', ') : 'everywhere'}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
