import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { ZodError } from 'zod'
import { failureOf } from '../store/failure.ts'
import type { Preview } from '../studio/carrying/bringIn.ts'
import { computations } from '../studio/computing/computations.ts'
import { Invalid } from '../studio/computing/compute.ts'
import { Refused, refused } from '../studio/refused.ts'
import { nowMinute } from '../studio/studio.ts'
import type { Door } from './door.ts'
import { fileDoor, putBackFile } from './fileDoor.ts'
import { serverDoor } from './serverDoor.ts'

/** `grelta` on the command line. While a program serves the studio it is asked; computing needs no studio at all. */

const usage = `grelta export [FILE]        the whole studio as a file: .zip with photographs, .json without
grelta import FILE [--look] [--clashes here|file]
                            brings a file in; --look only says what it would do
grelta check                reads everything, and says what cannot be read
grelta backup               makes a backup now
grelta restore DATE         puts the backup of that day back
grelta compute WHAT [FILE]  a computation from JSON in a file or piped in: ${Object.keys(computations).join(', ')}

GRELTA_DATA names the studio's folder; GRELTA_PASSPHRASE the phrase of a running program that asks for one.`

/** Through the program that holds the studio, or its file. */
async function through<Answer>(work: (door: Door) => Promise<Answer>): Promise<Answer> {
  const door = await fileDoor().catch((error: unknown) => {
    if (failureOf(error)?.code === 'in-use') return serverDoor()
    throw error
  })
  return work(door).finally(() => door.close())
}

const told = (preview: Preview): string => {
  const { counts, new: added, changed, clashing } = preview
  const names = (title: string, rows: Preview['new']): string[] =>
    rows.length > 0 ? [`${title}:`, ...rows.map(({ word, title: name }) => `  ${word} ${name}`)] : []
  return [
    `${counts.new} new, ${counts.changed} changed in the file, ${counts.clashing} changed on both sides, ${counts.same} the same.`,
    ...names('new', added),
    ...names('changed in the file', changed),
    ...names('changed on both sides', clashing),
  ].join('\n')
}

const commands: Readonly<Record<string, (given: readonly string[]) => Promise<string>>> = {
  export: async (given) => {
    const { positionals } = parseArgs({ args: [...given], allowPositionals: true })
    const [file = `grelta-${nowMinute().slice(0, 10)}.zip`] = positionals
    const photographs = await through((door) => door.takeOut(file, !file.endsWith('.json')))
    return `The whole studio is in ${file}${photographs > 0 ? `, with ${photographs} photographs` : ''}.`
  },
  import: async (given) => {
    const { positionals, values } = parseArgs({
      args: [...given],
      allowPositionals: true,
      options: { look: { type: 'boolean' }, clashes: { type: 'string', default: 'here' } },
    })
    const [file] = positionals
    const { clashes } = values
    if (!file) throw refused('Name the file to bring in: grelta import FILE')
    if (clashes !== 'here' && clashes !== 'file') throw refused('--clashes is "here" or "file".')
    if (values.look) return through(async (door) => told(await door.look(file)))
    return through((door) => door.bringIn(file, { clashes, but: {} }))
  },
  check: async () => {
    const { aside, backups } = await through((door) => door.check())
    const last = backups[0] ? `The last backup is of ${backups[0].date}.` : 'There is no backup yet.'
    if (aside.length === 0) return `Everything that is stored can be read. ${last}`
    const lines = aside.map(({ word, id, why }) => `  ${word} ${id}: ${why}`)
    throw refused(
      [`${aside.length} things cannot be read; Studio offers what can be done:`, ...lines, last].join('\n'),
    )
  },
  backup: async () => `The backup is ${await through((door) => door.backUp())}.`,
  restore: async ([date]) => {
    if (!date || !/^\d{4}-\d{2}-\d{2}$/.test(date))
      throw refused('Name the day of the backup: grelta restore 2026-11-28')
    return through((door) => door.putBack(date)).catch((error: unknown) => {
      if (failureOf(error)?.code === 'damaged') return putBackFile(date)
      throw error
    })
  },
  compute: async ([what = '', file]) => {
    const computation = Object.hasOwn(computations, what) ? computations[what] : undefined
    if (!computation)
      throw refused(`There is no computation "${what}". There are: ${Object.keys(computations).join(', ')}.`)
    const answer = await computation.run(JSON.parse(readFileSync(file ?? 0, 'utf8')))
    return JSON.stringify(answer, null, 2)
  },
}

/** Why it did not work, for a person. */
function faultOf(error: unknown): string {
  if (error instanceof ZodError || error instanceof Invalid)
    return error.issues.map(({ path, message }) => `${path.map(String).join('.')}: ${message}`).join('\n')
  if (error instanceof SyntaxError) return `This is not JSON: ${error.message}`
  const failure = failureOf(error)
  if (failure || error instanceof Refused) return (failure ?? (error as Refused)).message
  return error instanceof Error ? error.message : String(error)
}

const [name = '', ...given] = process.argv.slice(2)
const command = Object.hasOwn(commands, name) ? commands[name] : undefined
if (!command) {
  console.log(usage)
  process.exitCode = name === '' || name === 'help' || name === '--help' ? 0 : 1
} else
  await command(given).then(
    (said) => console.log(said),
    (error: unknown) => {
      console.error(faultOf(error))
      process.exitCode = 1
    },
  )
