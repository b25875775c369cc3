import { useState } from 'react'
import type { Shape } from '../../document/shape.ts'
import { NumberField } from '../../ui/fields.tsx'
import { Popup } from '../../ui/Popup.tsx'

const sides = ['left', 'top', 'width', 'height'] as const
type Sides = Readonly<Record<(typeof sides)[number], number>>

/** A box by its numbers, for who would rather type than draw; percent of the picture's width and height. */
export function BoxFields({
  name,
  onBox,
}: {
  readonly name: string
  readonly onBox: (shape: Shape) => void
}) {
  const [box, setBox] = useState<Sides>({ left: 25, top: 25, width: 50, height: 50 })
  return (
    <Popup
      button="a box by numbers"
      buttonClassName="min-h-11 link"
      label={`A box for ${name}`}
      align="start"
      className="w-72"
    >
      {(close) => (
        <div className="grid grid-cols-2 gap-3">
          {sides.map((side) => (
            <label key={side} className="text-[0.8rem] text-soft">
              {side}, % of the picture
              <NumberField
                label={`${side} of the box, %`}
                value={box[side]}
                low={side === 'width' || side === 'height' ? 0.5 : 0}
                high={100}
                onValue={(value) => setBox({ ...box, [side]: value })}
              />
            </label>
          ))}
          <button
            type="button"
            className="button button-ink col-span-2 min-h-11"
            onClick={() => {
              close()
              onBox({
                kind: 'box',
                x: box.left / 100,
                y: box.top / 100,
                width: box.width / 100,
                height: box.height / 100,
              })
            }}
          >
            Add the box to {name}
          </button>
        </div>
      )}
    </Popup>
  )
}
