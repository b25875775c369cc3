import { batchOrRefuse } from '../../../../studio/lists/batchList.ts'
import { labelPdf, labelSizes } from '../../../../studio/label.ts'
import type { LabelSize } from '../../../../studio/label.ts'
import { refused } from '../../../../studio/refused.ts'
import { pdf } from '../../_answers.ts'
import { reading } from '../../_route.ts'

export const GET = reading(
  { summary: 'A label; ?size=small or large', answer: 'application/pdf', errors: [404, 422] },
  async (db, { params, url, request }) => {
    const size = url.searchParams.get('size') ?? 'large'
    if (!Object.hasOwn(labelSizes, size)) throw refused('A label is small or large.')
    const batch = await batchOrRefuse(db, params['id']!)
    const host = request.headers.get('host') ?? url.host
    const label = await labelPdf(batch, size as LabelSize, `${url.protocol}//${host}/batches/${batch.id}`)
    if (!label) throw refused('Nothing is poured yet, so there is nothing to label.')
    return pdf(label, `label-${batch.number}-${size}.pdf`)
  },
)
