import type { LearntPace } from '../../core/cure/forecast.ts'
import { dryingPartsOf } from '../../core/film/dries.ts'
import { factorOf, learntSpread } from '../../core/learn/learn.ts'
import type { Learnt } from '../../core/learn/learn.ts'
import type { Pass } from '../../core/stack/fold.ts'
import { scaledIngredients } from '../../core/medium/medium.ts'
import { volumeOf } from '../../core/medium/amount.ts'
import type { Ingredient } from '../../core/medium/medium.ts'

/** What a studio has learnt of drying, as a picture's forecasts use it. */
export interface PictureLearnt {
  readonly all: Learnt
  /** Of a tested layer, what all other checks say: its own bear upon it by themselves. */
  readonly withoutOwn: Readonly<Record<string, Learnt>>
}

/** All that was laid in a film, each pass by its share of the thickness. */
export const ingredientsOfPasses = (passes: readonly Pass[]): readonly Ingredient[] =>
  passes.flatMap(({ mix, wetUm }) => scaledIngredients(mix.all, wetUm / volumeOf(mix.all)))

/** How many times the book's time a film takes, and how sure that is; null while nothing is learnt. */
export function learntPaceOf(
  { all, withoutOwn }: PictureLearnt,
  layerId: string,
  passes: readonly Pass[],
  thicknessUm: number,
): LearntPace | null {
  const learnt = withoutOwn[layerId] ?? all
  if (learnt.names.length === 0) return null
  const factor = factorOf(learnt, dryingPartsOf(ingredientsOfPasses(passes)))
  return { times: Math.exp(factor.ln), sigma: learntSpread(thicknessUm, factor) }
}
