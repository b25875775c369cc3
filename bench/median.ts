export const middle = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[times.length >> 1]!

/** Median of several runs, ms a run; each run does it `inner` times. */
export function median(run: () => unknown, runs = 15, inner = 1): number {
  const times = Array.from({ length: runs + 3 }, () => {
    const began = performance.now()
    for (let time = 0; time < inner; time++) run()
    return (performance.now() - began) / inner
  })
  return middle(times.slice(3))
}
