import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useState } from 'react'
import type { ReactNode } from 'react'
import type { DropCount } from '../../core/measure/dropper.ts'
import { about } from '../../ui/format.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { RecordList } from './RecordList.tsx'

interface CountingProps {
  readonly legend: string
  /** What is counted: "drops". */
  readonly what: string
  readonly usual: number
  readonly counts: readonly DropCount[]
  readonly onCounts: (counts: DropCount[]) => void
  /** What the counts come to. */
  readonly children: ReactNode
}

/** Counting drops or squeezes into a scale, as often as one likes. */
export function Counting({ legend, what, usual, counts, onCounts, children }: CountingProps) {
  const [count, setCount] = useState(usual)
  const [grams, setGrams] = useState<number | null>(null)
  return (
    <fieldset className="sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">{legend}</legend>
      <RecordList
        items={counts}
        what={`weighing of ${what}`}
        words={({ drops, grams: weighed }) =>
          `${drops} ${what} weighed ${weighed} g: ${about(weighed / drops, 3)} g each`
        }
        onItems={onCounts}
      />
      <div className="flex flex-wrap items-end gap-4">
        <NumberRow
          label={what}
          className="w-24"
          value={count}
          low={1}
          high={10000}
          onValue={(value) => setCount(Math.round(value))}
        />
        <NumberRow
          label="weighed"
          className="w-28"
          value={grams}
          low={0.001}
          high={10000}
          unit="g"
          onValue={setGrams}
        />
        <button
          type="button"
          className="button"
          disabled={grams === null}
          onClick={() => {
            onCounts([...counts, { drops: count, grams: grams! }])
            setGrams(null)
          }}
        >
          <Plus size={15} aria-hidden="true" /> Count it
        </button>
      </div>
      <p className="mt-1 text-[0.88rem]">{children}</p>
    </fieldset>
  )
}
