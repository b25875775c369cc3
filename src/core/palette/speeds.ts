/** How fast a paint dries as makers say it, and the rate that stands for, raw linseed = 1 (pigments.csv, drying class). */
export const speedRates = { 'very fast': 2.1, fast: 1.5, medium: 1.05, slow: 0.7, 'very slow': 0.45 } as const
export type PaintSpeed = keyof typeof speedRates
export const paintSpeeds = [
  'very fast',
  'fast',
  'medium',
  'slow',
  'very slow',
] as const satisfies readonly PaintSpeed[]

/** Grades of how a colour lasts in light, best first. */
export const lightfastnesses = ['I', 'II', 'III', 'IV', 'V'] as const
