import type { z } from 'zod'
import { failureOf } from '../../store/failure.ts'
import { StaleWrite } from '../../store/history.ts'
import { Unfit } from '../../store/records.ts'
import { TooMuch } from '../../studio/carrying/passing.ts'
import { Invalid } from '../../studio/computing/compute.ts'
import { Refused } from '../../studio/refused.ts'
import { problem } from './_answers.ts'
import { TooLarge } from './_body.ts'

/** Every error that a request can run into, as an answer with a sentence. */

interface Fault {
  readonly path: readonly PropertyKey[]
  readonly message: string
}

const invalid = (issues: readonly Fault[]): Response =>
  problem(
    422,
    'invalid',
    issues[0]?.message ?? 'This body cannot be used.',
    issues.map(({ path, message }) => ({ path: path.map(String).join('.'), message })),
  )

export const invalidBody = (issues: readonly z.core.$ZodIssue[]): Response => invalid(flat(issues))

/** Issues inside a union are told for the branch that came closest, so that the message is about what was sent. */
function flat(issues: readonly z.core.$ZodIssue[]): readonly Fault[] {
  return issues.flatMap((issue) => {
    if (issue.code !== 'invalid_union' || issue.errors.length === 0)
      return [{ path: issue.path, message: issue.message }]
    const closest = issue.errors.reduce((best, one) => (one.length < best.length ? one : best))
    return flat(closest).map(({ path, message }) => ({ path: [...issue.path, ...path], message }))
  })
}

export function refusalOf(error: unknown): Response {
  if (error instanceof TooLarge || error instanceof TooMuch)
    return problem(413, 'too-large', 'That is too large. Send less at a time.')
  if (error instanceof SyntaxError)
    return problem(422, 'invalid', 'The body is not JSON. Send one JSON object.', [
      { path: '', message: error.message },
    ])
  if (error instanceof Invalid || error instanceof Unfit) return invalid(error.issues)
  if (error instanceof StaleWrite) return problem(409, 'stale', error.message, [], { current: error.current })
  if (error instanceof Refused)
    return problem(error.code === 'not-found' ? 404 : 422, error.code, error.message)
  return failed(error)
}

const unexpected =
  'Something went wrong in the program. What was saved before is safe, and what you typed is kept. Try again; if it happens again, the reason is on the console.'

/** What is nobody's fault who sent it. The console has the reason, the answer says what is safe and what to do. */
export function failed(error: unknown): Response {
  console.error(error)
  const failure = failureOf(error)
  if (!failure) return problem(500, 'failed', unexpected)
  return problem(failure.code === 'disk-full' ? 507 : 503, failure.code, failure.message)
}
