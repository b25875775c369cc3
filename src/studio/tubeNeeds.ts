import { needOf } from '../core/batch/stock.ts'
import type { Need } from '../core/batch/stock.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { grouped } from '../document/grouped.ts'
import { openSummaries } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { listByIds } from '../store/records.ts'

/** What planned layers want of the painter's tubes, against what is left. */

/** A planned layer that wants of a tube. */
export interface TubeUse {
  readonly layer: string
  readonly painting: string
  readonly paintingId: string
  readonly ml: number
}

export interface TubeNeed {
  readonly ml: number
  readonly layers: readonly TubeUse[]
}

async function usesByTube(db: Database, now: string): Promise<ReadonlyMap<string, readonly TubeUse[]>> {
  const open = await openSummaries(db, dayOf(now)!)
  const uses = open.flatMap(({ painting: { id, title }, summary }) =>
    summary.layers.flatMap(({ name, tubes }) =>
      tubes.map(({ tubeId, ml }) => ({ tubeId, layer: name, painting: title, paintingId: id, ml })),
    ),
  )
  return grouped(uses, ({ tubeId }) => tubeId)
}

/** What is wanted of one tube, and by which layers. */
export async function needOfTube(db: Database, id: string, now: string): Promise<TubeNeed> {
  const layers = (await usesByTube(db, now)).get(id) ?? []
  return { ml: layers.reduce((sum, { ml }) => sum + ml, 0), layers }
}

/** A tube the shopping list names. */
export interface TubeShortage extends Need {
  readonly id: string
  readonly name: string
  readonly layers: number
}

/** Tubes kept count of that planned layers want more of than there is, the shortest first. */
export async function tubeShortages(db: Database, now: string): Promise<readonly TubeShortage[]> {
  const uses = await usesByTube(db, now)
  const tubes = await listByIds(db, 'tube', [...uses.keys()])
  return tubes
    .flatMap(({ id, name, leftMl }) => {
      const wanted = uses.get(id)!
      if (leftMl === null) return []
      const need = needOf(
        wanted.map(({ ml }) => ml),
        leftMl,
      )
      return need.shortMl > 0 ? [{ id, name, layers: wanted.length, ...need }] : []
    })
    .sort((a, b) => b.shortMl - a.shortMl)
}
