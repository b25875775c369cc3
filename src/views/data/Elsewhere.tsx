import { useState } from 'react'
import type { BackupsTold } from '../../studio/backups/backups.ts'
import { send } from '../../ui/client.ts'
import { momentText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'

interface Props {
  readonly told: BackupsTold
  readonly onTold: (told: BackupsTold) => void
}

/** A folder that may come and go, a memory stick say, to which every backup is copied with the photographs. */
export function Elsewhere({ told: { place, places }, onTold }: Props) {
  const [isBusy, setBusy] = useState(false)
  const choose = async (id: string | null): Promise<void> => {
    setBusy(true)
    const reply = await send('PUT /api/backups/place', { id })
    setBusy(false)
    if (reply.ok) onTold(reply.value)
    else say(reply.refusal.message)
  }
  return (
    <section aria-label="A copy elsewhere" className="grid content-start gap-2">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">A copy elsewhere</h2>
      {place ? (
        <p>
          Every backup is copied to {place.path} with the photographs
          {place.at ? `; last ${momentText(place.at)}` : ''}.
          {!place.isThere &&
            ' It is not there now. Nothing is lost: the copy is brought up to date when it is plugged in again.'}
          {place.isSameDisk && ' It is on the same disk as the studio, which does not help if that fails.'}
        </p>
      ) : (
        <p>
          A disk can fail, and a house can burn. Plug in a memory stick and choose it here: every backup is
          then copied to it, whenever it is there.
        </p>
      )}
      {place?.isFixed ? (
        <p className="text-soft">GRELTA_BACKUPS names this folder.</p>
      ) : (
        <ul aria-label="What is plugged in" className="grid gap-1">
          {places.map(({ id, path, isSameDisk }) => (
            <li key={id}>
              <button
                type="button"
                className="button min-h-11"
                disabled={isBusy}
                onClick={() => void choose(id)}
              >
                Copy to {path}
                {isSameDisk && ', on the same disk'}
              </button>
            </li>
          ))}
          {places.length === 0 && !place && (
            <li className="text-soft">
              Nothing is plugged in that can be written to. Another folder can be named with GRELTA_BACKUPS
              when the program is started.
            </li>
          )}
          {place && (
            <li>
              <button
                type="button"
                className="min-h-11 link"
                disabled={isBusy}
                onClick={() => void choose(null)}
              >
                Copy it nowhere else
              </button>
            </li>
          )}
        </ul>
      )}
    </section>
  )
}
