import { timingSafeEqual } from 'node:crypto'
import { defineMiddleware } from 'astro:middleware'
import { problem } from './pages/api/_http.ts'

const loopback = new Set(['127.0.0.1', 'localhost', '[::1]'])

/** Names this server answers to: loopback, and the address it was told to listen on. */
const isOurs = (hostname: string): boolean =>
  loopback.has(hostname) || hostname === process.env['HOST'] || (process.env['GRELTA_NAMES'] ?? '').split(',').includes(hostname)

const hostnameOf = (host: string): string => host.replace(/:\d+$/, '')

/** Whether the studio's passphrase came with the request; always so where the server is reachable from this machine only. */
function mayEnter(request: Request): boolean {
  const passphrase = process.env['GRELTA_PASSPHRASE']
  if (!passphrase) return true
  const sent = /^Basic (.+)$/.exec(request.headers.get('authorization') ?? '')?.[1] ?? ''
  const typed = Buffer.from(sent, 'base64').toString().split(':').slice(1).join(':')
  const [a, b] = [Buffer.from(typed), Buffer.from(passphrase)]
  return a.length === b.length && timingSafeEqual(a, b)
}

/** Keeps other sites and other names out, asks for the passphrase, and says what a page may load. */
export const onRequest = defineMiddleware(async ({ request }, next) => {
  const host = request.headers.get('host') ?? ''
  if (!isOurs(hostnameOf(host))) return problem(403, 'host', 'This server does not go by that name.')
  const origin = request.headers.get('origin')
  if (!['GET', 'HEAD'].includes(request.method) && origin !== null && !(URL.canParse(origin) && new URL(origin).host === host))
    return problem(403, 'origin', 'That came from another site and was not carried out.')
  if (!mayEnter(request))
    return new Response('Give the studio’s passphrase; any name will do.', { status: 401, headers: { 'www-authenticate': 'Basic realm="Grelta"' } })
  try {
    const response = await next()
    // Style sheets and scripts stay bound to their hashes; geometry in style attributes is let through.
    const policy = response.headers.get('content-security-policy')
    if (policy) response.headers.set('content-security-policy', `${policy.replace(/;\s*$/, '')}; style-src-attr 'unsafe-inline'; frame-ancestors 'none'`)
    response.headers.set('x-content-type-options', 'nosniff')
    response.headers.set('x-frame-options', 'DENY')
    response.headers.set('referrer-policy', 'same-origin')
    return response
  } catch (error) {
    console.error(error)
    throw error
  }
})
