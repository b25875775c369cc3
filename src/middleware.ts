import { defineMiddleware } from 'astro:middleware'
import { failurePage } from './gate/failurePage.ts'
import { guarded } from './gate/headers.ts'
import { isOurHost, isOurs } from './gate/origin.ts'
import { entryOf } from './gate/passphrase.ts'
import { problem } from './pages/api/_answers.ts'
import { failed } from './pages/api/_refusals.ts'
import { newestEvent } from './studio/studio.ts'

/** Keeps other sites and other names out, asks for the passphrase, and turns every failure into a sentence. */
export const onRequest = defineMiddleware(async ({ request, url, clientAddress, locals }, next) => {
  const turnedAway = refusedAtTheDoor(request, url, clientAddress)
  if (turnedAway) return guarded(turnedAway)
  if (url.pathname.startsWith('/_image')) return guarded(nothingThere())
  try {
    if (!isApi(url)) locals.newestEvent = await newestEvent()
    const response = await next()
    return guarded(isBare404(response) && !isApi(url) ? nothingThere() : response)
  } catch (error) {
    const refusal = failed(error)
    return guarded(isApi(url) ? refusal : await asPage(refusal))
  }
})

/** Not found, and nothing said about it. */
const isBare404 = ({ status, headers }: Response): boolean =>
  status === 404 && !headers.get('content-type')?.includes('html')

const isApi = ({ pathname }: URL): boolean => pathname.startsWith('/api/')

/** A calendar is read by phones that bring no passphrase; the address itself is the secret. */
const isSecretAddress = ({ pathname }: URL): boolean => pathname.startsWith('/api/calendar/')

function refusedAtTheDoor(request: Request, url: URL, caller: string): Response | null {
  if (!isOurHost(request.headers.get('host') ?? ''))
    return problem(403, 'host', 'This server does not go by that name. Give it in GRELTA_NAMES to let it.')
  if (!isOurs(request)) return problem(403, 'origin', 'That came from another site and was not carried out.')
  if (isSecretAddress(url)) return null
  const entry = entryOf(request.headers.get('authorization'), caller, Date.now())
  if (entry === 'too-many')
    return problem(429, 'too-many', 'Too many wrong passphrases. Wait a minute, then try again.')
  if (entry === 'wrong')
    return new Response('Give the studio’s passphrase; any name will do.', {
      status: 401,
      headers: { 'www-authenticate': 'Basic realm="Grelta"' },
    })
  return null
}

const nothingThere = (): Response =>
  failurePage(404, 'There is nothing here', 'The address is wrong, or what stood here was removed.')

async function asPage(refusal: Response): Promise<Response> {
  const { error } = (await refusal.json()) as { error: { message: string } }
  return failurePage(refusal.status, 'This page cannot be shown now', error.message)
}
