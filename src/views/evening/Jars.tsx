import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { dayOf } from '../../core/plan/calendar.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { adviceOn } from '../../document/jar/jars.ts'
import type { Jar } from '../../document/keeping.ts'
import { Choice, NumberField, readName, TypedField } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { KeepingProps } from './EveningView.tsx'

const liquids = [
  { id: 'linseed_alkali_refined', name: 'oil (linseed)' },
  { id: 'safflower', name: 'oil (safflower)' },
  { id: 'gum_turpentine', name: 'turpentine' },
  { id: 'mineral_spirit_dearomatised_high_flash', name: 'low-odour spirit' },
  { id: 'water', name: 'water' },
]
const marks = { good: 'sound', watch: 'watch', change: 'unsound' } as const

/** Cleaning jars: how old, how often used, what they took up, and when to change them. */
export function Jars({ settings: { jars }, today, onChange }: KeepingProps) {
  const change = (id: string, more: Partial<Jar>): void =>
    onChange({ jars: jars.map((jar) => (jar.id === id ? { ...jar, ...more } : jar)) })
  const add = (): void =>
    onChange({
      jars: [
        ...jars,
        {
          ...{ id: crypto.randomUUID(), name: `Jar ${jars.length + 1}`, liquid: 'linseed_alkali_refined' },
          ...{ ml: 200, filledOn: today, uses: [] },
        },
      ],
    })
  return (
    <section aria-label="Cleaning jars">
      <h2 className="border-b border-ink pb-1 text-xl">Cleaning jars</h2>
      {jars.length === 0 && <p className="pt-2 text-soft">None is kept count of.</p>}
      <ul>
        {jars.map((jar) => {
          const { is, says } = adviceOn(jar, dayOf(today)! + 0.5, findInLibrary)
          return (
            <li key={jar.id} className="border-b border-rule py-2">
              <div className="flex flex-wrap items-center gap-x-3">
                <TypedField
                  label={`Name of ${jar.name}`}
                  className="w-32"
                  shown={jar.name}
                  read={(text) => readName(text, 'the jar')}
                  onValue={(name) => change(jar.id, { name })}
                />
                <Choice
                  label={`What ${jar.name} holds`}
                  className="max-w-44"
                  value={jar.liquid}
                  options={liquids}
                  onValue={(liquid) => change(jar.id, { liquid })}
                />
                <NumberField
                  label={`How much ${jar.name} holds`}
                  className="w-24"
                  unit="ml"
                  value={jar.ml}
                  low={5}
                  high={20000}
                  onValue={(ml) => change(jar.id, { ml })}
                />
                <IconButton
                  label={`Take out ${jar.name}`}
                  onClick={() => onChange({ jars: jars.filter(({ id }) => id !== jar.id) })}
                >
                  <X size={15} aria-hidden="true" />
                </IconButton>
              </div>
              <p className="mt-1">
                <VerdictMark verdict={marks[is]} size={12} /> {says}{' '}
                <span className="text-soft">Filled {dateText(jar.filledOn)}.</span>
              </p>
              <div className="mt-1 flex flex-wrap gap-2">
                <button
                  type="button"
                  className="button min-h-11"
                  onClick={() =>
                    change(jar.id, { uses: [...jar.uses, { on: today, what: '', lead: false }] })
                  }
                >
                  Rinsed in it
                </button>
                <button
                  type="button"
                  className="button min-h-11"
                  onClick={() =>
                    change(jar.id, { uses: [...jar.uses, { on: today, what: 'lead white', lead: true }] })
                  }
                >
                  Rinsed lead in it
                </button>
                <button
                  type="button"
                  className="button min-h-11"
                  onClick={() => change(jar.id, { filledOn: today, uses: [] })}
                >
                  Filled fresh today
                </button>
              </div>
            </li>
          )
        })}
      </ul>
      <button type="button" className="inline-flex min-h-11 items-center gap-1 link" onClick={add}>
        <Plus size={14} aria-hidden="true" /> a jar
      </button>
      <p className="text-[0.85rem] text-soft">
        Dips out of a jar that are noted on a palette count here by themselves.
      </p>
    </section>
  )
}
