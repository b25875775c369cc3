/** What is typed or stands in a name, word by word, in small letters; what is half transparent is not transparent. */
export const wordsIn = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/half transparent/g, 'half_transparent')
    .split(/[^\p{L}\p{N}_.]+/u)
    .filter(Boolean)

/** A word as it may stand there in the singular. */
export const singular = (word: string): string => (word.length > 3 ? word.replace(/s$/, '') : word)
