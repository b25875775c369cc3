import ArrowDown from 'lucide-react/dist/esm/icons/arrow-down.mjs'
import ArrowUp from 'lucide-react/dist/esm/icons/arrow-up.mjs'
import GripVertical from 'lucide-react/dist/esm/icons/grip-vertical.mjs'
import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { useRef, useState } from 'react'
import { parseAmount } from '../../core/measure/parse.ts'
import { unitName } from '../../core/measure/units.ts'
import type { Amount, Spoons, Unit } from '../../core/measure/units.ts'
import type { MediumResult } from '../../core/medium/medium.ts'
import type { RecipeLine } from '../../core/medium/recipe.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { TypedField } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { moved, MovingRow, useSorting } from '../../ui/sorting.tsx'
import type { Moving } from '../../ui/sorting.tsx'
import { gramsText, mlText } from '../../ui/format.ts'
import type { Bench } from '../../ui/bench/useBench.ts'

/** What a line may be of, and how what is chosen is made known. */
interface Choosing extends Pick<Bench, 'bring' | 'coming'> {
  readonly choices: readonly Choosable[]
  readonly nameOf: (id: string) => string
}

export const amountText = ({ amount, unit }: Amount): string =>
  `${Number(amount.toPrecision(6))} ${unitName(unit, amount)}`
/** An amount as typed; a bare number is in the unit that stood there. */
export const readAmount =
  (spoons: Spoons, before?: Amount) =>
  (text: string): Reading<Amount> => {
    const parsed = parseAmount(text, spoons, before?.unit)
    return parsed.ok ? { value: parsed.value } : { problem: parsed.message }
  }

export const idOf = (line: RecipeLine): string => ('material' in line ? line.material : line.medium)
const lineOf = ({ amount, unit }: Amount, { id, kind }: Choosable): RecipeLine =>
  kind === 'medium' ? { amount, unit, medium: id } : { amount, unit, material: id }

interface LinesProps extends Choosing {
  readonly lines: readonly RecipeLine[]
  readonly made: MediumResult
  readonly spoons: Spoons
  readonly onLines: (lines: readonly RecipeLine[]) => void
}

const ingredientLookups = ['medium', 'shelf_item'] as const

/** The recipe line by line as the painter wrote it; dragged or moved by keys. */
export function RecipeLines({ lines, made, spoons, onLines, ...choosing }: LinesProps) {
  const rows = lines.map((line, at) => ({ id: String(at + 1), name: choosing.nameOf(idOf(line)) }))
  const move = (from: number, to: number): void => onLines(moved(lines, from, to))
  const { movings, mover } = useSorting(rows, move)
  return (
    <>
      <ol>
        {lines.map((line, at) => (
          <MovingRow key={at} id={rows[at]!.id} movings={movings}>
            {(moving) => (
              <RecipeRow
                moving={moving}
                line={line}
                at={at}
                last={at === lines.length - 1}
                measured={made.ok ? made.medium.lines[at] : undefined}
                problem={made.ok ? undefined : made.problems.find((one) => one.line === at)?.message}
                spoons={spoons}
                onLine={(changed) => onLines(lines.map((one, index) => (index === at ? changed : one)))}
                onMove={(by) => move(at, at + by)}
                onRemove={() => onLines(lines.filter((_, index) => index !== at))}
                {...choosing}
              />
            )}
          </MovingRow>
        ))}
      </ol>
      {mover}
      <NewLine
        spoons={spoons}
        lastUnit={lines.at(-1)?.unit}
        onAdd={(line) => onLines([...lines, line])}
        {...choosing}
      />
    </>
  )
}

interface RowProps extends Choosing {
  readonly moving: Moving
  readonly line: RecipeLine
  readonly at: number
  readonly last: boolean
  readonly measured: { readonly massG: number; readonly volumeMl: number } | undefined
  readonly problem: string | undefined
  readonly spoons: Spoons
  readonly onLine: (changed: RecipeLine) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onRemove: () => void
}

