import type { MediumFamily } from '../../film/mediumFamily.ts'
import { figure } from '../../figure.ts'
import { listed } from '../../words.ts'
import type { LaidLayer } from '../lay.ts'
import { boundFigure } from '../limit.ts'
import { areaRule } from '../rule.ts'

/** Below this share of the wet mix a medium is no matter. */
const countsFrom = 0.05
/** From so many changes on they are named. */
const namedFrom = 3
/** Alkyd, oil and alkyd again within so many days pull at one another. */
const sandwichDays = 60

interface Turn {
  readonly layer: LaidLayer
  readonly family: MediumFamily
}

/** The layers whose medium is of another kind than the one before, the first among them. */
function turnsIn(layers: readonly LaidLayer[]): readonly Turn[] {
  const turns: Turn[] = []
  for (const layer of layers) {
    const { mediumFamily: family, medium } = layer.film.mix
    const counts = layer.isOilFilm && layer.goneDay === null && layer.purpose !== 'oil-out'
    if (family === null || medium < countsFrom || !counts) continue
    if (turns.at(-1)?.family !== family) turns.push({ layer, family })
  }
  return turns
}

const isSandwich = (turns: readonly Turn[]): boolean =>
  turns.some(({ family, layer }, at) => {
    const last = turns[at + 2]
    return (
      family === 'alkyd' &&
      turns[at + 1]?.family === 'oil' &&
      last?.family === 'alkyd' &&
      last.layer.appliedDay - layer.appliedDay <= sandwichDays
    )
  })

export const mediumChanged = areaRule({
  id: 'medium-changed',
  byPractice: true,
  mends: ['another-medium', 'without-medium'],
  finds: ({ area: { layers }, practice: { limits } }) => {
    const turns = turnsIn(layers)
    const changes = turns.length - 1
    const last = turns.at(-1)
    if (!last || changes < limits.mediumChanges.note) return []
    const sandwich = isSandwich(turns)
    const isWatched = changes >= limits.mediumChanges.watch || sandwich
    const told = turns.map(({ family }) => family)
    const kinds = new Set(told).size
    return [
      {
        severity: isWatched ? ('watch' as const) : ('note' as const),
        layer: last.layer.event,
        under: turns.at(-2)!.layer.event,
        message: `${kinds} kinds of medium in one place, ${changes === 1 ? 'changed once' : `changed ${changes} times`}${changes >= namedFrom || sandwich ? ` (${listed(told, 'then')})` : `: ${listed(told, 'then')}`}: they dry and move apart. Keep to one.`,
        numbers: {
          changes: figure('changes of the kind of medium from the ground up', changes),
          watch: boundFigure('mediumChanges', limits.mediumChanges.watch),
        },
      },
    ]
  },
})
