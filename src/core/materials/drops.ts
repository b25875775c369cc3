import type { Material } from './material.ts'

/** From here on a liquid hangs long on the dropper, mPa·s: its drop is told too large rather than too small. */
const thickMPas = 300

/** How far a drop may be from what is taken for it while the dropper is not counted, as factors on it. */
export const dropFactors = ({ viscosityMPas = 0, family }: Material): readonly [low: number, high: number] =>
  viscosityMPas >= thickMPas || family === 'balsam' ? [1 / 3, 1.5] : [1 / 2, 2]

/** The same in words. */
export const dropWords = (material: Material): string =>
  dropFactors(material)[1] < 2 ? 'a third to one and a half times' : 'half to double'