function RecipeRow({
  moving: { ref, style, isDragging, handle },
  line,
  at,
  last,
  measured,
  problem,
  choices,
  nameOf,
  bring,
  coming,
  spoons,
  onLine,
  onMove,
  onRemove,
}: RowProps) {
  return (
    <li
      ref={ref}
      className={`border-t border-rule py-1.5 ${isDragging ? 'relative z-10 bg-sheet' : ''}`}
      style={style}
    >
      <div className="flex flex-wrap items-start gap-2 sm:flex-nowrap">
        <button
          type="button"
          className="h-9 w-[26px] shrink-0 touch-none text-stone hover:text-ink"
          aria-label={`Drag line ${at + 1}`}
          {...handle}
        >
          <GripVertical size={16} aria-hidden="true" className="mx-auto" />
        </button>
        <TypedField
          label={`Amount, line ${at + 1}`}
          isFigure
          shown={amountText(line)}
          read={readAmount(spoons, line)}
          onValue={({ amount, unit }) => onLine({ ...line, amount, unit })}
          className="w-26 shrink-0"
        />
        <span className="order-last flex min-w-0 grow basis-full flex-col pl-[34px] sm:order-none sm:basis-auto sm:pl-0">
          <Chooser
            label={`Material, line ${at + 1}`}
            shown={nameOf(idOf(line))}
            options={choices}
            lookups={ingredientLookups}
            lately="ingredient"
            onChoose={(chosen) => {
              void bring(chosen)
              onLine(lineOf(line, chosen))
            }}
          />
          <span className="text-[0.82rem] text-soft">
            {coming.has(idOf(line))
              ? 'coming from the studio; counted once it is here'
              : measured && `${gramsText(measured.massG)}, ${mlText(measured.volumeMl)} of material`}
          </span>
        </span>
        <span className="ml-auto flex shrink-0 sm:ml-0">
          <IconButton label={`Move line ${at + 1} up`} disabled={at === 0} onClick={() => onMove(-1)}>
            <ArrowUp size={15} aria-hidden="true" />
          </IconButton>
          <IconButton label={`Move line ${at + 1} down`} disabled={last} onClick={() => onMove(1)}>
            <ArrowDown size={15} aria-hidden="true" />
          </IconButton>
          <IconButton label={`Remove line ${at + 1}`} onClick={onRemove}>
            <X size={15} aria-hidden="true" />
          </IconButton>
        </span>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-[0.85rem] text-unsound">
          {problem}
        </p>
      )}
    </li>
  )
}

function NewLine({
  choices,
  bring,
  spoons,
  lastUnit,
  onAdd,
}: Choosing & {
  readonly spoons: Spoons
  /** What a bare number is taken as: the unit of the line above. */
  readonly lastUnit: Unit | undefined
  readonly onAdd: (line: RecipeLine) => void
}) {
  const [text, setText] = useState('')
  const [chosen, setChosen] = useState<Choosable | null>(null)
  const amount = useRef<HTMLInputElement>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const add = (): void => {
    const parsed = parseAmount(text, spoons, lastUnit)
    if (!parsed.ok) return setProblem(text.trim() ? parsed.message : 'Write how much first, such as 30 ml.')
    if (!chosen) return setProblem('Choose what goes in.')
    onAdd(lineOf(parsed.value, chosen))
    setText('')
    setChosen(null)
    amount.current?.focus()
  }
  return (
    <form
      aria-label="Add a line"
      className="not-printed border-t border-rule py-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <div className="flex flex-wrap items-start gap-2 pl-[34px] sm:flex-nowrap">
        <input
          ref={amount}
          aria-label="Amount of the new line"
          placeholder="30 ml"
          className="field w-26 shrink-0 placeholder:text-soft"
          value={text}
          aria-invalid={problem !== null}
          onChange={({ target }) => {
            setText(target.value)
            setProblem(null)
          }}
        />
        <Chooser
          label="Material of the new line"
          placeholder="what goes in"
          shown={chosen?.name ?? ''}
          options={choices}
          lookups={ingredientLookups}
          lately="ingredient"
          onChoose={(next) => {
            setChosen(next)
            setProblem(null)
            void bring(next)
          }}
          className="grow basis-40 sm:basis-auto"
        />
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
}
