import { useState } from 'react'
import type { Reply } from '../../ui/client.ts'
import { say } from '../../ui/messages.ts'

interface Props {
  /** "Keep it as a painting" */
  readonly label: string
  /** What keeping it brings. */
  readonly says: string
  /** Stores it. */
  readonly keep: () => Promise<Reply<unknown>>
  /** Where it is then. */
  readonly to: string
  readonly onClear: () => void
}

/** Keeps what was described and goes there, or begins again. */
export function KeepLine({ label, says, keep, to, onClear }: Props) {
  const [isBusy, setBusy] = useState(false)
  const kept = async (): Promise<void> => {
    setBusy(true)
    const reply = await keep()
    if (reply.ok) return window.location.assign(to)
    setBusy(false)
    say(reply.refusal.message)
  }
  return (
    <div className="mt-5 flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-ink pt-4">
      <button
        type="button"
        className="button button-ink min-h-12"
        disabled={isBusy}
        onClick={() => void kept()}
      >
        {label}
      </button>
      <button type="button" className="min-h-11 link" onClick={onClear}>
        Begin again
      </button>
      <p className="text-soft">{says}</p>
    </div>
  )
}
