import { wetUmFromUse } from '../../core/film/thickness.ts'
import type { Swatch } from '../../document/swatch.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { umText } from '../../ui/format.ts'

/** A draw-down: so much paint over so wide a patch; its thickness follows (C85). */
export function Drawn({
  drawn,
  onDrawn,
}: {
  readonly drawn: NonNullable<Swatch['drawn']>
  readonly onDrawn: (drawn: NonNullable<Swatch['drawn']>) => void
}) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <NumberRow
        label="Drawn down, ml"
        className="w-28"
        value={drawn.ml}
        low={0.01}
        high={1000}
        onValue={(ml) => onDrawn({ ...drawn, ml })}
      />
      <NumberRow
        label="over, cm²"
        className="w-24"
        value={drawn.areaCm2}
        low={1}
        high={10000}
        onValue={(areaCm2) => onDrawn({ ...drawn, areaCm2 })}
      />
      <p className="pb-2 text-soft">{umText(wetUmFromUse(drawn.ml, drawn.areaCm2))} wet</p>
    </div>
  )
}
