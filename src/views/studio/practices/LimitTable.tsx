import { shownText } from '../../../core/practice/differences.ts'
import { layeringLimits } from '../../../core/practice/layeringLimits.ts'
import { shownScale, sourceKinds } from '../../../core/practice/limitRow.ts'
import type { LimitRow, SourceKind } from '../../../core/practice/limitRow.ts'
import { defaultLimits, limitTable } from '../../../core/practice/limits.ts'
import type { LimitKey } from '../../../core/practice/limits.ts'
import { mixtureLimits } from '../../../core/practice/mixtureLimits.ts'
import { limitNotes, usuallySure } from '../../../core/practice/provenance.ts'
import { shippedPractices } from '../../../core/practice/shipped.ts'
import { sureness } from '../../../core/practice/sureness.ts'
import type { Sureness } from '../../../core/practice/sureness.ts'
import { surfaceLimits } from '../../../core/practice/surfaceLimits.ts'
import { sourceNames, surenessNames } from '../../../core/practice/words.ts'
import { ChoiceRow, NumberField, TypedRow } from '../../../ui/fields.tsx'
import type { Reading } from '../../../ui/fields.tsx'
import { Popup } from '../../../ui/Popup.tsx'
import type { PracticeSheetProps } from './PracticeSheet.tsx'

const groups = [
  ['Between layers', layeringLimits],
  ['In a mixture', mixtureLimits],
  ['On the surface, and in the room', surfaceLimits],
] as const

/** Every limit: where it speaks, where it comes from, how sure it is, and one tap back to where it began. */
export function LimitTable(props: PracticeSheetProps) {
  return groups.map(([name, rows]) => (
    <details key={name} className="border-t border-rule">
      <summary className="flex min-h-11 items-center font-read text-[1.1rem]">
        {name}: {Object.keys(rows).length} limits
      </summary>
      <table className="mt-1 w-full text-[0.92rem]">
        <thead>
          <tr className="text-left text-soft">
            <th scope="col" className="py-1 pr-3 font-normal">
              Limit
            </th>
            <th scope="col" className="py-1 font-normal">
              where it speaks
            </th>
          </tr>
        </thead>
        <tbody>
          {(Object.keys(rows) as LimitKey[]).map((key) => (
            <LimitLine key={key} limit={key} {...props} />
          ))}
        </tbody>
      </table>
    </details>
  ))
}

type Values = Readonly<Record<string, number>>

/** What a limit was when this practice began: as its school has it, else as is usual. */
const startOf = (school: string, key: LimitKey): Values =>
  (shippedPractices.find(({ id }) => id === school)?.limits ?? defaultLimits)[key]

function LimitLine({
  limit: key,
  practice,
  provenance,
  school,
  edit,
}: PracticeSheetProps & { limit: LimitKey }) {
  const row: LimitRow = limitTable[key]
  const values: Values = practice.limits[key]
  const start = startOf(school, key)
  const set = (to: Values): void => edit?.({ limits: { ...practice.limits, [key]: to } })
  const isChanged = Object.entries(values).some(([level, value]) => value !== start[level])
  const own = provenance[key]
  return (
    <tr className="border-t border-rule align-top">
      <th scope="row" className="py-1.5 pr-3 text-left font-normal">
        {row.label}
        <span className="block text-[0.8rem] leading-snug text-soft">
          {own?.note || limitNotes[key]} From {sourceNames[own?.source ?? row.source]},{' '}
          {surenessNames[own?.sure ?? usuallySure[row.source]]}.{' '}
          {edit && <Provenance limit={key} practice={practice} provenance={provenance} edit={edit} />}
        </span>
      </th>
      <td className="w-[13.5rem] py-1.5">
        {Object.entries(values).map(([level, value]) => (
          <LevelLine
            key={level}
            row={row}
            level={level}
            value={value}
            onValue={edit && ((typed) => set({ ...values, [level]: typed }))}
          />
        ))}
        {edit && isChanged && (
          <button
            type="button"
            className="min-h-6 text-[0.85rem] link"
            aria-label={`${row.label}: back to the starting value`}
            onClick={() => set(start)}
          >
            Back to{' '}
            {Object.values(start)
              .map((value) => shownText(row, value))
              .join(', ')}
          </button>
        )}
      </td>
    </tr>
  )
}

const rounded = (value: number, digits: number): number => Number(value.toPrecision(digits))

function LevelLine({
  row,
  level,
  value,
  onValue,
}: {
  readonly row: LimitRow
  readonly level: string
  readonly value: number
  readonly onValue: ((value: number) => void) | null
}) {
  const scale = shownScale(row)
  return (
    <div className="flex items-baseline gap-2">
      <span className="w-[6.9rem] shrink-0 text-[0.85rem] text-soft">
        {levelWords(level)} {row.side}
      </span>
      {onValue ? (
        <NumberField
          label={`${row.label}: ${levelWords(level)} ${row.side}`}
          value={rounded(value * scale, 6)}
          low={row.bounds[0] * scale}
          high={row.bounds[1] * scale}
          unit={row.unit}
          onValue={(typed) => onValue(typed / scale)}
          className="grow"
        />
      ) : (
        <span>{shownText(row, value)}</span>
      )}
    </div>
  )
}

/** A level in a painter's words. */
const levelWords = (level: string): string =>
  ({ step: 'counts', milder: 'milder', silent: 'silent', touch: 'touch dry' })[level] ?? level

/** Where a number of the painter's own comes from. */
function Provenance({
  limit: key,
  provenance,
  edit,
}: Pick<PracticeSheetProps, 'practice' | 'provenance'> & {
  readonly limit: LimitKey
  readonly edit: NonNullable<PracticeSheetProps['edit']>
}) {
  const { label, source }: LimitRow = limitTable[key]
  const now = provenance[key] ?? { source, sure: usuallySure[source], note: '' }
  const set = (change: Partial<typeof now>): void =>
    edit({ provenance: { ...provenance, [key]: { ...now, ...change } } })
  return (
    <Popup
      button="Where it comes from"
      buttonLabel={`${label}: where it comes from`}
      buttonClassName="min-h-6 link"
      label="Where it comes from"
      className="grid w-[22rem] gap-3"
    >
      <ChoiceRow
        label="It comes from"
        value={now.source}
        options={sourceKinds.map((id) => ({ id, name: sourceNames[id] }))}
        onValue={(chosen) => set({ source: chosen as SourceKind })}
      />
      <ChoiceRow
        label="and is"
        value={now.sure}
        options={sureness.map((id) => ({ id, name: surenessNames[id] }))}
        onValue={(chosen) => set({ sure: chosen as Sureness })}
      />
      <TypedRow label="Note" shown={now.note} read={readNote} onValue={(note) => set({ note })} />
    </Popup>
  )
}

const readNote = (text: string): Reading<string> =>
  text.length > 200 ? { problem: 'Keep the note under 200 letters.' } : { value: text.trim() }
