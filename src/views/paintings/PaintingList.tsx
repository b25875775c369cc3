import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useEffect, useRef, useState } from 'react'
import { mayBeDoneInShort } from '../../core/finish/mayBeDone.ts'
import { supportOf } from '../../core/stack/support.ts'
import { blankPainting } from '../../document/blank/blankPainting.ts'
import { meetingNames, workStateNames } from '../../document/picture/pictureDates.ts'
import type { PaintingOrder } from '../../document/picture/pictureDates.ts'
import type { Band, PaintingPage } from '../../studio/lists/paintingList.ts'
import { read, send } from '../../ui/client.ts'
import { Choice } from '../../ui/fields.tsx'
import { dateText, dayText, upperFirst } from '../../ui/format.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDone } from '../../ui/done.ts'
import { VerdictWord } from '../../ui/Verdict.tsx'
import { BeginLink, Empty } from '../../ui/lists/Empty.tsx'
import { FindField, ListFoot } from '../../ui/lists/ListFoot.tsx'
import { Judging } from '../../ui/lists/Judging.tsx'
import { mixedColour, oilColour } from '../../core/values/pigmentColours.ts'
import { usePages } from '../../ui/lists/usePages.ts'
import { answerOf } from './answer.ts'

interface ListProps {
  readonly initial: PaintingPage
  /** Paintings still being judged. */
  readonly judging: number
}

const stateChoices = [
  { id: '', name: 'all of them' },
  ...Object.entries(workStateNames).map(([id, name]) => ({ id, name })),
]
const orderChoices: readonly { readonly id: PaintingOrder; readonly name: string }[] = [
  { id: 'title', name: 'by title' },
  { id: 'date', name: 'by date to meet' },
  { id: 'verdict', name: 'gravest first' },
]

/** Every painting: its layers as a strip, whether it is sound, and what comes next. */
export function PaintingList({ initial, judging }: ListProps) {
  useDone()
  const [asked, setAsked] = useState('')
  const [state, setState] = useState('')
  const [order, setOrder] = useState<PaintingOrder>('title')
  const pages = usePages(initial, [asked, state, order].join('|'), (from) =>
    read('GET /api/paintings', { query: { find: asked, state, order, from } }),
  )
  const { entries } = pages
  const [problem, setProblem] = useState<string | null>(null)
  const begin = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    if (window.location.hash === '#new') begin.current?.focus()
  }, [])
  const add = (): void => {
    const painting = blankPainting({ id: crypto.randomUUID(), title: 'Untitled painting' })
    void send('PUT /api/paintings', { painting, seen: null }).then((reply) =>
      reply.ok ? window.location.assign(`/paintings/${painting.id}`) : setProblem(reply.refusal.message),
    )
  }
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4 pb-4">
        <h1 className="text-[2.2rem] leading-tight">{answerOf(pages)}</h1>
        <span className="flex flex-wrap items-center gap-3 sm:justify-end lg:flex-nowrap">
          <FindField label="Find by title, place, whom for" value={asked} onValue={setAsked} />
          <Choice
            label="How far they are"
            className="min-h-11 max-w-36"
            value={state}
            options={stateChoices}
            onValue={setState}
          />
          <Choice
            label="In which order"
            className="min-h-11 max-w-40"
            value={order}
            options={orderChoices}
            onValue={(chosen) => setOrder(chosen as PaintingOrder)}
          />
          <button ref={begin} type="button" className="button min-h-11 shrink-0" onClick={add}>
            <Plus size={16} aria-hidden="true" /> New painting
          </button>
        </span>
      </div>
      <p className="flex flex-wrap gap-x-5 text-[0.92rem]">
        <a className="inline-flex min-h-11 items-center link" href="/used">
          Where did I use that?
        </a>
        <a className="inline-flex min-h-11 items-center link" href="/varnish">
          Varnishes owed
        </a>
      </p>
      <Judging left={judging} onDone={pages.again} />
      {problem && (
        <p role="alert" className="text-unsound">
          {problem}
        </p>
      )}
      {entries.length === 0 &&
        (asked || state ? (
          <p className="font-read text-xl">No painting is like that.</p>
        ) : (
          <Empty says="No painting is begun yet. Each stands here with its section, its verdict and the day its next layer may go on.">
            <BeginLink to="/paintings/begin">Describe the one on the easel</BeginLink>
          </Empty>
        ))}
      <ul>
        {entries.map(
          ({
            id,
            title,
            support,
            practice,
            deadline,
            state: work,
            client,
            place,
            bands,
            verdict,
            worst,
            next,
            stage,
          }) => (
            <li key={id} className="border-t border-rule">
              <a
                href={`/paintings/${id}`}
                className="grid items-center gap-x-6 gap-y-1 py-3 hover:bg-wash sm:grid-cols-[5.5rem_16rem_1fr]"
              >
                <Strip bands={bands} />
                <span className="min-w-0">
                  <span className="block font-read text-[1.3rem] leading-tight [overflow-wrap:anywhere]">
                    {title}
                  </span>
                  <span className="block text-[0.85rem] text-soft">
                    {[
                      work === 'in-work' ? null : workStateNames[work],
                      place,
                      client && `for ${client}`,
                      supportOf(support)!.name,
                      practice.toLowerCase(),
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </span>
                </span>
                <span className="min-w-0">
                  {verdict && bands.length > 0 ? (
                    <span className="block leading-snug">
                      <span className="mr-2">
                        <VerdictWord verdict={verdict} />
                      </span>
                      {worst}
                    </span>
                  ) : (
                    <span className="text-soft">{verdict ? 'No layers yet' : 'Being judged'}</span>
                  )}
                  {deadline && (
                    <span className="mr-4 text-[0.88rem] font-medium">
                      {upperFirst(meetingNames[deadline.what])} {dateText(deadline.on)}
                    </span>
                  )}
                  {next && (
                    <span className="text-[0.88rem] text-soft">
                      Next: {next.name}, {next.certain ? `from ${dayText(next.day)}` : 'no date yet'}
                    </span>
                  )}
                  {!next && bands.length > 0 && (
                    <span className="text-[0.88rem] text-soft">All layers are painted</span>
                  )}
                  {stage && mayBeDoneInShort[stage] && (
                    <span className="block text-[0.88rem] text-soft">Today: {mayBeDoneInShort[stage]}</span>
                  )}
                </span>
              </a>
            </li>
          ),
        )}
      </ul>
      <ListFoot pages={pages} what="paintings" />
      <Toasts />
    </>
  )
}

/** The layers as bands, surface at the top, thickness on a square-root scale; planned ones outlined. */
function Strip({ bands }: { readonly bands: readonly Band[] }) {
  const roots = bands.map(({ wetThicknessUm }) => Math.sqrt(wetThicknessUm))
  const all = roots.reduce((sum, root) => sum + root, 0)
  let y = 0
  return (
    <svg width="80" height="44" aria-hidden="true" className="block">
      {bands.toReversed().map(({ id, wetThicknessUm, painted, pigments }) => {
        const height = (40 * Math.sqrt(wetThicknessUm)) / all
        const top = y
        y += height
        return (
          <rect
            key={id}
            x="0.5"
            y={top + 0.5}
            width="79"
            height={Math.max(1, height)}
            fill={pigments.length > 0 ? mixedColour(pigments) : oilColour}
            opacity={painted ? 1 : 0.4}
            stroke={painted ? 'none' : 'var(--ink)'}
            strokeDasharray="3 2"
          />
        )
      })}
      <rect y="41" width="80" height="3" fill="var(--stone)" />
    </svg>
  )
}
