import { ArrowDown, ArrowUp, Plus, Trash2, X } from 'lucide-react'
import { whyOf } from '../../core/film/why.ts'
import type { FilmNumber } from '../../core/film/why.ts'
import { thicknessPresets, wetUmFromUse } from '../../core/film/thickness.ts'
import { defaultGrind } from '../../core/film/paint.ts'
import { parseNumber } from '../../core/measure/parse.ts'
import { daysAtChance } from '../../core/cure/forecast.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import type { AssessedLayer } from '../../document/assess.ts'
import type { LayerDocument, Settings } from '../../document/studio.ts'
import type { UsableMedium } from '../../document/batchMedium.ts'
import { Choice, Labelled, NumberField, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, datesText, percentText, spanText, umText, upperFirst } from '../../ui/format.ts'
import { oilChoices, pigmentChoices, thinnerChoices } from '../../ui/materials.ts'
import { pigmentColour } from '../../ui/pigmentColours.ts'
import { Why } from '../../ui/Why.tsx'

interface EditorProps {
  readonly layer: LayerDocument
  readonly assessed: AssessedLayer
  readonly mediums: readonly UsableMedium[]
  readonly settings: Settings
  readonly canRise: boolean
  readonly canSink: boolean
  readonly onChange: (change: Partial<LayerDocument>) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onRemove: () => void
  readonly actions: React.ReactNode
}

type Paint = LayerDocument['paints'][number]

