import type { APIRoute } from 'astro'
import { saveShelfItemRequest } from '../../../document/requests.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'
import { saveShelfItem } from '../../../studio/writing.ts'
import { answer } from '../_http.ts'

export const PUT: APIRoute = ({ request }) =>
  answer(request, saveShelfItemRequest, async ({ item, seen }) => saveShelfItem(await studio(), nowMinute(), item, seen))
