import { useState } from 'react'
import { emulsionOf } from '../../core/batch/emulsion.ts'
import { freshnessOn, keepingOf } from '../../core/batch/keeping.ts'
import { tubesFrom } from '../../core/batch/scaling.ts'
import type { Shelf } from '../../core/materials/shelf.ts'
import { dateOf, dayOf, minuteAt } from '../../core/plan/calendar.ts'
import type { Medium } from '../../core/medium/medium.ts'
import type { Batch } from '../../document/batch.ts'
import { leftMl } from '../../document/batchMedium.ts'
import type { Settings } from '../../document/studio.ts'
import { send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { Labelled, NumberField, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, dateText, mlText, percentText } from '../../ui/format.ts'
import { say } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Checks } from '../mediums/Checks.tsx'
import { Truths } from '../mediums/Truths.tsx'
import { feelings, feelingWords } from './feelings.ts'
import type { EditedBatch } from './useBatch.ts'

interface RecordProps {
  readonly edited: EditedBatch
  readonly shelf: Shelf
  readonly made: Medium | null
  readonly settings: Settings
  readonly parent: string | null
  readonly usedIn: readonly string[]
  readonly today: string
}

/** What the batch has become: what was really poured, how long it keeps, where it went, how it felt. */
export function Record({ edited, shelf, made, settings, parent, usedIn, today }: RecordProps) {
  const { batch, edit } = edited
  if (!made) return <p className="text-soft">Nothing is poured yet. What goes in is written down under Weigh.</p>
  const keeping = keepingOf(made.ingredients.map(({ material }) => material), batch.keptCold)
  const emulsion = emulsionOf(made.ingredients)
  const left = leftMl(batch, shelf)
  return (
    <div className="grid gap-x-12 gap-y-8 md:grid-cols-2">
      <div className="min-w-0">
        <Truths medium={made} />
        {emulsion && (
          <p className="mt-3">Egg emulsion: added oil is {percentText(emulsion.addedOilOfWet)} of the wet by mass; dried it is {percentText(emulsion.oilOfDry)} oil by mass{emulsion.fatWhenDry && <>, <b className="font-medium">fat when dry</b></>}; {percentText(emulsion.waterLost)} of it leaves. {emulsion.mayTurn && <><VerdictMark verdict="watch" size={12} /> With {about(emulsion.oilPerYolk)} parts of oil to one of yolk it may turn over.</>}</p>
        )}
        <Checks medium={made} settings={settings} />
        {usedIn.length > 0 && <p className="mt-3">Painted with it: {usedIn.join(', ')}.</p>}
      </div>
      <div className="flex min-w-0 flex-col gap-6">
        <Keeping batch={batch} days={keeping.days} because={keeping.because} lookEveryDays={keeping.lookEveryDays} today={today} edited={edited} />
        <section aria-label="Where it went" className="border-t border-ink pt-3">
          <h2 className="text-xl">Where it went</h2>
          {parent && <p>Taken from <a className="link" href={`/batches/${batch.parentId!}`}>{parent}</a>; it inherits what was in it.</p>}
          <p>Made {mlText(made.volumeMl)}; <label className="inline-flex items-baseline gap-1">stays in the pot <NumberField label="Stays in the pot" value={Math.round(batch.loss * 1000) / 10} low={0} high={60} unit="% of it" onValue={(percent) => edit({ loss: percent / 100 })} className="inline-flex w-24" /></label>; <b className="font-medium">{mlText(left)} are left</b>.</p>
          <ul>{batch.taken.map(({ ml, what, at }, index) => <li key={at + what + index} className="flex border-t border-rule py-1"><span className="grow">{what}</span><span className="w-24 text-right">{mlText(ml)}</span><span className="w-32 text-right text-soft">{dateText(at)}</span></li>)}</ul>
          <Taken edited={edited} left={left} />
          <Tubes volumeMl={made.volumeMl} loss={batch.loss} />
          {batch.madeOn ? <Split batch={batch} /> : <p className="mt-2 text-soft">Finish it under Weigh to take some of it as the beginning of another.</p>}
        </section>
        <Feel edited={edited} />
        <section aria-label="Label" className="border-t border-ink pt-3">
          <h2 className="text-xl">Label</h2>
          <p className="mt-1 flex flex-wrap gap-x-6">
            <a className="min-h-11 link" href={`/api/batches/${batch.id}/label.pdf?size=small`}>Small, 62 × 29 mm</a>
            <a className="min-h-11 link" href={`/api/batches/${batch.id}/label.pdf?size=large`}>Large, 90 × 60 mm</a>
          </p>
          <Labelled label="Note">{(id) => <TypedField id={id} shown={batch.note} read={(text): Reading<string> => (text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text })} onValue={(note) => edit({ note })} />}</Labelled>
          <button
            type="button"
            className="mt-3 min-h-11 text-soft link"
            onClick={() => void send('DELETE', `/api/batches/${batch.id}`, { seen: batch.revision }).then((reply) => (reply.ok ? goAndSay('/batches', `${batch.name}, batch ${batch.number} is removed.`, reply.value.event) : say(reply.refusal.message)))}
          >
            Remove the batch
          </button>
        </section>
      </div>
    </div>
  )
} // prettier-ignore

