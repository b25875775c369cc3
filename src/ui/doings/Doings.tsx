import { useEffect, useState } from 'react'
import type { Desk } from '../../saving/desk.ts'
import { read, requestTo } from '../client.ts'
import { minuteText } from '../format.ts'
import type { Reply } from '../client.ts'

interface Entry {
  readonly event: number
  readonly at: string
  readonly what: string
  readonly undone: boolean
}

export interface DoingsProps {
  /** What it is asked of: a painting, a thing, or nothing for the whole studio. */
  readonly of: Readonly<Record<string, string>>
  readonly desk: Desk
  /** Changes with every write, so that the list is read again. */
  readonly after: unknown
}

/** Everything that was done, newest first; whatever nothing rests on can still be taken back. */
export function Doings({ of, desk, after }: DoingsProps) {
  const [entries, setEntries] = useState<readonly Entry[] | null>(null)
  const [more, setMore] = useState(false)
  const [told, setTold] = useState<string | null>(null)
  const asked = JSON.stringify(of)
  useEffect(() => {
    void read('GET /api/done', { query: JSON.parse(asked) as Record<string, string> }).then((reply) => {
      if (!reply.ok) return setTold(reply.refusal.message)
      setEntries(reply.value.entries)
      setMore(reply.value.more)
    })
  }, [asked, after])
  const older = (): void =>
    void read('GET /api/done', { query: { ...of, before: entries!.at(-1)!.event } }).then(
      (reply: Reply<{ entries: readonly Entry[]; more: boolean }>) => {
        if (!reply.ok) return setTold(reply.refusal.message)
        setEntries([...entries!, ...reply.value.entries])
        setMore(reply.value.more)
      },
    )
  const undo = async (event: number): Promise<void> => {
    const outcome = await desk.act(requestTo('POST /api/undo', { event }))
    setTold(outcome.is === 'refused' ? outcome.refusal.message : null)
  }
  return (
    <>
      {told && (
        <p role="alert" className="mt-2 border-l-[3px] border-unsound bg-sheet px-3 py-2">
          {told}
        </p>
      )}
      {entries?.length === 0 && <p className="mt-2 text-soft">Nothing yet.</p>}
      <ol className="mt-1 max-w-[52rem]">
        {entries?.map(({ event, at, what, undone }) => (
          <li key={event} className="flex min-h-11 items-center gap-4 border-t border-rule">
            <time dateTime={at} className="w-40 shrink-0 text-[0.88rem] text-soft">
              {minuteText(at)}
            </time>
            <span className={`grow [overflow-wrap:anywhere] ${undone ? 'text-soft line-through' : ''}`}>
              {what}
            </span>
            {undone ? (
              <span className="text-[0.88rem] text-soft">taken back</span>
            ) : (
              <button
                type="button"
                className="button min-h-9"
                aria-label={`Take back: ${what}`}
                onClick={() => void undo(event)}
              >
                Take back
              </button>
            )}
          </li>
        ))}
      </ol>
      {more && (
        <button type="button" className="mt-2 min-h-11 link" onClick={older}>
          Older
        </button>
      )}
    </>
  )
}
