import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { fullFrom } from '../../core/evening/jar.ts'
import type { WasteContainer } from '../../document/keeping.ts'
import { Choice, NumberField, readName, TypedField } from '../../ui/fields.tsx'
import { about, dateText } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { KeepingProps } from './EveningView.tsx'

const kinds = [
  { id: 'rags', name: 'oily rags' },
  { id: 'solvent', name: 'solvent and sludge' },
  { id: 'lead', name: 'lead' },
  { id: 'other', name: 'other' },
]

/** Waste on its way out: how full, and when it goes to the collection point. */
export function Waste({ settings: { containers }, onChange }: KeepingProps) {
  const change = (id: string, more: Partial<WasteContainer>): void =>
    onChange({ containers: containers.map((one) => (one.id === id ? { ...one, ...more } : one)) })
  const add = (): void =>
    onChange({
      containers: [
        ...containers,
        {
          ...{ id: crypto.randomUUID(), name: `Can ${containers.length + 1}`, holds: 'rags' as const },
          ...{ litres: 10, level: 0, tripOn: null },
        },
      ],
    })
  return (
    <section aria-label="Waste">
      <h2 className="border-b border-ink pb-1 text-xl">Waste</h2>
      {containers.length === 0 && <p className="pt-2 text-soft">No can or drum is kept count of.</p>}
      <ul>
        {containers.map((one) => (
          <li key={one.id} className="border-b border-rule py-2">
            <div className="flex flex-wrap items-center gap-x-3">
              <TypedField
                label={`Name of ${one.name}`}
                className="w-32"
                shown={one.name}
                read={(text) => readName(text, 'it')}
                onValue={(name) => change(one.id, { name })}
              />
              <Choice
                label={`What ${one.name} holds`}
                className="max-w-44"
                value={one.holds}
                options={kinds}
                onValue={(holds) => change(one.id, { holds: holds as WasteContainer['holds'] })}
              />
              <NumberField
                label={`Litres of ${one.name}`}
                className="w-24"
                unit="l"
                value={one.litres}
                low={0.1}
                high={1000}
                onValue={(litres) => change(one.id, { litres })}
              />
              <IconButton
                label={`Take out ${one.name}`}
                onClick={() => onChange({ containers: containers.filter(({ id }) => id !== one.id) })}
              >
                <X size={15} aria-hidden="true" />
              </IconButton>
            </div>
            <label className="mt-1 flex flex-wrap items-center gap-x-3">
              <span className="text-[0.85rem] text-soft">How full</span>
              <input
                type="range"
                aria-label={`How full ${one.name} is`}
                className="h-11 w-52"
                min={0}
                max={100}
                step={5}
                value={Math.round(100 * one.level)}
                onChange={({ target }) => change(one.id, { level: Number(target.value) / 100 })}
              />
              <span>
                {about(100 * one.level)}&nbsp;% full, about {about(one.level * one.litres)} l
              </span>
            </label>
            {one.level >= fullFrom && (
              <p>
                <VerdictMark verdict="watch" size={12} /> Take it to the collection point
                {one.tripOn ? ` on ${dateText(one.tripOn)}.` : ': say when, and Today tells it.'}
              </p>
            )}
            <div className="mt-1 flex flex-wrap items-end gap-3">
              <label className="text-[0.8rem] text-soft">
                To the collection point on
                <input
                  type="date"
                  aria-label={`When ${one.name} goes to the collection point`}
                  className="field block w-40"
                  value={one.tripOn ?? ''}
                  onChange={({ target }) => change(one.id, { tripOn: target.value || null })}
                />
              </label>
              <button
                type="button"
                className="button min-h-11"
                onClick={() => change(one.id, { level: 0, tripOn: null })}
              >
                Emptied today
              </button>
            </div>
          </li>
        ))}
      </ul>
      <button type="button" className="inline-flex min-h-11 items-center gap-1 link" onClick={add}>
        <Plus size={14} aria-hidden="true" /> a can or drum
      </button>
      <p className="text-[0.85rem] text-soft">
        Rags under water in a lidded metal can; solvent and lead apart, marked, never down the drain.
      </p>
    </section>
  )
}