/** One layer as the painter describes it, and what it comes to. Every change is judged at once. */
export function LayerEditor({ layer, assessed, mediums, canRise, canSink, onChange, onMove, onRemove, actions }: EditorProps) {
  const setPaint = (at: number, change: Partial<Paint>): void =>
    onChange({ paints: layer.paints.map((paint, index) => (index === at ? { ...paint, ...change } : paint)) })
  return (
    <section aria-label={`Layer ${layer.name}`} className="min-w-0">
      <div className="flex items-end gap-3">
        <Labelled label="Layer" className="grow">
          {(id) => (
            <TypedField id={id} shown={layer.name} read={readName} onValue={(name) => onChange({ name })} className="[&_input]:font-read [&_input]:text-xl" />
          )}
        </Labelled>
        <div className="flex">
          <IconButton label="Move up, towards the surface" disabled={!canRise} onClick={() => onMove(1)}>
            <ArrowUp size={17} aria-hidden="true" />
          </IconButton>
          <IconButton label="Move down, towards the ground" disabled={!canSink} onClick={() => onMove(-1)}>
            <ArrowDown size={17} aria-hidden="true" />
          </IconButton>
          <IconButton label="Remove this layer" onClick={onRemove}>
            <Trash2 size={17} aria-hidden="true" />
          </IconButton>
        </div>
      </div>

      <Numbers assessed={assessed} />

      <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <fieldset className="min-w-0 sm:col-span-2">
          <legend className="text-[0.8rem] text-soft">Paint, in parts by volume</legend>
          {layer.paints.map((paint, at) => (
            <PaintLine
              key={at}
              paint={paint}
              onChange={(change) => setPaint(at, change)}
              onRemove={() => onChange({ paints: layer.paints.filter((_, index) => index !== at) })}
            />
          ))}
          <button
            type="button"
            className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link"
            onClick={() => onChange({ paints: [...layer.paints, newPaint] })}
          >
            <Plus size={14} aria-hidden="true" /> {layer.paints.length > 0 ? 'another colour' : 'a colour (none: a clear oil film)'}
          </button>
        </fieldset>

        <div className="flex min-w-0 gap-2">
          <Labelled label="Medium" className="min-w-0 grow">
            {(id) => (
              <Choice
                id={id}
                value={layer.medium?.mediumId ?? ''}
                onValue={(mediumId) => onChange({ medium: mediumId ? { mediumId, parts: layer.medium?.parts ?? 0.25 } : null })}
                options={[
                  { id: '', name: 'none' },
                  ...mediums.map(({ id: mediumId, name, batch }) => ({ id: mediumId, name, group: batch ? 'Batches, as poured' : 'Recipes' })),
                ]}
              />
            )}
          </Labelled>
          {layer.medium && (
            <Labelled label="parts" className="w-16">
              {(id) => (
                <NumberField id={id} value={layer.medium!.parts} low={0} high={1000} onValue={(parts) => onChange({ medium: { ...layer.medium!, parts } })} />
              )}
            </Labelled>
          )}
        </div>
        <div className="flex min-w-0 gap-2">
          <Labelled label="Thinner" className="min-w-0 grow">
            {(id) => (
              <Choice
                id={id}
                value={layer.thinner?.material ?? ''}
                onValue={(material) => onChange({ thinner: material ? { material, parts: layer.thinner?.parts ?? 0.5 } : null })}
                options={[{ id: '', name: 'none' }, ...thinnerChoices]}
              />
            )}
          </Labelled>
          {layer.thinner && (
            <Labelled label="parts" className="w-16">
              {(id) => (
                <NumberField
                  id={id}
                  value={layer.thinner!.parts}
                  low={0}
                  high={1000}
                  onValue={(parts) => onChange({ thinner: { ...layer.thinner!, parts } })}
                />
              )}
            </Labelled>
          )}
        </div>

        <Thickness layer={layer} onChange={onChange} />

        <div className="flex min-w-0 flex-wrap gap-x-4 gap-y-2">
          {layer.paintedAt ? (
            <Labelled label="Painted">
              {(id) => (
                <input
                  id={id}
                  type="datetime-local"
                  className="field"
                  value={layer.paintedAt!}
                  onChange={({ target }) => target.value && onChange({ paintedAt: target.value.slice(0, 16) })}
                />
              )}
            </Labelled>
          ) : (
            <Labelled label="Planned for" hint={layer.plannedOn ? undefined : 'Left empty: the earliest good day.'}>
              {(id) => (
                <input
                  id={id}
                  type="date"
                  className="field"
                  value={layer.plannedOn ?? ''}
                  onChange={({ target }) => onChange({ plannedOn: target.value || null })}
                />
              )}
            </Labelled>
          )}
          {!layer.paintedAt && (
            <label className="flex min-h-9 items-center gap-2 self-start pt-4 text-[0.9rem]">
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                checked={layer.wetInWet}
                onChange={({ target }) => onChange({ wetInWet: target.checked })}
              />
              in the same sitting as the layer under it
            </label>
          )}
        </div>
        <Labelled label="Parts of the picture it covers" hint="Left empty: all of it. Separate with commas; each part is judged on its own.">
          {(id) => <TypedField id={id} shown={layer.areas.join(', ')} read={readAreas} onValue={(areas) => onChange({ areas })} />}
        </Labelled>
        <Labelled label="Note">{(id) => <TypedField id={id} shown={layer.note} read={readNote} onValue={(note) => onChange({ note })} />}</Labelled>
      </div>
      <div className="mt-4">{actions}</div>
    </section>
  )
}

const newPaint: Paint = { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined', grind: defaultGrind, parts: 1 }

const readName = (text: string): Reading<string> =>
  text.trim() ? (text.length > 120 ? { problem: 'Keep the name under 120 letters.' } : { value: text.trim() }) : { problem: 'Give the layer a name.' }
const readNote = (text: string): Reading<string> => (text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text })
const readAreas = (text: string): Reading<string[]> => {
  const areas = [...new Set(text.split(',').map((area) => area.trim()).filter(Boolean))] // prettier-ignore
  return areas.length > 12 || areas.some((area) => area.length > 120) ? { problem: 'Name at most 12 parts, each under 120 letters.' } : { value: areas }
}

function IconButton({
  label,
  ...rest
}: {
  readonly label: string
  readonly disabled?: boolean
  readonly onClick: () => void
  readonly children: React.ReactNode
}) {
  return (
    <button type="button" aria-label={label} title={label} className="grid size-9 place-items-center rounded hover:bg-wash disabled:text-stone" {...rest} />
  )
}

