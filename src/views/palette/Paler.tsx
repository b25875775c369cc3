import { useState } from 'react'
import { paintParts, tintBoth } from '../../core/palette/tint.ts'
import type { TintWay } from '../../core/palette/tint.ts'
import { fatnessText } from '../../core/words.ts'
import { puttyPaint, withPutty } from '../../document/palette/heaps.ts'
import { mostPaints } from '../../document/paints.ts'
import type { HeapDocument } from '../../document/palette.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { mlText, percentText } from '../../ui/format.ts'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

interface PalerProps {
  readonly laid: LaidHeap
  readonly palette: LaidPalette
  readonly onHeap: (change: Partial<HeapDocument>) => void
}

/** A filler of the book; chalk is the usual one. */
const filler = 'chalk_whiting'

/** The same tint by putty and by oil, side by side; one tap takes the putty. */
export function Paler({ laid, palette, onHeap }: PalerProps) {
  const [percent, setPercent] = useState(15)
  const [fillerPercent, setFiller] = useState(45)
  const { heap, exact } = laid
  const { findMaterial } = palette
  const chalk = findMaterial(filler)
  const paint = paintParts(exact.paint)
  if (!chalk || !paint) return null
  const tint = tintBoth(paint, percent / 100, { fillerShare: fillerPercent / 100, filler: chalk })
  const take = (): void => {
    const putty = puttyPaint(filler, heap.paints[0]!.oil, fillerPercent / 100, findMaterial)
    if (putty && tint) onHeap(withPutty(heap, exact.ml, putty, tint.byPutty.addMl))
  }
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.8rem] text-soft">
        Transparent by putty instead of by oil: the same tint, before any medium
      </legend>
      <div className="flex flex-wrap items-end gap-3">
        <NumberRow
          label="pigment, by volume"
          className="w-28"
          value={percent}
          low={1}
          high={60}
          unit="%"
          onValue={setPercent}
        />
        <NumberRow
          label="chalk in the putty"
          className="w-28"
          value={fillerPercent}
          low={10}
          high={60}
          unit="%"
          onValue={setFiller}
        />
      </div>
      {tint ? (
        <>
          <table className="mt-2 w-full text-[0.95rem]">
            <thead>
              <tr className="text-left text-[0.8rem] text-soft">
                <td />
                <th scope="col" className="font-normal">
                  add
                </th>
                <th scope="col" className="font-normal">
                  oil, by volume
                </th>
                <th scope="col" className="font-normal">
                  fat
                </th>
              </tr>
            </thead>
            <tbody>
              <Way name="as it is" way={tint.start} />
              <Way name="by oil" way={tint.byOil} />
              <Way name="by putty" way={tint.byPutty} />
            </tbody>
          </table>
          <button
            type="button"
            className="button mt-2 min-h-11"
            disabled={heap.mixed !== null || heap.paints.length >= mostPaints || tint.byPutty.addMl <= 0}
            onClick={take}
          >
            Take the putty
          </button>
        </>
      ) : (
        <p className="mt-1 text-[0.95rem]">It holds no more pigment than that already.</p>
      )}
    </fieldset>
  )
}

const Way = ({ name, way }: { readonly name: string; readonly way: TintWay }) => (
  <tr className="border-t border-rule">
    <th scope="row" className="py-1 text-left font-normal">
      {name}
    </th>
    <td>{way.addMl > 0 ? mlText(way.addMl) : '–'}</td>
    <td>{percentText(way.oilShare)}</td>
    <td>{fatnessText(way.fatness)}</td>
  </tr>
)
