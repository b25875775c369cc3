import { useRef } from 'react'
import type { OwnTube } from '../../document/tube.ts'
import { upload } from '../../ui/client.ts'
import { Labelled } from '../../ui/fields.tsx'
import { say } from '../../ui/messages.ts'
import type { Edit } from './TubeSheet.tsx'

/** The painter's own swatch: a picked colour, a photograph, or both. */
export function Swatch({
  tube: { id, name, colour, photo },
  shown,
  edit,
}: {
  readonly tube: OwnTube
  readonly shown: string
  readonly edit: Edit
}) {
  const file = useRef<HTMLInputElement>(null)
  const take = async (chosen: File): Promise<void> => {
    const reply = await upload<{ photo: string }>(`/api/tubes/${id}/photo`, chosen)
    if (reply.ok) edit({ photo: reply.value.photo })
    else say(reply.refusal.message)
  }
  return (
    <div className="min-w-0">
      <Labelled label="Your swatch: pick its colour">
        {(field) => (
          <span className="flex flex-wrap items-center gap-3">
            <input
              id={field}
              type="color"
              className="h-11 w-16 border border-rule bg-transparent"
              value={shown}
              onChange={({ target }) => edit({ colour: target.value })}
            />
            {colour && (
              <button type="button" className="min-h-9 link" onClick={() => edit({ colour: null })}>
                the book’s
              </button>
            )}
            <input
              ref={file}
              type="file"
              accept="image/*"
              aria-label="Photograph of the swatch"
              className="sr-only"
              tabIndex={-1}
              onChange={({ target }) => {
                const [chosen] = target.files ?? []
                if (chosen) void take(chosen)
                target.value = ''
              }}
            />
            <button type="button" className="min-h-9 link" onClick={() => file.current?.click()}>
              {photo ? 'Another photograph' : 'Photograph it'}
            </button>
          </span>
        )}
      </Labelled>
      {photo && (
        <span className="mt-1 flex items-end gap-3">
          <img
            src={`/api/photos/${photo}`}
            alt={`Swatch of ${name}`}
            width={144}
            height={96}
            className="h-24 w-36 border border-rule object-cover"
          />
          <button type="button" className="min-h-9 link" onClick={() => edit({ photo: null })}>
            Take it off
          </button>
        </span>
      )}
    </div>
  )
}
