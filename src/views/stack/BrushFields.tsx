import { useEffect, useRef } from 'react'
import { Plus } from 'lucide-react'
import { isClearKind } from '../../core/stack/kinds.ts'
import type { Brush } from '../../document/brush.ts'
import { parseParts } from '../../core/measure/parse.ts'
import { Labelled, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { useChoice } from '../../ui/useBench.ts'
import { about } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { PaintLine, newPaint } from './PaintLine.tsx'
import { mostPaints } from '../../document/paints.ts'
import type { Paint } from '../../document/paints.ts'
import type { Stock } from './PaintLine.tsx'
import { Thickness } from './Thickness.tsx'
import type { ThicknessProps } from './Thickness.tsx'

const noMedium: readonly Choosable[] = [{ id: '', name: 'none' }]
const mediumLookups = ['medium', 'batch'] as const
const usualShare = 0.25
/** The handle of the medium runs to twice the paint. */
const mostOfPaint = 2
const dragSteps = 200

interface BrushProps {
  readonly stock: Stock
  readonly brush: Brush
  /** The medium on the brush, by name. */
  readonly mediumName: string
  readonly findMaterial: FindMaterial
  readonly onChange: (change: Partial<Brush>) => void
}

type Props = BrushProps & Pick<ThicknessProps, 'spot' | 'areaM2'>

/** What is on the brush and how thick it goes on: paints, medium, thinner, thickness. */
export function BrushFields(props: Props) {
  const { brush, mediumName, findMaterial, stock, spot, areaM2, onChange } = props
  const { bring } = stock
  const setPaint = (at: number, changed: Paint): void =>
    onChange({ paints: brush.paints.map((paint, index) => (index === at ? changed : paint)) })
  const choice = useChoice(bring)
  // A clear film has no paint: its ratio is to one part.
  const ofPaint = brush.paints.reduce((sum, { parts }) => sum + parts, 0) || 1
  // A medium may come late; its parts may have been typed by then.
  const latest = useRef(brush)
  useEffect(() => {
    latest.current = brush
  }, [brush])
  const partsOf = (mediumId: string): Brush['medium'] =>
    mediumId ? { mediumId, parts: latest.current.medium?.parts ?? usualShare } : null
  const isClear = isClearKind(brush.event.kind)
  return (
    <>
      {!isClear && (
        <fieldset className="min-w-0 sm:col-span-2">
          <legend className="text-[0.8rem] text-soft">Paint, in parts by volume</legend>
          {brush.paints.map((paint, at) => (
            <PaintLine
              key={at}
              paint={paint}
              findMaterial={findMaterial}
              stock={stock}
              onPaint={(changed) => setPaint(at, changed)}
              onRemove={() => onChange({ paints: brush.paints.filter((_, index) => index !== at) })}
            />
          ))}
          <button
            type="button"
            className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link disabled:text-soft"
            disabled={brush.paints.length >= mostPaints}
            onClick={() => onChange({ paints: [...brush.paints, newPaint] })}
          >
            <Plus size={14} aria-hidden="true" />{' '}
            {brush.paints.length > 0 ? 'another colour' : 'a colour (none: a clear oil film)'}
          </button>
        </fieldset>
      )}

      <div className="min-w-0">
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
                lately="medium"
                onChoose={(chosen) =>
                  void choice.choose(chosen, () => onChange({ medium: partsOf(chosen.id) }))
                }
              />
            )}
          </Labelled>
          {brush.medium && (
            <Parts
              value={brush.medium.parts}
              ofPaint={ofPaint}
              onValue={(parts) => onChange({ medium: { ...brush.medium!, parts } })}
            />
          )}
        </div>
        {brush.medium && !isClear && (
          <input
            type="range"
            aria-label="Drag how much medium it holds"
            className="h-9 w-full accent-[var(--ink)]"
            min={0}
            max={dragSteps}
            value={Math.round((dragSteps * brush.medium.parts) / (mostOfPaint * ofPaint))}
            onChange={({ target }) =>
              onChange({
                medium: {
                  ...brush.medium!,
                  parts: Number(((Number(target.value) * mostOfPaint * ofPaint) / dragSteps).toPrecision(2)),
                },
              })
            }
          />
        )}
      </div>
      <div className="flex min-w-0 gap-2">
        <MaterialRow
          role="thinner"
          label="Thinner"
          className="min-w-0 grow"
          value={brush.thinner?.material ?? ''}
          findMaterial={findMaterial}
          orNone
          bring={bring}
          onValue={(material) =>
            onChange({ thinner: material ? { material, parts: brush.thinner?.parts ?? 0.5 } : null })
          }
        />
        {brush.thinner && (
          <Parts
            value={brush.thinner.parts}
            ofPaint={ofPaint}
            onValue={(parts) => onChange({ thinner: { ...brush.thinner!, parts } })}
          />
        )}
      </div>

      {!isClear && brush.besides.length > 0 && (
        <p className="text-[0.9rem] text-soft sm:col-span-2">
          Also in it:{' '}
          {brush.besides
            .map(
              ({ material, parts }) =>
                `${about(parts)} parts of ${shortNameOf(material, findMaterial).toLowerCase()}`,
            )
            .join(', ')}
          .{' '}
          <button type="button" className="min-h-6 link" onClick={() => onChange({ besides: [] })}>
            Leave it out
          </button>
        </p>
      )}
      {!isClear && <Thickness layer={brush} spot={spot} areaM2={areaM2} onChange={onChange} />}
    </>
  )
}

interface PartsProps {
  readonly value: number
  /** Parts of all the paints. */
  readonly ofPaint: number
  readonly onValue: (parts: number) => void
}

const Parts = ({ value, ofPaint, onValue }: PartsProps) => (
  <TypedRow
    label="parts"
    className="w-16"
    shown={String(Number(value.toPrecision(6)))}
    read={(text): Reading<number> => {
      const parsed = parseParts(text, ofPaint)
      return parsed.ok ? { value: parsed.value } : { problem: parsed.message }
    }}
    onValue={onValue}
  />
)
