import { useEffect, useState } from 'react'
import { dateOf } from '../../core/plan/calendar.ts'
import type { Wanted } from '../../core/plan/promise.ts'
import type { OfferedLever, PaintingPromise } from '../../studio/promises.ts'
import { read } from '../../ui/client.ts'
import type { Reply } from '../../ui/client.ts'
import { VerdictMark, VerdictWord } from '../../ui/Verdict.tsx'
import { chanceInTen, standingOf } from '../horizon/words.ts'
import { gainWords } from './words.ts'

interface LeversProps {
  readonly promise: PaintingPromise
  readonly wanted: Wanted
}

/** What would help, with what each would buy and cost; once all have been tried, the surest first, what would not help last. */
export function Levers({ promise, wanted }: LeversProps) {
  const tried = useTried(promise, wanted)
  const { levers } = promise
  const worthOf = ({ id }: OfferedLever): number => {
    const reply = tried.get(id)!
    return !reply.ok || isSpoilt(promise, reply.value) ? -1 : reply.value.chance!
  }
  const inOrder = tried.size < levers.length ? levers : [...levers].sort((a, b) => worthOf(b) - worthOf(a))
  return (
    <section aria-label="What would help" aria-busy={tried.size < levers.length} className="mt-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">What would help</h2>
      <ul>
        {inOrder.map(({ id, says, costs }) => (
          <li key={id} className="grid gap-x-8 border-b border-rule py-2.5 sm:grid-cols-[1fr_12rem_9rem]">
            <span>
              {says}
              <span className="block text-[0.85rem] text-soft">It costs: {costs}.</span>
            </span>
            <Gain promise={promise} reply={tried.get(id)} />
          </li>
        ))}
      </ul>
    </section>
  )
}

/** A day that is kept with a picture no longer sound is none. */
const isSpoilt = (promise: PaintingPromise, pulled: PaintingPromise): boolean =>
  pulled.verdict === 'unsound' && promise.verdict !== 'unsound'

function Gain({
  promise,
  reply,
}: {
  readonly promise: PaintingPromise
  /** Undefined: it is still tried. */
  readonly reply: Reply<PaintingPromise> | undefined
}) {
  if (!reply) return <span className="text-soft">Trying it …</span>
  if (!reply.ok) return <span className="text-soft sm:col-span-2">{reply.refusal.message}</span>
  const pulled = reply.value
  const chance = pulled.chance!
  return (
    <>
      {isSpoilt(promise, pulled) ? (
        <span className="text-soft">No help: it would not be sound</span>
      ) : (
        <span>
          <VerdictMark verdict={standingOf(chance)} size={12} /> {chanceInTen(chance)}
          <span className="block text-[0.85rem] text-soft">{gainWords(promise, pulled)}</span>
        </span>
      )}
      <span>
        <VerdictWord verdict={pulled.verdict} />
        <span className="block text-[0.85rem] text-soft">the picture then</span>
      </span>
    </>
  )
}

/** Each lever pulled, one after another: a picture of many layers takes its time with each. */
function useTried({ id, levers }: PaintingPromise, { day, needs }: Wanted) {
  const [tried, setTried] = useState<ReadonlyMap<string, Reply<PaintingPromise>>>(new Map())
  useEffect(() => {
    let isAsking = true
    const tryAll = async (): Promise<void> => {
      for (const lever of levers) {
        const query = { on: dateOf(day), needs, lever: lever.id }
        const reply = await read('GET /api/paintings/{id}/promise', { params: { id }, query })
        if (!isAsking) return
        setTried((before) => new Map(before).set(lever.id, reply))
      }
    }
    void tryAll()
    return () => {
      isAsking = false
    }
  }, [id, levers, day, needs])
  return tried
}
