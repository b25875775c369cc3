import { z } from 'zod'
import { scaleRequest } from '../../../document/requests.ts'
import { followScale, tellScale } from '../../../studio/devices/scale.ts'
import { route } from '../_route.ts'

export const GET = route(
  {
    summary: 'Readings of the scale, as server-sent events; an event `gone` when there is none',
    answer: 'text/event-stream',
  },
  ({ request }) => Promise.resolve(readings(request)),
)

function readings(request: Request): Response {
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
  const headers = { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
  return new Response(stream, { headers })
}

export const POST = route(
  {
    summary: 'Tell the scale something',
    body: scaleRequest,
    answer: z.object({ done: z.boolean() }),
  },
  async ({ body: { command, grams } }) => ({ done: await tellScale(command, grams) }),
)
