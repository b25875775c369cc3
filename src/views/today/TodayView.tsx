import { useState } from 'react'
import { dateOf } from '../../core/plan/calendar.ts'
import type { Desk } from '../../saving/desk.ts'
import type { ListPage } from '../../studio/listPage.ts'
import type { AheadItem } from '../../studio/lists/ahead.ts'
import type { BatchEntry } from '../../studio/lists/batchList.ts'
import type { Morning, Readiness, TodayGroup } from '../../studio/lists/todayList.ts'
import { read } from '../../ui/client.ts'
import { useDone } from '../../ui/done.ts'
import { Judging } from '../../ui/lists/Judging.tsx'
import { NotSent } from '../../ui/sent/NotSent.tsx'
import { useOnceSent } from '../../ui/sent/useOnceSent.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDesk } from '../../ui/useDesk.ts'
import { Ahead } from './Ahead.tsx'
import { answerOf } from './answer.ts'
import { BatchesToLookAt } from './BatchesToLookAt.tsx'
import { DatesAtRisk } from './DatesAtRisk.tsx'
import { Entry } from './Entry.tsx'
import { NotPutAway } from './NotPutAway.tsx'
import { ThreeWays } from './ThreeWays.tsx'

const titles: Readonly<Record<Readiness, readonly [title: string, none: string]>> = {
  ready: ['Ready to paint', 'Nothing is ready to be painted on.'],
  touch: ['Touch before you decide', 'Nothing needs a finger today.'],
  wait: ['Leave alone', 'Nothing is waiting.'],
}

interface TodayProps {
  readonly initial: Morning
  readonly batches: ListPage<BatchEntry>
  /** What falls due besides painting. */
  readonly ahead: readonly AheadItem[]
  readonly today: number
  /** Whether nothing was ever put into the studio. */
  readonly isNew: boolean
  /** Paintings still being judged. */
  readonly judging: number
}

/** So many entries of a group are shown by each tap on "more". */
const moreAtATime = 40

/** The page to open in the morning: what can be painted, what should be touched, what is too early and until when. */
export function TodayView({ initial, batches, ahead, today, isNew, judging }: TodayProps) {
  useDone()
  const { desk, state } = useDesk('today', [])
  // What was kept changes the page: it is loaded anew.
  useOnceSent(state.standing, () => window.location.reload())
  const [shown, setShown] = useState(initial)
  const [isJudging, setIsJudging] = useState(judging > 0)
  const [problem, setProblem] = useState<string | null>(null)
  /** How many of each group were asked for; null for as many as at first. */
  const [most, setMost] = useState<number | null>(null)
  const show = (wanted: number | null): void => {
    setMost(wanted)
    void read('GET /api/today', wanted === null ? {} : { query: { most: wanted } }).then((reply) => {
      setProblem(reply.ok ? null : reply.refusal.message)
      if (reply.ok) setShown(reply.value)
    })
  }
  const judged = (): void => {
    setIsJudging(false)
    show(most)
  }
  const { groups, atRisk, notPutAway } = shown
  const empty = groups.every(({ count }) => count === 0)
  return (
    <>
      <h1 className="mb-5 max-w-[64rem] text-[2.2rem] leading-tight">
        {answerOf(groups) ?? nothingYet(isNew, isJudging)}
      </h1>
      <Judging left={judging} onDone={judged} />
      <NotSent state={state} />
      <NotPutAway days={notPutAway} today={today} />
      <DatesAtRisk dates={atRisk} />
      {isNew ? (
        <ThreeWays />
      ) : empty && batches.count === 0 && !isJudging ? (
        <p className="font-read text-2xl">
          No painting has a layer yet.{' '}
          <a className="link" href="/paintings#new">
            Begin one
          </a>
          , and this page says each morning what can be done.
        </p>
      ) : (
        groups.map((group) => (
          <Group
            key={group.readiness}
            group={group}
            today={today}
            act={desk.act}
            isJudging={isJudging}
            onMore={() => show(Math.min(100, group.entries.length + moreAtATime))}
          />
        ))
      )}
      {problem && (
        <p role="alert" className="text-unsound">
          {problem}
        </p>
      )}
      {batches.count > 0 && <BatchesToLookAt batches={batches} />}
      {!isNew && <Ahead items={ahead} today={dateOf(today)} />}
      <p className="text-[0.85rem] text-soft">
        Dates and chances are estimates; a finger on the thickest spot outranks them. Oily rags heat
        themselves: flat outdoors, or under water in a lidded metal can. The safety data sheet and local rules
        come first.
      </p>
      <Toasts />
    </>
  )
}

const nothingYet = (isNew: boolean, isJudging: boolean): string =>
  isNew
    ? 'Begin with what is in front of you'
    : isJudging
      ? 'The pictures are being looked through'
      : 'Nothing is on the easel'

function Group({
  group: { readiness, count, entries },
  today,
  act,
  isJudging,
  onMore,
}: {
  readonly act: Desk['act']
  readonly group: TodayGroup
  readonly today: number
  /** Whether paintings are still being looked at: that a group has none is not yet known. */
  readonly isJudging: boolean
  readonly onMore: () => void
}) {
  const [title, none] = titles[readiness]
  return (
    <section aria-label={title} className="mb-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">
        {title}
        {count > entries.length && <span className="ml-2 text-[0.9rem] text-soft">{count}</span>}
      </h2>
      {count === 0 && <p className="pt-2 text-soft">{isJudging ? 'Still being looked through.' : none}</p>}
      <ul>
        {entries.map((entry) => (
          <Entry key={entry.paintingId} entry={entry} today={today} act={act} />
        ))}
      </ul>
      {count > entries.length && (
        <p className="mt-3 flex items-center gap-4">
          <span className="text-soft">
            The first {entries.length} of {count}, soonest first.
          </span>
          {entries.length < 100 && (
            <button type="button" className="button min-h-11" onClick={onMore}>
              Show more
            </button>
          )}
        </p>
      )}
    </section>
  )
}
