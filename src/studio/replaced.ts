import { materialsIn, mediumsIn } from '../core/medium/recipe.ts'
import type { MediumDocument } from '../document/recipe.ts'
import { exists } from '../store/records.ts'
import { closureOf } from './closure.ts'
import { commit, findOrRefuse, withId } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { refused } from './refused.ts'

/** What takes the place of what in a medium. */
export interface Replacement {
  readonly material: string
  readonly by: string
  /** What it is called there. */
  readonly name: string
}

/**
 * A medium written anew with something in the place of what the room does not let in, and so is each medium in it that
 * holds it; the old ones stay.
 */
export const mediumReplaced = (
  write: Write,
  id: string,
  replacements: readonly Replacement[],
  freshId: string,
): Promise<Written & { readonly id: string }> =>
  withId(
    commit(write, async (trx) => {
      const { revision: _revision, ...medium } = await findOrRefuse(trx, 'medium', id)
      const within = (await closureOf(trx, [medium.recipe])).mediums.filter((one) => one.id !== id)
      const all = [medium, ...within.map(({ revision: _own, ...one }) => one)]
      const nowhere = replacements.find(
        ({ material }) => !all.some(({ recipe }) => materialsIn(recipe).includes(material)),
      )
      if (nowhere) throw refused(`${medium.name} does not hold what ${nowhere.name} is to stand in for.`)
      const freshIds = freshIdsOf(all, replacements, freshId)
      for (const fresh of freshIds.values())
        if (await exists(trx, 'medium', fresh)) throw refused('That medium is there already.')
      return {
        what: `Wrote ${medium.name} anew, with ${namesOf(replacements)}`,
        wishes: all.flatMap((one, at) => {
          const fresh = freshIds.get(one.id)
          if (fresh === undefined) return []
          const named = at === 0 ? replacements : replacementsIn(one, replacements)
          const recipe = writtenAnew(one.recipe, replacements, freshIds)
          const name = `${one.name}, with ${namesOf(named)}`.slice(0, 120)
          const body = { ...one, id: fresh, name, recipe }
          return [{ kind: 'medium' as const, id: fresh, body, seen: null }]
        }),
      }
    }),
  )

const namesOf = (replacements: readonly Replacement[]): string =>
  [...new Set(replacements.map(({ name }) => name))].join(', ')

/** New ids for those of the mediums that hold what is replaced, themselves or through another; the first one's is given. */
function freshIdsOf(
  all: readonly MediumDocument[],
  replacements: readonly Replacement[],
  freshId: string,
): ReadonlyMap<string, string> {
  const replaced = new Set(replacements.map(({ material }) => material))
  const holding = new Set<string>()
  for (let known = -1; known < holding.size;) {
    known = holding.size
    for (const { id, recipe } of all)
      if (
        materialsIn(recipe).some((material) => replaced.has(material)) ||
        mediumsIn(recipe).some((medium) => holding.has(medium))
      )
        holding.add(id)
  }
  const longestStem = 58
  return new Map(
    all.flatMap(({ id }, at) =>
      holding.has(id) ? [[id, at === 0 ? freshId : `${freshId.slice(0, longestStem)}-in-${at}`]] : [],
    ),
  )
}

/** Those that change something in a medium's own lines; where they all come to it through another, all of them. */
function replacementsIn(
  { recipe }: MediumDocument,
  replacements: readonly Replacement[],
): readonly Replacement[] {
  const own = replacements.filter(({ material }) => materialsIn(recipe).includes(material))
  return own.length > 0 ? own : replacements
}

function writtenAnew(
  recipe: MediumDocument['recipe'],
  replacements: readonly Replacement[],
  freshIds: ReadonlyMap<string, string>,
): MediumDocument['recipe'] {
  const byOf = new Map(replacements.map(({ material, by }) => [material, by]))
  const lines = recipe.lines.map((line) =>
    'material' in line
      ? { ...line, material: byOf.get(line.material) ?? line.material }
      : { ...line, medium: freshIds.get(line.medium) ?? line.medium },
  )
  return { ...recipe, lines }
}
