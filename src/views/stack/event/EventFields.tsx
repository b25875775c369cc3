import { pastEdgeMm } from '../../../core/stack/event.ts'
import { eventKinds, isClearKind, isRemoval, kindTable } from '../../../core/stack/kinds.ts'
import type { EventKind } from '../../../core/stack/kinds.ts'
import type { FindMaterial } from '../../../core/materials/find.ts'
import type { Brush } from '../../../document/brush.ts'
import { asKind } from '../../../document/picture/eventStart.ts'
import { ChoiceRow, NumberRow } from '../../../ui/fields.tsx'
import { mlText, upperFirst } from '../../../ui/format.ts'
import { MaterialRow } from '../../../ui/MaterialField.tsx'
import { PartsList } from '../../../ui/paint/PartsList.tsx'
import { IsolatingPlan } from './IsolatingPlan.tsx'
import type { IsolatingProps } from './IsolatingPlan.tsx'
import type { Bench } from '../../../ui/bench/useBench.ts'

export interface EventFieldsProps extends Pick<Bench, 'bring'> {
  readonly brush: Brush
  /** The surface it covers, m²; 0: not known. */
  readonly areaM2: number
  readonly findMaterial: FindMaterial
  readonly solventFree: boolean
  /** What a plan of isolating coats is reckoned from; null: none is wanted. */
  readonly isolating?: IsolatingProps | null
  readonly onChange: (change: Partial<Brush>) => void
}

const groupOrder = ['Paint', 'Clear films', 'Take off'] as const

const groupOf = (kind: EventKind): (typeof groupOrder)[number] =>
  isRemoval(kind) ? 'Take off' : isClearKind(kind) ? 'Clear films' : 'Paint'

const kindChoices = eventKinds
  .map((id) => ({ id, name: upperFirst(kindTable[id].name), group: groupOf(id) }))
  .sort((a, b) => groupOrder.indexOf(a.group) - groupOrder.indexOf(b.group))

/** What is done, and what that kind asks for besides paint, medium and thickness. */
export function EventFields(props: EventFieldsProps) {
  const { brush, solventFree, onChange } = props
  const { kind } = brush.event
  return (
    <>
      <ChoiceRow
        label="What is done"
        className="sm:col-span-2"
        hint={kindTable[kind].says}
        value={kind}
        options={kindChoices}
        onValue={(chosen) => onChange(asKind(brush, chosen as EventKind, solventFree))}
      />
      <Asked {...props} />
      {isClearKind(kind) && <Coat {...props} />}
      {kind === 'isolating' && props.isolating && <IsolatingPlan {...props.isolating} />}
    </>
  )
}

/** What only this kind asks. */
function Asked({ brush, findMaterial, bring, onChange }: EventFieldsProps) {
  const { event, areas } = brush
  switch (event.kind) {
    case 'scumble':
      return (
        <Percent
          label="covers, of the surface, %"
          hint="For amounts and colour; it is judged where it lies."
          value={event.covered}
          onValue={(covered) => onChange({ event: { ...event, covered } })}
        />
      )
    case 'isolating':
      return (
        areas.length > 0 && (
          <NumberRow
            label="past every edge, mm"
            hint="10 mm keep the oil of what is painted within from running."
            value={event.pastEdgeMm}
            low={0}
            high={pastEdgeMm.most}
            onValue={(mm) => onChange({ event: { ...event, pastEdgeMm: mm } })}
          />
        )
      )
    case 'oil-out':
      return (
        <Percent
          label="wiped off again, of what is laid on, %"
          low={0}
          value={event.wiped}
          onValue={(wiped) => onChange({ event: { ...event, wiped } })}
        />
      )
    case 'varnish':
    case 'temporary-varnish':
      return (
        <NumberRow
          label="Coats"
          value={event.coats}
          low={1}
          high={12}
          onValue={(coats) => onChange({ event: { ...event, coats: Math.round(coats) } })}
        />
      )
    case 'wipe':
    case 'scrape':
    case 'dissolve':
      return (
        <>
          <Percent
            label="takes, of the film on top, %"
            value={event.takes}
            onValue={(takes) => onChange({ event: { ...event, takes } })}
          />
          {event.kind !== 'scrape' && (
            <MaterialRow
              role="remover"
              label="With"
              value={event.solvent ?? ''}
              orNone={event.kind === 'wipe'}
              findMaterial={findMaterial}
              bring={bring}
              onValue={(solvent) =>
                onChange({
                  event:
                    event.kind === 'wipe'
                      ? { ...event, solvent: solvent || null }
                      : { ...event, solvent: solvent || event.solvent },
                })
              }
            />
          )}
        </>
      )
    case 'sand-wet':
      return (
        <NumberRow
          label="takes, of the film on top, µm"
          value={event.takesUm}
          low={0.1}
          high={1000}
          onValue={(takesUm) => onChange({ event: { ...event, takesUm } })}
        />
      )
    case 'varnish-off':
      return (
        <MaterialRow
          role="remover"
          label="With; the mildest first"
          value={event.solvent}
          findMaterial={findMaterial}
          bring={bring}
          onValue={(solvent) => onChange({ event: { ...event, solvent } })}
        />
      )
    default:
      return null
  }
}

interface PercentProps {
  readonly label: string
  readonly hint?: string
  readonly low?: number
  /** 0..1 */
  readonly value: number
  readonly onValue: (share: number) => void
}

const Percent = ({ value, onValue, low = 1, ...row }: PercentProps) => (
  <NumberRow
    {...row}
    value={100 * value}
    low={low}
    high={100}
    onValue={(percent) => onValue(percent / 100)}
  />
)

/** What a clear film is made of, and how much of it goes on. */
function Coat({ brush, areaM2, findMaterial, bring, onChange }: EventFieldsProps) {
  const totalMl = areaM2 * brush.wetThicknessUm * ('coats' in brush.event ? brush.event.coats : 1)
  return (
    <>
      <PartsList
        legend="What it is, in parts by volume"
        unit="parts"
        asks="an oil, a medium, a varnish"
        parts={brush.besides}
        usual={1}
        findMaterial={findMaterial}
        bring={bring}
        onParts={(besides) => onChange({ besides })}
      />
      <NumberRow
        label="laid on, ml on a square metre"
        hint={
          areaM2 > 0
            ? `${mlText(totalMl)} for where it goes.`
            : 'Give the picture a size to be told how much.'
        }
        value={brush.wetThicknessUm}
        low={0.1}
        high={1000}
        onValue={(wetThicknessUm) => onChange({ wetThicknessUm })}
      />
    </>
  )
}
