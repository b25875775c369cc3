import { cautionsFor } from '../../../core/materials/hazards.ts'
import { useState } from 'react'
import { drierDosing, metalsIn } from '../../../core/medium/drierDose.ts'
import { Choice, Labelled, NumberField } from '../../../ui/fields.tsx'
import { about, gramsText } from '../../../ui/format.ts'
import type { ReckoningProps } from './props.ts'

export function Drier({ medium, materials }: ReckoningProps) {
  const driers = materials.filter(({ family }) => family === 'drier')
  const [id, setId] = useState('co_zr_ca')
  const [percent, setPercent] = useState(1)
  const fatG = medium.massG * (medium.wet.byMass.oil + medium.wet.byMass.alkyd)
  const [oilG, setOilG] = useState<number | null>(null)
  const drier = driers.find((one) => one.id === id)!
  const dose = drierDosing(drier, oilG ?? fatG, percent / 100)
  const metals = metalsIn(medium.ingredients)
  const over = dose.mostMetalPercent !== null && dose.metalPercent > dose.mostMetalPercent
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Drier" className="grow basis-48">
          {(field) => <Choice id={field} value={id} onValue={setId} options={driers} />}
        </Labelled>
        <Labelled label="on oil and alkyd, g" className="w-32">
          {(field) => (
            <NumberField
              id={field}
              value={oilG ?? Number(fatG.toPrecision(3))}
              low={0.1}
              high={100000}
              onValue={setOilG}
            />
          )}
        </Labelled>
        <Labelled label="of the oil, by mass" className="w-32">
          {(field) => (
            <NumberField id={field} value={percent} low={0} high={20} unit="%" onValue={setPercent} />
          )}
        </Labelled>
      </div>
      <p className="mt-2">
        {gramsText(dose.grams)}
        {dose.drops !== null && (
          <>
            {' '}
            = about {Math.round(dose.drops)} drops
            {drier.dropSpread === undefined && (
              <span className="text-soft"> (half to double until the dropper is counted)</span>
            )}
          </>
        )}
        . That is {about(dose.metalPercent)} % metal on the oil by mass.
        {dose.mostMetalPercent !== null && (
          <>
            {' '}
            Never more than {about(dose.mostMetalPercent)} % metal, which {gramsText(dose.mostGrams!)} of this
            solution would be; a third of that is plenty.
          </>
        )}
      </p>
      {metals.length > 0 && (
        <p className="mt-1">
          Already in the recipe:{' '}
          {metals
            .map(
              ({ name, low, high }) =>
                `${name}, ${low === high ? about(low) : `${about(low)}–${about(high)}`} % metal on the oil by mass`,
            )
            .join('; ')}
          . They add up.
        </p>
      )}
      {over && (
        <p className="mt-1 text-unsound">
          Over the most advised: skin, wrinkles and a brittle film. Use less.
        </p>
      )}
      <p className="mt-1 text-[0.85rem] text-soft">
        {cautionsFor(drier.hazards ?? []).join(' ')} A leaded oil counts too. Above 500 µm no drier makes a
        layer firm sooner.
      </p>
    </>
  )
}
