/** What planned layers need against what there is. */
export interface Need {
  readonly needMl: number
  readonly haveMl: number
  readonly shortMl: number
}

/** Medium one layer takes, ml: area × wet thickness × the medium's share of the mix. 1 cm² at 1 µm is 0.0001 ml. */
export const layerNeedMl = (areaCm2: number, wetUm: number, mediumShare: number): number =>
  areaCm2 * wetUm * 1e-4 * mediumShare

export const needOf = (needsMl: readonly number[], haveMl: number): Need => {
  const needMl = needsMl.reduce((sum, one) => sum + one, 0)
  return { needMl, haveMl, shortMl: Math.max(0, needMl - haveMl) }
}

/** A thing the recipe wants more of than there is. */
export interface Shortage {
  readonly material: string
  readonly hasG: number
  /** How many times the recipe as written what there is makes. */
  readonly enoughFor: number
}

/** What there is too little of to make a recipe so many times; of what no count is kept of, nothing. */
export const shortagesOf = (
  recipe: readonly { readonly material: string; readonly grams: number }[],
  times: number,
  stockG: (material: string) => number | null,
): readonly Shortage[] =>
  recipe.flatMap(({ material, grams }) => {
    const hasG = stockG(material)
    return hasG !== null && hasG < grams * times ? [{ material, hasG, enoughFor: hasG / grams }] : []
  })
