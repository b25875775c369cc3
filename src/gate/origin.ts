/** Who may ask: this server answers to its own names, and writes only for its own pages and for scripts. */

const loopback: readonly string[] = ['127.0.0.1', 'localhost', '[::1]']

const ownNames = (): readonly string[] =>
  [...loopback, process.env['HOST'] ?? '', ...(process.env['GRELTA_NAMES'] ?? '').split(',')]
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean)

/** Names this server goes by: loopback, the address it was told to listen on, and those in GRELTA_NAMES. */
export const isOurHost = (host: string): boolean =>
  ownNames().includes(host.toLowerCase().replace(/:\d+$/, ''))

const reads: readonly string[] = ['GET', 'HEAD']
const ownSites: readonly (string | null)[] = [null, 'same-origin', 'none']

/** Whether a request may be carried out: a read, or a write that no page of another site sent. */
export function isOurs(request: Request): boolean {
  if (reads.includes(request.method)) return true
  const { headers } = request
  const origin = headers.get('origin')
  const sameOrigin = origin === null || (URL.canParse(origin) && new URL(origin).host === headers.get('host'))
  return sameOrigin && ownSites.includes(headers.get('sec-fetch-site'))
}
