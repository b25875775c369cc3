import { kinds } from '../document/kinds.ts'
import type { Kind } from '../document/kinds.ts'
import type { LayerDocument } from '../document/layer.ts'
import { askAll, askFor, askUnfinished, parentsOf } from '../store/assessments.ts'
import type { Trx } from '../store/database.ts'
import { askToLearn } from '../store/known.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { changedFields } from '../store/history.ts'
import type { Touched } from '../store/history.ts'
import { paintingsReached } from '../store/naming.ts'

/** After a write: asks for just those paintings to be judged again that it bears upon. */
export async function askToJudge(trx: Trx, at: string, touched: readonly Touched[]): Promise<void> {
  const bearing = touched.filter(bears)
  if (bearing.some(({ kind }) => kind === 'setting')) await askAll(trx)
  if (bearing.some(({ kind }) => kind === 'reading')) await askUnfinished(trx, dayOf(at)!)
  if (bearing.some(({ kind }) => taughtBy.includes(kind))) await askToLearn(trx)
  const own = bearing.flatMap(({ kind, id, before, after }) => {
    if (kind === 'painting') return after ? [id] : []
    return kind === 'layer' ? [((after ?? before) as LayerDocument).paintingId] : []
  })
  const tested = bearing.flatMap(({ kind, before, after }) =>
    kind === 'touch_test' ? [((after ?? before) as { layerId: string }).layerId] : [],
  )
  const named = bearing.filter(({ kind }) => usedByPaintings.includes(kind))
  await askFor(trx, [...own, ...(await parentsOf(trx, tested)), ...(await paintingsReached(trx, named))])
}

/** What all checks are reckoned anew after. */
const taughtBy: readonly Kind[] = ['swatch', 'reading', 'setting']

/** What paintings are made with, or judged by. */
const usedByPaintings: readonly Kind[] = ['medium', 'batch', 'shelf_item', 'tube', 'practice']

/** Whether anything changed that a judgement rests on; a note or a price does not weigh. */
function bears({ kind, before, after }: Touched): boolean {
  if (!before || !after) return true
  const judgedBy = kinds[kind].judgedBy as readonly string[]
  return changedFields(before, after).some((field) => judgedBy.includes(field))
}
