/** Talks to the studio's own server. A refusal is a value, so that the page can show it and keep what was typed. */

export interface Refusal {
  readonly status: number
  readonly code: string
  readonly message: string
  /** Each fault of what was sent, where there are several. */
  readonly issues?: readonly { readonly path: string; readonly message: string }[]
  /** What stands now, where somebody else changed it first. */
  readonly current?: unknown
}

export type Reply<Value> = { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly refusal: Refusal }

export interface Written {
  readonly event: number
  readonly revisions: Readonly<Record<string, number>>
}

const unreachable: Refusal = {
  status: 0,
  code: 'unreachable',
  message: 'The studio’s server does not answer. What you typed is kept on this page; it is saved when the server is back.',
}

export async function send<Value = Written>(method: 'POST' | 'PUT' | 'DELETE', path: string, body: unknown): Promise<Reply<Value>> {
  try {
    const response = await fetch(path, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
    const answer = (await response.json()) as { error?: Omit<Refusal, 'status'> }
    return response.ok ? { ok: true, value: answer as Value } : { ok: false, refusal: { status: response.status, ...answer.error! } }
  } catch {
    return { ok: false, refusal: unreachable }
  }
}
