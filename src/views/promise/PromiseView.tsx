import { useMemo, useState } from 'react'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { stateIds, stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { promisedOf, stepsTalkedOf } from '../../core/plan/promise.ts'
import type { Promised, TalkedLayer } from '../../core/plan/promise.ts'
import { clockBy } from '../../core/room/roomLog.ts'
import type { RoomPaces } from '../../core/room/roomLog.ts'
import { workingDaysOf } from '../../document/picture/workingDays.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import type { PaintingPromise } from '../../studio/promises.ts'
import { read } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { ChoiceRow, DateRow } from '../../ui/fields.tsx'
import { dayText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { chanceInTen, standingOf } from '../horizon/words.ts'
import { Levers } from './Levers.tsx'
import { Ranges } from './Ranges.tsx'
import { sentenceOf } from './words.ts'

interface PromiseProps {
  readonly settings: Revised<Settings>
  readonly today: number
  readonly room: RoomPaces | null
  /** A painting that is promised; null: one that is only talked about. */
  readonly initial: PaintingPromise | null
}

const needed = stateIds.map((id) => ({ id, name: `${stateNames[id]} by then` }))

/** What to answer before a date is promised: when it is dry, sent and varnished, how safe their day is, and the sentence to send. */
export function PromiseView(props: PromiseProps) {
  useEarly()
  return (
    <>
      {props.initial ? <OfPainting {...props} initial={props.initial} /> : <OfCommission {...props} />}
      <p className="mt-8 text-[0.85rem] text-soft">
        Estimates of how oil dries, as the studio knows it today; nobody can promise them. Safe: nine times in
        ten.
      </p>
      <Toasts />
    </>
  )
}

function OfPainting({ initial, today }: PromiseProps & { readonly initial: PaintingPromise }) {
  const [promise, setPromise] = useState(initial)
  const [busy, setBusy] = useState(false)
  const { wanted, verdict } = promise
  const ask = (on: string | null, needs: StateId): void => {
    setBusy(true)
    void read('GET /api/paintings/{id}/promise', {
      params: { id: promise.id },
      query: { ...(on && { on }), needs },
    }).then((reply) => {
      setBusy(false)
      if (reply.ok) setPromise(reply.value)
      else say(reply.refusal.message)
    })
  }
  const needs = wanted?.needs ?? 'firm'
  const on = wanted ? dateOf(wanted.day) : null
  return (
    <>
      <Head title={promise.title} promise={promise} on={on} today={today} />
      <div className="flex flex-wrap items-end gap-4 pb-4" aria-busy={busy}>
        <DateRow
          label="The day that is wanted"
          className="w-44"
          value={on}
          onValue={(date) => ask(date, needs)}
        />
        <ChoiceRow
          label="and it must be"
          className="w-60"
          value={needs}
          options={needed}
          onValue={(state) => ask(on, state as StateId)}
        />
        <span className="min-h-6 text-soft" role="status">
          {busy && 'Reckoning …'}
        </span>
      </div>
      {verdict === 'unsound' && (
        <p className="pb-2">
          <VerdictMark verdict="unsound" size={13} /> Something on it is unsound: look at that before any date
          is promised.{' '}
          <a className="link" href={`/paintings/${promise.id}`}>
            the painting
          </a>
        </p>
      )}
      <Ranges promised={promise} today={today} wantedDay={wanted?.day ?? null} />
      {wanted && <Levers key={`${wanted.day} ${wanted.needs}`} promise={promise} wanted={wanted} />}
    </>
  )
}

/** The first thing: the answer; then the sentence to send. */
function Head({
  title,
  promise,
  on,
  today,
}: {
  readonly title: string
  readonly today: number
  readonly promise: Promised
  readonly on: string | null
}) {
  const { chance, latest, days } = promise
  const sentence = sentenceOf(promise, on)
  const [copied, setCopied] = useState(false)
  return (
    <>
      <h1 className="text-[2.2rem] leading-tight">
        {title}
        {on && chance !== null
          ? `: ${chanceInTen(chance)} that ${dayText(dayOf(on)!)} is kept`
          : days.sent
            ? `: may be sent about ${dayText(days.sent.likely)}`
            : ''}
      </h1>
      {on && (
        <p>
          {latest === null
            ? 'However soon the next layer goes on it is not safe: what lies on it already decides.'
            : latest < today
              ? `To be safe the next layer should have gone on by ${dayText(latest)}.`
              : `To be safe the next layer has to go on by ${dayText(latest)}.`}
        </p>
      )}
      <blockquote className="my-4 max-w-[46rem] border-l-2 border-ink pl-4 font-read text-[1.2rem]">
        {sentence}
        <button
          type="button"
          className="ml-3 min-h-9 font-plain text-[0.9rem] link"
          onClick={() => void navigator.clipboard.writeText(sentence).then(() => setCopied(true))}
        >
          {copied ? 'copied' : 'copy the sentence'}
        </button>
      </blockquote>
    </>
  )
}

const ways = [
  { id: 'glazes', name: 'thin glazes, each firm before the next', um: 20, gate: 'firm' },
  { id: 'body', name: 'ordinary body colour', um: 55, gate: 'touch' },
  { id: 'thick', name: 'thick paint', um: 150, gate: 'touch' },
] as const
const oils = [
  { id: 'slow', name: 'slow, pale oil', rate: 0.7 },
  { id: 'usual', name: 'ordinary linseed', rate: 1 },
  { id: 'alkyd', name: 'a fast alkyd medium in it', rate: 1.9 },
] as const

/** A picture that is not begun: a few words about it are enough for a first answer. */
function OfCommission({ settings, today, room }: PromiseProps) {
  const [count, setCount] = useState('3')
  const [way, setWay] = useState<string>('body')
  const [oil, setOil] = useState<string>('usual')
  const [from, setFrom] = useState(dateOf(today))
  const [on, setOn] = useState<string | null>(null)
  const [needs, setNeeds] = useState<StateId>('firm')
  const clock = useMemo(() => clockBy(room), [room])
  const promiseWith = (oilId: string, layers = Number(count), needed = needs): Promised => {
    const { um, gate } = ways.find(({ id }) => id === way)!
    const { rate } = oils.find(({ id }) => id === oilId)!
    const layer: TalkedLayer = { thicknessUm: um, rate, gate: oilId === 'alkyd' ? 'touch' : gate }
    const time = {
      ...workingDaysOf(settings),
      confidence: settings.confidence,
      today: Math.max(today, dayOf(from)!),
    }
    const steps = stepsTalkedOf(new Array<TalkedLayer>(layers).fill(layer), settings.climate, clock)
    return promisedOf(steps, time, on ? { day: dayOf(on)!, needs: needed } : null)
  }
  const promise = promiseWith(oil)
  const options = on
    ? [
        ...oils
          .filter(({ id }) => id !== oil)
          .map(({ id, name }) => ({ says: `With ${name}`, chance: promiseWith(id).chance })),
        ...(Number(count) > 1
          ? [{ says: 'One layer fewer', chance: promiseWith(oil, Number(count) - 1).chance }]
          : []),
        ...(needs === 'varnishSoft' || needs === 'cured'
          ? [{ says: 'Handed over unvarnished', chance: promiseWith(oil, Number(count), 'firm').chance }]
          : []),
      ]
    : []
  return (
    <>
      <Head title="A new commission" promise={promise} on={on} today={today} />
      <div className="flex flex-wrap items-end gap-4 pb-5">
        <ChoiceRow
          label="Layers"
          className="w-20"
          value={count}
          options={['1', '2', '3', '4', '5', '6', '7', '8'].map((id) => ({ id, name: id }))}
          onValue={setCount}
        />
        <ChoiceRow
          label="laid on as"
          className="w-72 max-w-full"
          value={way}
          options={ways}
          onValue={setWay}
        />
        <ChoiceRow label="in" className="w-56" value={oil} options={oils} onValue={setOil} />
        <DateRow label="begun on" className="w-44" value={from} onValue={(date) => date && setFrom(date)} />
        <DateRow label="They want it by" className="w-44" value={on} onValue={setOn} />
        <ChoiceRow
          label="and it must be"
          className="w-60"
          value={needs}
          options={needed}
          onValue={(state) => setNeeds(state as StateId)}
        />
      </div>
      <Ranges promised={promise} today={today} wantedDay={on ? dayOf(on) : null} />
      {options.length > 0 && (
        <section aria-label="What else to offer" className="mt-8">
          <h2 className="border-b border-ink pb-1 text-[1.35rem]">What else to offer</h2>
          <ul>
            {options.map(({ says, chance }) => (
              <li key={says} className="flex justify-between gap-6 border-b border-rule py-2">
                <span>{says}</span>
                <span>
                  <VerdictMark verdict={standingOf(chance ?? 0)} size={12} /> {chanceInTen(chance ?? 0)}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}
