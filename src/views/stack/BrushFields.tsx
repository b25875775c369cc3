import { useEffect, useRef } from 'react'
import { isClearKind } from '../../core/stack/kinds.ts'
import type { Brush } from '../../document/brush.ts'
import { about } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { MediumField, usualShare } from './MediumField.tsx'
import type { Stock } from './PaintLine.tsx'
import { PaintsField } from './PaintsField.tsx'
import { Parts } from './Parts.tsx'
import { Thickness } from './Thickness.tsx'
import type { ThicknessProps } from './Thickness.tsx'

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
        <PaintsField
          className="sm:col-span-2"
          paints={brush.paints}
          stock={stock}
          findMaterial={findMaterial}
          first="a colour (none: a clear oil film)"
          onPaints={(paints) => onChange({ paints })}
        />
      )}

      <div className="min-w-0">
        <div className="flex min-w-0 gap-2">
          <MediumField
            shown={mediumName}
            bring={bring}
            className="min-w-0 grow"
            onMedium={({ id }) => onChange({ medium: partsOf(id) })}
          />
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
            className="h-9 w-full"
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
