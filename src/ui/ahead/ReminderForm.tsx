import { useState } from 'react'
import type { Reminder } from '../../document/reminder.ts'
import type { AheadReminder } from '../../studio/lists/ahead.ts'
import { send } from '../client.ts'
import { ChoiceRow, DateRow, TypedRow } from '../fields.tsx'
import type { Reading } from '../fields.tsx'
import { say } from '../messages.ts'

const kinds = [
  { id: 'other', name: 'something to do' },
  { id: 'varnish-visit', name: 'a varnish visit' },
  { id: 'return', name: 'a picture comes back' },
  { id: 'waste', name: 'waste to take away' },
  { id: 'look', name: 'something to look at' },
] as const satisfies readonly { readonly id: Reminder['what']; readonly name: string }[]

const mostLetters = 200

interface ReminderFormProps {
  /** Null: a new one. */
  readonly of: AheadReminder | null
  readonly today: string
  /** The picture a new one is about, if any. */
  readonly paintingId?: string
  readonly onWritten: (did: string, event: number) => void
}

/** Says what there is to do on which day: a new reminder, or one that is moved, worded anew or removed. */
export function ReminderForm({ of, today, paintingId, onWritten }: ReminderFormProps) {
  const [text, setText] = useState(of?.text ?? '')
  const [on, setOn] = useState(of?.on ?? today)
  const [what, setWhat] = useState<Reminder['what']>(of?.what ?? 'other')
  const save = (): void => {
    const { revision: seen, ...before } = of ?? blankReminder(paintingId)
    void send('PUT /api/reminders', { reminder: { ...before, on, what, text }, seen }).then((reply) =>
      reply.ok
        ? onWritten(of ? 'The reminder is changed.' : 'The reminder is noted.', reply.value.event)
        : say(reply.refusal.message),
    )
  }
  const remove = (id: string, seen: number): void =>
    void send('DELETE /api/reminders/{id}', { seen }, { params: { id } }).then((reply) =>
      reply.ok ? onWritten('The reminder is removed.', reply.value.event) : say(reply.refusal.message),
    )
  return (
    <div className="flex flex-wrap items-end gap-3 py-3">
      <TypedRow
        label="What is to be done"
        className="min-w-60 grow"
        shown={text}
        read={(typed): Reading<string> =>
          typed.trim()
            ? { value: typed.trim().slice(0, mostLetters) }
            : { problem: 'Say what there is to do.' }
        }
        onValue={setText}
      />
      <DateRow label="On" className="w-44" value={on} onValue={(date) => date && setOn(date)} />
      <ChoiceRow
        label="It is"
        className="w-52"
        value={what}
        options={kinds}
        onValue={(kind) => setWhat(kind as Reminder['what'])}
      />
      <button type="button" className="button button-ink min-h-11" disabled={text === ''} onClick={save}>
        {of ? 'Save it' : 'Note it'}
      </button>
      {of && of.revision !== null && (
        <button type="button" className="min-h-11 link" onClick={() => remove(of.id, of.revision!)}>
          remove it
        </button>
      )}
    </div>
  )
}

const blankReminder = (paintingId: string | undefined): AheadReminder => ({
  id: crypto.randomUUID(),
  on: '',
  what: 'other',
  text: '',
  paintingId: paintingId ?? null,
  doneAt: null,
  note: '',
  revision: null,
})
