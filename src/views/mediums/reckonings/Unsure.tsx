import { useState } from 'react'
import { againstLimit, driedShare, safeMassG } from '../../../core/medium/span.ts'
import { Choice, Labelled, NumberField } from '../../../ui/fields.tsx'
import { percentText } from '../../../ui/format.ts'
import type { ReckoningProps } from './props.ts'

export function Unsure({ materials }: ReckoningProps) {
  const unsure = materials.filter(({ nonVolatile }) => nonVolatile)
  const [id, setId] = useState(unsure[0]!.id)
  const [grams, setGrams] = useState(20)
  const [dryG, setDryG] = useState(60)
  const [percent, setPercent] = useState(18)
  const product = unsure.find((one) => one.id === id)!
  const { low, high } = product.nonVolatile!
  const share = driedShare(product.nonVolatile!, grams, dryG)
  const answer = againstLimit(share, percent / 100)
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Product" className="grow basis-48">
          {(field) => <Choice id={field} value={id} onValue={setId} options={unsure} />}
        </Labelled>
        <Labelled label="of it, g" className="w-20">
          {(field) => <NumberField id={field} value={grams} low={0.1} high={100000} onValue={setGrams} />}
        </Labelled>
        <Labelled label="beside dried film, g" className="w-32">
          {(field) => <NumberField id={field} value={dryG} low={0.1} high={100000} onValue={setDryG} />}
        </Labelled>
        <Labelled label="at most, of the dried film by mass" className="w-36">
          {(field) => (
            <NumberField id={field} value={percent} low={0.1} high={99} unit="%" onValue={setPercent} />
          )}
        </Labelled>
      </div>
      <p className="mt-2" role="status">
        Of it {percentText(low)}–{percentText(high)} stays, so it is {(100 * share.low).toFixed(1)}–
        {(100 * share.high).toFixed(1)}&nbsp;% of the dried film by mass:{' '}
        {answer === 'within' ? 'within the limit' : answer === 'over' ? 'over the limit' : 'cannot tell'};
        safe at or below {safeMassG(product, dryG, percent / 100)} g.
      </p>
    </>
  )
}
