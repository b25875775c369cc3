import { useEffect, useState } from 'react'
import type { AheadItem } from '../../../studio/lists/ahead.ts'
import { AheadList } from '../../../ui/ahead/AheadList.tsx'
import { ReminderForm } from '../../../ui/ahead/ReminderForm.tsx'
import { read } from '../../../ui/client.ts'
import { say } from '../../../ui/messages.ts'

/** What is to be done about one picture on which day: its varnish visit, and the painter's own reminders. */
export function Reminders({ paintingId, today }: { readonly paintingId: string; readonly today: string }) {
  const [items, setItems] = useState<readonly AheadItem[]>([])
  /** Counts what was written: each time the form is empty again, and never while one types in it. */
  const [written, setWritten] = useState(0)
  const show = (): void =>
    void read('GET /api/ahead').then((reply) =>
      reply.ok ? setItems(reply.value.items) : say(reply.refusal.message),
    )
  useEffect(show, [])
  const onWritten = (did: string, event: number): void => {
    show()
    setWritten((before) => before + 1)
    say(did, event, show)
  }
  const about = items.filter((item) => item.paintingId === paintingId)
  return (
    <section aria-label="To be done about it" className="mt-10">
      <h2 className="border-b border-ink pb-1 text-xl">To be done about it</h2>
      <AheadList items={about} today={today} onWritten={onWritten} />
      <ReminderForm key={written} of={null} {...{ today, paintingId, onWritten }} />
    </section>
  )
}
