import { useEffect, useId, useState } from 'react'
import type { ReactNode } from 'react'
import { parseQuantity } from '../core/measure/quantity.ts'
import { asFigure, asTyped, fieldUnit } from '../writing/reader.ts'
import { Chooser } from './Chooser.tsx'
import { countFault } from './faults.ts'

/** The few fields everything is typed into. A field that cannot be understood keeps what was typed and says what to change. */

export function Labelled({
  label,
  hint,
  children,
  className = '',
}: {
  readonly label: string
  readonly hint?: ReactNode
  readonly children: (id: string) => ReactNode
  readonly className?: string
}) {
  const id = useId()
  return (
    <div className={`flex min-w-0 flex-col ${className}`}>
      <label htmlFor={id} className="text-[0.8rem] text-soft">
        {label}
      </label>
      {children(id)}
      {hint && <span className="mt-0.5 text-[0.8rem] leading-tight text-soft">{hint}</span>}
    </div>
  )
}

/** Text that becomes a value, or a sentence saying why not. */
export type Reading<Value> = { readonly value: Value } | { readonly problem: string }

const mostLetters = 120

/** A name; `of` says of what. */
export const readName = (text: string, of: string): Reading<string> =>
  text.trim().length > mostLetters
    ? { problem: `Keep the name under ${mostLetters} letters.` }
    : text.trim()
      ? { value: text.trim() }
      : { problem: `Give ${of} a name.` }

interface TypedProps<Value> {
  readonly id?: string
  readonly label?: string
  readonly shown: string
  readonly read: (text: string) => Reading<Value>
  readonly onValue: (value: Value) => void
  readonly className?: string
  readonly inputMode?: 'decimal' | 'text'
  /** Whether numbers are typed here, with or without words. */
  readonly isFigure?: boolean
  readonly suffix?: string
}

/** A text field that passes on only what can be read; `shown` is the value's own spelling. */
export function TypedField<Value>({
  id,
  label,
  shown,
  read,
  onValue,
  className = '',
  inputMode = 'text',
  isFigure = inputMode === 'decimal',
  suffix,
}: TypedProps<Value>) {
  const own = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const [before, setBefore] = useState(shown)
  if (shown !== before) {
    setBefore(shown)
    // What was typed has been taken: the field is empty for the next, and keeps the focus.
    if (shown === '') setTyped(null)
  }
  const readTyped = (text: string): Reading<Value> => read(isFigure ? asTyped(text) : text)
  const reading = typed === null ? null : readTyped(typed)
  const problem = reading && 'problem' in reading ? reading.problem || null : null
  useEffect(() => {
    if (problem === null) return
    countFault(1)
    return () => countFault(-1)
  }, [problem])
  return (
    <span className={`flex min-w-0 flex-col ${className}`}>
      <span className="flex min-w-0 items-baseline gap-1">
        <input
          id={id ?? own}
          aria-label={label}
          className="field w-full min-w-0"
          inputMode={inputMode}
          autoComplete="off"
          value={typed ?? (isFigure ? asFigure(shown) : shown)}
          aria-invalid={problem !== null}
          aria-describedby={problem ? `${own}-problem` : undefined}
          onChange={({ target }) => {
            setTyped(target.value)
            const now = readTyped(target.value)
            if ('value' in now) onValue(now.value)
          }}
          onBlur={() => !problem && setTyped(null)}
        />
        {suffix && <span className="shrink-0 text-[0.85rem] text-soft">{suffix}</span>}
      </span>
      {problem && (
        <span id={`${own}-problem`} role="alert" className="mt-1 text-[0.8rem] leading-tight text-unsound">
          {problem}
        </span>
      )}
    </span>
  )
}

interface NumberProps {
  readonly id?: string
  readonly label?: string
  readonly value: number | null
  readonly onValue: (value: number) => void
  readonly low: number
  readonly high: number
  /** Shown behind the number. */
  readonly unit?: string
  /** The unit asked for where it stands in the label above. */
  readonly asked?: string
  readonly className?: string
  /** Called where the field is emptied; without it an empty field is a fault. */
  readonly onEmpty?: () => void
}

/** The unit a field's label ends in: "Width, cm". */
const unitIn = (label = ''): string => /, ([^\s,]+)$/.exec(label)?.[1] ?? ''

