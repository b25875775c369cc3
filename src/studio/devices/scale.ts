import { connect } from 'node:net'
import { deviceAddress } from './deviceAddress.ts'
import type { DeviceAddress } from './deviceAddress.ts'

/** Talks to the scale beside the program (docs/scale.md). */

export interface Reading {
  readonly grams: number
  readonly settled: boolean
}

/** Where the scale is, from GRELTA_SCALE; null when that is no address. */
export const scaleAddress = (told = process.env['GRELTA_SCALE'] ?? ''): DeviceAddress | null =>
  deviceAddress(told, 4872)

/** Readings as they come, until the caller stops; `gone` when the scale does not answer, or no longer. */
export function followScale(onReading: (reading: Reading) => void, gone: () => void): () => void {
  const address = scaleAddress()
  if (!address) {
    gone()
    return () => undefined
  }
  const socket = connect(address)
  socket.setEncoding('utf8')
  let rest = ''
  socket.on('data', (text: string) => {
    const lines = (rest + text).slice(-4096).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) {
      const match = /^W (-?\d+(?:\.\d+)?) ([SU])$/.exec(line.trim())
      if (match) onReading({ grams: Number(match[1]), settled: match[2] === 'S' })
    }
  })
  socket.on('error', () => socket.destroy())
  socket.on('close', gone)
  return () => socket.destroy()
}

export const scaleCommands = { tare: 'T', zero: 'Z', pour: 'P', spill: 'X' } as const

/** A scale that does not answer within so long does not answer, however many readings it sends. */
const answerMs = 1500

/** One command; true when the scale carried it out. */
export const tellScale = (command: keyof typeof scaleCommands, grams?: number): Promise<boolean> =>
  new Promise((resolve) => {
    const address = scaleAddress()
    if (!address) return resolve(false)
    const words = [scaleCommands[command], ...(grams === undefined ? [] : [String(grams)])]
    const socket = connect(address, () => socket.write(`${words.join(' ')}\n`))
    const end = (answer: boolean): void => {
      clearTimeout(timer)
      socket.destroy()
      resolve(answer)
    }
    const timer = setTimeout(() => end(false), answerMs)
    socket.setEncoding('utf8')
    socket.on('data', (text: string) => {
      if (/^OK$/m.test(text)) end(true)
      else if (/^E /m.test(text)) end(false)
    })
    socket.on('error', () => end(false))
    socket.on('close', () => end(false))
  })
