import { costOf } from '../medium/cost.ts'
import type { Medium } from '../medium/medium.ts'
import type { RecipeLine } from '../medium/recipe.ts'

/** What says how much is made: a jar, so many tubes, a weight, money, or the one thing there is no more of. */
export type ScaleBy =
  | { readonly kind: 'volume'; readonly ml: number }
  | { readonly kind: 'mass'; readonly g: number }
  | { readonly kind: 'tubes'; readonly count: number; readonly ml: number; readonly loss: number }
  | { readonly kind: 'item'; readonly material: string; readonly g: number }
  | { readonly kind: 'budget'; readonly coins: number }

export type Scaled =
  { readonly ok: true; readonly times: number } | { readonly ok: false; readonly message: string }

/** How many times the recipe as written is made. */
export function timesFor(medium: Medium, by: ScaleBy): Scaled {
  switch (by.kind) {
    case 'volume':
      return { ok: true, times: by.ml / medium.volumeMl }
    case 'mass':
      return { ok: true, times: by.g / medium.massG }
    case 'tubes':
      return { ok: true, times: (by.count * by.ml) / (1 - by.loss) / medium.volumeMl }
    case 'item': {
      const there = medium.ingredients.find(({ material }) => material.id === by.material)
      return there
        ? { ok: true, times: by.g / there.massG }
        : { ok: false, message: 'That is not in the recipe. Choose one of its materials.' }
    }
    case 'budget': {
      const { total, unpriced } = costOf(medium.ingredients)
      if (unpriced.length > 0)
        return {
          ok: false,
          message: `No price on the shelf for ${unpriced.join(', ')}. Give one there first.`,
        }
      return { ok: true, times: by.coins / total }
    }
  }
}

/** A recipe line counted in drops, rounded to whole ones: what that does to it, as a share. */
export interface RoundedDrops {
  readonly drops: number
  readonly error: number
}

/** Whole drops for a line counted in drops; null for one measured otherwise. A drop is never rounded to none. */
export function wholeDrops(line: RecipeLine, times: number): RoundedDrops | null {
  if (line.unit !== 'drop') return null
  const exact = line.amount * times
  const drops = Math.max(1, Math.round(exact))
  return { drops, error: drops / exact - 1 }
}

/** Tubes filled from a batch after what stays in the pot: whole ones, and what is left over, ml. */
export function tubesFrom(
  ml: number,
  loss: number,
  tubeMl: number,
): { readonly yieldMl: number; readonly tubes: number; readonly leftMl: number } {
  const yieldMl = ml * (1 - loss)
  const tubes = Math.floor(yieldMl / tubeMl + 1e-9)
  return { yieldMl, tubes, leftMl: yieldMl - tubes * tubeMl }
}
