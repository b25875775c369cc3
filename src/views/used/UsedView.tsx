import { useEffect, useState } from 'react'
import { listed } from '../../core/words.ts'
import type { UsedPage } from '../../studio/lists/used.ts'
import { read } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { dateText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'

const waitMs = 250

/** Where something was used, in every picture there is. */
export function UsedView({ initial }: { readonly initial: UsedPage }) {
  useEarly()
  const [asked, setAsked] = useState(initial.asked)
  const [page, setPage] = useState(initial)
  useEffect(() => {
    if (asked.trim() === page.asked) return
    const timer = setTimeout(() => {
      window.history.replaceState(null, '', `/used?find=${encodeURIComponent(asked)}`)
      void read('GET /api/used', { query: { find: asked } }).then((reply) =>
        reply.ok ? setPage(reply.value) : say(reply.refusal.message),
      )
    }, waitMs)
    return () => clearTimeout(timer)
  }, [asked, page.asked])
  return (
    <>
      <h1 className="text-[2.2rem] leading-tight">{answerOf(page)}</h1>
      <label className="mt-3 block max-w-xl text-[0.8rem] text-soft">
        A material, a pigment, a medium, a batch or a tube
        <input
          type="search"
          className="field w-full text-[1.2rem] text-ink"
          placeholder="stand oil"
          value={asked}
          onChange={({ target }) => setAsked(target.value)}
        />
      </label>
      {page.asked === '' && <ToTap names={page.toTap} onTap={setAsked} />}
      <ul aria-label="Where it was used" className="mt-4">
        {page.entries.map(({ paintingId, title, layerId, layer, on, as }) => (
          <li key={layerId} className="grid gap-x-6 border-b border-rule py-2 sm:grid-cols-[8rem_16rem_1fr]">
            <span className="text-soft">{dateText(on)}</span>
            <a className="font-read text-[1.1rem] hover:underline" href={`/paintings/${paintingId}/record`}>
              {title}
            </a>
            <a className="hover:underline" href={`/paintings/${paintingId}?layer=${layerId}`}>
              {layer} <span className="text-soft">with {listed(as)}</span>
            </a>
          </li>
        ))}
      </ul>
      {page.count > page.entries.length && (
        <p className="mt-2 text-soft">{page.count - page.entries.length} more, further back.</p>
      )}
      <Toasts />
    </>
  )
}

/** What the page is for, and names to begin with. */
function ToTap({
  names,
  onTap,
}: {
  readonly names: readonly string[]
  readonly onTap: (name: string) => void
}) {
  return (
    <>
      <p className="mt-4 max-w-2xl">
        Every painted layer that holds it, with its picture and its day: for a lot you have come to doubt, or
        a mixture you want again.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        {names.map((name) => (
          <button key={name} type="button" className="button min-h-11" onClick={() => onTap(name)}>
            {name}
          </button>
        ))}
      </div>
    </>
  )
}

function answerOf({ asked, count, entries }: UsedPage): string {
  if (asked === '') return 'Where did I use that?'
  if (count === 0) return `“${asked}” is in no layer that was painted.`
  const pictures = new Set(entries.map(({ paintingId }) => paintingId)).size
  return `“${asked}” is in ${count === 1 ? 'one layer' : `${count} layers`} of ${pictures === 1 ? 'one picture' : `${pictures} pictures`}.`
}
