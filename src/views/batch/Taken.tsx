import X from 'lucide-react/dist/esm/icons/x.mjs'
import { useState } from 'react'
import { tubesFrom } from '../../core/batch/scaling.ts'
import { minuteAt } from '../../core/plan/calendar.ts'
import { Labelled, NumberField, NumberRow, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { dateText, mlText } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import type { EditedBatch } from './useBatch.ts'

export function Taken({ edited, left }: { readonly edited: EditedBatch; readonly left: number }) {
  const { batch, edit } = edited
  const [ml, setMl] = useState<number | null>(null)
  const [what, setWhat] = useState('used')
  return (
    <div className="mt-2 flex flex-wrap items-end gap-3">
      <Labelled label="Took out, ml" className="w-28">
        {(id) => (
          <NumberField
            key={batch.taken.length}
            id={id}
            value={ml}
            low={0.1}
            high={Math.max(0.1, Math.round(left * 10) / 10)}
            unit="ml"
            onValue={setMl}
            onEmpty={() => setMl(null)}
          />
        )}
      </Labelled>
      <Labelled label="for" className="min-w-32 grow">
        {(id) => (
          <TypedField
            id={id}
            shown={what}
            read={(text): Reading<string> =>
              text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Say what for.' }
            }
            onValue={setWhat}
          />
        )}
      </Labelled>
      <button
        type="button"
        className="button min-h-11"
        disabled={ml === null}
        onClick={() => {
          edit({ taken: [...batch.taken, { ml: ml!, what, at: minuteAt(new Date()) }] })
          setMl(null)
          setWhat('used')
        }}
      >
        Write it down
      </button>
    </div>
  )
}

/** Tubes filled from what is left, counted and written down. */
export function Tubes({ edited, left }: { readonly edited: EditedBatch; readonly left: number }) {
  const { batch, edit } = edited
  const [tubeMl, setTubeMl] = useState(36)
  const { tubes, leftMl: over } = tubesFrom(left, 0, tubeMl)
  const words = `${tubes} ${tubes === 1 ? 'tube' : 'tubes'} of ${tubeMl} ml`
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <NumberRow
        label="Into tubes of, ml"
        className="w-32"
        value={tubeMl}
        low={1}
        high={10000}
        onValue={setTubeMl}
      />
      <p className="pb-2">
        {tubes === 0
          ? `${mlText(left)} do not fill one.`
          : `The ${mlText(left)} left fill ${words}; ${mlText(over)} are over.`}
      </p>
      {tubes > 0 && (
        <button
          type="button"
          className="button min-h-11"
          onClick={() =>
            edit({
              taken: [...batch.taken, { ml: tubes * tubeMl, what: words, at: minuteAt(new Date()) }],
            })
          }
        >
          They are filled
        </button>
      )}
    </div>
  )
}

/** What was taken out so far; one written by mistake goes back. */
export function TakenList({ edited }: { readonly edited: EditedBatch }) {
  const { batch, edit } = edited
  return (
    <ul>
      {batch.taken.map(({ ml, what, at }, index) => (
        <li key={at + what + index} className="flex items-center border-t border-rule py-1">
          <span className="grow">{what}</span>
          <span className="w-24 text-right">{mlText(ml)}</span>
          <span className="w-32 text-right text-soft">{dateText(at)}</span>
          <IconButton
            label={`Put back: ${what}, ${mlText(ml)}`}
            onClick={() => edit({ taken: batch.taken.filter((_, other) => other !== index) })}
          >
            <X size={15} aria-hidden="true" />
          </IconButton>
        </li>
      ))}
    </ul>
  )
}
