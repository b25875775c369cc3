import { useState } from 'react'
import type { Feeling } from '../../document/batch.ts'
import type { BatchEntry, Shortage } from '../../studio/batchList.ts'
import { useDone } from '../../ui/done.ts'
import { Choice, Labelled } from '../../ui/fields.tsx'
import { dateText, gramsText, mlText } from '../../ui/format.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { feelings, feelingWords } from './feelings.ts'

interface ListProps {
  readonly entries: readonly BatchEntry[]
  readonly shortages: readonly Shortage[]
}

const marks = { making: 'note', fresh: 'sound', watch: 'watch', past: 'unsound' } as const

/** Every batch, what is left of it and until when; sorted by how it felt; and what the planned layers are short of. */
export function BatchList({ entries, shortages }: ListProps) {
  useDone()
  const [by, setBy] = useState<Feeling | ''>('')
  const sorted = by === '' ? entries : [...entries].filter(({ feel }) => feel[by] !== null).sort((a, b) => b.feel[by]! - a.feel[by]!)
  const common = by === '' ? [] : sharedOf(sorted.map(({ holds }) => holds.map(({ name }) => name)))
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4 pb-4">
        <h1 className="text-[2.2rem] leading-none">Batches</h1>
        <Labelled label="in order of how it felt" className="w-52">{(id) => <Choice id={id} value={by} onValue={(chosen) => setBy(chosen as Feeling | '')} options={[{ id: '', name: 'newest first' }, ...feelings.map((feeling) => ({ id: feeling, name: feelingWords[feeling] }))]} />}</Labelled>
      </div>
      {entries.length === 0 && <p className="font-read text-xl">No batch is made yet. Open a medium and make it.</p>}
      {by !== '' && sorted.length === 0 && <p className="text-soft">No batch has been felt for that yet.</p>}
      <ul>
        {sorted.map(({ id, title, state, useBy, leftMl, holds, feel }) => (
          <li key={id} className="border-t border-rule">
            <a href={`/batches/${id}`} className="grid min-h-12 gap-x-8 py-2.5 hover:bg-wash sm:grid-cols-[18rem_11rem_1fr]">
              <span className="font-read text-[1.2rem] leading-tight [overflow-wrap:anywhere]">{title}</span>
              <span><VerdictMark verdict={marks[state]} size={12} /> {state === 'making' ? 'being made' : state === 'past' ? `past ${dateText(useBy!)}` : `use by ${dateText(useBy!)}`}<span className="block text-[0.88rem] text-soft">{mlText(leftMl)} left</span></span>
              <span className="text-[0.92rem]">
                {holds.map(({ name, percent }, at) => <span key={name} className={by !== '' && !common.includes(name) ? 'font-medium' : 'text-soft'}>{at > 0 && ', '}{percent.toFixed(1)}&nbsp;% {name}</span>)}
                <span className="text-soft"> by mass</span>
                {feelings.some((feeling) => feel[feeling] !== null) && <span className="block text-soft">{feelings.flatMap((feeling) => (feel[feeling] === null ? [] : `${feelingWords[feeling]} ${feel[feeling]}`)).join(' · ')}</span>}
              </span>
            </a>
          </li>
        ))}
      </ul>
      {by !== '' && sorted.length > 1 && <p className="mt-2 text-[0.88rem] text-soft">What not all of them hold stands out.</p>}
      <section aria-label="Shopping list" className="mt-8 border-t border-ink pt-3">
        <h2 className="text-xl">What the planned layers need</h2>
        {shortages.length === 0 ? <p className="text-soft">No planned layer needs a medium, or its picture has no size yet.</p> : (
          <table className="mt-1 w-full max-w-[54rem]">
            <thead><tr className="text-[0.8rem] text-soft"><td /><th scope="col" className="text-right font-normal">needed</th><th scope="col" className="text-right font-normal">there is</th><th scope="col" className="pl-6 text-left font-normal">so</th></tr></thead>
            <tbody>
              {shortages.map(({ name, layers, needMl, haveMl, shortMl, buy }) => (
                <tr key={name} className="border-t border-rule align-top">
                  <th scope="row" className="py-1.5 text-left font-normal">{name}<span className="block text-[0.88rem] text-soft">{layers} {layers === 1 ? 'layer' : 'layers'}</span></th>
                  <td className="py-1.5 text-right">{mlText(needMl)}</td>
                  <td className="py-1.5 text-right">{mlText(haveMl)}</td>
                  <td className="py-1.5 pl-6">{shortMl > 0 ? <><VerdictMark verdict="watch" size={12} /> short of {mlText(shortMl)}{buy.length > 0 && <>; for it buy {buy.map(({ material, grams }) => `${gramsText(grams)} ${material}`).join(', ')}</>}</> : 'enough'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        <p className="mt-2 text-[0.85rem] text-soft">By area, wet thickness and share of medium; nothing for what stays on the brush. Estimate. To buy: what the shelf keeps count of and has too little of.</p>
      </section>
      <Toasts />
    </>
  )
} // prettier-ignore

const sharedOf = (all: readonly (readonly string[])[]): readonly string[] => (all[0] ?? []).filter((name) => all.every((names) => names.includes(name)))