function Keeping({ batch, days, because, lookEveryDays, today, edited }: { readonly batch: Batch; readonly days: number; readonly because: string; readonly lookEveryDays: number; readonly today: string; readonly edited: EditedBatch }) {
  const made = batch.madeOn ? dayOf(batch.madeOn)! : null
  const fresh = made === null ? null : freshnessOn(made, { days }, dayOf(today)!)
  return (
    <section aria-label="How long it keeps">
      <h2 className="text-xl">How long it keeps</h2>
      {made === null ? <p>Use within {days} days of making, as {because}. <span className="text-soft">Estimate.</span></p> : (
        <p><VerdictMark verdict={fresh === 'past' ? 'unsound' : fresh === 'watch' ? 'watch' : 'sound'} size={13} /> Use by {dateText(dateOf(made + days))}: {because}. <span className="text-soft">Made {dateText(batch.madeOn!)}; estimate.</span></p>
      )}
      <label className="mt-1 flex min-h-11 items-center gap-3"><input type="checkbox" className="size-5 accent-[var(--ink)]" checked={batch.keptCold} onChange={({ target }) => edited.edit({ keptCold: target.checked })} /> kept cold</label>
      <p className="text-soft">Look for skin and thickening every {lookEveryDays} days. How is it today?</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {(['clear', 'skin', 'thick', 'spoilt'] as const).map((found) => <button key={found} type="button" className="button min-h-11" onClick={() => edited.edit({ looks: [...batch.looks, { on: today.slice(0, 10), found }] })}>{found}</button>)}
      </div>
      {batch.looks.length > 0 && <p className="mt-1 text-[0.92rem]">Looked at: {batch.looks.map(({ on, found }) => `${dateText(on)} ${found}`).join(', ')}.</p>}
    </section>
  )
} // prettier-ignore

