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
