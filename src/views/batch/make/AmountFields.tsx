import type { Medium } from '../../../core/medium/medium.ts'
import { ChoiceRow, NumberRow } from '../../../ui/fields.tsx'
import type { AmountAsked } from './asked.ts'

const kinds = [
  { id: 'volume', name: 'how much I want' },
  { id: 'tubes', name: 'so many tubes' },
  { id: 'item', name: 'what there is of one thing' },
  { id: 'budget', name: 'a budget' },
  { id: 'mass', name: 'a weight' },
] as const

interface FieldsProps {
  readonly asked: AmountAsked
  readonly made: Medium
  /** Whether some of it stays in the pot. */
  readonly isLossy: boolean
  readonly onAsked: (change: Partial<AmountAsked>) => void
}

/** What limits how much is made, and by how much. */
export const AmountFields = ({ asked, made, isLossy, onAsked }: FieldsProps) => (
  <>
    <ChoiceRow
      label="It is limited by"
      className="grow basis-40"
      value={asked.kind}
      onValue={(kind) => onAsked({ kind: kind as AmountAsked['kind'] })}
      options={kinds}
    />
    <Limit asked={asked} made={made} onAsked={onAsked} />
    {isLossy && (
      <NumberRow
        label="Stays in the pot, of it by volume"
        className="w-40"
        value={asked.lossPercent}
        low={0}
        high={60}
        unit="%"
        onValue={(lossPercent) => onAsked({ lossPercent })}
      />
    )}
  </>
)

function Limit({ asked, made, onAsked }: Omit<FieldsProps, 'isLossy'>) {
  switch (asked.kind) {
    case 'volume':
      return (
        <NumberRow
          label="to make, ml"
          className="w-28"
          value={asked.ml}
          low={0.1}
          high={100000}
          onValue={(ml) => onAsked({ ml })}
        />
      )
    case 'mass':
      return (
        <NumberRow
          label="to make, g"
          className="w-28"
          value={asked.g}
          low={0.1}
          high={100000}
          onValue={(g) => onAsked({ g })}
        />
      )
    case 'tubes':
      return (
        <>
          <NumberRow
            label="tubes"
            className="w-20"
            value={asked.count}
            low={1}
            high={1000}
            onValue={(count) => onAsked({ count: Math.round(count) })}
          />
          <NumberRow
            label="of, ml"
            className="w-20"
            value={asked.tubeMl}
            low={1}
            high={10000}
            onValue={(tubeMl) => onAsked({ tubeMl })}
          />
        </>
      )
    case 'item':
      return (
        <>
          <NumberRow
            label="there is, g"
            className="w-24"
            value={asked.g}
            low={0.01}
            high={100000}
            onValue={(g) => onAsked({ g })}
          />
          <ChoiceRow
            label="of"
            className="grow basis-40"
            value={asked.material}
            onValue={(material) => onAsked({ material })}
            options={made.ingredients.map((one) => one.material)}
          />
        </>
      )
    case 'budget':
      return (
        <NumberRow
          label="to spend"
          className="w-28"
          value={asked.coins}
          low={0.01}
          high={1000000}
          onValue={(coins) => onAsked({ coins })}
        />
      )
  }
}