function PaintLine({
  paint,
  onChange,
  onRemove,
}: {
  readonly paint: Paint
  readonly onChange: (change: Partial<Paint>) => void
  readonly onRemove: () => void
}) {
  const single = paint.pigments.length === 1
  return (
    <div className="mt-1 flex min-w-0 items-center gap-2">
      <svg width="14" height="22" aria-hidden="true" className="shrink-0">
        {paint.pigments.map(({ pigment }, index) => (
          <rect
            key={pigment}
            y={(index * 22) / paint.pigments.length}
            width="14"
            height={22 / paint.pigments.length}
            fill={pigmentColour(pigment)}
            stroke="var(--rule)"
          />
        ))}
      </svg>
      {single ? (
        <Choice
          label="Colour"
          value={paint.pigments[0]!.pigment}
          onValue={(pigment) => onChange({ pigments: [{ pigment, share: 1 }] })}
          options={pigmentChoices}
          className="grow basis-1/2"
        />
      ) : (
        <span className="grow truncate">
          {paint.pigments.map(({ pigment, share }) => `${pigmentChoices.find(({ id }) => id === pigment)?.name ?? pigment} ${about(share)}`).join(' + ')}
        </span>
      )}
      <span className="shrink-0 text-[0.85rem] text-soft">in</span>
      <Choice label="Oil it is ground in" value={paint.oil} onValue={(oil) => onChange({ oil })} options={oilChoices} className="basis-1/3" />
      <NumberField label="Parts of this colour" value={paint.parts} low={0} high={1000} onValue={(parts) => onChange({ parts })} className="w-12 shrink-0" />
      <IconButton label="Remove this colour" onClick={onRemove}>
        <X size={15} aria-hidden="true" />
      </IconButton>
    </div>
  )
}

/** "70", "0.3 mm" or "2 ml over 400 cm2": a wet thickness in µm. */
export function readThickness(text: string): Reading<number> {
  const used = /^\s*([\d.,]+)\s*ml\s*(?:over|on|\/)\s*([\d.,]+)\s*cm(?:2|²)?\s*$/i.exec(text)
  const inMm = /^\s*(.+?)\s*mm\s*$/i.exec(text)
  const plain = parseNumber(text.replace(/\s*µ?m?\s*$/, ''))
  const [ml, area] = used ? [parseNumber(used[1]!), parseNumber(used[2]!)] : [null, null]
  const um = ml !== null && area ? wetUmFromUse(ml, area) : inMm ? (parseNumber(inMm[1]!) ?? NaN) * 1000 : plain
  if (um === null || Number.isNaN(um)) return { problem: 'Write µm, such as 70; or 0.3 mm; or 2 ml over 400 cm².' }
  if (um < 0.1) return { problem: 'A layer is at least 0.1 µm thick. If you meant millimetres, write mm after the number.' }
  if (um > 20000) return { problem: 'A layer is at most 20,000 µm (2 cm) thick.' }
  return { value: um }
}

function Thickness({ layer, onChange }: { readonly layer: LayerDocument; readonly onChange: (change: Partial<LayerDocument>) => void }) {
  const preset = thicknessPresets.find(({ wetUm }) => wetUm === layer.wetThicknessUm)
  const tiny = layer.wetThicknessUm < 3 && layer.paints.length > 0
  return (
    <div className="flex min-w-0 flex-wrap gap-2">
      <Labelled label="Laid on" className="min-w-0 grow basis-24">
        {(id) => (
          <Choice
            id={id}
            value={preset?.id ?? ''}
            onValue={(chosen) => {
              const found = thicknessPresets.find((one) => one.id === chosen)
              if (found) onChange({ wetThicknessUm: found.wetUm })
            }}
            options={[
              ...(preset ? [] : [{ id: '', name: 'as typed' }]),
              ...thicknessPresets.map(({ id: presetId, name, wetUm }) => ({ id: presetId, name: `${name}, ${wetUm} µm` })),
            ]}
          />
        )}
      </Labelled>
      <Labelled label="wet thickness" className="w-24">
        {(id) => (
          <TypedField
            id={id}
            shown={about(layer.wetThicknessUm, 4)}
            read={readThickness}
            onValue={(wetThicknessUm) => onChange({ wetThicknessUm })}
            suffix="µm"
          />
        )}
      </Labelled>
      <Labelled label="thickest spot, wet" className="w-28">
        {(id) => (
          <TypedField
            id={id}
            shown={layer.ridgeWetUm === null ? '' : about(layer.ridgeWetUm, 4)}
            read={(text): Reading<number | null> => (text.trim() === '' ? { value: null } : readThickness(text))}
            onValue={(ridgeWetUm) => onChange({ ridgeWetUm })}
            suffix="µm"
          />
        )}
      </Labelled>
      {tiny && (
        <p className="w-full text-[0.8rem] leading-tight text-watch">
          {about(layer.wetThicknessUm)} µm is thinner than a brush leaves.{' '}
          <button type="button" className="link" onClick={() => onChange({ wetThicknessUm: layer.wetThicknessUm * 1000 })}>
            I meant {about(layer.wetThicknessUm)} mm
          </button>
        </p>
      )}
    </div>
  )
}

