import type { ScaleBy } from '../../../core/batch/scaling.ts'
import type { Medium } from '../../../core/medium/medium.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import { about } from '../../../ui/format.ts'

/** How much is asked for: what it is limited by, and what was typed for each of the ways. */
export interface AmountAsked {
  readonly kind: ScaleBy['kind']
  readonly ml: number
  readonly g: number
  readonly count: number
  readonly tubeMl: number
  readonly lossPercent: number
  readonly material: string
  readonly coins: number
}

/** So much of a recipe written in parts alone is made, ml, unless another amount is asked. */
const ofPartsMl = 100

/** As much as the recipe as it is written makes, ml. */
const asWrittenMl = ({ recipe }: MediumDocument, { volumeMl }: Medium): number =>
  recipe.lines.some(({ unit }) => unit === 'part') ? ofPartsMl : Number(about(volumeMl, 3))

export const firstAsked = (medium: MediumDocument, made: Medium): AmountAsked => ({
  kind: 'volume',
  ml: asWrittenMl(medium, made),
  g: 100,
  count: 5,
  tubeMl: 36,
  lossPercent: 5,
  material: made.ingredients[0]!.material.id,
  coins: 10,
})

export function scaleBy({ kind, ml, g, count, tubeMl, lossPercent, material, coins }: AmountAsked): ScaleBy {
  switch (kind) {
    case 'volume':
      return { kind, ml }
    case 'mass':
      return { kind, g }
    case 'tubes':
      return { kind, count, ml: tubeMl, loss: lossPercent / 100 }
    case 'item':
      return { kind, material, g }
    case 'budget':
      return { kind, coins }
  }
}
