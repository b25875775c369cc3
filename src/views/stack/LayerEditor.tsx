import { isPast } from '../../ui/format.ts'
import ArrowDown from 'lucide-react/dist/esm/icons/arrow-down.mjs'
import ArrowUp from 'lucide-react/dist/esm/icons/arrow-up.mjs'
import Trash2 from 'lucide-react/dist/esm/icons/trash-2.mjs'
import type { ReactNode } from 'react'
import type { Practice } from '../../core/practice/practice.ts'
import type { AssessedLayer } from '../../document/judging/assess.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import { brushOf } from '../../document/brush.ts'
import type { LayerDocument, PlannedLayer } from '../../document/layer.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { inTheArea } from '../../core/words.ts'
import { ChoiceRow, DateRow, Labelled, readName, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { Tick } from '../../ui/tick/Tick.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import type { AreaProps } from './AreaChoice.tsx'
import type { EventFieldsProps } from './event/EventFields.tsx'
import { BrushFields } from './BrushFields.tsx'
import { Numbers } from './Numbers.tsx'
import type { FactsProps } from './PaintedFacts.tsx'
import type { TruthsProps } from './truths/LayerTruths.tsx'

interface EditorProps extends Omit<FactsProps, 'painted'> {
  readonly layer: LayerDocument
  readonly assessed: AssessedLayer
  /** The name of the area looked at, where there are several. */
  readonly areaName: string | null
  readonly practice: Practice
  readonly picture: Picture
  /** What it lies on in this area; null: the ground. */
  readonly under: TruthsProps['under']
  /** Whether what lies under it sheds it, unless it is prepared. */
  readonly asksTooth: boolean
  /** All that is one film with it, itself among them. */
  readonly passes: readonly Pick<LayerDocument, 'id' | 'name'>[]
  readonly onPass: (id: string) => void
  readonly canRise: boolean
  readonly canSink: boolean
  readonly onChange: (change: Partial<PlannedLayer>) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onRemove: () => void
  /** Plans further coats of it, on these days. */
  readonly onCoats: (days: readonly number[]) => void
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
    <section aria-label={`Layer ${layer.name}`} className="not-printed min-w-0">
      <Head {...props} />
      {props.passes.length > 1 && <Passes {...props} />}
      {areaName !== null && spot && (
        <p className="mt-2 text-[0.9rem] text-soft">
          Figures are those {inTheArea(areaName)}
          {assessed.spots.length > 1 && assessed.worst === spot && ', where it is the last to become firm'}.
        </p>
      )}
      {!(isRemoval(brushOf(layer).event.kind) && assessed.problem === null) && (
        <Numbers assessed={assessed} spot={spot} alkydWeight={props.practice.alkydWeight} />
      )}
      {spot && <Truths {...props} spot={spot} />}
      <div className="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-2">
        {layer.painted ? (
          <Facts {...props} painted={layer.painted} />
        ) : (
          <>
            <Doing
              isolating={
                spot && {
                  spot,
                  wetUm: layer.wetThicknessUm,
                  areaM2: props.areaM2,
                  firstDay: assessed.date.day,
                  onCoats: props.onCoats,
                }
              }
              brush={layer}
              areaM2={props.areaM2}
              findMaterial={findMaterial}
              solventFree={props.solventFree}
              bring={stock.bring}
              onChange={onChange}
            />
            {!isRemoval(layer.event.kind) && (
              <>
                <BrushFields
                  brush={layer}
                  mediumName={mediumName}
                  findMaterial={findMaterial}
                  stock={stock}
                  spot={spot}
                  areaM2={props.areaM2}
                  onChange={onChange}
                />
                {props.needs}
              </>
            )}
            {(props.asksTooth || layer.prepared !== null) && (
              <ChoiceRow
                label="What it goes on was"
                className="sm:col-span-2"
                hint="Within two days before. Never dry, and never where there is lead, cadmium, chromium, cobalt, nickel or manganese."
                value={layer.prepared ?? ''}
                options={preparationChoices}
                onValue={(chosen) => onChange({ prepared: (chosen || null) as PlannedLayer['prepared'] })}
              />
            )}
            {props.against}
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

const preparationChoices = [
  { id: '', name: 'left as it is' },
  { id: 'wet-scuff', name: 'scuffed wet' },
  { id: 'oiled-out', name: 'oiled out, and rubbed off again' },
]

const doing = later(() => import('./event/EventFields.tsx').then(({ EventFields }) => EventFields))

/** What is done: asked once the page answers, in a place kept for it. */
function Doing(props: EventFieldsProps) {
  const EventFields = useLater(doing)
  return EventFields ? <EventFields {...props} /> : <div className="min-h-[4.6rem] sm:col-span-2" />
}

const truths = later(() => import('./truths/LayerTruths.tsx').then(({ LayerTruths }) => LayerTruths))

/** How fat by five measures, whether it sinks, what its wax does: told once the page answers, in a place kept for it. */
function Truths(props: TruthsProps) {
  const LayerTruths = useLater(truths)
  return LayerTruths ? <LayerTruths {...props} /> : <div className="min-h-[11.5rem]" />
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

/** The goings-over of one sitting, to go from one to the other. */
const Passes = ({ layer, passes, onPass }: Pick<EditorProps, 'layer' | 'passes' | 'onPass'>) => (
  <p className="mt-2 flex flex-wrap items-center gap-x-4 text-[0.9rem]">
    <span className="text-soft">One film, laid in</span>
    {passes.map(({ id, name }) => (
      <button
        key={id}
        type="button"
        aria-pressed={id === layer.id}
        className="min-h-9 link aria-pressed:font-medium aria-pressed:no-underline"
        onClick={() => onPass(id)}
      >
        {name}
      </button>
    ))}
  </p>
)

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
      <Tick
        label="in the same sitting as the layer under it"
        className="self-start pt-4 text-[0.9rem]"
        on={layer.wetInWet}
        onTick={(on) => onChange(on ? { wetInWet: true } : { wetInWet: false, pass: false })}
      />
      {layer.wetInWet && !isRemoval(layer.event.kind) && (
        <Tick
          label="a further pass of it: the two are one film"
          className="text-[0.9rem]"
          on={layer.pass}
          onTick={(pass) => onChange({ pass })}
        />
      )}
    </div>
  )
}

const readNote = (text: string): Reading<string> =>
  text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text }
