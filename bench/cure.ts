/** The other half of bench/cure.c: ms per solve of the same eight films. Run by node itself, as the program is built. */
import { solveToHorizon } from '../src/core/soundness/mismatch.ts'
import { eightFilms } from './eightFilms.ts'

const runs = 200
const solveAll = (): void => {
  for (let run = 0; run < runs; run++) solveToHorizon(eightFilms)
}
solveAll()
const began = performance.now()
solveAll()
console.log(((performance.now() - began) / runs).toFixed(4))
