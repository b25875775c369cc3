import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { limitFigures, timesBearable } from '../limit.ts'
import { layerRule } from '../rule.ts'

/** Strain of a layer over what it stretches: (support's movement + thickness in mm / 600) / (0.02 flexPlain). */
export const supportStrainOf = (strain: number, thickestUm: number, flexPlain: number | null): number =>
  (strain + thickestUm / 1000 / 600) / (0.02 * (flexPlain ?? 0.5))

/** Below this stretch, raw linseed = 1, it is the film rather than its thickness that is at fault. */
const brittleBelow = 0.7

export const supportStrain = layerRule({
  id: 'support-strain',
  mends: ['thinner-coat', 'split', 'another-medium', 'without-medium'],
  says: ({ layer: { name, film, isOilFilm, thickestUm, leftOn } }, { support, practice: { limits } }) => {
    if (!isOilFilm) return null
    const leftUm = thickestUm * leftOn(Infinity)
    const strain = supportStrainOf(support.strain, leftUm, film.flexPlain)
    const severity = levelOf('supportStrain', limits.supportStrain, strain)
    if (!severity) return null
    const stiff = (film.flexPlain ?? 0.5) < brittleBelow
    return {
      severity,
      message: `${name} is ${stiff ? 'brittle' : 'thick'} for ${support.name}: it moves ${timesBearable(strain, limits.supportStrain)}.`,
      numbers: {
        strain: figure('strain over what the film can stretch', strain),
        flexibility: figure('stretch of the cured film, raw linseed = 1', film.flexPlain),
        thickness: figure('dry thickness at the thickest spot', leftUm, 'µm'),
        support: figure(`movement of ${support.name}`, 100 * support.strain, '%'),
        ...limitFigures('supportStrain', limits.supportStrain),
      },
    }
  },
})
