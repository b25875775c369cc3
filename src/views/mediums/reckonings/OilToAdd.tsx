import { useMemo, useState } from 'react'
import { oilToAdd } from '../../../core/dosing/oilToAdd.ts'
import { finderOf } from '../../../core/materials/find.ts'
import { NumberRow } from '../../../ui/fields.tsx'
import { about, gramsText, mlText, percentText } from '../../../ui/format.ts'
import { MaterialRow } from '../../../ui/MaterialField.tsx'
import type { ReckoningProps } from './props.ts'

export function OilToAdd({ materials, bring }: ReckoningProps) {
  const [pigment, setPigment] = useState('pw6_rutile')
  const [oil, setOil] = useState('linseed_alkali_refined')
  const [grams, setGrams] = useState(30)
  const [points, setPoints] = useState(7)
  const findMaterial = useMemo(() => finderOf(materials), [materials])
  const field = { findMaterial, bring, className: 'grow basis-40' }
  const added = oilToAdd({ pigment, oil }, grams, points / 100, findMaterial)
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <MaterialRow role="pigment" label="Paint" value={pigment} {...field} onValue={setPigment} />
        <MaterialRow role="oil" label="in, and to add" value={oil} {...field} onValue={setOil} />
        <NumberRow
          label="paint, g"
          className="w-24"
          value={grams}
          low={0.1}
          high={10000}
          onValue={setGrams}
        />
        <NumberRow
          label="oil up by"
          className="w-36"
          value={points}
          low={0}
          high={90}
          unit="points"
          onValue={setPoints}
        />
      </div>
      <p className="mt-2">
        {added === null ? (
          'So much oil cannot be reached by adding oil. Ask for less.'
        ) : (
          <>
            Add {gramsText(added.oilG)} = {mlText(added.oilMl)} of oil: from {percentText(added.from)} to{' '}
            {percentText(added.to)} oil of the paint by mass
            {added.fat[0] && added.fat[1] ? (
              <>
                , fat over what the powder needs from {about(added.fat[0], 3)}× to {about(added.fat[1], 3)}×
              </>
            ) : null}
            .
          </>
        )}
      </p>
    </>
  )
}
