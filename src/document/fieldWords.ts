/** Fields of documents and what is in them, as a painter would tell them: where two versions stand side by side, say. */

/** "wet thickness, µm" for wetThicknessUm. */
export const fieldWords = (field: string): string =>
  field.replace(/Um$/, ', µm').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)

const mostLetters = 90

/** A value in words; a long one is cut. */
export function valueWords(value: unknown): string {
  const words = typeof value === 'string' ? value : wordsOf(value)
  if (words.trim() === '') return 'nothing'
  return words.length > mostLetters ? `${words.slice(0, mostLetters)} …` : words
}

/** "2 tbsp linseed stand oil, 3 tsp damar" for the lines of a recipe. */
function wordsOf(value: unknown): string {
  if (value === null || value === undefined) return ''
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'number') return String(Number(value.toPrecision(6)))
  if (typeof value === 'string') return nameFor(value)
  if (Array.isArray(value)) return value.map(wordsOf).filter(Boolean).join(', ')
  return Object.values(value).map(wordsOf).filter(Boolean).join(' ')
}

/** Ids of the book are names written with strokes; those the program gives say nothing. */
const nameFor = (id: string): string =>
  /^[0-9a-f]{8}-[0-9a-f]{4}-/.test(id) ? 'one of your own' : id.replaceAll('_', ' ')
