import { z } from 'zod'

/** What is said of a value that no schema has words of its own for. Loaded for its effect, with the first schemas. */

type Fault = z.core.$ZodRawIssue

const kinds: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  tuple: 'a list',
  object: 'an object with named parts',
  record: 'an object with named parts',
  null: 'null',
}

/** How many, or how long: "3", "3 letters", "a list of 3". */
function sizeText(origin: string, size: number | bigint): string {
  if (origin === 'string') return `${size} ${Number(size) === 1 ? 'letter' : 'letters'}`
  return origin === 'array' ? `a list of ${size}` : String(size)
}

/** A sentence that says what to change. */
function sentenceOf(fault: Fault): string {
  if (fault.input === undefined) return 'This is missing.'
  switch (fault.code) {
    case 'invalid_type':
      return `This should be ${kinds[fault.expected] ?? fault.expected}.`
    case 'invalid_value':
      return `This should be ${fault.values.length > 1 ? 'one of: ' : ''}${fault.values.join(', ')}.`
    case 'too_small':
      return `This should be ${sizeText(fault.origin, fault.minimum)} or more.`
    case 'too_big':
      return `This should be ${sizeText(fault.origin, fault.maximum)} at most.`
    case 'unrecognized_keys':
      return `Nothing here goes by the name ${fault.keys.join(', ')}.`
    default:
      return 'This is not written in any form it may have.'
  }
}

z.config({ customError: sentenceOf })
