import { AsyncLocalStorage } from 'node:async_hooks'
import { askedBy } from '../writing/asked.ts'
import type { Reader } from '../writing/reader.ts'
import { readerOf } from '../writing/readerOf.ts'
import { isPlain } from '../writing/writing.ts'

/** One program answers many readers at once: whose answer is being written goes with the request. */
const readers = new AsyncLocalStorage<Reader>()

globalThis.greltaReader = {
  text: (text) => readers.getStore()?.text(text) ?? text,
  words: (type, props) => readers.getStore()?.words(type, props) ?? props,
  figure: (text) => readers.getStore()?.figure(text) ?? text,
  typed: (text) => readers.getStore()?.typed(text) ?? text,
  field: (unit, high) => readers.getStore()?.field(unit, high) ?? null,
}

/** A page or a paper in the writing of the one who asked for it: whole, as it is drawn while it is sent. */
export async function asReader(request: Request, answer: () => Promise<Response>): Promise<Response> {
  const writing = askedBy(request)
  if (isPlain(writing)) return answer()
  return readers.run(readerOf(writing), async () => {
    const response = await answer()
    const isPage = response.headers.get('content-type')?.includes('html')
    return isPage ? new Response(await response.text(), response) : response
  })
}
