import { readFileSync, writeFileSync } from 'node:fs'

/** A figure beside what is promised: it has to stay under that. */
export interface Measure {
  readonly value: number
  readonly limit: number
  readonly unit: string
}

export const ms = (value: number, limit: number): Measure => ({ value, limit, unit: 'ms' })

/** Adds a line to a table and says it on the console. */
export type Tell = (what: string, ...measures: readonly Measure[]) => void

interface Table {
  readonly columns: readonly string[]
  readonly lines: [what: string, ...measures: Measure[]][]
}

const figure = ({ value, limit, unit }: Measure): string => {
  const measured = value >= 100 ? String(Math.round(value)) : String(Number(value.toPrecision(2)))
  const told = `${measured} / ${limit} ${unit}`
  return value < limit ? told : `**${told}**`
}

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`

const markdownOf = ({ columns, lines }: Table): string =>
  [
    row(columns),
    row(columns.map(() => '---')),
    ...lines.map(([what, ...measures]) => row([what, ...measures.map(figure)])),
  ].join('\n')

const begins = '<!-- bench -->\n'
const ends = '<!-- /bench -->'

export type Report = ReturnType<typeof newReport>

/** All that was measured: told as it comes, in the end written between two marks in a file. */
export function newReport() {
  const parts: (Table | string)[] = []
  return {
    /** A table whose first column says what; each further one is a figure beside its promise. */
    table(...columns: readonly string[]): Tell {
      const table: Table = { columns, lines: [] }
      parts.push(table)
      return (what, ...measures) => {
        table.lines.push([what, ...measures])
        console.log(what.padEnd(70), ...measures.map((measure) => figure(measure).padStart(22)))
      }
    },
    /** A sentence between the tables. */
    say(sentence: string): void {
      parts.push(sentence)
      console.log(sentence)
    },
    kept: (): boolean =>
      parts.every(
        (part) =>
          typeof part === 'string' ||
          part.lines.every(([, ...measures]) => measures.every(({ value, limit }) => value < limit)),
      ),
    writeInto(file: string): void {
      const told = parts.map((part) => (typeof part === 'string' ? part : markdownOf(part)))
      const [before, rest] = readFileSync(file, 'utf8').split(begins)
      const after = rest?.split(ends)[1]
      if (after === undefined) throw new Error(`${file} does not say where the figures go.`)
      writeFileSync(file, `${before}${begins}\n${told.join('\n\n')}\n\n${ends}${after}`)
    },
  }
}
