import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import type { FindMaterial } from '../../core/materials/find.ts'
import { mostPaints } from '../../document/paints.ts'
import type { Paint } from '../../document/paints.ts'
import { newPaint, PaintLine } from './PaintLine.tsx'
import type { Stock } from './PaintLine.tsx'

interface PaintsProps {
  readonly paints: readonly Paint[]
  readonly stock: Stock
  readonly findMaterial: FindMaterial
  readonly className?: string
  /** Of the button that adds the first one. */
  readonly first?: string
  readonly onPaints: (paints: Paint[]) => void
}

/** The paints of a film, in parts by volume. */
export const PaintsField = ({
  paints,
  stock,
  findMaterial,
  className = '',
  first = 'a colour',
  onPaints,
}: PaintsProps) => (
  <fieldset className={`min-w-0 ${className}`}>
    <legend className="text-[0.8rem] text-soft">Paint, in parts by volume</legend>
    {paints.map((paint, at) => (
      <PaintLine
        key={at}
        paint={paint}
        findMaterial={findMaterial}
        stock={stock}
        onPaint={(changed) => onPaints(paints.map((one, index) => (index === at ? changed : one)))}
        onRemove={() => onPaints(paints.filter((_, index) => index !== at))}
      />
    ))}
    <button
      type="button"
      className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link disabled:text-soft"
      disabled={paints.length >= mostPaints}
      onClick={() => onPaints([...paints, newPaint])}
    >
      <Plus size={14} aria-hidden="true" /> {paints.length > 0 ? 'another colour' : first}
    </button>
  </fieldset>
)
