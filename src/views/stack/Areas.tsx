import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { parseNumber } from '../../core/measure/parse.ts'
import { leftOver, mostAreas, restId } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import { brushOf } from '../../document/brush.ts'
import { namedAreasOf, newArea } from '../../document/picture/areas.ts'
import { areasIn } from '../../document/picture/picture.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { AreaDocument } from '../../document/studio.ts'
import { TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about } from '../../ui/format.ts'

/** The parts of a picture: their names, and how much of the surface each takes. What they leave over is a part too. */
export function Areas({
  picture,
  onChange,
}: {
  readonly picture: Picture
  readonly onChange: (areas: AreaDocument[]) => void
}) {
  const areas = namedAreasOf(picture)
  const rest = areas.length > 0 ? areasIn(picture).find(({ id }) => id === restId) : undefined
  const change = (id: string, part: Partial<AreaDocument>): void =>
    onChange(areas.map((area) => (area.id === id ? { ...area, ...part } : area)))
  const others = (id: string): AreaDocument[] => areas.filter((area) => area.id !== id)
  const isUsed = (id: string): boolean => picture.layers.some((layer) => brushOf(layer).areas.includes(id))
  return (
    <fieldset className="sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">
        Parts with layers of their own, and their share of the picture
      </legend>
      {areas.map(({ id, name, share }) => (
        <div key={id} className="flex items-center gap-3">
          <TypedField
            label={`Name of ${name}`}
            className="grow"
            shown={name}
            read={(text) => readName(text, others(id))}
            onValue={(next) => change(id, { name: next })}
          />
          <TypedField
            label={`${name}, share of the picture`}
            className="w-20"
            shown={share === null ? '' : about(100 * share, 3)}
            read={(text) => readShare(text, leftOver(others(id)))}
            onValue={(next) => change(id, { share: next })}
            inputMode="decimal"
            suffix="%"
          />
          <button
            type="button"
            aria-label={isUsed(id) ? `${name} has layers of its own` : `Remove ${name}`}
            disabled={isUsed(id)}
            className="grid size-9 place-items-center hover:bg-wash disabled:opacity-30"
            onClick={() => onChange(others(id))}
          >
            <X size={15} aria-hidden="true" />
          </button>
        </div>
      ))}
      {rest && (
        <p className="text-[0.85rem] text-soft">
          The rest: {about(100 * rest.share!, 3)}&nbsp;% of the picture.
        </p>
      )}
      {areas.length < mostAreas && (
        <button
          type="button"
          className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link"
          onClick={() => onChange([...areas, newArea(`part ${areas.length + 1}`, crypto.randomUUID())])}
        >
          <Plus size={14} aria-hidden="true" /> a part
        </button>
      )}
    </fieldset>
  )
}

const readName = (text: string, others: readonly Area[]): Reading<string> => {
  const name = text.trim().slice(0, 120)
  if (!name) return { problem: 'Give the part a name.' }
  return others.some((other) => other.name === name)
    ? { problem: 'Another part has that name.' }
    : { value: name }
}

/** A share, of what the other parts leave. */
const readShare = (text: string, left: number): Reading<number | null> => {
  if (!text.trim()) return { value: null }
  const number = parseNumber(text)
  if (number === null || number <= 0 || number > 100)
    return { problem: 'Between 0 and 100 % of the picture.' }
  return number / 100 > left + 1e-9
    ? { problem: `The other parts leave ${about(100 * left, 3)} % of the picture.` }
    : { value: number / 100 }
}
