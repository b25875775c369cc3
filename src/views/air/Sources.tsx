import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { exposures } from '../../core/air/exposures.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { listed, shortName } from '../../core/words.ts'
import type { RoomAir, RoomVapour } from '../../document/keeping.ts'
import { ChoiceRow, NumberRow, TypedRow } from '../../ui/fields.tsx'
import { upperFirst } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import { clockText, latestText, oneMinute, readClock } from './words.ts'

const names: Readonly<Record<RoomVapour['what'], string>> = {
  jar: 'an open jar',
  palette: 'paint and palette',
  rags: 'rags with solvent',
  varnishing: 'varnishing',
  other: 'something else',
}
const kinds = Object.entries(names).map(([id, name]) => ({ id, name }))
const solvents = Object.keys(exposures).map((id) => ({
  id,
  name: shortName(findInLibrary(id)?.name ?? id).split(', flash')[0]!,
}))

/** How each begins; everything can be changed. */
function startOf(what: RoomVapour['what']): RoomVapour {
  const id = crypto.randomUUID()
  if (what === 'jar')
    return { id, what, form: 'open', solvent: 'gum_turpentine', acrossCm: 5, fromHour: 10, toHour: 13 }
  const grams = what === 'varnishing' ? 30 : what === 'rags' ? 5 : 10
  const overHours = what === 'varnishing' ? 2 : 3
  return { id, what, form: 'grams', solvent: 'white_spirit_aromatic', grams, fromHour: 10, overHours }
}

/** What is open over the day, from when to when. */
export function Sources({
  air,
  ofToday,
  onChange,
}: {
  readonly air: RoomAir
  readonly ofToday: readonly RoomVapour[]
  readonly onChange: (change: Partial<RoomAir>) => void
}) {
  const { sources } = air
  const change = (id: string, more: Partial<RoomVapour>): void =>
    onChange({
      sources: sources.map((one) => (one.id === id ? ({ ...one, ...more } as RoomVapour) : one)),
    })
  const missing = ofToday.filter(({ id }) => !sources.some((one) => one.id === id))
  return (
    <section aria-label="What is open">
      <h2 className="border-b border-ink pb-1 text-xl">What is open</h2>
      {sources.length === 0 && <p className="pt-2 text-soft">Nothing yet.</p>}
      <ul>
        {sources.map((source, at) => (
          <li
            key={source.id}
            aria-label={`Source ${at + 1}, ${names[source.what]}`}
            className="border-b border-rule py-2"
          >
            <div className="flex items-center justify-between gap-3">
              <span className="font-medium">{upperFirst(names[source.what])}</span>
              <IconButton
                label={`Take out source ${at + 1}, ${names[source.what]}`}
                onClick={() => onChange({ sources: sources.filter(({ id }) => id !== source.id) })}
              >
                <X size={15} aria-hidden="true" />
              </IconButton>
            </div>
            <div className="grid grid-cols-2 gap-3 sm:grid-cols-[2fr_1fr_1fr_1fr]">
              <ChoiceRow
                label="Solvent"
                value={source.solvent}
                options={solvents}
                onValue={(solvent) => change(source.id, { solvent })}
              />
              {source.form === 'grams' ? (
                <NumberRow
                  label="Solvent in it, g"
                  value={source.grams}
                  low={0.01}
                  high={100000}
                  onValue={(grams) => change(source.id, { grams })}
                />
              ) : (
                <NumberRow
                  label="Mouth across, cm"
                  value={source.acrossCm}
                  low={0.5}
                  high={200}
                  onValue={(acrossCm) => change(source.id, { acrossCm })}
                />
              )}
              <TypedRow
                label="From"
                shown={clockText(source.fromHour)}
                read={readClock(0, source.form === 'open' ? source.toHour - oneMinute : 24 - oneMinute)}
                onValue={(fromHour) => change(source.id, { fromHour })}
              />
              {source.form === 'grams' ? (
                <NumberRow
                  label="Over, hours"
                  value={source.overHours}
                  low={0.1}
                  high={48}
                  onValue={(overHours) => change(source.id, { overHours })}
                />
              ) : (
                <TypedRow
                  label="Until"
                  shown={latestText(source.toHour)}
                  read={readClock(source.fromHour + oneMinute, 24)}
                  onValue={(toHour) => change(source.id, { toHour })}
                />
              )}
            </div>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-2">
        {kinds.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="button min-h-11"
            onClick={() => onChange({ sources: [...sources, startOf(id as RoomVapour['what'])] })}
          >
            <Plus size={14} aria-hidden="true" /> {name}
          </button>
        ))}
      </div>
      {missing.length > 0 && (
        <button
          type="button"
          className="button button-ink mt-3 min-h-11"
          onClick={() => onChange({ sources: [...sources, ...missing] })}
        >
          Take in {listed([...new Set(missing.map(({ what }) => names[what]))])}, from{' '}
          {clockText(Math.min(...missing.map(({ fromHour }) => fromHour)))}, as the record has it
        </button>
      )}
      {sources.length > 0 && (
        <button type="button" className="mt-2 block min-h-11 link" onClick={() => onChange({ sources: [] })}>
          A new day: nothing is open
        </button>
      )}
      <p className="mt-2 text-[0.85rem] text-soft">
        Grams of solvent, not of paint: a varnish of 30 % resin is 70 % solvent. What rides in an alkyd or a
        paste is taken for white spirit.
      </p>
    </section>
  )
}
