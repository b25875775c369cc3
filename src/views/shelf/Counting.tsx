import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import type { ReactNode } from 'react'
import type { DropCount } from '../../core/measure/dropper.ts'
import { about } from '../../ui/format.ts'
import { NumberRow } from '../../ui/fields.tsx'

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
      <ul>
        {counts.map((one, at) => (
          <li key={at} className="flex items-center gap-3 border-t border-rule">
            <span className="grow">
              {one.drops} {what} weighed {one.grams} g: {about(one.grams / one.drops, 3)} g each
            </span>
            <button
              type="button"
              aria-label={`Remove weighing ${at + 1} of ${what}`}
              className="grid size-9 place-items-center hover:bg-wash"
              onClick={() => onCounts(counts.filter((_, index) => index !== at))}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
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
