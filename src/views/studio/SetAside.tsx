import { useEffect, useState } from 'react'
import type { Desk } from '../../saving/desk.ts'
import type { AsideEntry } from '../../studio/asideList.ts'
import { read, requestTo } from '../../ui/client.ts'

/** What is stored but cannot be read: set aside, with what can be done about it. */
export function SetAside({ desk }: { readonly desk: Desk }) {
  const [entries, setEntries] = useState<readonly AsideEntry[]>([])
  const [problem, setProblem] = useState<string | null>(null)
  const look = (): void =>
    void read('GET /api/aside').then((reply) => {
      if (reply.ok) setEntries(reply.value.entries)
    })
  useEffect(look, [])
  const settle = async ({ kind, id }: AsideEntry, then: 'restore' | 'remove'): Promise<void> => {
    const outcome = await desk.act(requestTo('POST /api/aside', { kind, id, then }))
    setProblem(outcome.is === 'refused' ? outcome.refusal.message : null)
    look()
  }
  if (entries.length === 0) return null
  return (
    <section id="aside" aria-label="Set aside" className="mt-8 border-t border-ink pt-3">
      <h2 className="text-xl">Set aside</h2>
      <p className="text-soft">
        These cannot be read. Nothing of them is lost: put back the last version that can be read, save what
        is stored as a file, or take the thing away. Each can be undone.
      </p>
      {problem && (
        <p role="alert" className="mt-2 text-unsound">
          {problem}
        </p>
      )}
      <ul>
        {entries.map((entry) => (
          <li
            key={`${entry.kind}/${entry.id}`}
            className="flex flex-wrap items-center gap-x-5 gap-y-2 border-t border-rule py-2"
          >
            <span className="grow">
              A {entry.word}: {entry.why}
            </span>
            <button type="button" className="button min-h-11" onClick={() => void settle(entry, 'restore')}>
              Put back the last good version
            </button>
            <a
              className="link"
              download={`${entry.kind}-${entry.id}.json`}
              href={`data:application/json;charset=utf-8,${encodeURIComponent(entry.stored)}`}
            >
              Save as a file
            </a>
            <button
              type="button"
              className="min-h-11 text-soft link"
              onClick={() => void settle(entry, 'remove')}
            >
              Take it away
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
