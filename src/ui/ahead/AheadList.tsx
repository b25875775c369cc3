import Check from 'lucide-react/dist/esm/icons/check.mjs'
import { useState } from 'react'
import type { AheadItem } from '../../studio/lists/ahead.ts'
import { send } from '../client.ts'
import { dateText } from '../format.ts'
import { say } from '../messages.ts'
import { ReminderForm } from './ReminderForm.tsx'

interface AheadListProps {
  readonly items: readonly AheadItem[]
  /** As a date. */
  readonly today: string
  /** Called with what was done, in words, and the event it can be taken back by. */
  readonly onWritten: (did: string, event: number) => void
}

/** What is to be done on a day besides painting; own reminders are ticked off, changed or removed here. */
export const AheadList = ({ items, today, onWritten }: AheadListProps) => (
  <ul>
    {items.map((item) => (
      <Item key={item.uid} {...{ item, today, onWritten }} />
    ))}
  </ul>
)

function Item({
  item: { on, says, address, reminder },
  today,
  onWritten,
}: Omit<AheadListProps, 'items'> & { readonly item: AheadItem }) {
  const [changing, setChanging] = useState(false)
  const done = (): void => {
    if (!reminder) return
    const { revision, ...body } = reminder
    void send('PUT /api/reminders', { reminder: { ...body, doneAt: `${today}T12:00` }, seen: revision }).then(
      (reply) => (reply.ok ? onWritten(`Done: ${says}.`, reply.value.event) : say(reply.refusal.message)),
    )
  }
  const isOverdue = on < today
  return (
    <li className="border-b border-rule py-1">
      <div className="flex min-h-12 flex-wrap items-center gap-x-6">
        <span className={`w-28 ${isOverdue ? 'font-semibold text-unsound' : ''}`}>
          {isOverdue ? `overdue, ${dateText(on)}` : dateText(on)}
        </span>
        <span className="min-w-0 grow">
          {address ? (
            <a className="hover:underline" href={address}>
              {says}
            </a>
          ) : (
            says
          )}
        </span>
        {reminder && (
          <span className="flex items-center gap-4">
            <button
              type="button"
              className="min-h-11 link"
              aria-label={`Change: ${says}`}
              aria-expanded={changing}
              onClick={() => setChanging(!changing)}
            >
              change
            </button>
            <button type="button" className="button min-h-11" aria-label={`Done: ${says}`} onClick={done}>
              <Check size={15} aria-hidden="true" /> Done
            </button>
          </span>
        )}
      </div>
      {changing && reminder && <ReminderForm of={reminder} {...{ today, onWritten }} />}
    </li>
  )
}
