import { figure } from '../../figure.ts'
import { isVarnish } from '../../stack/kinds.ts'
import { about } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import { pairRule } from '../rule.ts'

export const varnishBetween = pairRule({
  id: 'varnish-between',
  mends: ['leave-out', 'order'],
  says: ({ lower, upper }, { practice: { limits } }) => {
    if (!isVarnish(lower.purpose) || isVarnish(upper.purpose)) return null
    const borne =
      lower.purpose === 'temporary-varnish' &&
      lower.thickestUm <= limits.oilOutLeft.silent &&
      upper.film.binder.resin > 0 &&
      upper.film.binder.resin < limits.resin.watch
    return {
      severity: borne ? 'watch' : 'unsound',
      message: `${lower.name} is a soluble film inside the picture, under ${upper.name}: it could never be cleaned. Take it off first; oil out instead.`,
      numbers: {
        thickness: figure(`${lower.name}, dry`, lower.thickestUm, 'µm'),
        borne: figure(
          'borne at most, of the paint’s own resin',
          Number(about(limits.oilOutLeft.silent)),
          'µm',
        ),
        resin: boundFigure('resin', limits.resin.watch),
      },
    }
  },
})
