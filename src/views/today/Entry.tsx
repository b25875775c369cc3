import { useState } from 'react'
import type { Finger } from '../../core/cure/checks.ts'
import { fingerWords } from '../../core/cure/checkWords.ts'
import { mayBeDoneInShort } from '../../core/finish/mayBeDone.ts'
import { minuteAt } from '../../core/plan/calendar.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import type { Desk, Outcome } from '../../saving/desk.ts'
import type { TodayEntry, TouchSpot } from '../../studio/lists/todayList.ts'
import { requestTo } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { chanceText, datesText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { TouchButtons } from '../../ui/touch/TouchButtons.tsx'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { howTo, sentence, spotName } from './entryWords.ts'

/** One picture of the morning: what may be done to it, why, and the taps that write it down. */
export function Entry({
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
