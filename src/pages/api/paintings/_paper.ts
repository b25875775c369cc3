import type { Database } from '../../../store/database.ts'
import { paintingOrRefuse } from '../../../studio/pictures.ts'
import { nowMinute, studioFolder } from '../../../studio/studio.ts'
import { runForRequest, valueOf } from '../../../studio/threads.ts'
import { askedBy } from '../../../writing/asked.ts'
import type { Asked } from '../_route.ts'

type PaperAsked = Pick<Asked<unknown>, 'params' | 'url' | 'request'>

/** A paper that goes with a painting, as PDF; drawn apart, as much that is written takes long to set. */
export async function paperOfPainting(
  db: Database,
  paper: 'letter' | 'conservatorSheet',
  { params, url, request }: PaperAsked,
): Promise<Uint8Array> {
  const id = params['id']!
  await paintingOrRefuse(db, id)
  const address = recordAddress(url, request, id)
  const given = { folder: await studioFolder(), now: nowMinute(), id, address, writing: askedBy(request) }
  return valueOf(await runForRequest(paper, given, request))
}

/** Where the record of a painting opens, as the one who asks reaches the studio. */
const recordAddress = (url: URL, request: Request, id: string): string =>
  `${url.protocol}//${request.headers.get('host') ?? url.host}/paintings/${id}/record`
