import { thicknessPresets, wetUmFromUse } from '../../core/film/thickness.ts'
import { parseNumber } from '../../core/measure/parse.ts'
import { parseQuantity } from '../../core/measure/quantity.ts'
import type { Brush } from '../../document/brush.ts'
import { ChoiceRow, Labelled, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about } from '../../ui/format.ts'

/** "70", "70 microns", "0.3 mm" or "2 ml over 400 cm2": a wet thickness in µm. */
export function readThickness(text: string): Reading<number> {
  const used = /^\s*([\d.,]+)\s*ml\s*(?:over|on|\/)\s*([\d.,]+)\s*cm(?:2|²)?\s*$/i.exec(text)
  const [ml, area] = used ? [parseNumber(used[1]!), parseNumber(used[2]!)] : [null, null]
  const um = ml !== null && area ? wetUmFromUse(ml, area) : parseQuantity(text, 'µm')
  if (um === null) return { problem: 'Write µm, such as 70; or 0.3 mm; or 2 ml over 400 cm².' }
  if (um < 0.1)
    return {
      problem: 'A layer is at least 0.1 µm thick. If you meant millimetres, write mm after the number.',
    }
  if (um > 20000) return { problem: 'A layer is at most 20,000 µm (2 cm) thick.' }
  return { value: um }
}

export function Thickness({
  layer,
  onChange,
}: {
  readonly layer: Brush
  readonly onChange: (change: Partial<Brush>) => void
}) {
  const preset = thicknessPresets.find(({ wetUm }) => wetUm === layer.wetThicknessUm)
  const tiny = layer.wetThicknessUm < 3 && layer.paints.length > 0
  return (
    <div className="flex min-w-0 flex-wrap gap-2">
      <ChoiceRow
        label="How thick"
        className="min-w-0 grow basis-24"
        value={preset?.id ?? ''}
        onValue={(chosen) => {
          const found = thicknessPresets.find((one) => one.id === chosen)
          if (found) onChange({ wetThicknessUm: found.wetUm })
        }}
        options={[
          ...(preset ? [] : [{ id: '', name: 'as typed' }]),
          ...thicknessPresets.map(({ id: presetId, name, wetUm }) => ({
            id: presetId,
            name: `${name}, ${wetUm} µm`,
          })),
        ]}
      />
      <TypedRow
        label="wet thickness"
        className="w-24"
        shown={about(layer.wetThicknessUm, 4)}
        read={readThickness}
        onValue={(wetThicknessUm) => onChange({ wetThicknessUm })}
        suffix="µm"
      />
      <Labelled label="thickest spot, wet" className="w-28">
        {(id) => (
          <TypedField
            id={id}
            shown={layer.ridgeWetUm === null ? '' : about(layer.ridgeWetUm, 4)}
            read={(text): Reading<number | null> =>
              text.trim() === '' ? { value: null } : readThickness(text)
            }
            onValue={(ridgeWetUm) => onChange({ ridgeWetUm })}
            suffix="µm"
          />
        )}
      </Labelled>
      {tiny && (
        <p className="flex w-full flex-wrap items-center gap-x-3 text-[0.85rem] text-watch">
          {about(layer.wetThicknessUm)} µm is thinner than a brush leaves.
          <button
            type="button"
            className="button min-h-9 text-ink"
            onClick={() => onChange({ wetThicknessUm: layer.wetThicknessUm * 1000 })}
          >
            I meant {about(layer.wetThicknessUm)} mm
          </button>
        </p>
      )}
    </div>
  )
}
