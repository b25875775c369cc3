import { X } from 'lucide-react'
import { defaultGrind } from '../../core/film/paint.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { NumberField } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import { about } from '../../ui/format.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { kindOf } from '../../core/materials/material.ts'
import { MaterialField } from '../../ui/MaterialField.tsx'
import { choiceName } from '../../ui/materials.ts'
import type { Bench } from '../../ui/useBench.ts'
import { pigmentColour } from '../../ui/pigmentColours.ts'

export type Paint = LayerDocument['paints'][number]

export const newPaint: Paint = {
  pigments: [{ pigment: 'pw6_rutile', share: 1 }],
  oil: 'linseed_alkali_refined',
  grind: defaultGrind,
  parts: 1,
}

export function PaintLine({
  paint,
  findMaterial,
  bring,
  onChange,
  onRemove,
}: {
  readonly paint: Paint
  readonly findMaterial: FindMaterial
  readonly bring: Bench['bring']
  readonly onChange: (change: Partial<Paint>) => void
  readonly onRemove: () => void
}) {
  const single = paint.pigments.length === 1
  const nameOf = (id: string): string => {
    const material = findMaterial(id)
    return material ? choiceName(material) : id
  }
  const colourOf = (id: string): string => {
    const material = findMaterial(id)
    return pigmentColour(material ? kindOf(material) : id)
  }
  return (
    <div className="mt-1 flex min-w-0 items-center gap-2">
      <svg width="14" height="22" aria-hidden="true" className="shrink-0">
        {paint.pigments.map(({ pigment }, index) => (
          <rect
            key={pigment}
            y={(index * 22) / paint.pigments.length}
            width="14"
            height={22 / paint.pigments.length}
            fill={colourOf(pigment)}
            stroke="var(--rule)"
          />
        ))}
      </svg>
      {single ? (
        <MaterialField
          role="pigment"
          label="Colour"
          value={paint.pigments[0]!.pigment}
          findMaterial={findMaterial}
          bring={bring}
          onValue={(pigment) => onChange({ pigments: [{ pigment, share: 1 }] })}
          className="grow basis-1/2"
        />
      ) : (
        <span className="grow truncate">
          {paint.pigments.map(({ pigment, share }) => `${nameOf(pigment)} ${about(share)}`).join(' + ')}
        </span>
      )}
      <span className="shrink-0 text-[0.85rem] text-soft">in</span>
      <MaterialField
        role="oil"
        label="What it is bound in"
        value={paint.oil}
        findMaterial={findMaterial}
        bring={bring}
        onValue={(oil) => onChange({ oil })}
        className="basis-1/3"
      />
      <NumberField
        label="Parts of this colour"
        value={paint.parts}
        low={0}
        high={1000}
        onValue={(parts) => onChange({ parts })}
        className="w-12 shrink-0"
      />
      <IconButton label="Remove this colour" onClick={onRemove}>
        <X size={15} aria-hidden="true" />
      </IconButton>
    </div>
  )
}
