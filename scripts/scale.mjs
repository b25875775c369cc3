// A simulated scale: a small service of its own that speaks docs/scale.md. It drifts, settles, is noisy, and can be poured on.
import { createServer } from 'node:net'

const port = Number(process.env.GRELTA_SCALE_PORT ?? 4872)
const perSecond = 10
/** What lies on the pan, what the display is following, the tare, and the slow drift, g. */
let [load, shown, tare, drift] = [0, 0, 0, 0]
let pouring = null
const readings = new Set()

/** The same noise every run, so that a test of it repeats. */
let seed = 7
const noise = () => {
  seed = (seed * 16807) % 2147483647
  return seed / 2147483647 - 0.5
}

setInterval(() => {
  if (pouring) {
    const step = Math.min(pouring.left, pouring.rate / perSecond)
    load += step
    pouring.left -= step
    if (pouring.left <= 1e-9) pouring = null
  }
  drift += noise() * 0.0004
  // The pan swings: each reading closes most of the way to the load.
  shown += (load - shown) * 0.55
  const settled = !pouring && Math.abs(load - shown) < 0.02
  const grams = (shown + drift - tare + noise() * 0.012).toFixed(2)
  for (const socket of readings) socket.write(`W ${grams} ${settled ? 'S' : 'U'}\n`)
}, 1000 / perSecond)

function obey(line, socket) {
  const [command, first, second] = line.trim().split(/\s+/)
  const grams = Number(first)
  if (command === 'T') tare = shown + drift
  else if (command === 'Z') [load, shown, tare, drift, pouring] = [0, 0, 0, 0, null]
  else if (command === 'P' && grams > 0)
    pouring = { left: grams, rate: Number(second) > 0 ? Number(second) : 40 }
  else if (command === 'X' && grams > 0) load = Math.max(0, load - grams)
  else if (command) return socket.write(`E unknown ${command.slice(0, 8)}\n`)
  socket.write('OK\n')
}

createServer((socket) => {
  readings.add(socket)
  socket.setEncoding('utf8')
  socket.write('H grelta-scale 1 simulated 0.01\n')
  let rest = ''
  socket.on('data', (text) => {
    const lines = (rest + text).slice(-4096).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) obey(line, socket)
  })
  const gone = () => readings.delete(socket)
  socket.on('close', gone)
  socket.on('error', gone)
})
  .on('error', ({ message }) => {
    console.error(`The simulated scale could not start: ${message}`)
    process.exit(1)
  })
  .listen(port, '127.0.0.1', () => console.log(`The simulated scale is at 127.0.0.1:${port}`))

// Started by the demo, it ends with it.
process.on('disconnect', () => process.exit(0))
