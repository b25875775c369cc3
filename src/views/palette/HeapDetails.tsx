import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import Trash2 from 'lucide-react/dist/esm/icons/trash-2.mjs'
import { heapUnits } from '../../document/heapUnits.ts'
import type { PutIn } from '../../document/palette/besides.ts'
import { inUnit, squeezeG } from '../../document/palette/heaps.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { HeapDocument } from '../../document/palette.ts'
import { asLoosePaint, mostPaints } from '../../document/paints.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import { PartsList } from '../../ui/paint/PartsList.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { PaintLine, newPaint } from '../stack/PaintLine.tsx'
import type { Stock } from '../stack/PaintLine.tsx'
import { Consistencies } from './Consistencies.tsx'
import { isLaid } from './laidOut.ts'
import type { LaidHeap, LaidPalette, SpoiltHeap } from './laidOut.ts'
import { Figures } from './Figures.tsx'
import { Films } from './Films.tsx'
import { Paler } from './Paler.tsx'
import type { SinksProps } from './Sinks.tsx'
import { Spoils } from './Spoils.tsx'
import type { Brushes } from './Spoils.tsx'

/** About a drop; the painter says how much it really is. */
const usualMl = 0.05

interface DetailsProps {
  readonly laid: LaidHeap | SpoiltHeap
  readonly palette: LaidPalette
  readonly picture: LoadedPicture
  readonly layer: LayerDocument
  readonly stock: Stock
  readonly onHeap: (change: Partial<HeapDocument>) => void
  readonly onPutIn: (more: PutIn) => void
  readonly onBrushes: (known: Brushes) => void
  readonly onRemove: () => void
}

/** One heap opened: what it is, where it stands, what spoils it, and how it is made paler. */
export function HeapDetails(props: DetailsProps) {
  const { laid, palette, picture, layer, stock, onHeap } = props
  const { heap } = laid
  const { findMaterial } = palette
  return (
    <div className="not-printed grid items-start gap-x-8 gap-y-4 border-t border-rule bg-sheet px-3 py-3 md:grid-cols-2">
      {isLaid(laid) && <Figures laid={laid} palette={palette} />}
      <div className="grid gap-y-4">
        <Squeezed {...props} />
        <PartsList
          legend="Stirred into this heap alone, ml"
          unit="ml"
          asks="an oil, a thinner, a drier"
          parts={heap.added}
          usual={usualMl}
          findMaterial={findMaterial}
          bring={stock.bring}
          onParts={(added) => props.onPutIn({ added })}
        />
        {isLaid(laid) && (
          <Spoils
            laid={laid}
            palette={palette}
            picture={picture}
            layer={layer}
            onPutIn={props.onPutIn}
            onBrushes={props.onBrushes}
          />
        )}
      </div>
      {isLaid(laid) && (
        <div className="grid gap-y-4">
          <Sinking
            laid={laid}
            palette={palette}
            picture={picture}
            layer={layer}
            onAdded={(added) => props.onPutIn({ added })}
          />
          <Consistencies laid={laid} palette={palette} onAdded={(added) => props.onPutIn({ added })} />
          <Paler laid={laid} palette={palette} onHeap={onHeap} />
          <Films exact={laid.exact} real={laid.real} />
        </div>
      )}
    </div>
  )
}

const sinks = later(() => import('./Sinks.tsx').then(({ default: Sinks }) => Sinks))

/** Whether it will sink, and what prevents it; told once the page answers. */
function Sinking(props: SinksProps) {
  const Sinks = useLater(sinks)
  return Sinks && <Sinks {...props} />
}

const unitNames = { ml: 'ml', g: 'g', squeeze: 'squeezes' } as const

/** What a heap is squeezed out of, and how much. */
function Squeezed({ laid: { heap }, palette, picture, stock, onHeap, onRemove }: DetailsProps) {
  const { findMaterial } = palette
  const units = heapUnits.filter(
    (unit) => unit !== 'squeeze' || heap.unit === 'squeeze' || squeezeG(heap, picture.tubes) !== null,
  )
  return (
    <fieldset className="min-w-0" disabled={heap.mixed !== null}>
      <legend className="text-[0.8rem] text-soft">
        {heap.mixed ? 'What was squeezed out' : 'What is squeezed out, in parts by volume'}
      </legend>
      {heap.paints.map((paint, at) => (
        <PaintLine
          key={at}
          paint={paint}
          findMaterial={findMaterial}
          stock={stock}
          onPaint={(changed) =>
            onHeap({ paints: heap.paints.map((one, index) => (index === at ? changed : one)) })
          }
          onRemove={() =>
            heap.paints.length > 1 && onHeap({ paints: heap.paints.filter((_, index) => index !== at) })
          }
        />
      ))}
      <div className="mt-1 flex flex-wrap items-center justify-between gap-3">
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1 text-[0.9rem] link disabled:text-soft"
          disabled={heap.paints.length >= mostPaints}
          onClick={() => onHeap({ paints: [...heap.paints, { ...asLoosePaint(newPaint), parts: 0.25 }] })}
        >
          <Plus size={14} aria-hidden="true" /> another tube into it
        </button>
        <IconButton label="Take this heap off the palette" onClick={onRemove}>
          <Trash2 size={17} aria-hidden="true" />
        </IconButton>
      </div>
      <div className="flex items-end gap-3">
        <NumberRow
          label="So much"
          className="w-28"
          value={heap.amount}
          low={0.01}
          high={1000}
          onValue={(amount) => onHeap({ amount })}
        />
        <ChoiceRow
          label="told in"
          className="w-32"
          value={heap.unit}
          onValue={(chosen) => {
            const unit = units.find((one) => one === chosen)!
            const told = inUnit(heap, unit, picture.tubes, findMaterial)
            onHeap(told ? { unit: told.unit, amount: told.amount } : { unit })
          }}
          options={units.map((id) => ({ id, name: unitNames[id] }))}
        />
      </div>
      {!units.includes('squeeze') && heap.paints[0]?.tube && (
        <p className="mt-1 text-[0.85rem] text-soft">
          For squeezes, weigh a few once:{' '}
          <a className="link" href={`/shelf/paints?at=${heap.paints[0].tube}`}>
            {heap.paints[0].name ?? 'the tube'}
          </a>
          .
        </p>
      )}
    </fieldset>
  )
}
