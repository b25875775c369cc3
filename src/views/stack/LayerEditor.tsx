import { useEffect, useRef } from 'react'
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react'
import type { AssessedLayer } from '../../document/assess.ts'
import type { LayerDocument, Settings } from '../../document/studio.ts'
import type { UsableMedium } from '../../document/batchMedium.ts'
import { ChoiceRow, Labelled, NumberRow, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { useChoice } from '../../ui/useBench.ts'
import type { Bench } from '../../ui/useBench.ts'
import { thinnerChoices } from '../../ui/materials.ts'
import type { Paint } from './PaintLine.tsx'
import { PaintLine, newPaint } from './PaintLine.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import { Thickness } from './Thickness.tsx'
import { Numbers } from './Numbers.tsx'

interface EditorProps extends Pick<Bench, 'bring'> {
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

const noMedium: readonly Choosable[] = [{ id: '', name: 'none' }]

const mediumLookups = ['medium', 'batch'] as const

/** One layer as the painter describes it, and what it comes to. Every change is judged at once. */
export function LayerEditor({
  layer,
  assessed,
  mediums,
  bring,
  canRise,
  canSink,
  onChange,
  onMove,
  onRemove,
  actions,
}: EditorProps) {
  const setPaint = (at: number, change: Partial<Paint>): void =>
    onChange({ paints: layer.paints.map((paint, index) => (index === at ? { ...paint, ...change } : paint)) })
  const choice = useChoice(bring)
  // A medium may come late; its parts may have been typed by then.
  const latest = useRef(layer)
  useEffect(() => {
    latest.current = layer
  }, [layer])
  const partsOf = (mediumId: string): LayerDocument['medium'] =>
    mediumId ? { mediumId, parts: latest.current.medium?.parts ?? 0.25 } : null
  const mediumName = layer.medium
    ? (mediums.find(({ id }) => id === layer.medium!.mediumId)?.name ?? layer.usedMedium?.name ?? 'gone')
    : 'none'
  return (
    <section aria-label={`Layer ${layer.name}`} className="min-w-0">
      <div className="flex items-end gap-3">
        <Labelled label="Layer" className="grow">
          {(id) => (
            <TypedField
              id={id}
              shown={layer.name}
              read={readName}
              onValue={(name) => onChange({ name })}
              className="[&_input]:font-read [&_input]:text-xl"
            />
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
            <Plus size={14} aria-hidden="true" />{' '}
            {layer.paints.length > 0 ? 'another colour' : 'a colour (none: a clear oil film)'}
          </button>
        </fieldset>

        <div className="flex min-w-0 gap-2">
          <Labelled
            label="Medium"
            className="min-w-0 grow"
            hint={choice.awaited && `${choice.awaited.name} is taken once the studio answers.`}
          >
            {(id) => (
              <Chooser
                id={id}
                shown={mediumName}
                options={noMedium}
                lookups={mediumLookups}
                onChoose={(chosen) =>
                  void choice.choose(chosen, () => onChange({ medium: partsOf(chosen.id) }))
                }
              />
            )}
          </Labelled>
          {layer.medium && (
            <NumberRow
              label="parts"
              className="w-16"
              value={layer.medium.parts}
              low={0}
              high={1000}
              onValue={(parts) => onChange({ medium: { ...layer.medium!, parts } })}
            />
          )}
        </div>
        <div className="flex min-w-0 gap-2">
          <ChoiceRow
            label="Thinner"
            className="min-w-0 grow"
            value={layer.thinner?.material ?? ''}
            onValue={(material) =>
              onChange({ thinner: material ? { material, parts: layer.thinner?.parts ?? 0.5 } : null })
            }
            options={[{ id: '', name: 'none' }, ...thinnerChoices]}
          />
          {layer.thinner && (
            <NumberRow
              label="parts"
              className="w-16"
              value={layer.thinner.parts}
              low={0}
              high={1000}
              onValue={(parts) => onChange({ thinner: { ...layer.thinner!, parts } })}
            />
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
                  onChange={({ target }) =>
                    target.value && onChange({ paintedAt: target.value.slice(0, 16) })
                  }
                />
              )}
            </Labelled>
          ) : (
            <Labelled
              label="Planned for"
              hint={layer.plannedOn ? undefined : 'Left empty: the earliest good day.'}
            >
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
        <TypedRow
          label="Parts of the picture it covers"
          hint="Left empty: all of it. Separate with commas; each part is judged on its own."
          shown={layer.areas.join(', ')}
          read={readAreas}
          onValue={(areas) => onChange({ areas })}
        />
        <TypedRow label="Note" shown={layer.note} read={readNote} onValue={(note) => onChange({ note })} />
      </div>
      <div className="mt-4">{actions}</div>
    </section>
  )
}

const readName = (text: string): Reading<string> =>
  text.trim()
    ? text.length > 120
      ? { problem: 'Keep the name under 120 letters.' }
      : { value: text.trim() }
    : { problem: 'Give the layer a name.' }

const readNote = (text: string): Reading<string> =>
  text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text }

const readAreas = (text: string): Reading<string[]> => {
  const areas = [
    ...new Set(
      text
        .split(',')
        .map((area) => area.trim())
        .filter(Boolean),
    ),
  ]
  return areas.length > 12 || areas.some((area) => area.length > 120)
    ? { problem: 'Name at most 12 parts, each under 120 letters.' }
    : { value: areas }
}
