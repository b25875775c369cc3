/** The standard normal distribution: cumulative (error below 1e-7) and its inverse (error below 5e-4). */

export function normalBelow(z: number): number {
  if (z === Infinity) return 1
  if (z === -Infinity) return 0
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    Math.exp((-z * z) / 2) *
    0.3989422804 *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

export function normalQuantile(p: number): number {
  if (p <= 0) return -Infinity
  if (p >= 1) return Infinity
  const t = Math.sqrt(-2 * Math.log(Math.min(p, 1 - p)))
  const z =
    t - (2.515517 + t * (0.802853 + t * 0.010328)) / (1 + t * (1.432788 + t * (0.189269 + t * 0.001308)))
  return p < 0.5 ? -z : z
}
