/** The other half of bench/cure.c: ms per solve of the same eight films. Run by node itself, as the program is built. */
import { solveToHorizon } from '../src/core/soundness/mismatch.ts'

const films = Array.from({ length: 8 }, (_, at) => ({
  thicknessUm: [15, 60, 80, 300, 70, 40, 30, 25][at]!,
  rate: [2, 1.3, 0.7, 0.65, 0.9, 0.8, 1.1, 0.9][at]!,
  q: 0.55,
  appliedDay: at * 12,
}))
const runs = 200
const solveAll = (): void => {
  for (let run = 0; run < runs; run++) solveToHorizon(films)
}
solveAll()
const began = performance.now()
solveAll()
console.log(((performance.now() - began) / runs).toFixed(4))
