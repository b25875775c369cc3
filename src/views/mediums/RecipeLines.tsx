import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core'
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable'
import { ArrowDown, ArrowUp, GripVertical, Plus, X } from 'lucide-react'
import { useState } from 'react'
import { parseAmount } from '../../core/measure/parse.ts'
import { unitName } from '../../core/measure/units.ts'
import type { Amount, Spoons } from '../../core/measure/units.ts'
import type { MediumResult } from '../../core/medium/medium.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import { Choice, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { gramsText, mlText } from '../../ui/format.ts'

export type Line = MediumDocument['recipe']['lines'][number]
type Choices = readonly { readonly id: string; readonly name: string; readonly group: string }[]

export const amountText = ({ amount, unit }: Amount): string => `${Number(amount.toPrecision(6))} ${unitName(unit, amount)}`
export const readAmount =
  (spoons: Spoons) =>
  (text: string): Reading<Amount> => {
    const parsed = parseAmount(text, spoons)
    return parsed.ok ? { value: parsed.value } : { problem: parsed.message }
  }

const idOf = (line: Line): string => ('material' in line ? line.material : `medium:${line.medium}`)
const withId = ({ amount, unit }: Amount, id: string): Line =>
  id.startsWith('medium:') ? { amount, unit, medium: id.slice(7) } : { amount, unit, material: id }

interface LinesProps {
  readonly lines: readonly Line[]
  readonly made: MediumResult
  readonly choices: Choices
  readonly spoons: Spoons
  readonly onLines: (lines: readonly Line[]) => void
}

/** The recipe line by line as the painter wrote it; dragged or moved by keys. */
export function RecipeLines({ lines, made, choices, spoons, onLines }: LinesProps) {
  const [fresh, setFresh] = useState(0)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const ids = lines.map((_, at) => String(at + 1))
  const moved = (from: number, to: number): void => {
    const next = [...lines]
    const [line] = next.splice(from, 1)
    next.splice(to, 0, line!)
    onLines(next)
  }
  return (
    <>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => over && active.id !== over.id && moved(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)))}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol>
            {lines.map((line, at) => (
              <RecipeRow
                key={ids[at]}
                id={ids[at]!}
                line={line}
                at={at}
                last={at === lines.length - 1}
                measured={made.ok ? made.medium.lines[at] : undefined}
                problem={made.ok ? undefined : made.problems.find((one) => one.line === at)?.message}
                choices={choices}
                spoons={spoons}
                onLine={(changed) => onLines(lines.map((one, index) => (index === at ? changed : one)))}
                onMove={(by) => moved(at, at + by)}
                onRemove={() => onLines(lines.filter((_, index) => index !== at))}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <NewLine
        key={fresh}
        choices={choices}
        spoons={spoons}
        onAdd={(line) => {
          onLines([...lines, line])
          setFresh(fresh + 1)
        }}
      />
    </>
  )
}

interface RowProps {
  readonly id: string
  readonly line: Line
  readonly at: number
  readonly last: boolean
  readonly measured: { readonly massG: number; readonly volumeMl: number } | undefined
  readonly problem: string | undefined
  readonly choices: Choices
  readonly spoons: Spoons
  readonly onLine: (line: Line) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onRemove: () => void
}

function RecipeRow({ id, line, at, last, measured, problem, choices, spoons, onLine, onMove, onRemove }: RowProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id })
  return (
    <li
      ref={setNodeRef}
      className={`border-t border-rule py-1.5 ${isDragging ? 'relative z-10 bg-sheet' : ''}`}
      style={transform ? { transform: `translateY(${transform.y}px)`, transition } : undefined}
    >
      <div className="flex items-start gap-2">
        <button type="button" className="h-9 w-[26px] shrink-0 touch-none text-stone hover:text-ink" aria-label={`Drag line ${at + 1}`} {...attributes} {...listeners}>
          <GripVertical size={16} aria-hidden="true" className="mx-auto" />
        </button>
        <TypedField label={`Amount, line ${at + 1}`} shown={amountText(line)} read={readAmount(spoons)} onValue={({ amount, unit }) => onLine({ ...line, amount, unit })} className="w-26 shrink-0" />
        <span className="flex min-w-0 grow flex-col">
          <Choice label={`Material, line ${at + 1}`} value={idOf(line)} onValue={(chosen) => onLine(withId(line, chosen))} options={choices} />
          <span className="text-[0.82rem] text-soft">{measured && `${gramsText(measured.massG)}, ${mlText(measured.volumeMl)} of material`}</span>
        </span>
        <span className="flex shrink-0">
          <LineButton label={`Move line ${at + 1} up`} disabled={at === 0} onClick={() => onMove(-1)} icon={<ArrowUp size={15} aria-hidden="true" />} />
          <LineButton label={`Move line ${at + 1} down`} disabled={last} onClick={() => onMove(1)} icon={<ArrowDown size={15} aria-hidden="true" />} />
          <LineButton label={`Remove line ${at + 1}`} onClick={onRemove} icon={<X size={15} aria-hidden="true" />} />
        </span>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-[0.85rem] text-unsound">
          {problem}
        </p>
      )}
    </li>
  )
} // prettier-ignore

function LineButton({ label, icon, ...rest }: { readonly label: string; readonly icon: React.ReactNode; readonly disabled?: boolean; readonly onClick: () => void }) {
  return (
    <button type="button" aria-label={label} title={label} className="grid h-9 w-8 place-items-center rounded hover:bg-wash disabled:text-stone" {...rest}>
      {icon}
    </button>
  )
} // prettier-ignore

function NewLine({ choices, spoons, onAdd }: { readonly choices: Choices; readonly spoons: Spoons; readonly onAdd: (line: Line) => void }) {
  const [text, setText] = useState('')
  const [id, setId] = useState('linseed_stand_oil')
  const [problem, setProblem] = useState<string | null>(null)
  const add = (): void => {
    const parsed = parseAmount(text, spoons)
    if (parsed.ok) onAdd(withId(parsed.value, id))
    else setProblem(text.trim() ? parsed.message : 'Write how much first, such as 30 ml.')
  }
  return (
    <form
      aria-label="Add a line"
      className="border-t border-rule py-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <div className="flex items-start gap-2 pl-[34px]">
        <input aria-label="Amount of the new line" placeholder="30 ml" className="field w-26 shrink-0 placeholder:text-soft" value={text} aria-invalid={problem !== null} onChange={({ target }) => { setText(target.value); setProblem(null) }} />
        <Choice label="Material of the new line" value={id} onValue={setId} options={choices} />
        <button type="submit" className="button shrink-0">
          <Plus size={15} aria-hidden="true" /> Add
        </button>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-[0.85rem] text-unsound">
          {problem}
        </p>
      )}
    </form>
  )
} // prettier-ignore
