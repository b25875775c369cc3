import { answered, overHttp } from '../saving/server.ts'
import type { Method, Reply } from '../saving/server.ts'
import type { Routes } from './routes.ts'

/** The studio's routes as the views call them: names, bodies and answers are those of the endpoint files. */

export type { Reply } from '../saving/server.ts'

type Name = keyof Routes
type Sent<N extends Name> = NonNullable<Routes[N]['sent']>
type Answered<N extends Name> = NonNullable<Routes[N]['answered']>

interface Extra {
  /** What stands in the braces of the path. */
  readonly params?: Readonly<Record<string, string>>
  readonly query?: Readonly<Record<string, string | number>>
}

/** A request to a route by its name. */
export function requestTo<N extends Name>(
  name: N,
  body: Sent<N> | undefined,
  { params = {}, query }: Extra = {},
) {
  const [method, template] = name.split(' ') as [Method, string]
  const path = template.replace(/\{(\w+)\}/g, (_, key: string) => encodeURIComponent(params[key] ?? ''))
  const asked = query
    ? `?${new URLSearchParams(Object.entries(query).map(([key, value]) => [key, String(value)]))}`
    : ''
  return { method, path: `${path}${asked}`, ...(body !== undefined && { body }) }
}

/** Sends a body to a route and answers what came of it; it never throws. */
export const send = <N extends Name>(name: N, body: Sent<N>, extra?: Extra): Promise<Reply<Answered<N>>> =>
  overHttp({ ...requestTo(name, body, extra), once: crypto.randomUUID() }) as Promise<Reply<Answered<N>>>

/** Reads from a route. */
export const read = <N extends Name>(name: N, extra?: Extra): Promise<Reply<Answered<N>>> =>
  overHttp(requestTo(name, undefined, extra)) as Promise<Reply<Answered<N>>>

/** Sends a file as it is. */
export async function upload<Value>(path: string, file: File): Promise<Reply<Value>> {
  const headers = { 'content-type': 'application/octet-stream' }
  return (await answered(() => fetch(path, { method: 'PUT', body: file, headers }))) as Reply<Value>
}
