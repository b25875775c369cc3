import { networkInterfaces } from 'node:os'

/** Who may ask: this server answers to its own names, and writes only for its own pages and for scripts. */

const loopback: readonly string[] = ['127.0.0.1', 'localhost', '[::1]']

const ownNames = (): readonly string[] =>
  [...loopback, process.env['HOST'] ?? '', ...(process.env['GRELTA_NAMES'] ?? '').split(',')]
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean)

/** The numbers of this machine on its networks. Another site may point its own name at them, never come as them. */
const ownAddresses = (): readonly string[] =>
  Object.values(networkInterfaces()).flatMap((all = []) =>
    all.map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address)),
  )

/** Names this server goes by: loopback, the address it was told to listen on, those in GRELTA_NAMES, its own numbers. */
export function isOurHost(host: string): boolean {
  const name = host.toLowerCase().replace(/:\d+$/, '')
  return ownNames().includes(name) || ownAddresses().includes(name)
}

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
