import { words } from './words.ts'
import type { Word } from './words.ts'

const patternOf = (word: string): RegExp => {
  const spelled = word.split(', ').map((one) => one.replaceAll(/[^\w ]/g, '.'))
  return new RegExp(`(?<![\\w-])(?:${spelled.join('|')})s?(?![\\w-])`, 'i')
}

/** The words of the program that stand in this text, in the order a painter meets them. */
export const wordsIn = (text: string): readonly Word[] =>
  (Object.keys(words) as Word[]).filter((word) => patternOf(word).test(text))
