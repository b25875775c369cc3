import type { Reader } from './reader.ts'
import { usField } from './usUnits.ts'
import { wordsRead } from './words.ts'
import { inWriting, withComma } from './writing.ts'
import type { Writing } from './writing.ts'

/** One comma before three digits sets thousands apart, but not for one whose decimal sign it is. */
const commaOfThree = /^(\s*\d+),(\d{3}(?![\d.,]))/

export const readerOf = (writing: Writing): Reader => ({
  text: (text) => inWriting(text, writing),
  words: (type, props) => wordsRead(type, props, (text) => inWriting(text, writing)),
  figure: (text) => (writing.decimal === 'comma' ? withComma(text) : text),
  typed: (text) => (writing.decimal === 'comma' ? text.replace(commaOfThree, '$1.$2') : text),
  field: (unit, high) => (writing.units === 'us' ? usField(unit, high) : null),
})
