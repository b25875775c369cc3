import type { APIContext, APIRoute } from 'astro'
import type { ZodType } from 'zod'
import type { Database } from '../../store/database.ts'
import type { Write } from '../../studio/commit.ts'
import { afterWrite, nowMinute, studio } from '../../studio/studio.ts'
import { json } from './_answers.ts'
import { readJson } from './_body.ts'
import { invalidBody, refusalOf } from './_refusals.ts'

/** What a handler is given: the body by its schema, what the path names, and the request itself. */
export interface Asked<Body> {
  readonly body: Body
  readonly params: Readonly<Record<string, string>>
  readonly url: URL
  readonly request: Request
}

/** A route, declared beside its handler; its path is where its file stands. */
interface Declared<Body> {
  readonly summary: string
  /** What is sent; absent: nothing, or not JSON. */
  readonly body?: ZodType<Body>
  /** What is answered: JSON of this shape, or a file of this type. */
  readonly answer: ZodType | string
  /** Refusals beside those that every route with a body can give. */
  readonly errors?: readonly (404 | 409 | 413 | 422)[]
}

/** An endpoint that carries its own declaration. */
export type Route<Sent, Answer> = APIRoute & {
  readonly declared: Declared<Sent>
  /** Of the types only: what a client sends and gets. */
  readonly sent?: Sent
  readonly answered?: Answer
}

/** Answers a request by its declaration; every refusal becomes words, none becomes an empty page. */
export function route<Body = undefined, Answer = unknown>(
  declared: Declared<Body>,
  handle: (asked: Asked<Body>) => Promise<Answer>,
): Route<Body, Answer> {
  const endpoint: APIRoute = async (context) => {
    try {
      const body = await bodyOf(declared, context.request)
      if ('refusal' in body) return body.refusal
      const answer = await handle({ ...asked(context), body: body.value })
      return answer instanceof Response ? answer : json(answer)
    } catch (error) {
      return refusalOf(error)
    }
  }
  return Object.assign(endpoint, { declared })
}

const asked = ({ params, url, request }: APIContext) => ({
  params: Object.fromEntries(Object.entries(params).map(([name, value]) => [name, value ?? ''])),
  url,
  request,
})

async function bodyOf<Body>(
  { body: schema }: Declared<Body>,
  request: Request,
): Promise<{ readonly value: Body } | { readonly refusal: Response }> {
  if (!schema) return { value: undefined as Body }
  const parsed = schema.safeParse(await readJson(request))
  return parsed.success ? { value: parsed.data } : { refusal: invalidBody(parsed.error.issues) }
}

/** A route that writes: it is given the write to carry out, and afterwards what rests on it is judged again. */
export const writing = <Body, Answer>(
  declared: Declared<Body>,
  handle: (write: Write, asked: Asked<Body>) => Promise<Answer>,
): Route<Body, Answer> =>
  route(declared, async (asked) => {
    const write = { db: await studio(), at: nowMinute(), once: onceOf(asked.request) }
    const answer = await handle(write, asked)
    await afterWrite()
    return answer
  })

/** A route that only reads the studio. */
export const reading = <Body, Answer>(
  declared: Declared<Body>,
  handle: (db: Database, asked: Asked<Body>) => Promise<Answer>,
): Route<Body, Answer> => route(declared, async (asked) => handle(await studio(), asked))

/** The key under which this is to be done once; a key of another form is none. */
function onceOf(request: Request): string | null {
  const key = request.headers.get('idempotency-key')
  return key !== null && /^[\w-]{8,64}$/.test(key) ? key : null
}