function Taken({ edited, left }: { readonly edited: EditedBatch; readonly left: number }) {
  const { batch, edit } = edited
  const [ml, setMl] = useState<number | null>(null)
  const [what, setWhat] = useState('used')
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <Labelled label="Took out, ml" className="w-28">{(id) => <NumberField key={batch.taken.length} id={id} value={ml} low={0.1} high={Math.max(0.1, Math.round(left * 10) / 10)} onValue={setMl} />}</Labelled>
      <Labelled label="for" className="min-w-32 grow">{(id) => <TypedField id={id} shown={what} read={(text): Reading<string> => (text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Say what for.' })} onValue={setWhat} />}</Labelled>
      <button type="button" className="button min-h-11" disabled={ml === null} onClick={() => { edit({ taken: [...batch.taken, { ml: ml!, what, at: minuteAt(new Date()) }] }); setMl(null) }}>Write it down</button>
    </div>
  )
} // prettier-ignore

function Tubes({ volumeMl, loss }: { readonly volumeMl: number; readonly loss: number }) {
  const [tubeMl, setTubeMl] = useState(36)
  const { yieldMl, tubes, leftMl: rest } = tubesFrom(volumeMl, loss, tubeMl)
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <Labelled label="Into tubes of, ml" className="w-32">{(id) => <NumberField id={id} value={tubeMl} low={1} high={10000} onValue={setTubeMl} />}</Labelled>
      <p className="pb-2">{mlText(yieldMl)} fill {tubes} {tubes === 1 ? 'tube' : 'tubes'}, and {mlText(rest)} stay over.</p>
    </div>
  )
} // prettier-ignore

function Split({ batch }: { readonly batch: Batch }) {
  const [grams, setGrams] = useState<number | null>(null)
  const [name, setName] = useState(`${batch.name}, putty`)
  const split = (): void => void send<{ id: string }>('POST', `/api/batches/${batch.id}/split`, { grams, name }).then((reply) => (reply.ok ? window.location.assign(`/batches/${reply.value.id}#weigh`) : say(reply.refusal.message)))
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <Labelled label="Take of it, g" className="w-28">{(id) => <NumberField id={id} value={grams} low={0.1} high={100000} onValue={setGrams} />}</Labelled>
      <Labelled label="as the beginning of" className="min-w-40 grow">{(id) => <TypedField id={id} shown={name} read={(text): Reading<string> => (text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Name the new batch.' })} onValue={setName} />}</Labelled>
      <button type="button" className="button min-h-11" disabled={grams === null} onClick={split}>Begin it</button>
    </div>
  )
} // prettier-ignore

/** How it felt, on five scales, with a photograph. */
function Feel({ edited }: { readonly edited: EditedBatch }) {
  const { batch, edit } = edited
  const photograph = async (file: File): Promise<void> => {
    const response = await fetch(`/api/batches/${batch.id}/photo`, { method: 'PUT', body: file, headers: { 'content-type': 'application/octet-stream' } })
    const answer = (await response.json()) as { photo?: string; error?: { message: string } }
    if (answer.photo) edit({ photo: answer.photo })
    else say(answer.error?.message ?? 'The photograph could not be taken in.')
  }
  return (
    <section aria-label="How it felt" className="border-t border-ink pt-3">
      <h2 className="text-xl">How it felt</h2>
      {feelings.map((feeling) => (
        <div key={feeling} role="group" aria-label={feelingWords[feeling]} className="flex items-center gap-2 border-t border-rule py-1">
          <span className="w-28">{feelingWords[feeling]}</span>
          {[1, 2, 3, 4, 5].map((grade) => (
            <button key={grade} type="button" aria-pressed={batch.feel[feeling] === grade} className="grid size-11 place-items-center border border-rule aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper" onClick={() => edit({ feel: { ...batch.feel, [feeling]: batch.feel[feeling] === grade ? null : grade } })}>{grade}</button>
          ))}
        </div>
      ))}
      <p className="mt-1 text-[0.85rem] text-soft">1 little, 5 much. <a className="link" href="/batches">All batches</a> can be sorted by how they felt.</p>
      {batch.photo && <img src={`/api/photos/${batch.photo}`} alt={`${batch.name}, batch ${batch.number}`} width={320} height={240} className="mt-2 h-60 w-80 border border-rule object-cover" />}
      <label className="mt-2 inline-flex min-h-11 cursor-pointer items-center link">
        {batch.photo ? 'Another photograph' : 'A photograph'}
        <input type="file" accept="image/*" className="sr-only" onChange={({ target }) => { const [file] = target.files ?? []; if (file) void photograph(file); target.value = '' }} />
      </label>
    </section>
  )
} // prettier-ignore
