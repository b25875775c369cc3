import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import type { LimitKey, Limit } from '../../practice/limits.ts'
import { percent } from '../../words.ts'
import type { LaidLayer } from '../lay.ts'
import { boundFigure, limitedFigure, limitFigures } from '../limit.ts'
import { layerRule, pairRule, together } from '../rule.ts'
import type { Said } from '../rule.ts'

interface Capped {
  readonly key: LimitKey
  readonly limit: Limit
  readonly what: string
  /** Of the organic binder, and of the whole dried film, by mass. */
  readonly share: number
  readonly ofFilm: number
  readonly because: string
}

/** A share of a layer's binder held against its limit. */
function held(
  { name, isOilFilm }: LaidLayer,
  { key, limit, what, share, ofFilm, because }: Capped,
): Said | null {
  const severity = isOilFilm ? levelOf(key, limit, share) : null
  return (
    severity && {
      severity,
      message: `${name} holds ${percent(share)} ${what} in its organic binder by mass: ${because}.`,
      numbers: {
        share: limitedFigure(key, share),
        ofFilm: figure(`${what} in the whole dried film, by mass`, 100 * ofFilm, '%'),
        ...limitFigures(key, limit),
      },
    }
  )
}

const lessOfIt = ['less-medium', 'without-medium', 'another-medium'] as const

const lifts = 'a varnish remover would soften it'

/** Some resins bear less than the others: more than the most advised of one is watched, where the limit itself is silent. */
function overItsOwnMost({ name, isOilFilm, resins }: LaidLayer): Said | null {
  const over = resins.find(({ material, ofFilm }) => ofFilm > (material.mostOfFilm?.high ?? 1) + 1e-9)
  if (!over || !isOilFilm) return null
  const { material, ofFilm } = over
  return {
    severity: 'watch',
    message: `${name} dries to ${percent(ofFilm)} ${material.name} by mass, and ${percent(material.mostOfFilm!.high)} is the most advised of it: ${lifts}.`,
    numbers: {
      ofFilm: figure(`${material.name} in the dried film, by mass`, 100 * ofFilm, '%'),
      most: figure('the most advised of it', 100 * material.mostOfFilm!.high, '%'),
    },
  }
}

export const resinLimit = layerRule({
  id: 'resin-limit',
  mends: lessOfIt,
  says: ({ layer }, { practice: { limits } }) =>
    held(layer, {
      key: 'resin',
      limit: limits.resin,
      what: 'resin',
      share: layer.film.binder.resin,
      ofFilm: layer.film.dry.byMass.resin,
      because: lifts,
    }) ?? overItsOwnMost(layer),
})

const waxText = {
  id: 'wax-limit',
  mends: lessOfIt,
}

const muchWax = layerRule({
  ...waxText,
  says: ({ layer }, { support, practice: { limits } }) =>
    held(layer, {
      ...(support.flexible
        ? {
            key: 'waxOnFlexible',
            limit: limits.waxOnFlexible,
            because: `it is soft, and ${support.name} bends it`,
          }
        : { key: 'wax', limit: limits.wax, because: 'it is soft, and a poor hold for the next layer' }),
      what: 'wax',
      share: layer.film.binder.wax,
      ofFilm: layer.film.dry.byMass.wax,
    }),
})

/** Wax a hair below the layer under it does not count as falling. */
const hair = 0.02

const waxFalling = pairRule({
  ...waxText,
  says: ({ lower, upper }, { practice: { limits } }) => {
    const [below, above] = [lower.film.binder.wax, upper.film.binder.wax]
    if (!(below > limits.waxFalling.unsound && above < below - hair)) return null
    return {
      severity: 'unsound',
      message: `${upper.name} has less wax than ${lower.name} under it (${percent(above)} after ${percent(below)} of the binder by mass): it will not hold on so waxy a layer.`,
      numbers: {
        above: figure('wax in the organic binder above, by mass', 100 * above, '%'),
        below: figure('wax in the organic binder below, by mass', 100 * below, '%'),
        from: boundFigure('waxFalling', limits.waxFalling.unsound),
      },
    }
  },
})

export const waxLimit = together(muchWax, waxFalling)

export const resinAndWaxLimit = layerRule({
  id: 'resin-and-wax-limit',
  mends: lessOfIt,
  says: ({ layer }, { support, practice: { limits } }) => {
    const { resin, wax } = layer.film.binder
    if (!(resin > 0 && wax > 0)) return null
    const key = support.flexible ? 'resinAndWaxOnFlexible' : 'resinAndWax'
    const { resin: resinOfFilm, wax: waxOfFilm } = layer.film.dry.byMass
    return held(layer, {
      key,
      limit: limits[key],
      what: 'resin and wax',
      share: resin + wax,
      ofFilm: resinOfFilm + waxOfFilm,
      because: lifts,
    })
  },
})
