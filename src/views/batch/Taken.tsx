import { useState } from 'react'
import { tubesFrom } from '../../core/batch/scaling.ts'
import { minuteAt } from '../../core/plan/calendar.ts'
import { Labelled, NumberField, NumberRow, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { mlText } from '../../ui/format.ts'
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
            onValue={setMl}
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
        }}
      >
        Write it down
      </button>
    </div>
  )
}

export function Tubes({ volumeMl, loss }: { readonly volumeMl: number; readonly loss: number }) {
  const [tubeMl, setTubeMl] = useState(36)
  const { yieldMl, tubes, leftMl: rest } = tubesFrom(volumeMl, loss, tubeMl)
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
        {mlText(yieldMl)} fill {tubes} {tubes === 1 ? 'tube' : 'tubes'}, and {mlText(rest)} stay over.
      </p>
    </div>
  )
}
