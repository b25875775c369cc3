import { isReached } from '../../cure/forecast.ts'
import { figure } from '../../figure.ts'
import { dayCount } from '../../words.ts'
import { isPrepared } from '../prepared.ts'
import { pairRule } from '../rule.ts'
import { isGlossy, slickBecause } from '../slick.ts'

/** Water in the wet mix, by volume, from which a layer crawls on what is oily. */
const wateryFrom = 0.05
/** From this share of wax in its own binder a layer takes hold on a waxy one. */
const waxyFrom = 0.1

export const cissing = pairRule({
  id: 'cissing',
  mends: ['prepare'],
  says: ({ lower, upper, waited }, { practice: { limits }, area }) => {
    // It crawls on what it touches, not on what lies deeper.
    const isTop = area.pairs[upper.index]!.at(-1)?.lower === lower
    if (!isTop || !lower.isOilFilm || upper.film.binder.wax >= waxyFrom) return null
    const isDry = isReached(lower.forecast, 'cured', waited) || waited >= limits.agedDays.crawls
    if (!isDry) return null
    const slick =
      slickBecause(lower.film, limits) ??
      (isGlossy(lower.film, limits) && waited >= limits.agedDays.watch ? 'it has dried glossy' : null)
    if (!slick || isPrepared(area, lower, upper)) return null
    const isWatery = upper.film.mix.water >= wateryFrom
    return {
      severity: isWatery && lower.film.binder.wax >= limits.slickWax.watch ? 'unsound' : 'watch',
      message: `${upper.name} may crawl on ${lower.name}: ${slick}, and ${dayCount(waited)} dry. Try a corner; oil it out and rub that off first.`,
      numbers: {
        binder: figure(
          `binder of ${lower.name} over what its powder needs`,
          lower.film.binderRatioAfterDrinking,
        ),
        alkyd: figure('alkyd in its binder, by volume', 100 * lower.film.binder.alkyd, '%'),
        wax: figure('wax in its binder, by mass', 100 * lower.film.binder.wax, '%'),
        waitedDays: figure('days between the two', waited, 'days'),
      },
    }
  },
})
