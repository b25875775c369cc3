import { z } from 'zod'
import type { ZodType } from 'zod'

/** The HTTP interface described from the declarations of its routes. */

export interface DeclaredRoute {
  readonly method: string
  readonly path: string
  readonly declared: {
    readonly summary: string
    readonly body?: ZodType
    readonly answer: ZodType | string
    readonly errors?: readonly number[]
  }
}

const shape = (schema: ZodType, io: 'input' | 'output') =>
  z.toJSONSchema(schema, { io, unrepresentable: 'any' })

const refusal = {
  description: 'Refused: error.message says what to change, error.issues where.',
  content: {
    'application/json': {
      schema: shape(
        z.object({
          error: z.looseObject({
            code: z.string(),
            message: z.string(),
            issues: z.array(z.object({ path: z.string(), message: z.string() })),
          }),
        }),
        'output',
      ),
    },
  },
}

/** What every route may answer when the studio itself cannot. */
const failures = [500, 503, 507]

function operationOf({ path, declared: { summary, body, answer, errors = [] } }: DeclaredRoute) {
  const refusals = [...new Set([...errors, ...(body ? [413, 422] : []), ...failures])].sort()
  const done =
    typeof answer === 'string'
      ? { [answer]: {} }
      : { 'application/json': { schema: shape(answer, 'output') } }
  return {
    summary,
    parameters: [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
      name,
      in: 'path',
      required: true,
      schema: { type: 'string' },
    })),
    ...(body && {
      requestBody: { required: true, content: { 'application/json': { schema: shape(body, 'input') } } },
    }),
    responses: {
      200: { description: 'Done.', content: done },
      ...Object.fromEntries(refusals.map((status) => [status, refusal])),
    },
  }
}

export function openApiOf(routes: readonly DeclaredRoute[]) {
  const paths: Record<string, Record<string, unknown>> = {}
  for (const route of [...routes].sort((a, b) => a.path.localeCompare(b.path)))
    paths[route.path] = { ...paths[route.path], [route.method.toLowerCase()]: operationOf(route) }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Grelta',
      version: '0.1.0',
      description:
        'Mediums, layers, drying and dates for studio oil painters. Every value is typical or an estimate.',
    },
    paths,
  }
}
