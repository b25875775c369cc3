/** Symmetric positive definite matrices, a few dozen rows: solved and inverted by Cholesky. */

type Matrix = readonly (readonly number[])[]

/** The lower triangle L with L Lᵀ the matrix. */
function root(matrix: Matrix): number[][] {
  const lower = matrix.map((row) => row.map(() => 0))
  for (let row = 0; row < matrix.length; row++)
    for (let column = 0; column <= row; column++) {
      let rest = matrix[row]![column]!
      for (let at = 0; at < column; at++) rest -= lower[row]![at]! * lower[column]![at]!
      lower[row]![column] = row === column ? Math.sqrt(Math.max(rest, 1e-12)) : rest / lower[column]![column]!
    }
  return lower
}

function solvedBy(lower: Matrix, right: readonly number[]): number[] {
  const half = [...right]
  for (let row = 0; row < half.length; row++) {
    for (let at = 0; at < row; at++) half[row]! -= lower[row]![at]! * half[at]!
    half[row]! /= lower[row]![row]!
  }
  for (let row = half.length - 1; row >= 0; row--) {
    for (let at = row + 1; at < half.length; at++) half[row]! -= lower[at]![row]! * half[at]!
    half[row]! /= lower[row]![row]!
  }
  return half
}

/** x with matrix × x = right. */
export const solved = (matrix: Matrix, right: readonly number[]): number[] => solvedBy(root(matrix), right)

export function inverseOf(matrix: Matrix): number[][] {
  const lower = root(matrix)
  return matrix.map((_, row) =>
    solvedBy(
      lower,
      matrix.map((_row, at) => (at === row ? 1 : 0)),
    ),
  )
}
