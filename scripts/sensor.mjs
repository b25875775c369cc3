// A simulated room sensor: a small service of its own that speaks docs/sensor.md. It logs a day's means, back for a year.
import { createServer } from 'node:net'

const port = Number(process.env.GRELTA_SENSOR_PORT ?? 4873)
const dayMs = 864e5
const loggedDays = 400

/** The same noise every run for the same day, so that a log read twice is the same log. */
const noise = (seed) => {
  const x = Math.sin(seed * 12.9898) * 43758.5453
  return x - Math.floor(x) - 0.5
}

/** A heated studio by the sea: cool and dry in winter, warm and damp in summer. */
function meansOf(day) {
  const season = Math.cos((2 * Math.PI * ((day % 365.2425) - 205)) / 365.2425)
  return {
    temperature: 18.6 + 2.6 * season + 2.2 * noise(day),
    humidity: 52 + 6 * season + 14 * noise(day + 0.5),
  }
}

const figures = ({ temperature, humidity }) => `${temperature.toFixed(1)} ${humidity.toFixed(1)}`
const dateOf = (day) => new Date(day * dayMs).toISOString().slice(0, 10)
const today = () => Math.floor((Date.now() - new Date().getTimezoneOffset() * 6e4) / dayMs)

function answer(line) {
  const [command, argument] = line.trim().split(/\s+/)
  if (command === 'R') return [`N ${figures(meansOf(today() + new Date().getHours() / 24))}`]
  if (command === 'L') {
    const since = Date.parse(`${argument}T00:00:00Z`) / dayMs
    if (!Number.isFinite(since)) return [`E no date ${String(argument).slice(0, 12)}`]
    const first = Math.max(Math.floor(since), today() - loggedDays)
    const days = Array.from({ length: Math.max(0, today() - first) }, (_, at) => first + at)
    return [...days.map((day) => `D ${dateOf(day)} ${figures(meansOf(day))}`), 'OK']
  }
  return [`E unknown ${String(command).slice(0, 8)}`]
}

createServer((socket) => {
  socket.setEncoding('utf8')
  socket.write('H grelta-sensor 1 simulated\n')
  let rest = ''
  socket.on('data', (text) => {
    const lines = (rest + text).slice(-4096).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) socket.write(`${answer(line).join('\n')}\n`)
  })
  socket.on('error', () => socket.destroy())
})
  .on('error', ({ message }) => {
    console.error(`The simulated sensor could not start: ${message}`)
    process.exit(1)
  })
  .listen(port, '127.0.0.1', () => console.log(`The simulated sensor is at 127.0.0.1:${port}`))

// Started by the demo, it ends with it.
process.on('disconnect', () => process.exit(0))
