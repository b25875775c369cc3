import { connect } from 'node:net'
import { dayOf } from '../../core/plan/calendar.ts'
import { deviceAddress } from './deviceAddress.ts'

/** Asks the room's sensor beside the program (docs/sensor.md). */

export interface SensorDay {
  readonly on: string
  readonly temperatureC: number
  readonly relativeHumidityPct: number
}

/** A sensor that does not answer within so long does not answer. */
const answerMs = 1500
const mostLines = 5000

/** Every line it answers to a command, up to one that ends the answer; null where it does not answer. */
const asked = (command: string, isLast: (line: string) => boolean): Promise<readonly string[] | null> =>
  new Promise((resolve) => {
    const address = deviceAddress(process.env['GRELTA_SENSOR'] ?? '', 4873)
    if (!address) return resolve(null)
    const socket = connect(address, () => socket.write(`${command}\n`))
    const lines: string[] = []
    let rest = ''
    const end = (answer: readonly string[] | null): void => {
      clearTimeout(timer)
      socket.destroy()
      resolve(answer)
    }
    const timer = setTimeout(() => end(null), answerMs)
    socket.setEncoding('utf8')
    socket.on('data', (text: string) => {
      const whole = (rest + text).split('\n')
      rest = (whole.pop() ?? '').slice(-256)
      for (const line of whole) {
        if (lines.length < mostLines) lines.push(line.trim())
        if (line.startsWith('E ')) return end(null)
        if (isLast(line.trim())) return end(lines)
      }
    })
    socket.on('error', () => end(null))
    socket.on('close', () => end(null))
  })

const number = '(-?\\d+(?:\\.\\d+)?)'
const nowLine = new RegExp(`^N ${number} ${number}$`)
const dayLine = new RegExp(`^D (\\d{4}-\\d{2}-\\d{2}) ${number} ${number}$`)

/** What the room is now; null where no sensor answers. */
export async function roomNow(): Promise<Omit<SensorDay, 'on'> | null> {
  const lines = await asked('R', (line) => nowLine.test(line))
  const found = lines?.map((line) => nowLine.exec(line)).find(Boolean)
  return found ? { temperatureC: Number(found[1]), relativeHumidityPct: Number(found[2]) } : null
}

/** The whole days it has logged since a date; null where no sensor answers. What no room can be is left out. */
export async function sensorLog(since: string): Promise<readonly SensorDay[] | null> {
  const lines = await asked(`L ${since}`, (line) => line === 'OK')
  return (
    lines?.flatMap((line) => {
      const [, on, temperature, humidity] = dayLine.exec(line) ?? []
      const day = { on: on!, temperatureC: Number(temperature), relativeHumidityPct: Number(humidity) }
      return on && dayOf(on) !== null && isARoom(day) ? [day] : []
    }) ?? null
  )
}

const isARoom = ({ temperatureC, relativeHumidityPct }: SensorDay): boolean =>
  temperatureC >= -30 && temperatureC <= 60 && relativeHumidityPct >= 0 && relativeHumidityPct <= 100
