import { figure } from '../../figure.ts'
import type { Rule } from '../finding.ts'
import { defaultPractice } from '../practice.ts'
import { about } from '../../words.ts'

export const underbound: Rule = {
  id: 'underbound',
  title: 'Underbound',
  reason:
    'Powder needs binder. What the ground drinks out of a thin wash is missing in it: below 0.9 of the need it dusts and lifts with a varnish remover; a top layer below 1.05 sinks and goes dull (model; science.md §4).',
  byPractice: true,
  find: ({ layers, practice = defaultPractice }) =>
    layers.flatMap(({ index, name, film }) => {
      const after = film.binderRatioAfterDrinking
      if (after === null) return []
      const top = index === layers.length - 1
      const unsound = after < practice.binderRatio.unsound
      if (!unsound && !(top && after < practice.binderRatio.watch)) return []
      return [
        {
          rule: 'underbound',
          severity: unsound ? ('unsound' as const) : ('watch' as const),
          layer: index,
          message: unsound
            ? `${name} keeps only ${about(after)} of the binder its powder needs: it would dust, and lift with a varnish remover.`
            : `${name} is left with ${about(after)} of the binder its powder needs: it will sink and look dull.`,
          numbers: {
            after: figure('binder left over what the powder needs', after),
            before: figure('the same before the layer below drank', film.binderRatio),
            suction: figure('what lies below can still drink', film.suctionUm, 'ml/m²'),
            watch: figure('a top layer sinks below', practice.binderRatio.watch),
            unsound: figure('underbound below', practice.binderRatio.unsound),
          },
        },
      ]
    }),
}
