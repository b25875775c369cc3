import { mixedSheen } from '../../../core/finish/varnishFacts.ts'
import { ChoiceRow, NumberRow } from '../../../ui/fields.tsx'
import { about, mlText, upperFirst } from '../../../ui/format.ts'
import { MaterialRow } from '../../../ui/MaterialField.tsx'
import type { FinishProps } from '../FinishView.tsx'
import type { VarnishAsked } from './asked.ts'

const absorbers = [
  { id: '', name: 'not told' },
  { id: 'yes', name: 'holds a light absorber' },
  { id: 'no', name: 'holds none' },
] as const

interface FieldsProps extends Pick<FinishProps, 'edited' | 'findMaterial' | 'varnish' | 'onVarnish'> {
  readonly asked: VarnishAsked
  readonly totalMl: number
  readonly onAsked: (change: Partial<VarnishAsked>) => void
}

/** Which varnish, in how many coats, and what it is matted with. */
export function VarnishFields(props: FieldsProps) {
  const { edited, findMaterial, varnish, onVarnish, asked, totalMl, onAsked } = props
  const { coats, mlPerM2, matt, mattShare, absorber } = asked
  return (
    <>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <MaterialRow
          label="Which"
          role="varnish"
          className="col-span-2"
          value={varnish}
          findMaterial={findMaterial}
          bring={edited.bring}
          onValue={onVarnish}
        />
        <NumberRow
          label="Coats"
          value={coats}
          low={1}
          high={12}
          onValue={(value) => onAsked({ coats: Math.round(value) })}
        />
        <NumberRow
          label="A coat, ml on a square metre"
          value={mlPerM2}
          low={5}
          high={300}
          onValue={(value) => onAsked({ mlPerM2: value })}
        />
        <MaterialRow
          label="Matted with, of the same resin"
          role="varnish"
          orNone
          value={matt}
          findMaterial={findMaterial}
          bring={edited.bring}
          onValue={(value) => onAsked({ matt: value })}
        />
        {matt ? (
          <NumberRow
            label="Of it, % of the mix"
            value={100 * mattShare}
            low={1}
            high={99}
            onValue={(value) => onAsked({ mattShare: value / 100 })}
          />
        ) : (
          <ChoiceRow
            label="Light"
            value={absorber}
            options={absorbers}
            onValue={(value) => onAsked({ absorber: value as VarnishAsked['absorber'] })}
          />
        )}
      </div>
      {matt && (
        <p className="mt-2 text-[0.92rem]">
          {upperFirst(mixedSheen(mattShare).word)}, gloss about {about(mixedSheen(mattShare).gloss)} of 100
          (estimate): {mlText(totalMl * (1 - mattShare))} and {mlText(totalMl * mattShare)} of the matt one.
          Draw it down on a card first.
        </p>
      )}
    </>
  )
}
