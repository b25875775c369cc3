import { parseAmount } from '../../core/measure/parse.ts'
import { parseMoney } from '../../core/measure/quantity.ts'
import { unitName } from '../../core/measure/units.ts'
import type { Price } from '../../core/materials/own.ts'
import { TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'

/** What was paid, and for how much: "18 for 250 ml". */
export const PriceRow = ({
  price,
  onPrice,
}: {
  readonly price: Price | null
  readonly onPrice: (price: Price | null) => void
}) => (
  <TypedRow
    label="Price"
    hint="What you paid, and for how much: 18 for 250 ml."
    isFigure
    shown={
      price ? `${price.coins} for ${price.for.amount} ${unitName(price.for.unit, price.for.amount)}` : ''
    }
    read={readPrice}
    onValue={onPrice}
  />
)

function readPrice(text: string): Reading<Price | null> {
  if (!text.trim()) return { value: null }
  const [coins, amount] = text.split(/\bfor\b|\//)
  const paid = parseMoney(coins ?? '')
  const bought = amount === undefined ? null : parseAmount(amount, 'metric')
  if (!paid || !bought) return { problem: 'Write what you paid and for how much: 18 for 250 ml.' }
  if (!bought.ok) return { problem: bought.message }
  return bought.value.unit === 'part' || bought.value.unit === 'drop'
    ? { problem: 'Bought by the ml or the g: 18 for 250 ml.' }
    : { value: { coins: paid, for: bought.value } }
}
