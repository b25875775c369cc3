import type { APIRoute } from 'astro'
import { scaleRequest } from '../../../document/requests.ts'
import { followScale, tellScale } from '../../../studio/scale.ts'
import { answer } from '../_http.ts'

/** Readings of the scale as server-sent events; an event `gone` when there is none. */
export const GET: APIRoute = ({ request }) => {
  let stop = (): void => undefined
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const write = (text: string): void => {
        try {
          controller.enqueue(new TextEncoder().encode(text))
        } catch {
          stop()
        }
      }
      stop = followScale(
        (reading) => write(`data: ${JSON.stringify(reading)}\n\n`),
        () => write('event: gone\ndata: {}\n\n'),
      )
      request.signal.addEventListener('abort', () => stop())
    },
    cancel: () => stop(),
  })
  return new Response(stream, { headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' } })
}

export const POST: APIRoute = ({ request }) => answer(request, scaleRequest, async ({ command, grams }) => ({ done: await tellScale(command, grams) }))