/** What the layer comes to; each number says why when asked. */
function Numbers({ assessed }: { readonly assessed: AssessedLayer }) {
  const { film, forecast, date, problem } = assessed
  if (!film)
    return (
      <p role="alert" className="mt-3 text-unsound">
        {problem}
      </p>
    )
  const source = (number: FilmNumber): ReturnType<typeof whyOf> => whyOf(number, film)
  const fat = film.leanness === null ? 'no fat' : film.leanness <= 1 / 30 ? 'all oil' : `${about(1 / film.leanness, 3)}×`
  const items: readonly (readonly [string, FilmNumber, string])[] = [
    ['dry', 'dryThicknessUm', umText(film.dryThicknessUm)],
    ['fat over what the powder needs', 'fatness', fat],
    ['oil in the dried film, by volume', 'oilContent', percentText(film.oilContent)],
    ['binder over need, after drinking', 'binderRatio', film.binderRatioAfterDrinking === null ? 'no powder' : about(film.binderRatioAfterDrinking, 3)],
    ['drying speed, raw linseed = 1', 'rate', film.more.hardens ? about(film.rate) : 'will not harden'],
    ['stretch, raw linseed = 1', 'flex', film.flex === null ? 'none' : about(film.flex)],
    ['surface', 'surface', film.surface ?? 'clear film'],
  ]
  return (
    <dl className="mt-3 flex flex-wrap gap-x-7 gap-y-2 border-y border-rule py-2">
      {items.map(([what, number, value]) => (
        <div key={number}>
          <dt className="text-[0.78rem] text-soft">{what}</dt>
          <dd className="text-[1.05rem]">
            <Why reason={source(number)} label={`${what}: ${value}. Why?`}>
              {value}
            </Why>
          </dd>
        </div>
      ))}
      {(['touch', 'firm', 'cured'] as const satisfies readonly StateId[]).map((state) => {
        const days = [0.1, 0.5, 0.9].map((chance) => daysAtChance(forecast, state, chance))
        if (days.includes(null)) return null
        const [low, middle, high] = days as [number, number, number]
        return (
          <div key={state}>
            <dt className="text-[0.78rem] text-soft">{stateNames[state]}, 8 times in 10</dt>
            <dd className="text-[1.05rem]">
              <Why
                label={`${stateNames[state]} after ${spanText(low, high)}. Why?`}
                reason={{
                  title: `${upperFirst(stateNames[state])}: ${datesText(date.day + low, date.day + high)}`,
                  formula:
                    'Oxygen enters from the surface and is used up as the film cures; the time is log-normal about that model, and touch tests cut off what they rule out. At the thickest spot.',
                  figures: [
                    { is: 'days, 1 time in 10 sooner', value: low, unit: 'days' },
                    { is: 'days, as likely sooner as later', value: middle, unit: 'days' },
                    { is: 'days, 1 time in 10 later', value: high, unit: 'days' },
                    { is: 'spread (standard deviation of ln time)', value: forecast.sigma, unit: '' },
                    { is: 'touch tests that count', value: forecast.evidence.length, unit: '' },
                  ],
                  source: 'Estimate from the cure model; science.md §5.',
                }}
              >
                {spanText(low, high)}
              </Why>
            </dd>
          </div>
        )
      })}
    </dl>
  )
}
