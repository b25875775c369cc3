import { usualVarnishMlPerM2, varnishMl } from '../core/plan/varnishDates.ts'
import type { Owed } from '../document/owed.ts'
import type { PaintingDocument } from '../document/studio.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { Database } from '../store/database.ts'
import { listByIds, listHolding } from '../store/records.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { refused } from './refused.ts'

/** A varnish that was agreed on, and of which picture. */
export interface OwedVarnish extends Pick<PaintingDocument, 'client' | 'place'> {
  readonly paintingId: string
  readonly title: string
  readonly owed: Owed
  /** What it is called, and how much of it to take along, ml; null: the picture has no size. */
  readonly varnish: string
  readonly ml: number | null
}

/** Pictures whose varnish was agreed on, what is due first; what is done last of all. */
export async function owedVarnishes(db: Database): Promise<readonly OwedVarnish[]> {
  const all = (await listHolding(db, 'painting', '"owed":{')).filter(({ owed }) => owed !== null)
  const shelf = await listByIds(db, 'shelf_item', [...new Set(all.map(({ owed }) => owed!.varnish))])
  const find = findInStudio(shelf)
  return all
    .map(({ id, title, client, place, widthCm, heightCm, owed: agreed }): OwedVarnish => {
      const owed = agreed!
      const areaM2 = ((widthCm ?? 0) * (heightCm ?? 0)) / 1e4
      return {
        ...{ paintingId: id, title, client, place, owed },
        varnish: find(owed.varnish)?.name ?? owed.varnish,
        ml: areaM2 > 0 ? varnishMl(areaM2, usualVarnishMlPerM2, owed.coats) : null,
      }
    })
    .sort(
      (a, b) =>
        (a.owed.doneOn ?? '').localeCompare(b.owed.doneOn ?? '') || a.owed.due.localeCompare(b.owed.due),
    )
}

/** The varnish that was owed is on, from this day. */
export const varnishDone = (write: Write, id: string, on: string | null): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...painting } = await findOrRefuse(trx, 'painting', id)
    if (!painting.owed) throw refused(`No varnish of ${painting.title} was agreed on.`)
    return {
      what:
        on === null
          ? `The varnish of ${painting.title} is owed again`
          : `The varnish of ${painting.title} is done`,
      paintingId: id,
      wishes: [
        {
          kind: 'painting',
          id,
          body: { ...painting, owed: { ...painting.owed, doneOn: on } },
          seen: revision,
        },
      ],
    }
  })
