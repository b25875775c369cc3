import { findInLibrary } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Area } from '../../core/stack/area.ts'
import { isRemoval, kindTable } from '../../core/stack/kinds.ts'
import type { ReactNode } from 'react'
import type { AssessedSpot } from '../../document/judging/assess.ts'
import type { UsableMedium } from '../../document/batchMedium.ts'
import type { Correction, Painted } from '../../document/layer.ts'
import { Labelled } from '../../ui/fields.tsx'
import { about, momentText, percentText, shortName } from '../../ui/format.ts'
import { AreaChoice } from './AreaChoice.tsx'
import { BrushFields } from './BrushFields.tsx'
import { EventFields } from './event/EventFields.tsx'
import type { Stock } from './PaintLine.tsx'

/** What a painted layer's facts need; what is planned needs most of it too. */
export interface FactsProps {
  readonly stock: Stock
  readonly painted: Painted
  readonly areas: readonly Area[]
  readonly onNameArea: (name: string) => string
  readonly mediums: readonly UsableMedium[]
  readonly findMaterial: FindMaterial
  /** The surface the layer covers, m²; 0: not known. */
  readonly areaM2: number
  readonly solventFree: boolean
  /** The layer in the area looked at; null while it cannot be made. */
  readonly spot: AssessedSpot | null
  /** The layer against its plan. */
  readonly against: ReactNode
  /** What is being put right; null: nothing. */
  readonly correction: Correction | null
  readonly onCorrect: (correction: Correction | null) => void
  readonly onSaveCorrection: () => void
}

/** What was used, as it was; opened to put it right, every field can be changed, and nothing is stored until it is saved. */
export function PaintedFacts(props: FactsProps) {
  const {
    painted,
    areas,
    onNameArea,
    mediums,
    findMaterial,
    stock,
    correction,
    onCorrect,
    onSaveCorrection,
  } = props
  if (!correction)
    return (
      <div className="sm:col-span-2">
        <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
          {factsOf(painted, areas).map(([what, is]) => (
            <div key={what} className="contents">
              <dt className="text-soft">{what}</dt>
              <dd className="min-w-0">{is}</dd>
            </div>
          ))}
        </dl>
        <button type="button" className="button mt-3" onClick={() => onCorrect({})}>
          Correct what was used
        </button>
        {props.against}
      </div>
    )
  const now = { ...painted, ...correction }
  const change = (more: Correction): void => onCorrect({ ...correction, ...more })
  const mediumId = now.medium?.mediumId
  const mediumName =
    mediumId === undefined
      ? 'none'
      : mediumId === painted.medium?.mediumId && painted.used
        ? painted.used.name
        : (mediums.find(({ id }) => id === mediumId)?.name ?? 'gone')
  return (
    <>
      <p className="text-soft sm:col-span-2">
        Say what was really used. What was on record before stays beside it.
      </p>
      <EventFields
        brush={now}
        areaM2={props.areaM2}
        findMaterial={findMaterial}
        solventFree={props.solventFree}
        bring={stock.bring}
        onChange={change}
      />
      {!isRemoval(now.event.kind) && (
        <BrushFields
          brush={now}
          mediumName={mediumName}
          findMaterial={findMaterial}
          stock={stock}
          spot={props.spot}
          areaM2={props.areaM2}
          onChange={change}
        />
      )}
      <Labelled label="Painted">
        {(id) => (
          <input
            id={id}
            type="datetime-local"
            className="field"
            value={now.at}
            onChange={({ target }) => target.value && change({ at: target.value.slice(0, 16) })}
          />
        )}
      </Labelled>
      <AreaChoice
        areas={areas}
        chosen={now.areas}
        onChoose={(chosen) => change({ areas: chosen })}
        onName={onNameArea}
      />
      <div className="flex flex-wrap gap-2 sm:col-span-2">
        <button type="button" className="button button-ink min-h-11" onClick={onSaveCorrection}>
          Save the correction
        </button>
        <button type="button" className="button min-h-11" onClick={() => onCorrect(null)}>
          Leave it as it was
        </button>
      </div>
    </>
  )
}

const partsText = (parts: number): string => (parts === 1 ? '1 part' : `${about(parts, 3)} parts`)

/** What is on record, in words, line by line. */
export function factsOf(painted: Painted, areas: readonly Area[]): readonly (readonly [string, string])[] {
  const { event, at, paints, medium, thinner, besides, used, wetThicknessUm, ridgeWetUm } = painted
  const own = (id: string): string | undefined => painted.materials.find((item) => item.id === id)?.name
  const named = (id: string): string => own(id) ?? shortName(findInLibrary(id)?.name ?? id)
  const where = painted.areas.map((id) => areas.find((area) => area.id === id)?.name ?? id)
  const several = paints.length > 1
  return [
    ...(event.kind === 'paint' ? [] : [['what', asDone(event, named)] as const]),
    [isRemoval(event.kind) ? 'done' : 'painted', momentText(at)],
    ...(where.length > 0 ? [['where', where.join(', ')] as const] : []),
    ...(paints.length > 0
      ? [
          [
            'paint',
            paints
              .map(({ pigments, oil, parts, name }) => {
                const colour = name ?? pigments.map(({ pigment }) => named(pigment)).join(' + ')
                return `${several ? `${partsText(parts)} of ` : ''}${colour} in ${named(oil).toLowerCase()}`
              })
              .join('; '),
          ] as const,
        ]
      : []),
    ...(medium
      ? [['medium', `${partsText(medium.parts)} of ${used?.name ?? 'what is not on record'}`] as const]
      : []),
    ...(thinner ? [['thinner', `${partsText(thinner.parts)} of ${named(thinner.material)}`] as const] : []),
    ...(besides.length > 0
      ? [
          [
            'also in it',
            besides.map(({ material, parts }) => `${partsText(parts)} of ${named(material)}`).join(', '),
          ] as const,
        ]
      : []),
    ...(isRemoval(event.kind)
      ? []
      : [
          [
            'laid on',
            `${about(wetThicknessUm, 4)} µm wet${ridgeWetUm === null ? '' : `, ${about(ridgeWetUm, 4)} µm at its thickest`}`,
          ] as const,
        ]),
  ]
}

/** What was done, with what its kind asks for. */
function asDone(event: Painted['event'], named: (id: string) => string): string {
  const parts = [
    kindTable[event.kind].name,
    'covered' in event && `covers ${percentText(event.covered)} where it lies`,
    'wiped' in event && `${percentText(event.wiped)} wiped off again`,
    'coats' in event && event.coats > 1 && `${event.coats} coats`,
    'takes' in event && `took ${percentText(event.takes)} of the film on top`,
    'takesUm' in event && `took ${about(event.takesUm)} µm`,
    'solvent' in event && (event.solvent ? `with ${named(event.solvent).toLowerCase()}` : 'with a dry cloth'),
  ]
  return parts.filter(Boolean).join(', ')
}
