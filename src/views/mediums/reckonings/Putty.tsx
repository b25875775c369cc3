import { useMemo, useState } from 'react'
import { finderOf } from '../../../core/materials/find.ts'
import { puttyOf } from '../../../core/dosing/putty.ts'
import { NumberRow } from '../../../ui/fields.tsx'
import { gramsText, mlText, percentText } from '../../../ui/format.ts'
import { MaterialRow } from '../../../ui/MaterialField.tsx'
import type { ReckoningProps } from './props.ts'

export function Putty({ materials, bring }: ReckoningProps) {
  const findMaterial = useMemo(() => finderOf(materials), [materials])
  const field = { findMaterial, bring, className: 'grow basis-40' }
  const [fillerId, setFiller] = useState('chalk_whiting')
  const [oilId, setOil] = useState('walnut')
  const [grams, setGrams] = useState(60)
  const [load, setLoad] = useState(0.6)
  const [filler, oil] = [findMaterial(fillerId)!, findMaterial(oilId)!]
  const putty = puttyOf(filler, grams, oil, load)
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <MaterialRow role="filler" label="Filler" value={fillerId} {...field} onValue={setFiller} />
        <MaterialRow role="oil" label="Oil" value={oilId} {...field} onValue={setOil} />
        <NumberRow
          label="filler, g"
          className="w-24"
          value={grams}
          low={0.1}
          high={10000}
          onValue={setGrams}
        />
        <NumberRow
          label="load, 1 = just bound"
          className="w-36"
          value={load}
          low={0.05}
          high={1}
          onValue={setLoad}
        />
      </div>
      <p className="mt-2">
        {putty === null ? (
          'This filler gels an oil at a few percent: its oil absorption says nothing. Add it little by little.'
        ) : (
          <>
            {mlText(putty.oilMl)} = {gramsText(putty.oilG)} of oil; at least {gramsText(putty.leastOilG)} only
            to wet it. Filler is then {percentText(putty.pvc)} of the putty by volume;{' '}
            {percentText(putty.cpvc)} would be just bound. It hides little in oil.
          </>
        )}
      </p>
      <p className="mt-1 text-[0.85rem] text-soft">
        Wet the filler first; no dust in the air: respirator, wet bench.
      </p>
    </>
  )
}
