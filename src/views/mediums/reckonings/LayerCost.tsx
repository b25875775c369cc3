import { useMemo, useState } from 'react'
import { tubeDensity, tubeIngredients } from '../../../core/film/paint.ts'
import { finderOf } from '../../../core/materials/find.ts'
import { costOf, layerCost } from '../../../core/medium/cost.ts'
import { NumberRow } from '../../../ui/fields.tsx'
import { gramsText, mlText } from '../../../ui/format.ts'
import { MaterialRow } from '../../../ui/MaterialField.tsx'
import type { ReckoningProps } from './props.ts'

export function LayerCost({ medium, materials, bring }: ReckoningProps) {
  const [pigment, setPigment] = useState('pb28')
  const [perG, setPerG] = useState(1.4)
  const [areaCm2, setArea] = useState(900)
  const [wetUm, setWet] = useState(70)
  const [percent, setPercent] = useState(25)
  const findMaterial = useMemo(() => finderOf(materials), [materials])
  const tube = tubeIngredients(
    { pigments: [{ pigment, share: 1 }], oil: 'linseed_alkali_refined' },
    findMaterial,
  )
  if (!tube.ok) return null
  const { perMl, unpriced } = costOf(medium.ingredients)
  const cost = layerCost(
    { areaCm2, wetUm, dose: percent / 100 },
    { densityGPerMl: tubeDensity(tube.ingredients), perG },
    perMl,
  )
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <MaterialRow
          role="pigment"
          label="Paint"
          className="grow basis-40"
          value={pigment}
          findMaterial={findMaterial}
          bring={bring}
          onValue={setPigment}
        />
        <NumberRow
          label="costs, per g"
          className="w-24"
          value={perG}
          low={0}
          high={100000}
          onValue={setPerG}
        />
        <NumberRow
          label="over, cm²"
          className="w-24"
          value={areaCm2}
          low={1}
          high={1000000}
          onValue={setArea}
        />
        <NumberRow label="wet, µm" className="w-20" value={wetUm} low={1} high={20000} onValue={setWet} />
        <NumberRow
          label="medium of the mix, by volume"
          className="w-32"
          value={percent}
          low={0}
          high={95}
          unit="%"
          onValue={setPercent}
        />
      </div>
      <p className="mt-2">
        Neat: {gramsText(cost.neatPaintG)} of paint, {cost.neat.toFixed(2)}. With the medium:{' '}
        {gramsText(cost.paintG)} of paint and {mlText(cost.mediumMl)} of it, {cost.mixed.toFixed(2)}
        {unpriced.length > 0 && (
          <span className="text-soft"> and what has no price ({unpriced.join(', ')})</span>
        )}
        .
      </p>
    </>
  )
}
