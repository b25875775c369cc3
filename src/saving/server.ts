/** Talks to the studio's own server. A refusal is a value, so that the page can show it and keep what was typed. */

export interface Refusal {
  /** 0: no answer at all. */
  readonly status: number
  readonly code: string
  readonly message: string
  /** Each fault of what was sent, where there are several. */
  readonly issues?: readonly { readonly path: string; readonly message: string }[]
  /** What stands now, where somebody else changed it first; null: it is gone. */
  readonly current?: unknown
}

export type Reply<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly refusal: Refusal }

export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE'

export interface Request {
  readonly method: Method
  readonly path: string
  readonly body?: unknown
  /** The key under which it is carried out once, however often it is sent. */
  readonly once?: string
}

export type Server = (request: Request) => Promise<Reply<unknown>>

const unreachable: Refusal = {
  status: 0,
  code: 'unreachable',
  message:
    'The studio’s server does not answer. What you typed is kept in this browser, and saved when the server is back.',
}

/** The studio's server as it answers over HTTP. */
export const overHttp: Server = ({ method, path, body, once }) =>
  answered(() =>
    fetch(path, {
      method,
      headers: { 'content-type': 'application/json', ...(once && { 'idempotency-key': once }) },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    }),
  )

/** An answer as a value, whatever becomes of the request. */
export async function answered(ask: () => Promise<Response>): Promise<Reply<unknown>> {
  try {
    const response = await ask()
    const answer = (await response.json()) as { error?: Omit<Refusal, 'status'> }
    return response.ok
      ? { ok: true, value: answer }
      : { ok: false, refusal: { status: response.status, ...answer.error! } }
  } catch {
    return { ok: false, refusal: unreachable }
  }
}

/**
 * Whether it may be carried out later as it stands: nobody answered, the studio could not write just then, or it first
 * asks this device for its passphrase again.
 */
export const isForLater = ({ status }: Refusal): boolean =>
  status === 0 || status >= 500 || status === 401 || status === 429
