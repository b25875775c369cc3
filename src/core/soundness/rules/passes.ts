import { isClear, isWaxy } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { about } from '../../words.ts'
import { isVarnish } from '../../stack/kinds.ts'
import type { LaidLayer } from '../lay.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { areaRule, together } from '../rule.ts'

/** From this share of the wet mix on a layer counts as one of its medium. */
const countsFrom = 0.25
/** A film with so much binder over its need is nearly all medium. */
const richFrom = 2

const text = { id: 'passes', mends: ['another-medium', 'without-medium', 'leave-out'] as const }

const ofOneMedium = areaRule({
  ...text,
  byPractice: true,
  finds: ({ area: { layers } }) => {
    const counted = new Map<string, number>()
    return layers.flatMap(({ event, name, medium, film, goneDay }) => {
      if (!medium || medium.mostPasses === null || film.mix.medium < countsFrom || goneDay !== null) return []
      const passes = (counted.get(medium.id) ?? 0) + 1
      counted.set(medium.id, passes)
      if (passes <= medium.mostPasses) return []
      return [
        {
          severity: 'watch' as const,
          layer: event,
          message: `${name} is layer ${passes} with this medium here, and its recipe says ${medium.mostPasses} at most.`,
          numbers: {
            passes: figure('layers of this medium, a quarter of the mix or more', passes),
            most: figure('at most, by its recipe', medium.mostPasses),
          },
        },
      ]
    })
  },
})

/** Wax holds its own body: it is no glaze, however much there is over what the powder needs. */
const isRich = ({ film, purpose, isOilFilm }: LaidLayer): boolean =>
  isOilFilm && !isVarnish(purpose) && !isWaxy(film) && (isClear(film) || (film.binderRatio ?? 0) >= richFrom)

const oneThickFilm = areaRule({
  ...text,
  finds: ({ area: { layers }, practice: { limits } }) => {
    const rich = layers.filter((layer) => layer.goneDay === null && isRich(layer))
    const last = rich.at(-1)
    const um = rich.reduce((sum, layer) => sum + layer.film.dryThicknessUm * layer.leftOn(Infinity), 0)
    const severity = rich.length > 1 ? levelOf('glazesThick', limits.glazesThick, um) : null
    if (!last || !severity) return []
    return [
      {
        severity,
        layer: last.event,
        message: `Many glazes are one thick oil film: ${rich.length} of them here come to ${about(um)} µm, up to ${last.name}.`,
        numbers: {
          um: limitedFigure('glazesThick', um),
          ...limitFigures('glazesThick', limits.glazesThick),
        },
      },
    ]
  },
})

export const passes = together(ofOneMedium, oneThickFilm)
