import { figure } from '../../figure.ts'
import { dayCount } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import { isPrepared } from '../prepared.ts'
import { pairRule } from '../rule.ts'
import { isGlossy } from '../slick.ts'

/** A glossy alkyd closes sooner than oil, days. */
const alkydClosesDays = 30

export const overaged = pairRule({
  id: 'overaged',
  mends: ['prepare'],
  says: ({ lower, upper, waited }, { practice: { limits }, area }) => {
    const isTop = area.pairs[upper.index]!.at(-1)?.lower === lower
    if (!isTop || !lower.isOilFilm || isPrepared(area, lower, upper)) return null
    const { agedDays, slick, slickAlkyd, slickWax } = limits
    const isAlkyd = lower.film.binder.alkyd >= slickAlkyd.watch - 1e-9
    const from = isAlkyd ? alkydClosesDays : agedDays.watch
    const isRich = (lower.film.binderRatioAfterDrinking ?? Infinity) >= slick.rich - 1e-9
    const isWaxy = lower.film.binder.wax >= slickWax.unsound - 1e-9
    const refuses = waited >= agedDays.unsound && (isRich || isWaxy)
    if (!refuses && !(waited >= from && isGlossy(lower.film, limits))) return null
    return {
      severity: refuses ? 'unsound' : 'watch',
      message: `${lower.name} has dried glossy for ${dayCount(waited)}: ${upper.name} lies on it and does not take hold. Scuff it wet, or oil it out and rub that off, within two days before.`,
      numbers: {
        waitedDays: figure('days between the two', waited, 'days'),
        binder: figure(
          `binder of ${lower.name} over what its powder needs`,
          lower.film.binderRatioAfterDrinking,
        ),
        glossy: boundFigure('slick', slick.glossy),
        rich: boundFigure('slick', slick.rich),
        watch: figure('watch from', from, 'days'),
        unsound: boundFigure('agedDays', agedDays.unsound),
      },
    }
  },
})
