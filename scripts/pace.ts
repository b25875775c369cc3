/** How fast the machine is: a virtual one is held up by its neighbours at times, and everything on it takes longer. */

const rounds = 3e7

function loopMs(): number {
  const began = performance.now()
  let sum = 0
  for (let round = 0; round < rounds; round++) sum += round * round
  return sum > 0 ? performance.now() - began : Infinity
}

const usualMs = Math.min(loopMs(), loopMs(), loopMs())

/** Of how fast it was when this was loaded. */
export const paceNow = (): number => usualMs / loopMs()
