import type { APIRoute } from 'astro'
import { labelPdf, labelSizes } from '../../../../studio/label.ts'
import type { LabelSize } from '../../../../studio/label.ts'
import { batchOf } from '../../../../studio/reading.ts'
import { studio } from '../../../../studio/studio.ts'
import { pdf, problem } from '../../_http.ts'

export const GET: APIRoute = async ({ params, url }) => {
  const size = url.searchParams.get('size') ?? 'large'
  if (!Object.hasOwn(labelSizes, size)) return problem(422, 'invalid', 'A label is small or large.', [{ path: 'size', message: 'Write small or large.' }])
  const batch = await batchOf(await studio(), params['id']!)
  if (!batch) return problem(404, 'not-found', 'There is no batch by that id.')
  const label = await labelPdf(batch, size as LabelSize, `${url.origin}/batches/${batch.id}`)
  return label ? pdf(label, `label-${batch.number}-${size}.pdf`) : problem(422, 'refused', 'Nothing is poured yet, so there is nothing to label.')
}