const labelIn = (label: string, high: number): string => {
  const unit = unitIn(label)
  return label.slice(0, label.length - unit.length) + (fieldUnit(unit, high)?.unit ?? unit)
}

/** A number between bounds, in the field's own unit or one that can be turned into it. */
export function NumberField({ value, onValue, low, high, unit = '', asked, onEmpty, ...rest }: NumberProps) {
  const keptIn = unit || asked || unitIn(rest.label)
  const own = fieldUnit(keptIn, high)
  const inUnit = own?.unit ?? keptIn
  const shown = (kept: number): string =>
    String(Number((own ? own.toShown(kept) : kept).toPrecision(own ? 3 : 6)))
  const between = `Between ${shown(low)} and ${shown(high)}${inUnit && ` ${inUnit}`}.`
  const read = (text: string): Reading<number> => {
    if (!text.trim() && onEmpty) {
      onEmpty()
      return { problem: '' }
    }
    const negative = /^\s*[-−]/.test(text)
    const number = negative ? null : parseQuantity(text, keptIn, own?.toKept)
    if (number === null)
      return {
        problem: negative ? between : `Write a number${inUnit && ` of ${inUnit}`}, such as 2.5 or 2,5.`,
      }
    if (number < low || number > high) return { problem: between }
    return { value: number }
  }
  return (
    <TypedField
      {...rest}
      shown={value === null ? '' : shown(value)}
      read={read}
      onValue={onValue}
      inputMode="decimal"
      suffix={unit && inUnit}
    />
  )
}

/** From more than these one chooses by typing. */
const mostInList = 20

interface ChoiceProps {
  readonly id?: string
  readonly label?: string
  readonly value: string
  readonly onValue: (value: string) => void
  readonly options: readonly { readonly id: string; readonly name: string; readonly group?: string }[]
  readonly className?: string
}

export function Choice({ id, label, value, onValue, options, className = '' }: ChoiceProps) {
  if (options.length > mostInList)
    return (
      <Chooser
        {...(id && { id })}
        {...(label && { label })}
        className={className}
        shown={options.find((option) => option.id === value)?.name ?? ''}
        options={options}
        onChoose={(chosen) => onValue(chosen.id)}
      />
    )
  const groups = [...new Set(options.map(({ group }) => group))]
  return (
    <select
      id={id}
      aria-label={label}
      className={`field w-full min-w-0 bg-paper ${className}`}
      value={value}
      onChange={({ target }) => onValue(target.value)}
    >
      {groups.map((group) => {
        const inside = options
          .filter((option) => option.group === group)
          .map((option) => (
            <option key={option.id} value={option.id}>
              {option.name}
            </option>
          ))
        return group ? (
          <optgroup key={group} label={group}>
            {inside}
          </optgroup>
        ) : (
          inside
        )
      })}
    </select>
  )
}

/** A field under its label. */
type RowOf<Field> = Omit<Field, 'id' | 'label' | 'className'> & {
  readonly label: string
  readonly hint?: ReactNode
  readonly className?: string
}

export const NumberRow = ({ label, hint, className = '', ...field }: RowOf<NumberProps>) => (
  <Labelled label={labelIn(label, field.high)} hint={hint} className={className}>
    {(id) => <NumberField id={id} asked={unitIn(label)} {...field} />}
  </Labelled>
)

interface DateProps {
  readonly id?: string
  readonly label?: string
  readonly value: string | null
  /** Null once it is cleared. */
  readonly onValue: (date: string | null) => void
  readonly className?: string
}

export const DateRow = ({ label, hint, className = '', value, onValue }: RowOf<DateProps>) => (
  <Labelled label={label} hint={hint} className={className}>
    {(id) => (
      <input
        id={id}
        type="date"
        className="field"
        value={value ?? ''}
        onChange={({ target }) => onValue(target.value || null)}
      />
    )}
  </Labelled>
)

export const ChoiceRow = ({ label, hint, className = '', ...field }: RowOf<ChoiceProps>) => (
  <Labelled label={label} hint={hint} className={className}>
    {(id) => <Choice id={id} {...field} />}
  </Labelled>
)

export const TypedRow = <Value,>({ label, hint, className = '', ...field }: RowOf<TypedProps<Value>>) => (
  <Labelled label={label} hint={hint} className={className}>
    {(id) => <TypedField id={id} {...field} />}
  </Labelled>
)
