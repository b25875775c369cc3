import { Check, Plus } from 'lucide-react'
import { useEffect, useState } from 'react'
import type { AheadItem } from '../../studio/ahead.ts'
import type { TellingCheck } from '../../studio/telling.ts'
import { checks } from '../../core/cure/checkWords.ts'
import { read, send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { ChoiceRow, DateRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'

const kinds = [
  { id: 'other', name: 'something to do' },
  { id: 'varnish-visit', name: 'a varnish visit' },
  { id: 'return', name: 'a picture comes back' },
  { id: 'waste', name: 'waste to take away' },
  { id: 'look', name: 'something to look at' },
] as const

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
          The check that would tell most today: {checks[telling.check].name} on{' '}
          {telling.picture ? (
            <>
              <a className="link" href={`/paintings/${telling.picture.id}?layer=${telling.id}`}>
                {telling.name}
              </a>{' '}
              of {telling.picture.title}
            </>
          ) : (
            <a className="link" href={`/tests?at=${telling.id}`}>
              {telling.name}
            </a>
          )}
          .
        </>
      )}
    </p>
  )
}

/** What falls due besides painting: own reminders to tick off, tests to look at, visits. */
export function Ahead({ items, today }: { readonly items: readonly AheadItem[]; readonly today: string }) {
  const [adding, setAdding] = useState(false)
  const done = ({ reminder, says }: AheadItem): void => {
    if (!reminder) return
    const { revision, ...body } = reminder
    void send('PUT /api/reminders', {
      reminder: { ...body, doneAt: `${today}T12:00` },
      seen: revision,
    }).then((reply) =>
      reply.ok ? goAndSay('/', `Done: ${says}.`, reply.value.event) : say(reply.refusal.message),
    )
  }
  return (
    <section aria-label="Also due" className="mb-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Also due</h2>
      {items.length === 0 && <p className="pt-2 text-soft">Nothing in the next two weeks.</p>}
      <ul>
        {items.map((item) => (
          <li
            key={item.uid}
            className="flex min-h-12 flex-wrap items-center gap-x-6 border-b border-rule py-1"
          >
            <span className={`w-28 ${item.on < today ? 'font-semibold text-unsound' : ''}`}>
              {item.on < today ? `overdue, ${dateText(item.on)}` : dateText(item.on)}
            </span>
            <span className="min-w-0 grow">
              {item.address ? (
                <a className="hover:underline" href={item.address}>
                  {item.says}
                </a>
              ) : (
                item.says
              )}
            </span>
            {item.reminder && (
              <button
                type="button"
                className="button min-h-11"
                aria-label={`Done: ${item.says}`}
                onClick={() => done(item)}
              >
                <Check size={15} aria-hidden="true" /> Done
              </button>
            )}
          </li>
        ))}
      </ul>
      <Telling />
      {adding ? (
        <NewReminder today={today} />
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

function NewReminder({ today }: { readonly today: string }) {
  const [text, setText] = useState('')
  const [on, setOn] = useState(today)
  const [what, setWhat] = useState<(typeof kinds)[number]['id']>('other')
  const add = (): void =>
    void send('PUT /api/reminders', {
      reminder: { id: crypto.randomUUID(), on, what, text, paintingId: null, doneAt: null, note: '' },
      seen: null,
    }).then((reply) =>
      reply.ok ? goAndSay('/', 'The reminder is noted.', reply.value.event) : say(reply.refusal.message),
    )
  return (
    <div className="flex flex-wrap items-end gap-3 pt-3">
      <TypedRow
        label="What is to be done"
        className="min-w-60 grow"
        shown={text}
        read={(typed): Reading<string> =>
          typed.trim() ? { value: typed.trim().slice(0, 200) } : { problem: 'Say what there is to do.' }
        }
        onValue={setText}
      />
      <DateRow label="On" className="w-44" value={on} onValue={(date) => date && setOn(date)} />
      <ChoiceRow
        label="It is"
        className="w-52"
        value={what}
        options={kinds}
        onValue={(kind) => setWhat(kind as typeof what)}
      />
      <button type="button" className="button button-ink min-h-11" disabled={text === ''} onClick={add}>
        Note it
      </button>
    </div>
  )
}
