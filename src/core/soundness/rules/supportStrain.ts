import { figure } from '../../figure.ts'
import type { Rule } from '../finding.ts'
import { about } from '../../words.ts'

/** Strain of a layer over what it stretches: (support's movement + thickness in mm / 600) / (0.02 flexPlain). */
export const supportStrainOf = (strain: number, thickestUm: number, flexPlain: number | null): number =>
  (strain + thickestUm / 1000 / 600) / (0.02 * (flexPlain ?? 0.5))

const limits = { watch: 0.3, unsound: 0.6 }

export const supportStrain: Rule = {
  id: 'support-strain',
  title: 'Support strain',
  reason:
    'The support moves with the weather and the hand; a stiff or thick film on it cracks. Strain is the support’s movement plus bending of the film’s own thickness, over what the cured film can stretch (model; science.md §6).',
  byPractice: false,
  find: ({ layers, support }) =>
    layers.flatMap(({ index, name, film, thickestUm }) => {
      const strain = supportStrainOf(support.strain, thickestUm, film.flexPlain)
      if (strain < limits.watch) return []
      const stiff = (film.flexPlain ?? 0.5) < 0.7
      return [
        {
          rule: 'support-strain',
          severity: strain > limits.unsound ? ('unsound' as const) : ('watch' as const),
          layer: index,
          message: `${name} is ${stiff ? 'brittle' : 'thick'} for ${support.name}: it would be stretched to ${about(strain)} of what it can bear.`,
          numbers: {
            strain: figure('strain over what the film can stretch', strain),
            flexibility: figure('stretch of the cured film, raw linseed = 1', film.flexPlain),
            thickness: figure('dry thickness at the thickest spot', thickestUm, 'µm'),
            support: figure(`movement of ${support.name}`, 100 * support.strain, '%'),
            watch: figure('sound below', limits.watch),
            unsound: figure('unsound above', limits.unsound),
          },
        },
      ]
    }),
}
