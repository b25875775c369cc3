import { useState } from 'react'
import { limitKeys, limitTable, shownScale } from '../../core/practice/limits.ts'
import type { LimitKey, LimitRow } from '../../core/practice/limits.ts'
import { isShipped, practicesWith } from '../../core/practice/practice.ts'
import type { Gate, Practice } from '../../core/practice/practice.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { PracticeDocument } from '../../document/practice.ts'
import type { Revised } from '../../document/studio.ts'
import type { Desk } from '../../saving/desk.ts'
import { requestTo } from '../../ui/client.ts'
import { ChoiceRow, NumberField, NumberRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'

const sources = { taught: 'taught', model: 'model, estimate', judgement: 'our judgement' } as const
const gateChoices = (['touch', 'firm'] as const).map((id) => ({ id, name: stateNames[id] }))

/** The practices a painting may follow, each with every limit it is judged by; a studio may change them. */
export function Practices({
  desk,
  stored,
}: {
  readonly desk: Desk
  /** Those the studio has changed, and its own. */
  readonly stored: readonly Revised<PracticeDocument>[]
}) {
  const all = practicesWith(stored)
  const [chosenId, choose] = useState(all[0]!.id)
  const practice = all.find(({ id }) => id === chosenId) ?? all[0]!
  const own = stored.find(({ id }) => id === practice.id)
  const edit = own ? (change: Partial<PracticeDocument>): void => desk.edit('practice', own.id, change) : null
  const begin = (body: Practice): void => {
    const { id, name, summary, alkydWeight, gate, limits } = body
    const made = { id, name, summary, alkydWeight, gate, limits }
    void desk
      .act(requestTo('PUT /api/practices', { practice: made, seen: null }))
      .then(({ is }) => is === 'done' && choose(id))
  }
  const remove = (): void =>
    void desk.act(
      requestTo('DELETE /api/practices/{id}', { seen: own!.revision }, { params: { id: own!.id } }),
    )
  return (
    <section aria-label="Practices">
      <h2 className="text-xl">Practices</h2>
      <p className="mt-1 text-soft">
        A painting follows one. These are the limits it is judged by; change them to your own.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
        <ChoiceRow
          label="Practice"
          className="min-w-40 grow"
          value={practice.id}
          onValue={choose}
          options={all}
        />
        {own ? (
          <button type="button" className="button" onClick={remove}>
            {isShipped(own.id) ? 'Back to how it was shipped' : 'Remove it'}
          </button>
        ) : (
          <button type="button" className="button" onClick={() => begin(practice)}>
            Change its limits
          </button>
        )}
        <button
          type="button"
          className="min-h-9 link"
          onClick={() => begin({ ...practice, id: crypto.randomUUID(), name: `My ${practice.name}` })}
        >
          Begin one of your own from it
        </button>
      </div>
      {own && edit && !isShipped(own.id) ? (
        <div className="mt-3 grid gap-3">
          <TypedRow label="Name" shown={own.name} read={readName} onValue={(name) => edit({ name })} />
          <TypedRow
            label="In a sentence"
            shown={own.summary}
            read={readSummary}
            onValue={(summary) => edit({ summary })}
          />
        </div>
      ) : (
        <p className="mt-2">{practice.summary}</p>
      )}
      <Choices key={practice.id} practice={practice} edit={edit} />
      <LimitTable practice={practice} edit={edit} />
    </section>
  )
}

const readName = (text: string): Reading<string> =>
  text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the practice a name.' }
const readSummary = (text: string): Reading<string> =>
  text.length > 400 ? { problem: 'Keep it under 400 letters.' } : { value: text }

interface PartProps {
  readonly practice: Practice
  /** Null while the practice is as shipped. */
  readonly edit: ((change: Partial<PracticeDocument>) => void) | null
}

/** What a practice decides besides its limits. */
function Choices({ practice: { gate, alkydWeight }, edit }: PartProps) {
  if (!edit)
    return (
      <p className="mt-2 text-soft">
        Before the next layer an oil layer is {stateNames[gate.oil]}, an alkyd one {stateNames[gate.alkyd]}.
        Alkyd counts {alkydWeight === 1 ? 'fully' : `${alkydWeight} of it`} as fat.
      </p>
    )
  return (
    <div className="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-3">
      <ChoiceRow
        label="Before the next layer, oil is"
        value={gate.oil}
        onValue={(oil) => edit({ gate: { ...gate, oil: oil as Gate } })}
        options={gateChoices}
      />
      <ChoiceRow
        label="and alkyd is"
        value={gate.alkyd}
        onValue={(alkyd) => edit({ gate: { ...gate, alkyd: alkyd as Gate } })}
        options={gateChoices}
      />
      <NumberRow
        label="Of an alkyd counts as fat"
        value={alkydWeight}
        low={0}
        high={1}
        onValue={(weight) => edit({ alkydWeight: weight })}
      />
    </div>
  )
}

const rounded = (value: number, digits: number): number => Number(value.toPrecision(digits))

function LimitTable({ practice, edit }: PartProps) {
  const set = (key: LimitKey, level: string, value: number): void =>
    edit?.({ limits: { ...practice.limits, [key]: { ...practice.limits[key], [level]: value } } })
  return (
    <table className="mt-4 w-full text-[0.92rem]">
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
        {limitKeys.map((key) => {
          const row: LimitRow = limitTable[key]
          const scale = shownScale(row)
          const values = Object.entries(practice.limits[key])
          return (
            <tr key={key} className="border-t border-rule align-top">
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                {row.label} <span className="text-[0.8rem] text-soft">({sources[row.source]})</span>
              </th>
              <td className="w-[13.5rem] py-1.5">
                {values.map(([level, value]) => (
                  <div key={level} className="flex items-baseline gap-2">
                    <span className="w-[6.9rem] shrink-0 text-[0.85rem] text-soft">
                      {levelWords(level)} {row.side}
                    </span>
                    {edit ? (
                      <NumberField
                        label={`${row.label}: ${levelWords(level)} ${row.side}`}
                        value={rounded(value * scale, 6)}
                        low={row.bounds[0] * scale}
                        high={row.bounds[1] * scale}
                        unit={row.unit}
                        onValue={(typed) => set(key, level, typed / scale)}
                        className="grow"
                      />
                    ) : (
                      <span>
                        {rounded(value * scale, 3)}
                        {row.unit && `\u00a0${row.unit}`}
                      </span>
                    )}
                  </div>
                ))}
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}

/** A level in a painter's words. */
const levelWords = (level: string): string =>
  ({ step: 'counts', milder: 'milder', silent: 'silent', touch: 'touch dry' })[level] ?? level
