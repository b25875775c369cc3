import { figure } from '../../figure.ts'
import type { Finding, Rule } from '../finding.ts'
import { defaultPractice } from '../practice.ts'
import type { Limit } from '../practice.ts'
import type { LaidLayer } from '../stack.ts'
import { percent } from '../../words.ts'

function over(
  rule: string,
  { index, name, film }: LaidLayer,
  share: number,
  what: string,
  limit: Limit,
  because: string,
): Finding[] {
  if (share < limit.watch) return []
  return [
    {
      rule,
      severity: share >= limit.unsound ? 'unsound' : 'watch',
      layer: index,
      message: `${name} holds ${percent(share)} ${what} in its organic binder by mass: ${because}.`,
      numbers: {
        share: figure(`${what} in the organic binder, by mass`, 100 * share, '%'),
        ofFilm: figure(
          `${what} in the whole dried film, by mass`,
          100 *
            (what === 'wax'
              ? film.dry.byMass.wax
              : what === 'resin'
                ? film.dry.byMass.resin
                : film.dry.byMass.wax + film.dry.byMass.resin),
          '%',
        ),
        watch: figure('watch from', 100 * limit.watch, '%'),
        unsound: figure('unsound from', 100 * limit.unsound, '%'),
      },
    },
  ]
}

const lifts = 'a varnish remover would soften it'

export const resinLimit: Rule = {
  id: 'resin-limit',
  title: 'Resin limit',
  reason:
    'Soft resin stays soluble: much of it makes the film brittle and lets a varnish remover into it. Limits are advice, not measurement; of the organic binder by mass.',
  byPractice: false,
  find: ({ layers, practice = defaultPractice }) =>
    layers.flatMap((layer) =>
      over('resin-limit', layer, layer.film.binder.resin, 'resin', practice.resin, lifts),
    ),
}

export const waxLimit: Rule = {
  id: 'wax-limit',
  title: 'Wax limit',
  reason:
    'Wax weakens the film, softens in warmth and holds later layers badly; on cloth it bears less. Limits are advice, not measurement; of the organic binder by mass.',
  byPractice: false,
  find: ({ layers, support, practice = defaultPractice }) =>
    layers.flatMap((layer) => {
      const limit = support.flexible ? practice.waxOnFlexible : practice.wax
      const above = layers[layer.index + 1]
      const falling =
        above && layer.film.binder.wax > 0.2 && above.film.binder.wax < layer.film.binder.wax - 0.02
      const found = over(
        'wax-limit',
        layer,
        layer.film.binder.wax,
        'wax',
        limit,
        support.flexible ? `much for ${support.name}` : 'soft, and a poor hold for the next layer',
      )
      if (!falling) return found
      return [
        ...found,
        {
          rule: 'wax-limit',
          severity: 'unsound' as const,
          layer: above.index,
          under: layer.index,
          message: `${above.name} has less wax than ${layer.name} under it (${percent(above.film.binder.wax)} after ${percent(layer.film.binder.wax)} of the binder by mass): it will not hold on so waxy a layer.`,
          numbers: {
            above: figure('wax in the organic binder above, by mass', 100 * above.film.binder.wax, '%'),
            below: figure('wax in the organic binder below, by mass', 100 * layer.film.binder.wax, '%'),
          },
        },
      ]
    }),
}

export const resinAndWaxLimit: Rule = {
  id: 'resin-and-wax-limit',
  title: 'Resin and wax together',
  reason:
    'What a varnish remover attacks adds up: resin and wax have a limit on their sum, beside their own. Of the organic binder by mass.',
  byPractice: false,
  find: ({ layers, practice = defaultPractice }) =>
    layers.flatMap((layer) => {
      const { resin: resinOfBinder, wax: waxOfBinder } = layer.film.binder
      return resinOfBinder > 0 && waxOfBinder > 0
        ? over(
            'resin-and-wax-limit',
            layer,
            resinOfBinder + waxOfBinder,
            'resin and wax',
            practice.resinAndWax,
            lifts,
          )
        : []
    }),
}
