import { parseParts } from '../../core/measure/parse.ts'
import { TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'

interface PartsProps {
  readonly value: number
  /** Parts of all the paints. */
  readonly ofPaint: number
  readonly onValue: (parts: number) => void
}

/** Parts by volume beside those of the paint, typed as a number, a share or a ratio. */
export const Parts = ({ value, ofPaint, onValue }: PartsProps) => (
  <TypedRow
    label="parts"
    className="w-16"
    isFigure
    shown={String(Number(value.toPrecision(6)))}
    read={(text): Reading<number> => {
      const parsed = parseParts(text, ofPaint)
      return parsed.ok ? { value: parsed.value } : { problem: parsed.message }
    }}
    onValue={onValue}
  />
)
