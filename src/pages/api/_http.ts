import type { z, ZodType } from 'zod'
import { Invalid } from '../../studio/compute.ts'
import { StaleWrite } from '../../store/history.ts'
import { Refused } from '../../studio/writing.ts'

/** Largest body taken, bytes; one over it is read to its end, so that the answer arrives, but only so far. */
const mostBytes = 1_000_000
const mostBytesRead = 50_000_000

const headers = { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store' }
export const json = (value: unknown, status = 200): Response => new Response(JSON.stringify(value), { status, headers })

export const pdf = (content: Uint8Array, name: string): Response =>
  new Response(Buffer.from(content), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}"`, 'cache-control': 'no-store' },
  })

interface Problem {
  readonly path: string
  readonly message: string
}

export const problem = (status: number, code: string, message: string, issues: readonly Problem[] = [], more: object = {}): Response =>
  json({ error: { code, message, issues, ...more } }, status)

const written = (path: readonly PropertyKey[]): string => path.map(String).join('.')

const invalid = (issues: readonly { path: readonly PropertyKey[]; message: string }[]): Response =>
  problem(
    422,
    'invalid',
    issues[0]?.message ?? 'This body cannot be used.',
    issues.map(({ path, message }) => ({ path: written(path), message })),
  )

class TooLarge extends Error {}

/** The whole body; null when it is over `most` bytes. It is read to its end, within reason, so that the answer arrives. */
export async function readUpTo(request: Request, most: number): Promise<Buffer | null> {
  const parts: Uint8Array[] = []
  let size = 0
  for await (const part of request.body ?? []) {
    size += part.byteLength
    if (size > mostBytesRead) break
    if (size <= most) parts.push(part)
  }
  return size > most ? null : Buffer.concat(parts)
}

async function bodyOf(request: Request): Promise<unknown> {
  const body = await readUpTo(request, mostBytes)
  if (!body) throw new TooLarge()
  return JSON.parse(new TextDecoder().decode(body))
}

/** Reads a body of this shape, answers with what `make` makes of it, and turns every refusal into words. */
export async function answer<Body>(request: Request, schema: ZodType<Body>, make: (body: Body) => unknown): Promise<Response> {
  try {
    const parsed = schema.safeParse(await bodyOf(request))
    if (!parsed.success) return invalid(flat(parsed.error.issues))
    return json(await make(parsed.data))
  } catch (error) {
    if (error instanceof TooLarge) return problem(413, 'too-large', 'The body is over 1 MB. Send less at a time.')
    if (error instanceof SyntaxError) return problem(422, 'invalid', 'The body is not JSON. Send one JSON object.', [{ path: '', message: error.message }])
    if (error instanceof Invalid) return invalid(error.issues)
    if (error instanceof StaleWrite) return problem(409, 'stale', error.message, [], { current: error.current })
    if (error instanceof Refused) return problem(error.code === 'not-found' ? 404 : 422, error.code, error.message)
    throw error
  }
}

/** Issues inside a union are told for the branch that came closest, so that the message is about what was sent. */
function flat(issues: readonly z.core.$ZodIssue[]): readonly { path: readonly PropertyKey[]; message: string }[] {
  return issues.flatMap((issue) => {
    if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [{ path: issue.path, message: issue.message }]
    const closest = issue.errors.reduce((best, one) => (one.length < best.length ? one : best))
    return flat(closest).map(({ path, message }) => ({ path: [...issue.path, ...path], message }))
  })
}
