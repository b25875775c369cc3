import { useState } from 'react'
import type { Feeling } from '../../document/batch.ts'
import type { BatchEntry, Shortage } from '../../studio/batchList.ts'
import type { ListPage } from '../../studio/paintingList.ts'
import { read } from '../../ui/client.ts'
import { FindField, ListFoot } from '../../ui/ListFoot.tsx'
import { usePages } from '../../ui/usePages.ts'
import { useDone } from '../../ui/done.ts'
import { ChoiceRow } from '../../ui/fields.tsx'
import { about, dateText, mlText, percentText } from '../../ui/format.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { feelings, feelingWords } from './feelings.ts'

interface ListProps {
  readonly initial: ListPage<BatchEntry>
  readonly shortages: ListPage<Shortage>
}

const marks = { making: 'note', fresh: 'sound', watch: 'watch', past: 'unsound' } as const

/** Every batch, what is left of it and until when; sorted by how it felt; and what the planned layers are short of. */
export function BatchList({ initial, shortages: needed }: ListProps) {
  useDone()
  const [by, setBy] = useState<Feeling | ''>('')
  const [asked, setAsked] = useState('')
  const pages = usePages(initial, `${by} ${asked}`, (from) =>
    read('GET /api/batches', { query: { find: asked, by, from } }),
  )
  const { entries: sorted } = pages
  const { entries: shortages } = needed
  const common = by === '' ? [] : sharedOf(sorted.map(({ holds }) => holds.map(({ name }) => name)))
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4 pb-4">
        <h1 className="text-[2.2rem] leading-none">Batches</h1>
        <span className="flex flex-wrap items-end gap-3 sm:justify-end">
          <FindField label="Find by name" value={asked} onValue={setAsked} />
          <ChoiceRow
            label="in order of how it felt"
            className="w-52"
            value={by}
            onValue={(chosen) => setBy(chosen as Feeling | '')}
            options={[
              { id: '', name: 'newest first' },
              ...feelings.map((feeling) => ({ id: feeling, name: feelingWords[feeling] })),
            ]}
          />
        </span>
      </div>
      {sorted.length === 0 && by === '' && (
        <p className="font-read text-xl">
          {asked ? 'No batch is called that.' : 'No batch is made yet. Open a medium and make it.'}
        </p>
      )}
      {by !== '' && sorted.length === 0 && <p className="text-soft">No batch has been felt for that yet.</p>}
      <ul>
        {sorted.map(({ id, title, state, useBy, leftMl, holds, feel }) => (
          <li key={id} className="border-t border-rule">
            <a
              href={`/batches/${id}`}
              className="grid min-h-12 gap-x-8 py-2.5 hover:bg-wash sm:grid-cols-[18rem_11rem_1fr]"
            >
              <span className="font-read text-[1.2rem] leading-tight [overflow-wrap:anywhere]">{title}</span>
              <span>
                <VerdictMark verdict={marks[state]} size={12} />{' '}
                {state === 'making'
                  ? 'being made'
                  : state === 'past'
                    ? `past ${dateText(useBy!)}`
                    : `use by about ${dateText(useBy!)}`}
                {state !== 'making' && (
                  <span className="block text-[0.88rem] text-soft">{mlText(leftMl)} left</span>
                )}
              </span>
              <span className="text-[0.92rem]">
                {holds.map(({ name, percent }, at) => (
                  <span
                    key={name}
                    className={by !== '' && !common.includes(name) ? 'font-medium' : 'text-soft'}
                  >
                    {at > 0 && ', '}
                    {percentText(percent / 100)} {name}
                  </span>
                ))}
                <span className="text-soft">{holds.length > 0 ? ' by mass' : 'nothing poured yet'}</span>
                {feelings.some((feeling) => feel[feeling] !== null) && (
                  <span className="block text-soft">
                    {feelings
                      .flatMap((feeling) =>
                        feel[feeling] === null ? [] : `${feelingWords[feeling]} ${feel[feeling]}`,
                      )
                      .join(' · ')}
                  </span>
                )}
              </span>
            </a>
          </li>
        ))}
      </ul>
      {by !== '' && sorted.length > 1 && (
        <p className="mt-2 text-[0.88rem] text-soft">What not all of them hold stands out.</p>
      )}
      <ListFoot pages={pages} what="batches" />
      <section aria-label="Shopping list" className="mt-8 border-t border-ink pt-3">
        <h2 className="text-xl">What the planned layers need</h2>
        {shortages.length === 0 ? (
          <p className="text-soft">No planned layer needs a medium, or its picture has no size yet.</p>
        ) : (
          <table className="mt-1 w-full max-w-[54rem]">
            <thead>
              <tr className="text-[0.8rem] text-soft">
                <td />
                <th scope="col" className="text-right font-normal">
                  needed
                </th>
                <th scope="col" className="text-right font-normal">
                  there is
                </th>
                <th scope="col" className="pl-6 text-left font-normal">
                  so
                </th>
              </tr>
            </thead>
            <tbody>
              {shortages.map(({ id: mediumId, name, layers, needMl, haveMl, shortMl, buy }) => (
                <tr key={mediumId} className="border-t border-rule align-top">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    {name}
                    <span className="block text-[0.88rem] text-soft">
                      {layers} {layers === 1 ? 'layer' : 'layers'}
                    </span>
                  </th>
                  <td className="py-1.5 text-right">{mlText(needMl)}</td>
                  <td className="py-1.5 text-right">{mlText(haveMl)}</td>
                  <td className="py-1.5 pl-6">
                    {shortMl > 0 ? (
                      <>
                        <VerdictMark verdict="watch" size={12} /> short of {mlText(shortMl)}
                        {buy.length > 0 && (
                          <>
                            ; for it buy{' '}
                            {buy.map(({ material, grams }) => `${about(grams)} g ${material}`).join(', ')}
                          </>
                        )}
                      </>
                    ) : (
                      'enough'
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {needed.count > shortages.length && (
          <p className="mt-2 text-soft">
            {needed.count - shortages.length} more mediums are needed; these are the shortest.
          </p>
        )}
        <p className="mt-2 text-[0.85rem] text-soft">
          By area, wet thickness and share of medium; nothing for what stays on the brush. Estimate. To buy:
          what the shelf keeps count of and has too little of.
        </p>
      </section>
      <Toasts />
    </>
  )
}

const sharedOf = (all: readonly (readonly string[])[]): readonly string[] =>
  (all[0] ?? []).filter((name) => all.every((names) => names.includes(name)))
