import { useState } from 'react'
import { putAwayTexts } from '../../core/evening/putAway.ts'
import { minuteAt } from '../../core/plan/calendar.ts'
import { listed } from '../../core/words.ts'
import { settingsId } from '../../document/settingsId.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { shownOn } from '../../saving/desk.ts'
import type { Evening } from '../../studio/evening.ts'
import type { EveningPage } from '../../studio/lists/eveningPage.ts'
import type { Request } from '../../saving/server.ts'
import { read, requestTo } from '../../ui/client.ts'
import { dateText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { Judging } from '../../ui/lists/Judging.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDesk } from '../../ui/useDesk.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { useOnceSent } from '../../ui/sent/useOnceSent.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { closedAsTapped, tickedAsTapped } from './asTapped.ts'
import type { Tick } from './asTapped.ts'
import { PutAwayList } from './PutAwayList.tsx'

export interface KeepingProps {
  readonly settings: Revised<Settings>
  /** "2026-11-24" */
  readonly today: string
  readonly onChange: (change: Partial<Settings>) => void
}

const keeping = later(() => import('./keeping.ts'))

/** The end of the day: what today leaves to be put away, what stands about, and what goes to the collection point. */
export function EveningView({
  initial,
  initialSettings,
  today,
  events,
  judging,
}: {
  readonly initial: EveningPage
  readonly initialSettings: Revised<Settings>
  readonly today: string
  readonly events: readonly number[]
  /** How many paintings are still to be judged: what was done on them is not told yet. */
  readonly judging: number
}) {
  const [things] = useState(() => [
    { kind: 'setting' as const, id: settingsId, body: { ...initialSettings, id: settingsId } },
  ])
  const { desk, state } = useDesk(`setting/${settingsId}`, things, events)
  const settings = shownOn(state, 'setting', settingsId) ?? initialSettings
  const [page, setPage] = useState(initial)
  const late = useLater(keeping)
  const show = (): void =>
    void read('GET /api/evening').then((reply) =>
      reply.ok ? setPage(reply.value) : say(reply.refusal.message),
    )
  useOnceSent(state.standing, show)
  const act = (request: Request, asTapped: (page: EveningPage) => EveningPage): void =>
    void desk.act(request).then((outcome) => {
      if (outcome.is === 'refused') return say(outcome.refusal.message)
      if (outcome.is === 'kept') return setPage(asTapped)
      const { what, event } = outcome.written
      say(`${what}.`, event, show)
      show()
    })
  const deeds = {
    onTick: (on: string, tick: Tick): void => {
      const told = { ...tick, tapped: minuteAt(new Date()) }
      act(requestTo('POST /api/closings/{on}/tick', told, { params: { on } }), (shown) =>
        tickedAsTapped(shown, on, tick),
      )
    },
    onClose: (on: string): void => {
      const tapped = minuteAt(new Date())
      act(requestTo('POST /api/closings/{on}/close', { tapped }, { params: { on } }), (shown) =>
        closedAsTapped(shown, on, tapped),
      )
    },
  }
  const onChange = (change: Partial<Settings>): void => desk.edit('setting', settingsId, change)
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(page)}</h1>
      <SaveLine desk={desk} state={state} />
      <Judging left={judging} onDone={show} />
      {page.before.map((evening) => (
        <section key={evening.on} aria-label={`Still about from ${dateText(evening.on)}`} className="mt-3">
          <h2 className="border-b border-ink pb-1 text-[1.35rem]">
            <VerdictMark verdict="watch" size={14} /> Still about from {dateText(evening.on)}
          </h2>
          <PutAwayList evening={evening} checks={[]} {...deeds} />
        </section>
      ))}
      <section aria-label="Today" className="mt-3">
        {page.before.length > 0 && <h2 className="mt-6 border-b border-ink pb-1 text-[1.35rem]">Today</h2>}
        {page.today.done.length > 0 && <p className="text-soft">Used today: {listed(page.today.done)}.</p>}
        <PutAwayList evening={page.today} checks={settings.ownChecks} {...deeds} />
      </section>
      {late && (
        <div className="mt-8 grid gap-x-12 gap-y-8 border-t border-ink pt-5 lg:grid-cols-2">
          <late.Jars {...{ settings, today, onChange }} />
          <late.Waste {...{ settings, today, onChange }} />
          <late.BrushSets {...{ settings, today, onChange }} />
          <late.OwnChecks {...{ settings, today, onChange }} />
        </div>
      )}
      <p className="mt-8 text-[0.88rem] text-soft">
        Local rules, the safety data sheets and your waste service come first.
      </p>
      <Toasts />
    </>
  )
}

function answerOf({ today: { asks, out, closing }, before }: EveningPage): string {
  const still = before.flatMap((evening) => evening.out)
  if (still.length > 0) return `Not put away yet: ${namesOf(still)}.`
  if (closing.closedAt) return `Put away at ${closing.closedAt.slice(11)}. Good night.`
  if (asks.length === 0) return 'Nothing was used today that has to be put away.'
  if (out.length === 0) return 'All is put away: close the day.'
  return `Put away before you go: ${namesOf(out)}.`
}

const namesOf = (all: Evening['out']): string =>
  listed([...new Set(all)].map((what) => putAwayTexts[what].short))
