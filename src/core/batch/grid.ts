/** A panel of trials: two materials varied in steps over a base, each cell weighed on its own. */
export interface GridAxis {
  readonly material: string
  /** Shares of the cell by mass, 0..1. */
  readonly shares: readonly number[]
}

export interface GridCell {
  /** "B2": columns are letters, along the first axis; rows are numbers, along the second. */
  readonly label: string
  readonly lines: readonly { readonly material: string; readonly grams: number }[]
}

/**
 * Cells of `cellG` each: the two varied materials at their shares, the base at its own proportions in what is left.
 * Null where two shares leave no room for the base.
 */
export function variationGrid(
  base: readonly { readonly material: string; readonly grams: number }[],
  across: GridAxis,
  down: GridAxis,
  cellG: number,
): readonly GridCell[] | null {
  const rest = base.filter(({ material }) => material !== across.material && material !== down.material)
  const restG = rest.reduce((sum, { grams }) => sum + grams, 0)
  if (!(restG > 0) || Math.max(...across.shares) + Math.max(...down.shares) >= 1) return null
  return down.shares.flatMap((low, row) =>
    across.shares.map((share, column) => {
      const left = cellG * (1 - share - low)
      const lines = [
        ...rest.map(({ material, grams }) => ({ material, grams: (grams / restG) * left })),
        { material: across.material, grams: share * cellG },
        { material: down.material, grams: low * cellG },
      ]
      return {
        label: `${String.fromCharCode(65 + column)}${row + 1}`,
        lines: lines.filter(({ grams }) => grams > 0),
      }
    }),
  )
}
