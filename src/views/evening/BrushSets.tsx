import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { brushVehicles, vehicleNames } from '../../core/evening/brushSet.ts'
import type { BrushVehicle } from '../../core/evening/brushSet.ts'
import type { BrushSet } from '../../document/keeping.ts'
import { Choice, readName, TypedField } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import type { KeepingProps } from './EveningView.tsx'

const vehicles = brushVehicles.map((id) => ({ id, name: vehicleNames[id] }))

/** Brushes by what they are kept for; a layer that is given others says so. */
export function BrushSets({ settings: { brushSets }, onChange }: KeepingProps) {
  const change = (id: string, more: Partial<BrushSet>): void =>
    onChange({ brushSets: brushSets.map((one) => (one.id === id ? { ...one, ...more } : one)) })
  const add = (): void =>
    onChange({
      brushSets: [
        ...brushSets,
        { id: crypto.randomUUID(), name: `Brush ${brushSets.length + 1}`, vehicle: 'oil' },
      ],
    })
  return (
    <section aria-label="Brushes">
      <h2 className="border-b border-ink pb-1 text-xl">Brushes, by what they are kept for</h2>
      {brushSets.length === 0 && <p className="pt-2 text-soft">No brushes are told apart.</p>}
      <ul>
        {brushSets.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
            <TypedField
              label={`Name of ${one.name}`}
              className="min-w-32 grow"
              shown={one.name}
              read={(text) => readName(text, 'the brush')}
              onValue={(name) => change(one.id, { name })}
            />
            <Choice
              label={`What ${one.name} is kept for`}
              className="max-w-56"
              value={one.vehicle}
              options={vehicles}
              onValue={(vehicle) => change(one.id, { vehicle: vehicle as BrushVehicle })}
            />
            <IconButton
              label={`Take out ${one.name}`}
              onClick={() => onChange({ brushSets: brushSets.filter(({ id }) => id !== one.id) })}
            >
              <X size={15} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
      <button type="button" className="inline-flex min-h-11 items-center gap-1 link" onClick={add}>
        <Plus size={14} aria-hidden="true" /> a brush, or a set
      </button>
    </section>
  )
}
