/** What is typed or stands in a name, word by word, in small letters; what is half transparent is not transparent. */
export const wordsIn = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/half transparent/g, 'half_transparent')
    .split(/[^\p{L}\p{N}_.]+/u)
    .filter(Boolean)

/** A word as it may stand there in the singular. */
export const singular = (word: string): string => (word.length > 3 ? word.replace(/s$/, '') : word)

/** How near a name is to what is typed: 0 it is that, 1 it begins so, 2 every word stands in it, 3 found by something else. */
export function nearness(name: string, typed: string): 0 | 1 | 2 | 3 {
  const [small, asked] = [name.toLowerCase(), typed.trim().toLowerCase()]
  if (small === asked) return 0
  if (small.startsWith(`${asked} `)) return 1
  return wordsIn(typed).every((word) => small.includes(word) || small.includes(singular(word))) ? 2 : 3
}
