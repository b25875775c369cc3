import { oilName, powderName, studioName } from '../../core/learn/interval.ts'
import { factorOf, knownOf, learn, learntSpread } from '../../core/learn/learn.ts'
import { normalQuantile } from '../../core/cure/normal.ts'
import type { LearnRequest } from '../../document/compute.ts'

/** The answer of /api/compute/learn: every id named is answered, those no check bears upon by their prior. */
export function learnAnswer({ intervals, ask }: LearnRequest) {
  const learnt = learn(
    intervals.map(({ failDays = null, passDays = null, first, ...rest }) => ({
      ...rest,
      failDays,
      passDays,
      isFirst: first,
    })),
  )
  const named = (part: 'oils' | 'powders', nameOf: (id: string) => string) =>
    Object.fromEntries(
      [...intervals, ...ask].flatMap((one) =>
        Object.keys(one[part]).map((id) => [id, knownOf(learnt, nameOf(id))] as const),
      ),
    )
  return {
    studio: knownOf(learnt, studioName),
    oils: named('oils', oilName),
    powders: named('powders', powderName),
    forecasts: ask.map((film) => {
      const factor = factorOf(learnt, film)
      const spread = learntSpread(film.thicknessUm, factor)
      const at = (chance: number): number =>
        film.bookDays * Math.exp(factor.ln + spread * normalQuantile(chance))
      return { days10: at(0.1), days50: at(0.5), days90: at(0.9) }
    }),
  }
}
