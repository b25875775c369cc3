import X from 'lucide-react/dist/esm/icons/x.mjs'
import { defaultGrind } from '../../core/film/paint.ts'
import type { Paint } from '../../document/paints.ts'
import { NumberField } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import { about } from '../../ui/format.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { kindOf } from '../../core/materials/material.ts'
import { MaterialField } from '../../ui/MaterialField.tsx'
import { choiceName, materialRoles } from '../../ui/materials.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import type { Choosable } from '../../ui/Chooser.tsx'
import { useChoice } from '../../ui/bench/useBench.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { pigmentColour } from '../../core/values/pigmentColours.ts'

/** What paints are chosen from. */
export type Stock = Pick<Bench, 'bring' | 'paintFromTube'>

export const newPaint: Paint = {
  pigments: [{ pigment: 'pw6_rutile', share: 1 }],
  oil: 'linseed_alkali_refined',
  grind: defaultGrind,
  parts: 1,
}

export function PaintLine({
  paint,
  findMaterial,
  stock,
  onPaint,
  onRemove,
}: {
  readonly paint: Paint
  readonly findMaterial: FindMaterial
  readonly stock: Stock
  readonly onPaint: (paint: Paint) => void
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
      {single || paint.tube ? (
        <PaintField paint={paint} findMaterial={findMaterial} stock={stock} onPaint={onPaint} />
      ) : (
        <span className="grow truncate">
          {paint.pigments.map(({ pigment, share }) => `${nameOf(pigment)} ${about(share)}`).join(' + ')}
        </span>
      )}
      <span className="shrink-0 text-[0.85rem] text-soft">in</span>
      {paint.tube ? (
        <span className="basis-1/3 truncate text-[0.95rem] text-soft">{nameOf(paint.oil)}</span>
      ) : (
        <MaterialField
          role="oil"
          label="What it is bound in"
          value={paint.oil}
          findMaterial={findMaterial}
          bring={stock.bring}
          onValue={(oil) => onPaint({ ...paint, oil })}
          className="basis-1/3"
        />
      )}
      <NumberField
        label="Parts of this colour"
        value={paint.parts}
        low={0}
        high={1000}
        onValue={(parts) => onPaint({ ...paint, parts })}
        className="w-12 shrink-0"
      />
      <IconButton label="Remove this colour" onClick={onRemove}>
        <X size={15} aria-hidden="true" />
      </IconButton>
    </div>
  )
}

const paintLookups = ['tube', 'shelf_item'] as const
const pigments = materialRoles.pigment

/** A colour chosen by typing: one of the painter's tubes, else a pigment as the book has it. */
function PaintField({
  paint,
  findMaterial,
  stock,
  onPaint,
}: {
  readonly paint: Paint
  readonly findMaterial: FindMaterial
  readonly stock: Stock
  readonly onPaint: (paint: Paint) => void
}) {
  const choice = useChoice(stock.bring)
  const material = findMaterial(paint.pigments[0]!.pigment)
  const take = async ({ id, kind }: Choosable): Promise<void> => {
    const tube = kind === 'tube' ? await stock.paintFromTube(id, paint.parts) : null
    const { oil, parts } = paint
    onPaint(tube ?? { pigments: [{ pigment: id, share: 1 }], oil, grind: defaultGrind, parts })
  }
  return (
    <Chooser
      label="Colour"
      shown={paint.tube ? (paint.name ?? 'a tube') : material ? choiceName(material) : 'gone'}
      options={pigments.options}
      lookups={paintLookups}
      families={pigments.families}
      lately="pigment"
      onChoose={(chosen) => void choice.choose(chosen, () => void take(chosen))}
      className="grow basis-1/2"
    />
  )
}
