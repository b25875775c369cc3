import { minuteAt } from '../../../core/plan/calendar.ts'
import type { LayerWrite } from '../../../studio/layers.ts'
import type { Outcome } from '../../../saving/desk.ts'
import { requestTo } from '../../../ui/client.ts'
import type { EditedPicture } from '../usePicture.ts'

/** Adds a layer, with what makes room for it; `now`: it is painted already. Answers what became of it. */
export async function addLayer(
  { act, picture }: Pick<EditedPicture, 'act' | 'picture'>,
  layers: readonly LayerWrite[],
  { now }: { readonly now: boolean },
): Promise<Outcome> {
  const params = { id: picture.painting.id }
  const added = await act(requestTo('PUT /api/paintings/{id}/layers', { layers: [...layers] }, { params }))
  if (added.is === 'refused' || !now) return added
  return paintedNow({ act }, layers[0]!.layer.id)
}

/** A layer that is planned is painted now. */
export const paintedNow = ({ act }: Pick<EditedPicture, 'act'>, id: string): Promise<Outcome> =>
  act(requestTo('POST /api/layers/{id}/painted', { tapped: minuteAt(new Date()) }, { params: { id } }))
