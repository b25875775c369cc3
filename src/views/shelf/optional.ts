import { parseQuantity } from '../../core/measure/quantity.ts'
import type { Reading } from '../../ui/fields.tsx'

/** Reads a figure that may be left to the book; `needed` where the book has none. */
export const optional =
  (low: number, high: number, needed: boolean, unit = '', without = 'leave it to the book') =>
  (text: string): Reading<number | null> => {
    if (!text.trim())
      return needed ? { problem: 'The book does not know this one: give a figure.' } : { value: null }
    const number = parseQuantity(text, unit)
    return number !== null && number >= low && number <= high
      ? { value: number }
      : { problem: `Write a number from ${low} to ${high}${unit && `\u00a0${unit}`}, or ${without}.` }
  }
