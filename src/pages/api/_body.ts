/** Reading what was sent, within bounds. */

export class TooLarge extends Error {}

/** Largest JSON body taken, bytes. */
const mostBytes = 1_000_000
/** A body over its bound is read on to its end, so that the refusal arrives, but only so far. */
const mostBytesRead = 50_000_000

/** The whole body. Throws TooLarge when it is over `most` bytes. */
export async function readUpTo(request: Request, most: number): Promise<Buffer> {
  const parts: Uint8Array[] = []
  let size = 0
  for await (const part of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    size += part.byteLength
    if (size > mostBytesRead) break
    if (size <= most) parts.push(part)
  }
  if (size > most) throw new TooLarge()
  return Buffer.concat(parts)
}

/** Throws SyntaxError when it is no JSON. */
export const readJson = async (request: Request): Promise<unknown> =>
  JSON.parse(new TextDecoder().decode(await readUpTo(request, mostBytes)))
