import { useState } from 'react'
import { puttyOf } from '../../../core/dosing/putty.ts'
import { ChoiceRow, NumberRow } from '../../../ui/fields.tsx'
import { gramsText, mlText, percentText } from '../../../ui/format.ts'
import { oilChoices } from '../../../ui/materials.ts'
import type { ReckoningProps } from './props.ts'

export function Putty({ materials }: ReckoningProps) {
  const fillers = materials.filter(({ family }) => family === 'extender')
  const [fillerId, setFiller] = useState('chalk_whiting')
  const [oil, setOil] = useState('walnut')
  const [grams, setGrams] = useState(60)
  const [load, setLoad] = useState(0.6)
  const putty = puttyOf(
    fillers.find(({ id }) => id === fillerId)!,
    grams,
    materials.find(({ id }) => id === oil)!,
    load,
  )
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <ChoiceRow
          label="Filler"
          className="grow basis-40"
          value={fillerId}
          onValue={setFiller}
          options={fillers}
        />
        <ChoiceRow label="Oil" className="grow basis-40" value={oil} onValue={setOil} options={oilChoices} />
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
