import { mayBeDoneInShort } from '../../core/finish/mayBeDone.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import { useState } from 'react'
import { inTheArea } from '../../core/words.ts'
import { undatedBecause } from '../../core/plan/forward.ts'
import { fingerWords } from '../../core/cure/checkWords.ts'
import type { Finger } from '../../core/cure/checks.ts'
import type { ListPage } from '../../studio/listPage.ts'
import type { Morning, Readiness, TodayEntry, TodayGroup, TouchSpot } from '../../studio/lists/todayList.ts'
import type { Desk, Outcome } from '../../saving/desk.ts'
import { read, requestTo } from '../../ui/client.ts'
import { Judging } from '../../ui/lists/Judging.tsx'
import type { BatchEntry } from '../../studio/lists/batchList.ts'
import { hourText } from '../../document/dateText.ts'
import { chanceText, datesText, dateText, dayText, mlText } from '../../ui/format.ts'
import { goAndSay, useDone } from '../../ui/done.ts'
import { useDesk } from '../../ui/useDesk.ts'
import { useOnceSent } from '../../ui/sent/useOnceSent.ts'
import { say } from '../../ui/messages.ts'
import { NotSent } from '../../ui/sent/NotSent.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { Ahead } from './Ahead.tsx'
import { answerOf } from './answer.ts'
import { ThreeWays } from './ThreeWays.tsx'
import { NotPutAway } from './NotPutAway.tsx'
import { DatesAtRisk } from './DatesAtRisk.tsx'
import { dateOf, minuteAt } from '../../core/plan/calendar.ts'
import type { AheadItem } from '../../studio/lists/ahead.ts'
import { TouchButtons } from '../../ui/touch/TouchButtons.tsx'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'

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
  const { groups, atRisk, notPutAway } = shown
  const empty = groups.every(({ count }) => count === 0)
  return (
    <>
      <h1 className="mb-5 max-w-[64rem] text-[2.2rem] leading-tight">
        {answerOf(groups) ?? nothingYet(isNew, judging)}
      </h1>
      <Judging left={judging} onDone={() => show(most)} />
      <NotSent state={state} />
      <NotPutAway days={notPutAway} today={today} />
      <DatesAtRisk dates={atRisk} />
      {isNew ? (
        <ThreeWays />
      ) : empty && batches.count === 0 && judging === 0 ? (
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

const nothingYet = (isNew: boolean, judging: number): string =>
  isNew
    ? 'Begin with what is in front of you'
    : judging > 0
      ? 'The pictures are being looked through'
      : 'Nothing is on the easel'

function Group({
  group: { readiness, count, entries },
  today,
  act,
  onMore,
}: {
  readonly act: Desk['act']
  readonly group: TodayGroup
  readonly today: number
  readonly onMore: () => void
}) {
  const [title, none] = titles[readiness]
  return (
    <section aria-label={title} className="mb-8">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">
        {title}
        {count > entries.length && <span className="ml-2 text-[0.9rem] text-soft">{count}</span>}
      </h2>
      {count === 0 && <p className="pt-2 text-soft">{none}</p>}
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

function BatchesToLookAt({ batches: { count, entries } }: { readonly batches: ListPage<BatchEntry> }) {
  return (
    <section aria-label="Batches to look at" className="mb-8">
      <h2 className="border-b border-ink pb-1.5 text-[1.45rem]">Batches to look at</h2>
      <ul>
        {entries.map(({ id, title, state, useBy, because, leftMl, lookFrom, lookFor }) => (
          <li key={id} className="border-b border-rule">
            <a
              href={`/batches/${id}#record`}
              className="grid min-h-11 gap-x-6 py-3 hover:bg-wash sm:grid-cols-[16rem_1fr]"
            >
              <span className="font-read text-[1.3rem] leading-tight" translate="no">
                {title}
              </span>
              <span>
                {state !== 'fresh' && (
                  <>
                    <VerdictMark verdict={state === 'past' ? 'unsound' : 'watch'} size={12} />{' '}
                    {state === 'past' ? 'Past its use-by' : 'Use it soon'}, {dateText(useBy!)}: {because}
                    .{' '}
                  </>
                )}
                {lookFrom && <>Look for {lookFor}. </>}
                <span className="text-soft">{mlText(leftMl)} left</span>
              </span>
            </a>
          </li>
        ))}
      </ul>
      {count > entries.length && (
        <p className="mt-3 text-soft">
          {count - entries.length} more under{' '}
          <a className="link" href="/batches">
            Batches
          </a>
          .
        </p>
      )}
    </section>
  )
}

function Entry({
  entry,
  today,
  act,
}: {
  readonly entry: TodayEntry
  readonly today: number
  readonly act: Desk['act']
}) {
  const { next, touch, readiness, worst, verdict, stage } = entry
  const [touching, setTouching] = useState(false)
  const [busy, setBusy] = useState(false)
  /** What was tapped and could not be sent yet. */
  const [waits, setWaits] = useState<string | null>(null)
  const finish = (done: string, outcome: Outcome): void => {
    setTouching(false)
    if (outcome.is === 'done') return goAndSay('/', done, outcome.written.event)
    setBusy(false)
    if (outcome.is === 'refused') say(outcome.refusal.message)
    else setWaits(done)
  }
  const told = (spot: TouchSpot, finger: Finger): void => {
    setBusy(true)
    const touched = { ...finger, tapped: minuteAt(new Date()) }
    void act(requestTo('POST /api/layers/{id}/touch', touched, { params: { id: spot.layerId } })).then(
      (outcome) => finish(`${spot.name}: ${fingerWords(finger)}.`, outcome),
    )
  }
  const painted = (layer: NonNullable<TodayEntry['next']>): void => {
    setBusy(true)
    const now = { tapped: minuteAt(new Date()) }
    void act(requestTo('POST /api/layers/{id}/painted', now, { params: { id: layer.layerId } })).then(
      (outcome) => finish(`${layer.name} is painted.`, outcome),
    )
  }
  return (
    <li className="grid items-start gap-x-8 gap-y-2 border-b border-rule py-3.5 sm:grid-cols-[1fr_auto] sm:grid-rows-[auto_1fr] lg:grid-cols-[15rem_1fr_auto] lg:grid-rows-none">
      <div className="min-w-0">
        <a
          href={`/paintings/${entry.paintingId}`}
          className="inline-block min-h-6 font-read text-[1.3rem] leading-tight [overflow-wrap:anywhere] hover:underline"
        >
          {entry.title}
        </a>
        {entry.size && <p className="text-[0.85rem] text-soft">{entry.size}</p>}
      </div>
      <div className="min-w-0 text-[1.02rem] leading-snug">
        <p>{sentence(entry, today)}</p>
        {!next && mayBeDoneInShort[stage] && <p>Today: {mayBeDoneInShort[stage]}.</p>}
        {touch && touch.chance < 1 && touch.days && (
          <p className="text-[0.88rem] text-soft">
            The chance that {spotName(touch)} is {touch.gate === 'firm' ? 'firm' : 'touch dry'} by now is{' '}
            {chanceText(touch.chance)}; expected {datesText(touch.days[0], touch.days[2])}, 8 times in 10.
          </p>
        )}
        {readiness === 'touch' && touch && <p className="text-[0.88rem] text-soft">{howTo(touch)}</p>}
        {worst && verdict !== 'sound' && (
          <p className="mt-1 text-[0.9rem]">
            <span className={`whitespace-nowrap ${verdictColour(verdict)}`}>
              <VerdictMark verdict={verdict} size={12} /> {verdictWords[verdict]}.
            </span>{' '}
            {worst}
          </p>
        )}
      </div>
      <div className="flex flex-wrap justify-end gap-2 md:w-[19rem] sm:col-start-2 sm:row-span-2 sm:row-start-1 lg:col-start-3 lg:row-span-1">
        {waits !== null ? (
          <p role="status" className="text-[0.95rem]">
            {waits} Kept on this device; it is sent when the server is back.
          </p>
        ) : touching && touch ? (
          <TouchButtons
            disabled={busy}
            doubtful={touch.doubtful}
            onFinger={(finger) => told(touch, finger)}
          />
        ) : (
          <>
            {touch && touch.chance < 1 && (
              <button
                type="button"
                className={`button min-h-11 ${readiness === 'touch' ? 'button-ink' : ''}`}
                disabled={busy}
                onClick={() => setTouching(true)}
              >
                Touch {touch.name}
              </button>
            )}
            {next && readiness !== 'wait' && !isRemoval(next.kind) && (
              <a
                className="button min-h-11"
                href={`/paintings/${entry.paintingId}/palette?layer=${next.layerId}`}
              >
                Mix for {next.name}
              </a>
            )}
            {next && readiness !== 'wait' && (
              <button
                type="button"
                className={`button min-h-11 ${readiness === 'ready' ? 'button-ink' : ''}`}
                disabled={busy}
                onClick={() => painted(next)}
              >
                {isRemoval(next.kind) ? 'I have done' : 'I have painted'} {next.name}
              </button>
            )}
          </>
        )}
      </div>
    </li>
  )
}

function sentence({ next, touch, readiness }: TodayEntry, today: number): string {
  if (!next)
    return touch ? `All layers are painted. ${touch.name}: ${touch.state}.` : 'All layers are painted.'
  if (readiness === 'ready') {
    if (!touch) return `${next.name} can be painted: nothing lies under it.`
    if (next.closes !== null && today <= next.closes)
      return `${next.name} can be painted wet in wet until about ${hourText(next.closes, today)}.`
    return Math.floor(next.day) > Math.floor(today)
      ? `${next.name} can be painted; the next working day is ${dayText(next.day)}.`
      : `${next.name} can be painted.`
  }
  if (next.closes !== null && today > next.closes)
    return `${next.name} was to go on wet in wet; ${touch ? spotName(touch) : 'what lies under it'} has begun to set: it waits now, or goes another way.`
  if (readiness === 'touch') return `${next.name} may be possible: touch ${spotName(touch!)} first.`
  return next.source === 'unknown' || next.source === 'unsound'
    ? `No date for ${next.name}: ${undatedBecause[next.source]}.`
    : `Too early for ${next.name}: wait until about ${dayText(next.day)}.`
}

/** A layer, and where on the picture it decides. */
const spotName = ({ name, area }: TouchSpot): string => (area === null ? name : `${name} ${inTheArea(area)}`)

const howTo = ({ gate }: TouchSpot): string =>
  gate === 'firm'
    ? 'Press a fingernail into the thickest spot you can spare: firm leaves no mark.'
    : 'Lay a clean finger lightly on the thickest spot: touch dry, nothing comes off and nothing sticks.'
