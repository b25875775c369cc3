import { useState } from 'react'
import type { ReactNode } from 'react'
import { owedWayNames, payNames } from '../../document/finish/owedWords.ts'
import type { OwedVarnish } from '../../studio/owed.ts'
import { read, send } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { dateText, mlText, upperFirst } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** Who has which picture where, what was agreed of its varnish, and when that is due. */
export function OwedView({
  initial,
  today,
}: {
  readonly initial: readonly OwedVarnish[]
  /** "2026-11-24" */
  readonly today: string
}) {
  useEarly()
  const [varnishes, setVarnishes] = useState(initial)
  const show = (): void =>
    void read('GET /api/owed').then((reply) =>
      reply.ok ? setVarnishes(reply.value.varnishes) : say(reply.refusal.message),
    )
  const done = ({ paintingId }: OwedVarnish, on: string | null): void =>
    void send('POST /api/paintings/{id}/varnish-done', { on }, { params: { id: paintingId } }).then(
      (reply) => {
        if (!reply.ok) return say(reply.refusal.message)
        say(`${reply.value.what}.`, reply.value.event, show)
        show()
      },
    )
  const open = varnishes.filter(({ owed }) => owed.doneOn === null)
  const archive = varnishes.filter(({ owed }) => owed.doneOn !== null).toReversed()
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(open, today)}</h1>
      <List label="Owed" rows={open} today={today}>
        {(row) => (
          <button type="button" className="button min-h-11" onClick={() => done(row, today)}>
            Done today
          </button>
        )}
      </List>
      {archive.length > 0 && (
        <>
          <h2 className="mt-8 border-b border-ink pb-1 text-[1.35rem]">Done</h2>
          <List label="Done" rows={archive} today={today}>
            {(row) => (
              <button type="button" className="min-h-11 link" onClick={() => done(row, null)}>
                It was not done
              </button>
            )}
          </List>
        </>
      )}
      <p className="mt-6 text-soft">
        What is agreed is written on the Finish of each picture; what is due stands on Today and in the
        calendar until it is done.
      </p>
      <Toasts />
    </>
  )
}

function answerOf(open: readonly OwedVarnish[], today: string): string {
  const [first] = open
  if (!first) return 'No varnish is owed.'
  const count = open.length === 1 ? 'One varnish is owed' : `${open.length} varnishes are owed`
  return `${count}: ${first.title} ${first.owed.due < today ? 'since' : 'by'} ${dateText(first.owed.due)}.`
}

function List({
  label,
  rows,
  today,
  children,
}: {
  readonly label: string
  readonly rows: readonly OwedVarnish[]
  readonly today: string
  readonly children: (row: OwedVarnish) => ReactNode
}) {
  return (
    <ul aria-label={label} className="mt-4">
      {rows.map((row) => {
        const { paintingId, title, owed, varnish, ml, client, place } = row
        const isLate = owed.doneOn === null && owed.due < today
        return (
          <li
            key={paintingId}
            className="grid items-start gap-x-8 gap-y-1 border-b border-rule py-3 sm:grid-cols-[9rem_1fr_auto]"
          >
            <span className="font-medium">
              {isLate && <VerdictMark verdict="watch" size={12} />} {dateText(owed.doneOn ?? owed.due)}
            </span>
            <div className="min-w-0">
              <a
                className="font-read text-[1.25rem] hover:underline"
                href={`/paintings/${paintingId}/finish`}
              >
                {title}
              </a>
              <p>
                {upperFirst(owedWayNames[owed.way])}
                {owed.by && `: ${owed.by}`}
                {owed.pays && `; ${payNames[owed.pays]}`}.
              </p>
              <p>
                {varnish}, {owed.coats === 1 ? 'one coat' : `${owed.coats} coats`}
                {ml !== null && `: take along ${mlText(ml)}`}.
              </p>
              <p className="text-[0.92rem] text-soft">
                {[owed.owner || client, owed.address || place, owed.note].filter(Boolean).join(' · ')}
              </p>
            </div>
            {children(row)}
          </li>
        )
      })}
    </ul>
  )
}
