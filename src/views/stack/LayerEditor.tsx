import { isPast } from '../../ui/format.ts'
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import type { ReactNode } from 'react'
import type { AssessedLayer, AssessedSpot } from '../../document/assess.ts'
import type { LayerDocument, PlannedLayer } from '../../document/layer.ts'
import { inTheArea } from '../../core/words.ts'
import { DateRow, Labelled, readName, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import type { AreaProps } from './AreaChoice.tsx'
import { BrushFields } from './BrushFields.tsx'
import { Numbers } from './Numbers.tsx'
import type { FactsProps } from './PaintedFacts.tsx'

interface EditorProps extends Omit<FactsProps, 'painted'> {
  readonly layer: LayerDocument
  readonly assessed: AssessedLayer
  /** The layer in the area looked at, and that area's name where there are several. */
  readonly spot: AssessedSpot | null
  readonly areaName: string | null
  readonly alkydWeight: number
  readonly canRise: boolean
  readonly canSink: boolean
  readonly onChange: (change: Partial<PlannedLayer>) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onRemove: () => void
  /** What the layer wants of each tube. */
  readonly needs: ReactNode
  /** What can be done with the layer, and what was. */
  readonly children: ReactNode
}

/** One layer as the painter describes it, and what it comes to. Every change is judged at once. */
export function LayerEditor(props: EditorProps) {
  const { layer, assessed, spot, areaName, areas, onNameArea, mediums, findMaterial, stock, onChange } = props
  const mediumName = layer.medium
    ? (mediums.find(({ id }) => id === layer.medium!.mediumId)?.name ?? 'gone')
    : 'none'
  return (
    <section aria-label={`Layer ${layer.name}`} className="min-w-0">
      <Head {...props} />
      {areaName !== null && spot && (
        <p className="mt-2 text-[0.9rem] text-soft">
          Figures are those {inTheArea(areaName)}
          {assessed.spots.length > 1 && assessed.worst === spot && ', where it is the last to become firm'}.
        </p>
      )}
      <Numbers assessed={assessed} spot={spot} alkydWeight={props.alkydWeight} />
      <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-2">
        {layer.painted ? (
          <Facts {...props} painted={layer.painted} />
        ) : (
          <>
            <BrushFields
              brush={layer}
              mediumName={mediumName}
              findMaterial={findMaterial}
              stock={stock}
              onChange={onChange}
            />
            {props.needs}
            <Plan layer={layer} onChange={onChange} />
            <Where
              areas={areas}
              chosen={layer.areas}
              onChoose={(chosen) => onChange({ areas: chosen })}
              onName={onNameArea}
            />
          </>
        )}
        <TypedRow
          label="Note"
          className="sm:col-span-2"
          shown={layer.note}
          read={readNote}
          onValue={(note) => onChange({ note })}
        />
      </div>
      {props.children}
    </section>
  )
}

const facts = later(() => import('./PaintedFacts.tsx').then(({ PaintedFacts }) => PaintedFacts))

/** What was used: read once the page answers, in a place kept for it. */
function Facts(props: FactsProps) {
  const PaintedFacts = useLater(facts)
  return PaintedFacts ? <PaintedFacts {...props} /> : <div className="min-h-44 sm:col-span-2" />
}

const areaChoice = later(() => import('./AreaChoice.tsx').then(({ AreaChoice }) => AreaChoice))

/** The parts of the picture it lies in. */
function Where(props: AreaProps) {
  const AreaChoice = useLater(areaChoice)
  return AreaChoice ? <AreaChoice {...props} /> : <div className="min-h-14 sm:col-span-2" />
}

function Head({ layer, canRise, canSink, onChange, onMove, onRemove }: EditorProps) {
  return (
    <div className="flex items-end gap-3">
      <Labelled label="Layer" className="grow">
        {(id) => (
          <TypedField
            id={id}
            shown={layer.name}
            read={(text) => readName(text, 'the layer')}
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
  )
}

/** When a layer still to be painted goes on. */
function Plan({ layer, onChange }: Pick<EditorProps, 'layer' | 'onChange'>) {
  return (
    <div className="flex min-w-0 flex-wrap gap-x-4 gap-y-2">
      <DateRow
        label="Planned for"
        hint={
          layer.plannedOn === null
            ? 'Left empty: the earliest day on which it is not unsound.'
            : isPast(layer.plannedOn) && 'That day is past.'
        }
        value={layer.plannedOn}
        onValue={(plannedOn) => onChange({ plannedOn })}
      />
      <label className="flex min-h-9 items-center gap-2 self-start pt-4 text-[0.9rem]">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={layer.wetInWet}
          onChange={({ target }) => onChange({ wetInWet: target.checked })}
        />
        in the same sitting as the layer under it
      </label>
    </div>
  )
}

const readNote = (text: string): Reading<string> =>
  text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text }
