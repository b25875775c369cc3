// Serves the built program: `node scripts/serve.mjs`, or with --demo on demo data in a folder of its own.
import { execSync, fork } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { once } from 'node:events'
import { existsSync } from 'node:fs'
import { createServer, get } from 'node:http'
import { networkInterfaces } from 'node:os'
import { join } from 'node:path'
import { json } from 'node:stream/consumers'
import { setFlagsFromString } from 'node:v8'
import compression from 'compression'
import sirv from 'sirv'

// A long life of work is looked through now and then: what was read for it is let go of soon, not when memory runs short.
setFlagsFromString('--optimize-for-size')

let lastAsked = Date.now()
const demo = process.argv.includes('--demo')
process.env.NODE_ENV ??= 'production'
process.env.HOST ??= '127.0.0.1'
process.env.PORT ??= '4870'
process.env.GRELTA_RUN = randomUUID()
if (process.env.GRELTA_DEMO_OF) endWithNobodyThere()
if (demo) process.env.GRELTA_DATA ??= join(process.cwd(), '.grelta', 'demo')

function giveUp(sentence) {
  console.error(sentence)
  process.exit(1)
}

const { HOST: host } = process.env
const port = Number(process.env.PORT)
if (!Number.isInteger(port) || port < 1 || port > 65535)
  giveUp(`PORT is "${process.env.PORT}", which is no port. Give a number from 1 to 65535, such as 4870.`)
if (!['127.0.0.1', 'localhost', '::1'].includes(host) && !process.env.GRELTA_PASSPHRASE)
  giveUp(`Listening on ${host} lets other machines in. Set GRELTA_PASSPHRASE to a phrase of your own first.`)
if (!existsSync('dist/server/entry.mjs')) giveUp('The program is not built yet. Run: npm run build')
const listensOnAll = ['0.0.0.0', '::'].includes(host)
const address = `http://${host.includes(':') ? `[${host}]` : host}:${port}`
process.env.GRELTA_ADDRESS = address

const server = createServer(answerer())
// A page left open for a while asks again on the connection it has.
server.keepAliveTimeout = 65_000
server.once('error', (error) =>
  giveUp(
    error.code === 'EADDRINUSE'
      ? `Something else answers at ${address} already, perhaps another Grelta. Nothing was started or changed. Stop it, or choose another port with PORT.`
      : `${address} cannot be listened on (${error.code}). Nothing was started or changed. Choose another HOST or PORT.`,
  ),
)
server.listen(port, host, () => void begin())

// Asked to end, it answers nothing more: who still asks finds no server, keeps what was typed and asks the next one.
for (const signal of ['SIGINT', 'SIGTERM'])
  process.once(signal, () => {
    server.close()
    server.closeAllConnections()
    // An open studio closes itself and ends the program (src/studio/studio.ts); before that the signal ends it as usual.
    if (process.listenerCount(signal) === 0) process.kill(process.pid, signal)
  })

/** Files as the build compressed them, everything else by the program, compressed but for readings that must not wait. */
function answerer() {
  const squeeze = compression({
    filter: (request, response) =>
      response.getHeader('content-type') !== 'text/event-stream' && compression.filter(request, response),
  })
  const files = sirv('dist/client', {
    gzip: true,
    brotli: true,
    setHeaders: (response, path) => {
      response.setHeader('x-content-type-options', 'nosniff')
      response.setHeader('cross-origin-resource-policy', 'same-origin')
      if (path.startsWith('/_astro/'))
        response.setHeader('cache-control', 'public, max-age=31536000, immutable')
    },
  })
  return (request, response) => {
    lastAsked = Date.now()
    if (!URL.canParse(`http://${request.headers.host ?? ''}`)) {
      response.writeHead(400, { 'content-type': 'text/plain' }).end('The request names no host.')
      return
    }
    if (!methods.has(request.method)) {
      response.writeHead(405, { 'content-type': 'text/plain' }).end('Nothing here answers to that.')
      return
    }
    squeeze(request, response, () => files(request, response, () => void program(request, response)))
  }
}

/** A demo studio that was opened to be walked round ends with the program it was opened from, or an hour after the last look. */
function endWithNobodyThere() {
  process.on('disconnect', () => process.kill(process.pid, 'SIGTERM'))
  setInterval(() => {
    if (Date.now() - lastAsked > 3_600_000) process.kill(process.pid, 'SIGTERM')
  }, 60_000).unref()
}

/** What the program can be asked by; others it would fail at, as they are forbidden to it. */
const methods = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])

let loading

/** A sign written in code twice names nothing here; read as no sign at all, it is answered like any other wrong address. */
const writtenTwice = /%25(?=[0-9a-f]{2})/gi

async function program(request, response) {
  const [path, ...asked] = request.url.split('?')
  request.url = [path.replace(writtenTwice, '%EF%BF%BD'), ...asked].join('?')
  const { handler } = await (loading ??= import(join(process.cwd(), 'dist/server/entry.mjs')))
  await handler(request, response)
}

async function begin() {
  if (demo) beginDemo()
  // Opens the studio's file now, so that a problem with it is told here and not on the first page.
  const phrase = process.env.GRELTA_PASSPHRASE
  const headers = phrase
    ? { authorization: `Basic ${Buffer.from(`start:${phrase}`).toString('base64')}` }
    : {}
  const { ok, told } = await asked(`${address}/api/health`, headers)
  if (!ok) giveUp(told.error?.message ?? 'The studio could not be opened; the reason is above.')
  if (told.run !== process.env.GRELTA_RUN)
    giveUp(`Another program answers at ${address}. Choose another port with PORT.`)
  console.log(`Grelta is open at ${listensOnAll ? onTheNetwork().join(' and ') : address}`)
}

/** Where other devices find it: what stands for every address is none to type. */
const onTheNetwork = () =>
  Object.values(networkInterfaces())
    .flat()
    .filter(({ family }) => family === 'IPv4')
    .map((one) => `http://${one.address}:${port}`)

/** Asks the program itself; by the plain client, which is there already: loading `fetch` takes a tenth of a second. */
async function asked(url, headers) {
  const [answer] = await once(get(url, { headers }), 'response')
  return { ok: answer.statusCode === 200, told: await json(answer).catch(() => ({})) }
}

/** The demo studio is filled when it is empty, and has devices of its own unless others are told of. */
function beginDemo() {
  try {
    execSync('node dist/server/apart/loadDemo.mjs', { stdio: 'inherit' })
  } catch {
    giveUp('The demo studio could not be filled; the reason is above.')
  }
  beginDevice('scale', 'GRELTA_SCALE', '4872')
  beginDevice('sensor', 'GRELTA_SENSOR', '4873')
}

/** A simulated device, unless a real one is told by its variable. */
function beginDevice(name, variable, usualPort) {
  if (process.env[variable]) return
  const port = process.env[`${variable}_PORT`] ?? usualPort
  process.env[variable] = `127.0.0.1:${port}`
  const device = fork(`scripts/${name}.mjs`, {
    stdio: 'ignore',
    env: { ...process.env, [`${variable}_PORT`]: port },
  })
  process.on('exit', () => device.kill())
}
