import { materialsIn } from '../core/medium/recipe.ts'
import type { MediumDocument } from '../document/recipe.ts'
import { exists } from '../store/records.ts'
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

/** A medium written anew with something in the place of what the room does not let in; the old one stays. */
export const mediumReplaced = (
  write: Write,
  id: string,
  replacements: readonly Replacement[],
  freshId: string,
): Promise<Written & { readonly id: string }> =>
  withId(
    commit(write, async (trx) => {
      const { revision: _revision, ...medium } = await findOrRefuse(trx, 'medium', id)
      if (await exists(trx, 'medium', freshId)) throw refused('That medium is there already.')
      const elsewhere = replacements.find(({ material }) => !materialsIn(medium.recipe).includes(material))
      if (elsewhere)
        throw refused(`${medium.name} holds it through another medium. Write that one anew first.`)
      const byOf = (material: string): string =>
        replacements.find((one) => one.material === material)?.by ?? material
      const names = replacements.map(({ name }) => name).join(', ')
      const fresh: MediumDocument = {
        ...medium,
        id: freshId,
        name: `${medium.name}, with ${names}`.slice(0, 120),
        recipe: {
          ...medium.recipe,
          lines: medium.recipe.lines.map((line) =>
            'material' in line ? { ...line, material: byOf(line.material) } : line,
          ),
        },
      }
      return {
        what: `Wrote ${medium.name} anew, with ${names}`,
        wishes: [{ kind: 'medium', id: freshId, body: fresh, seen: null }],
      }
    }),
  )
