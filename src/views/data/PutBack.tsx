import { useEffect, useState } from 'react'
import { fieldWords } from '../../document/fieldWords.ts'
import type { RestorePreview } from '../../studio/backups/restore.ts'
import type { Written } from '../../studio/commit.ts'
import { send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { dateText } from '../../ui/format.ts'
import { JobLine } from '../../ui/job/JobLine.tsx'
import { useJob } from '../../ui/job/useJob.ts'
import { Named } from './Named.tsx'
import { counted } from './words.ts'

/** What putting the studio back to a backup would change; and doing it, as one step. */
export function PutBack({ date, onClose }: { readonly date: string; readonly onClose: () => void }) {
  const job = useJob()
  const [look, setLook] = useState<RestorePreview | null>(null)
  const { follow } = job
  useEffect(() => {
    const begin = () => send('POST /api/backups/{date}/look', undefined!, { params: { date } })
    void follow(`Looking into the backup of ${dateText(date)}`, begin).then((found) =>
      setLook(found as RestorePreview | null),
    )
  }, [date, follow])
  const restore = async (): Promise<void> => {
    const written = (await follow('Putting it back', () =>
      send('POST /api/backups/{date}/restore', undefined!, { params: { date } }),
    )) as Written | null
    if (written) goAndSay('/studio/data', `${written.what}.`, written.event)
  }
  const rows = (is: 'back' | 'changed' | 'gone') => look!.shown.filter((one) => one.is === is)
  return (
    <section aria-label={`Backup of ${dateText(date)}`} className="mt-4 border-l-[3px] border-ink pl-4">
      <JobLine {...job} />
      {look && (
        <>
          <p className="font-read text-[1.2rem]">{sentenceOf(look, date)}</p>
          <Named title="Would come back" rows={rows('back')} of={look.counts.back} after={() => ''} />
          <Named
            title="Would be as they were"
            rows={rows('changed')}
            of={look.counts.changed}
            after={(one) => one.fields.map(fieldWords).join(', ')}
          />
          <Named
            title="Made since, and would go"
            rows={rows('gone')}
            of={look.counts.gone}
            after={() => ''}
          />
        </>
      )}
      <div className="flex flex-wrap gap-x-5">
        {look && look.counts.back + look.counts.changed + look.counts.gone > 0 && (
          <button
            type="button"
            className="button button-ink min-h-11"
            disabled={job.working !== null}
            onClick={() => void restore()}
          >
            Put the studio back to {dateText(date)}
          </button>
        )}
        <button type="button" className="min-h-11 link" onClick={onClose}>
          Close
        </button>
      </div>
    </section>
  )
}

function sentenceOf({ counts: { back, changed, gone } }: RestorePreview, date: string): string {
  if (back + changed + gone === 0) return `Nothing is otherwise than on ${dateText(date)}.`
  const parts = [
    back > 0 && `${counted(back, 'thing')} would come back`,
    changed > 0 && `${counted(changed, 'thing')} would be as ${changed === 1 ? 'it was' : 'they were'}`,
    gone > 0 && `${gone} made since would go`,
  ].filter(Boolean)
  return `Of ${dateText(date)}: ${parts.join(', ')}. It is one step, which can be taken back.`
}
