import { volumeOf } from '../../core/medium/amount.ts'
import { useState } from 'react'
import { consistencies, feelOf, stepTo } from '../../core/palette/consistency.ts'
import type { Consistency, Step } from '../../core/palette/consistency.ts'
import { heldIn } from '../../core/palette/heap.ts'
import type { Besides } from '../../document/palette/besides.ts'
import { addedThinnerMl, takeStep } from '../../document/palette/heapStep.ts'
import { mlText } from '../../ui/format.ts'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

interface ConsistencyProps {
  readonly laid: LaidHeap
  readonly palette: LaidPalette
  readonly onAdded: (added: Besides) => void
}

/** Where a heap stands between stain and glaze, and what brings it to another. */
export function Consistencies({ laid, palette, onAdded }: ConsistencyProps) {
  const [wanted, setWanted] = useState<Consistency | null>(null)
  const step = wanted && wanted !== laid.consistency ? stepOf(wanted, laid, palette) : null
  const added = step && takeStep(laid.heap, step, palette)
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.8rem] text-soft">How it handles; tap what you want of it</legend>
      <div className="mt-1 flex">
        {consistencies.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={one === wanted}
            aria-current={one === laid.consistency ? 'true' : undefined}
            className="min-h-11 grow border-y border-r border-rule px-2 first:border-l aria-[current]:bg-wash aria-[current]:font-medium aria-pressed:border-ink"
            onClick={() => setWanted(one === laid.consistency ? null : one)}
          >
            {one === laid.consistency && <span aria-hidden="true">▾ </span>}
            {one}
          </button>
        ))}
      </div>
      <p className="mt-1.5 text-[0.95rem]" role="status">
        {step ? `To a ${wanted}: ${stepText(step)}` : `It ${feelOf[laid.consistency]}.`}{' '}
        {step && step.thinnerMl > 0 && !palette.thinner && 'This room lets no thinner in. '}
        {added && (
          <button type="button" className="min-h-11 font-medium link" onClick={() => onAdded(added)}>
            Do that to this heap
          </button>
        )}
      </p>
    </fieldset>
  )
}

function stepOf(wanted: Consistency, { heap, exact, real, thinnerMl }: LaidHeap, palette: LaidPalette): Step {
  const { conditioning, practice, findMaterial } = palette
  const { alkydWeight } = conditioning
  const paint = heldIn(exact.paint, alkydWeight)
  const mixed = heldIn(real.mix.all, alkydWeight)
  return stepTo(
    wanted,
    {
      film: real.mix.film,
      wetMl: volumeOf(real.mix.all),
      thinnerMl: thinnerMl + addedThinnerMl(heap, findMaterial),
      ...mixed,
      paintFat: paint.fatMl / exact.ml,
      paintDemand: paint.demandMl / exact.ml,
    },
    practice.limits,
  )
}

/** A step in a painter's words. */
function stepText({ thinnerMl, oilMl, paintMl, mediumSolvent }: Step): string {
  const parts = [
    ...(thinnerMl < 0 ? [`leave out ${mlText(-thinnerMl)} of thinner`] : []),
    ...(thinnerMl > 0 ? [`${mlText(thinnerMl)} more thinner`] : []),
    ...(oilMl > 0
      ? [`${mlText(oilMl)} of oil${thinnerMl < 0 ? ' instead of solvent' : ', no solvent'}`]
      : []),
    ...(paintMl > 0 ? [`${mlText(paintMl)} more paint from the tube`] : []),
    ...(mediumSolvent ? ['take a medium with less solvent: what is in this one keeps it thin'] : []),
  ]
  return parts.length > 0 ? `${parts.join('; ')}.` : 'it is there already.'
}
