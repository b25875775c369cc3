import { defineMiddleware } from 'astro:middleware'
import { failurePage } from './gate/failurePage.ts'
import { guarded } from './gate/headers.ts'
import { isOurHost, isOurs } from './gate/origin.ts'
import { forgetDevice, knownDevice, rememberDevice, renewedCookie } from './gate/devices.ts'
import { entryBy, entryOf } from './gate/passphrase.ts'
import { asReader } from './gate/reading.ts'
import { goingTo, signInPage } from './gate/signInPage.ts'
import { problem } from './pages/api/_answers.ts'
import { readUpTo } from './pages/api/_body.ts'
import { failed } from './pages/api/_refusals.ts'
import { dataFolder } from './store/open.ts'
import { roomToday } from './studio/roomToday.ts'
import { newestEvent, nowMinute, studio } from './studio/studio.ts'

/** Keeps other sites and other names out, asks for the passphrase, and turns every failure into a sentence. */
export const onRequest = defineMiddleware(async ({ request, url, clientAddress, locals }, next) => {
  const turnedAway =
    (await fromElsewhere(request, url)) ??
    (await signing(request, url, clientAddress)) ??
    withoutPhrase(request, url, clientAddress)
  if (turnedAway) return guarded(turnedAway)
  if (url.pathname.startsWith('/_image')) return guarded(nothingThere())
  try {
    if (!isApi(url)) {
      locals.newestEvent = await newestEvent()
      locals.room = await roomToday(await studio(), nowMinute(), locals.newestEvent)
    }
    const response = await asReader(request, next)
    if (url.pathname === '/') stayKnown(request, response)
    return guarded(isBare404(response) && !isApi(url) ? nothingThere() : response)
  } catch (error) {
    return guarded(await readable(failed(error), url))
  }
})

/** Not found, and nothing said about it. */
const isBare404 = ({ status, headers }: Response): boolean =>
  status === 404 && !headers.get('content-type')?.includes('html')

const isApi = ({ pathname }: URL): boolean => pathname.startsWith('/api/')

/** A calendar is read by phones that bring no passphrase; the address itself is the secret. */
const isSecretAddress = ({ pathname }: URL): boolean => pathname.startsWith('/api/calendar/')

async function fromElsewhere(request: Request, url: URL): Promise<Response | null> {
  if (!isOurHost(request.headers.get('host') ?? '')) return readable(problem(403, 'host', otherName), url)
  if (!isOurs(request)) return problem(403, 'origin', 'That came from another site and was not carried out.')
  return null
}

/** Turns away who neither is remembered nor brings the passphrase; a page asks for it, once a device. */
function withoutPhrase(request: Request, url: URL, caller: string): Response | null {
  if (isSecretAddress(url) || knownDevice(dataFolder(), request.headers.get('cookie'))) return null
  const authorization = request.headers.get('authorization')
  const entry = entryOf(authorization, caller, Date.now())
  if (entry === 'open') return null
  if (authorization === null && !isApi(url)) return signInPage(401, pathOf(url), 'Give the passphrase once.')
  if (entry === 'too-many') return problem(429, 'too-many', tooMany)
  const turned = problem(
    401,
    'signed-out',
    'This studio asks for its passphrase. Load the page again to give it.',
  )
  // A browser would ask with a window of its own; scripts are told how.
  if (!request.headers.has('sec-fetch-site')) turned.headers.set('www-authenticate', 'Basic realm="Grelta"')
  return turned
}

/** A device that is used does not run out of its cookie. */
function stayKnown(request: Request, response: Response): void {
  const secret = knownDevice(dataFolder(), request.headers.get('cookie'))
  if (secret) response.headers.append('set-cookie', renewedCookie(secret))
}

const tooMany = 'Too many wrong passphrases. Wait a minute, then try again.'

const pathOf = ({ pathname, search }: URL): string => pathname + search

const mostBytes = 4000

/** Signing in and out; null where that is not what is asked. */
async function signing(request: Request, url: URL, caller: string): Promise<Response | null> {
  if (request.method !== 'POST' || !process.env['GRELTA_PASSPHRASE']) return null
  if (url.pathname === '/sign-out') {
    const ended = forgetDevice(dataFolder(), request.headers.get('cookie'))
    return new Response(null, { status: 303, headers: { location: '/', 'set-cookie': ended } })
  }
  if (url.pathname !== '/sign-in') return null
  const to = goingTo(url.searchParams.get('to'))
  const form = new URLSearchParams((await readUpTo(request, mostBytes).catch(() => '')).toString())
  const typed = form.get('phrase') ?? ''
  const entry = entryBy(typed, caller, Date.now())
  if (entry === 'too-many') return signInPage(429, to, tooMany)
  if (entry === 'wrong') return signInPage(401, to, 'That is not the passphrase. Try again.')
  return new Response(null, {
    status: 303,
    headers: { location: to, 'set-cookie': rememberDevice(dataFolder()) },
  })
}

const nothingThere = (): Response =>
  failurePage(404, 'There is nothing here', 'The address is wrong, or what stood here was removed.')

const otherName = 'This server does not go by that name. Give it in GRELTA_NAMES to let it.'

/** A refusal as who asked can read it: a script its JSON, a painter a page. */
async function readable(refusal: Response, url: URL): Promise<Response> {
  if (isApi(url)) return refusal
  const { error } = (await refusal.json()) as { error: { message: string } }
  return failurePage(refusal.status, 'This page cannot be shown now', error.message)
}
