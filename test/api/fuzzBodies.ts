import fc from 'fast-check'

/** Requests to every route there is, made from the routes' own description: nearly right, or nothing of the kind. */

interface Schema {
  readonly type?: string
  readonly properties?: Readonly<Record<string, Schema>>
  readonly items?: Schema
  readonly enum?: readonly unknown[]
  readonly const?: unknown
  readonly anyOf?: readonly Schema[]
  readonly oneOf?: readonly Schema[]
  readonly minimum?: number
  readonly maximum?: number
  readonly minItems?: number
  readonly maxItems?: number
  readonly $ref?: string
}

interface Described {
  readonly paths: Readonly<
    Record<
      string,
      Readonly<
        Record<
          string,
          {
            readonly requestBody?: {
              readonly content: { readonly 'application/json': { readonly schema: Schema } }
            }
          }
        >
      >
    >
  >
}

export interface FuzzRoute {
  readonly method: string
  /** With `{id}` where an id goes. */
  readonly path: string
  readonly schema: Schema | null
}

export const routesIn = (described: unknown): readonly FuzzRoute[] =>
  Object.entries((described as Described).paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, { requestBody }]) => ({
      method: method.toUpperCase(),
      path,
      schema: requestBody?.content['application/json'].schema ?? null,
    })),
  )

/** Ids that are there, ids that are not, and what no id should be. */
const ids = [
  ...['glasshouse', 'sheds', 'glasshouse-1', 'glasshouse-4', 'harbour-glaze', 'glaze-1', 'walnut', 'damar'],
  ...['market-gel', 'nothing', '__proto__', 'constructor', '..%2F..', '0'],
]

const nasty: readonly unknown[] = [
  ...[null, '', ' ', 0, -1, 1e308, 1e-308, NaN, true, [], {}, '\u0000', '=1+1', '<script>', 'é'.repeat(200)],
  ...[
    '2026-11-24',
    '2026-11-24T09:00',
    '0000-01-01',
    '9999-12-31',
    '2026-02-30',
    'glasshouse',
    'pw1',
    'ml',
    'drop',
  ],
]

const junk: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom(...nasty),
  fc.jsonValue({ maxDepth: 3 }),
  fc.dictionary(
    fc.constantFrom('lines', 'layers', 'id', 'seen', '__proto__', 'constructor'),
    fc.jsonValue(),
    {
      maxKeys: 4,
    },
  ),
)

/** Mostly what the schema asks for, now and then something else in its place. */
function nearly(schema: Schema, depth: number): fc.Arbitrary<unknown> {
  const right = fitting(schema, depth)
  return fc.oneof({ weight: 14, arbitrary: right }, { weight: 1, arbitrary: junk })
}

function fitting(schema: Schema, depth: number): fc.Arbitrary<unknown> {
  if (depth > 6 || schema.$ref) return junk
  if (schema.const !== undefined) return fc.constant(schema.const)
  if (schema.enum) return fc.constantFrom(...schema.enum)
  const either = schema.anyOf ?? schema.oneOf
  if (either) return fc.oneof(...either.map((one) => nearly(one, depth + 1)))
  switch (schema.type) {
    case 'object':
      return fc.record(
        Object.fromEntries(
          Object.entries(schema.properties ?? {}).map(([name, one]) => [name, nearly(one, depth + 1)]),
        ),
        { requiredKeys: [] },
      )
    case 'array':
      return fc.array(nearly(schema.items ?? {}, depth + 1), {
        minLength: Math.min(schema.minItems ?? 0, 8),
        maxLength: Math.min(schema.maxItems ?? 4, 8),
      })
    case 'integer':
      return fc.oneof(fc.integer({ min: low(schema), max: high(schema) }), fc.constantFrom(1, 2, 3))
    case 'number':
      return fc.double({ min: low(schema), max: high(schema), noNaN: true })
    case 'boolean':
      return fc.boolean()
    case 'string':
      return fc.oneof(fc.constantFrom(...ids, '2026-11-24', '2026-11-24T09:00'), fc.string({ maxLength: 20 }))
    default:
      return junk
  }
}

const low = ({ minimum }: Schema): number => Math.max(minimum ?? -10, -1e6)
const high = ({ maximum }: Schema): number => Math.min(maximum ?? 1e6, 1e6)

/** What addresses ask by, of all routes together. */
const askedBy = [
  ...['find', 'from', 'most', 'rows', 'state', 'order', 'by', 'for', 'group', 'wish', 'near', 'at', 'a', 'b'],
  ...['before', 'decimal', 'event', 'first', 'grams', 'id', 'kind', 'layer', 'lever', 'name', 'needs', 'on'],
  ...['painting', 'place', 'size', 'swatch', 'to', 'varnishing'],
]

const asked: fc.Arbitrary<string> = fc.oneof(
  fc.constantFrom(...ids, '2026-11-24', '9999-99-99', '-1', '0.5', '1e400', '30', '%', "'", '[{"'),
  fc.string({ maxLength: 20 }),
)

const query: fc.Arbitrary<string> = fc
  .dictionary(fc.constantFrom(...askedBy), asked, { maxKeys: 4, noNullPrototype: true })
  .map((pairs) => (Object.keys(pairs).length > 0 ? `?${new URLSearchParams(pairs).toString()}` : ''))

export interface FuzzRequest {
  readonly method: string
  /** With what is asked for behind it. */
  readonly path: string
  readonly body: unknown
}

/** Requests over all routes. Streams and shutdowns there are none of; the scale's stream is left out. */
export const requestsOver = (routes: readonly FuzzRoute[]): fc.Arbitrary<FuzzRequest> =>
  fc
    .constantFrom(...routes.filter(({ method, path }) => !(method === 'GET' && path === '/api/scale')))
    .chain(({ method, path, schema }) =>
      fc.record({
        method: fc.constant(method),
        path: fc
          .tuple(fc.constantFrom(...ids), query)
          .map(([id, search]) => path.replace(/\{\w+\}/, encodeURIComponent(id)) + search),
        body: schema
          ? fc.oneof({ weight: 8, arbitrary: nearly(schema, 0) }, { weight: 1, arbitrary: junk })
          : fc.constant(undefined),
      }),
    )

/** Sends one; answers its status and how long it took, ms. */
export async function fuzzed(url: string, { method, path, body }: FuzzRequest) {
  const began = performance.now()
  const text = JSON.stringify(body)
  const response = await fetch(url + path, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(method !== 'GET' && { body: text ?? 'null' }),
  })
  const answer = await response.text()
  return { status: response.status, ms: performance.now() - began, answer }
}
