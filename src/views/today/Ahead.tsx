import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useEffect, useState } from 'react'
import type { AheadItem } from '../../studio/lists/ahead.ts'
import type { TellingCheck } from '../../studio/telling.ts'
import { checks } from '../../core/cure/checkWords.ts'
import { AheadList } from '../../ui/ahead/AheadList.tsx'
import { ReminderForm } from '../../ui/ahead/ReminderForm.tsx'
import { read } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { chanceText } from '../../ui/format.ts'
import { ToldFilm } from '../../ui/touch/ToldFilm.tsx'

/** The one check that would tell most today, once it is known. */
function Telling() {
  const [telling, setTelling] = useState<TellingCheck | null>(null)
  useEffect(() => {
    void read('GET /api/telling').then((reply) => reply.ok && setTelling(reply.value.telling))
  }, [])
  return (
    <p role="status" className="min-h-11 pt-2">
      {telling && (
        <>
          The check that would tell most today: {checks[telling.check].name} on <ToldFilm film={telling} />.
          It passes with a chance of {chanceText(telling.chance)}.
        </>
      )}
    </p>
  )
}

/** What falls due besides painting: own reminders to tick off, tests to look at, visits. */
export function Ahead({ items, today }: { readonly items: readonly AheadItem[]; readonly today: string }) {
  const [adding, setAdding] = useState(false)
  const onWritten = (did: string, event: number): void => goAndSay('/', did, event)
  return (
    <section aria-label="Also due" className="mb-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Also due</h2>
      {items.length === 0 && <p className="pt-2 text-soft">Nothing in the next two weeks.</p>}
      <AheadList items={items} today={today} onWritten={onWritten} />
      <Telling />
      {adding ? (
        <ReminderForm of={null} today={today} onWritten={onWritten} />
      ) : (
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1 link"
          onClick={() => setAdding(true)}
        >
          <Plus size={14} aria-hidden="true" /> a reminder
        </button>
      )}
    </section>
  )
}
