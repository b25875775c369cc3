import { thicknessPresets, wetUmFromUse } from '../../core/film/thickness.ts'
import { parseNumber } from '../../core/measure/parse.ts'
import { parseQuantity } from '../../core/measure/quantity.ts'
import type { AssessedSpot } from '../../document/judging/assess.ts'
import type { Brush } from '../../document/brush.ts'
import { ChoiceRow, Labelled, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about } from '../../ui/format.ts'
import { Popup } from '../../ui/Popup.tsx'
import { later, useLater } from '../../ui/useLater.ts'

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

/** A handle runs from a breath to heavy impasto, evenly in the logarithm. */
const dragSteps = 200
const [thinnestUm, thickestUm] = [4, 3000]
const umAt = (step: number): number =>
  Number((thinnestUm * (thickestUm / thinnestUm) ** (step / dragSteps)).toPrecision(2))
const stepOf = (um: number): number =>
  Math.round((dragSteps * Math.log(um / thinnestUm)) / Math.log(thickestUm / thinnestUm))

export interface ThicknessProps {
  readonly layer: Brush
  /** The layer as it lies; null while it cannot be made. */
  readonly spot: AssessedSpot | null
  /** The surface it covers, m²; 0: not known. */
  readonly areaM2: number
  readonly onChange: (change: Partial<Brush>) => void
}

const measuring = later(() => import('./event/HowThick.tsx').then(({ default: HowThick }) => HowThick))

export function Thickness({ layer, spot, areaM2, onChange }: ThicknessProps) {
  const HowThick = useLater(measuring)
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
        isFigure
        shown={about(layer.wetThicknessUm, 4)}
        read={readThickness}
        onValue={(wetThicknessUm) => onChange({ wetThicknessUm })}
        suffix="µm"
      />
      <Labelled label="thickest spot, wet" className="w-28">
        {(id) => (
          <TypedField
            id={id}
            isFigure
            shown={layer.ridgeWetUm === null ? '' : about(layer.ridgeWetUm, 4)}
            read={(text): Reading<number | null> =>
              text.trim() === '' ? { value: null } : readThickness(text)
            }
            onValue={(ridgeWetUm) => onChange({ ridgeWetUm })}
            suffix="µm"
          />
        )}
      </Labelled>
      <input
        type="range"
        aria-label="Drag how thick it is laid on"
        className="h-9 w-full"
        min={0}
        max={dragSteps}
        value={stepOf(layer.wetThicknessUm)}
        onChange={({ target }) => onChange({ wetThicknessUm: umAt(Number(target.value)) })}
      />
      {spot && (
        <Popup
          button="How thick really?"
          buttonClassName="mb-1 min-h-9 self-end text-[0.9rem] link"
          label="How thick it really is"
          align="start"
          className="max-h-[var(--radix-popover-content-available-height)] w-[34rem] overflow-y-auto"
        >
          {(close) =>
            HowThick && (
              <HowThick
                volatile={spot.film.mix.volatile}
                densityGPerMl={spot.film.mix.densityGPerMl}
                areaCm2={1e4 * areaM2}
                onWet={(wetThicknessUm) => {
                  close()
                  onChange({ wetThicknessUm })
                }}
                onRidge={(ridgeWetUm) => {
                  close()
                  onChange({ ridgeWetUm })
                }}
              />
            )
          }
        </Popup>
      )}
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
