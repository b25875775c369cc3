import { useState } from 'react'
import type { Feeling } from '../../document/batch.ts'
import type { BatchEntry } from '../../studio/lists/batchList.ts'
import type { ShoppingList } from '../../studio/lists/shopping.ts'
import type { ListPage } from '../../studio/listPage.ts'
import { read } from '../../ui/client.ts'
import { FindField, ListFoot } from '../../ui/lists/ListFoot.tsx'
import { usePages } from '../../ui/lists/usePages.ts'
import { useDone } from '../../ui/done.ts'
import { ChoiceRow } from '../../ui/fields.tsx'
import { dateText, mlText, percentText } from '../../ui/format.ts'
import { RoomMark } from '../../ui/room/RoomMark.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { BeginLink, Empty } from '../../ui/lists/Empty.tsx'
import { answerOf } from './answer.ts'
import { feelings, feelingWords } from './feelings.ts'
import { freshnessMarks } from './freshness.ts'
import { Shopping, useShopping } from './Shopping.tsx'

interface ListProps {
  readonly initial: ListPage<BatchEntry>
  /** About to spoil, past it, or due for a look. */
  readonly toLookAt: ListPage<BatchEntry>
  readonly shopping: ShoppingList
  /** Paintings still to be judged: what they need is not known yet. */
  readonly judging: number
}

const marks = { making: 'note', ...freshnessMarks } as const

/** What the planned layers need, while their pictures are still to be judged. */
const notKnown = { entries: [] }

/** Every batch, what is left of it and until when; sorted by how it felt; and what the planned layers are short of. */
export function BatchList({ initial, toLookAt, shopping: atFirst, judging }: ListProps) {
  useDone()
  const [by, setBy] = useState<Feeling | ''>('')
  const [asked, setAsked] = useState('')
  const pages = usePages(initial, `${by} ${asked}`, (from) =>
    read('GET /api/batches', { query: { find: asked, by, from } }),
  )
  const { entries: sorted } = pages
  const shopping = useShopping(atFirst, judging)
  const common = by === '' ? [] : sharedOf(sorted.map(({ holds }) => holds.map(({ name }) => name)))
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4 pb-4">
        <h1 className="max-w-[44rem] text-[2.2rem] leading-tight">
          {answerOf(initial.count, toLookAt, shopping.isKnown ? shopping : notKnown)}
        </h1>
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
      {sorted.length === 0 &&
        by === '' &&
        (asked ? (
          <p className="font-read text-xl">No batch is called that.</p>
        ) : (
          <Empty says="No batch is made yet. A jar you weigh out stands here with what is really in it, how much is left and how long it keeps.">
            <BeginLink to="/mediums">Choose a medium to make</BeginLink>
          </Empty>
        ))}
      {by !== '' && sorted.length === 0 && <p className="text-soft">No batch has been felt for that yet.</p>}
      <ul>
        {sorted.map(({ id, title, state, useBy, leftMl, room, holds, feel }) => (
          <li key={id} className="border-t border-rule">
            <a
              href={`/batches/${id}`}
              className="grid min-h-12 gap-x-8 py-2.5 hover:bg-wash sm:grid-cols-[17rem_14rem_1fr]"
            >
              <span className="font-read text-[1.2rem] leading-tight [overflow-wrap:anywhere]" translate="no">
                {title}
              </span>
              <span>
                <Standing state={state} useBy={useBy} leftMl={leftMl} />
                {room && leftMl > 0 && (
                  <span className="block">
                    <RoomMark answer={room} />
                  </span>
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
      <Shopping shopping={shopping} judging={judging} />
      <Toasts />
    </>
  )
}

const sharedOf = (all: readonly (readonly string[])[]): readonly string[] =>
  (all[0] ?? []).filter((name) => all.every((names) => names.includes(name)))

/** How long a batch keeps yet, and what is left of it; one that is used up keeps no more. */
function Standing({ state, useBy, leftMl }: Pick<BatchEntry, 'state' | 'useBy' | 'leftMl'>) {
  if (state !== 'making' && leftMl === 0) return <span className="text-soft">used up</span>
  return (
    <>
      <VerdictMark verdict={marks[state]} size={12} />{' '}
      {state === 'making'
        ? 'being made'
        : state === 'past'
          ? `past ${dateText(useBy!)}`
          : `use by about ${dateText(useBy!)}`}
      {state !== 'making' && <span className="block text-[0.88rem] text-soft">{mlText(leftMl)} left</span>}
    </>
  )
}
