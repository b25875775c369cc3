import type { Asked } from '../_route.ts'

/** Where the record of a painting opens, as the one who asks reaches the studio. */
export const recordAddress = (
  { url, request }: Pick<Asked<unknown>, 'url' | 'request'>,
  id: string,
): string => `${url.protocol}//${request.headers.get('host') ?? url.host}/paintings/${id}/record`
