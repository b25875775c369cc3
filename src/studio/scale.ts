import { connect } from 'node:net'

/** Talks to the scale beside the program (docs/scale.md). */

export interface Reading {
  readonly grams: number
  readonly settled: boolean
}

function address(): { readonly host: string; readonly port: number } {
  const [host = '127.0.0.1', port = '4872'] = (process.env['GRELTA_SCALE'] ?? '').split(':').filter(Boolean)
  return { host, port: Number(port) }
}

/** Readings as they come, until the caller stops; `gone` when the scale does not answer, or no longer. */
export function followScale(onReading: (reading: Reading) => void, gone: () => void): () => void {
  const socket = connect(address())
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

/** One command; true when the scale carried it out. */
export const tellScale = (command: keyof typeof scaleCommands, grams?: number): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = connect(address(), () => socket.write(`${scaleCommands[command]}${grams === undefined ? '' : ` ${grams}`}\n`))
    const done = (answer: boolean) => (): void => {
      socket.destroy()
      resolve(answer)
    }
    socket.setEncoding('utf8')
    socket.setTimeout(1500, done(false))
    socket.on('data', (text: string) => (/^OK$/m.test(text) ? done(true)() : /^E /m.test(text) && done(false)()))
    socket.on('error', done(false))
  })
