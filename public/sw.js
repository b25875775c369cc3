// Keeps a device going while the studio's computer does not answer: pages as they were last seen, and the files they are
// made of. Registered where the studio is reached over https only (src/ui/install/register.ts).
const pages = 'grelta-pages'
const files = 'grelta-files'
const views = ['/', '/paintings', '/horizon', '/mediums', '/batches', '/shelf', '/tests', '/studio']
const mostFiles = 600
const patienceMs = 4000

addEventListener('install', (event) => event.waitUntil(keepViews().then(() => skipWaiting())))
addEventListener('activate', (event) => event.waitUntil(clients.claim()))
addEventListener('message', ({ data }) => {
  if (data === 'forget') void caches.delete(pages)
})

addEventListener('fetch', (event) => {
  const { request } = event
  const { origin, pathname } = new URL(request.url)
  if (request.method !== 'GET' || origin !== location.origin || pathname.startsWith('/api/')) return
  if (request.mode === 'navigate') event.respondWith(page(request))
  else event.respondWith(file(request))
})

/** A page is asked for each time; as it was last seen where nobody answers soon. */
async function page(request) {
  const kept = await caches.match(request, { cacheName: pages })
  try {
    const signal = kept ? AbortSignal.timeout(patienceMs) : undefined
    const answer = await fetch(request, signal && { signal })
    await keep(pages, request, answer)
    return answer
  } catch {
    return kept ? asKept(kept) : nothingKept()
  }
}

/** Files with a mark of their content never change; others are asked for, and taken as they were where nobody answers. */
async function file(request) {
  const kept = await caches.match(request, { cacheName: files })
  if (kept && new URL(request.url).pathname.startsWith('/_astro/')) return kept
  try {
    const answer = await fetch(request)
    await keep(files, request, answer)
    return answer
  } catch (error) {
    if (kept) return kept
    throw error
  }
}

async function keep(name, request, answer) {
  if (!answer.ok || answer.redirected) return
  const cache = await caches.open(name)
  await cache.put(request, answer.clone())
  if (name !== files) return
  const all = await cache.keys()
  await Promise.all(all.slice(0, Math.max(0, all.length - mostFiles)).map((old) => cache.delete(old)))
}

/** The views one begins from, though nobody has opened them here yet. */
const keepViews = () =>
  Promise.all(
    views.map((path) =>
      fetch(path).then(
        (answer) => keep(pages, path, answer),
        () => undefined,
      ),
    ),
  )

/** A page as it was, which says so itself (src/ui/install/asKept.ts). */
async function asKept(kept) {
  const at = kept.headers.get('date') ?? ''
  const text = (await kept.text()).replace('<html ', `<html data-kept="${at}" `)
  return new Response(text, { status: 200, headers: kept.headers })
}

const nothingKept = () =>
  new Response(
    '<!doctype html><html lang="en"><meta charset="utf-8"><title>Grelta</title><h1>The studio’s computer does not answer</h1><p>This page has not been opened on this device yet. <a href="/">Today</a></p></html>',
    { status: 404, headers: { 'content-type': 'text/html; charset=utf-8' } },
  )
