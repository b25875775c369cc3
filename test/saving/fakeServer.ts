import type { Draft } from '../../src/saving/draft.ts'
import { deskOf } from '../../src/saving/desk.ts'
import type { Desk, DeskOptions } from '../../src/saving/desk.ts'
import type { Keep, Kept } from '../../src/saving/kept.ts'
import type { Reply, Request, Server } from '../../src/saving/server.ts'

interface Stored {
  revision: number
  body: Record<string, unknown>
}

/** A studio in memory that answers as the real one does: revisions, one time a key, undo; and that can go away. */
export class FakeStudio {
  readonly things = new Map<string, Stored>()
  readonly heard: Request[] = []
  private readonly events: { id: string; before: Record<string, unknown> | null }[] = []
  private readonly answered = new Map<string, Reply<unknown>>()
  /** away: hears nothing. deaf: does it, and the answer is lost. full: cannot write. */
  mood: 'well' | 'away' | 'deaf' | 'full' = 'well'
  /** Requests to refuse as typed, by a word in their body. */
  refuses: string | null = null

  readonly server: Server = async (request) => {
    await new Promise((resolve) => setTimeout(resolve, 1))
    if (this.mood === 'away') return this.silence()
    this.heard.push(request)
    if (this.mood === 'full') return this.refusal(507, 'disk-full', 'The disk is full.')
    const reply = this.answered.get(request.once ?? '') ?? this.carryOut(request)
    if (request.once && reply.ok) this.answered.set(request.once, reply)
    return this.mood === 'deaf' ? this.silence() : reply
  }

  put(id: string, body: Record<string, unknown>): void {
    this.things.set(id, { revision: (this.things.get(id)?.revision ?? 0) + 1, body })
  }

  remove(id: string): void {
    this.events.push({ id, before: this.things.get(id)!.body })
    this.things.delete(id)
  }

  body(id: string): Record<string, unknown> {
    return this.things.get(id)!.body
  }

  private silence(): Reply<unknown> {
    return this.refusal(0, 'unreachable', 'The studio’s server does not answer.')
  }

  private refusal(status: number, code: string, message: string, current?: unknown): Reply<unknown> {
    return { ok: false, refusal: { status, code, message, ...(current !== undefined && { current }) } }
  }

  private carryOut({ method, path, body }: Request): Reply<unknown> {
    if (this.refuses && JSON.stringify(body).includes(this.refuses))
      return this.refusal(422, 'invalid', `"${this.refuses}" cannot be stored.`)
    if (path === '/api/undo') return this.undo(body as { event?: number; removed?: { id: string } })
    if (path.endsWith('/pour')) return this.pour(body as { grams: number })
    if (method === 'DELETE') return this.taken(path.split('/').at(-1)!)
    const { medium, seen } = body as { medium: { id: string }; seen: number | null }
    const now = this.things.get(medium.id)
    if ((now?.revision ?? null) !== seen)
      return this.refusal(
        409,
        'stale',
        'Changed elsewhere.',
        now ? { ...now.body, revision: now.revision } : null,
      )
    return this.write(medium.id, { ...medium })
  }

  private pour({ grams }: { grams: number }): Reply<unknown> {
    const poured = (this.things.get('jar')?.body['grams'] as number | undefined) ?? 0
    return this.write('jar', { id: 'jar', grams: poured + grams })
  }

  private taken(id: string): Reply<unknown> {
    const { revision } = this.things.get(id)!
    this.remove(id)
    const things = [{ kind: 'medium', id, revision, body: null }]
    return { ok: true, value: { event: this.events.length, what: 'Removed', made: [], things } }
  }

  private undo({ event, removed }: { event?: number; removed?: { id: string } }): Reply<unknown> {
    const done = removed ? this.events.findLast((one) => one.id === removed.id) : this.events[event! - 1]
    const { id, before } = done!
    return this.write(id, before!)
  }

  private write(id: string, body: Record<string, unknown>): Reply<unknown> {
    this.events.push({ id, before: this.things.get(id)?.body ?? null })
    this.put(id, body)
    const { revision } = this.things.get(id)!
    const things = [{ kind: 'medium', id, revision, body }]
    return { ok: true, value: { event: this.events.length, what: 'Changed', made: [], things } }
  }
}

/** A place in memory, as a browser keeps it over a reload. */
export class FakeKeep implements Keep {
  text: string | null = null
  read = (): Kept | null => JSON.parse(this.text ?? 'null') as Kept | null
  write = (kept: Kept | null): void => {
    this.text = kept && JSON.stringify(kept)
  }
}

/** A page with one medium open on it. */
export function pageOn(
  studio: FakeStudio,
  keep: Keep = new FakeKeep(),
  events: readonly number[] = [],
  belongs: DeskOptions['belongs'] = () => false,
): Desk {
  const { revision, body } = studio.things.get('oil')!
  const thing = { kind: 'medium' as const, id: 'oil', body: { ...body, revision } }
  return deskOf([thing], { server: studio.server, keep, events, belongs, settleMs: 5, retryMs: 10 })
}

export const typedOn = (desk: Desk): Draft['typed'] => desk.state.get().drafts.get('medium/oil')!.typed

export const shown = (desk: Desk): Record<string, unknown> => {
  const { stored, typed } = desk.state.get().drafts.get('medium/oil')!
  return { ...stored, ...typed }
}

/** Waits until the desk stands so. */
export async function standing(desk: Desk, wanted: string): Promise<void> {
  for (let tries = 0; tries < 400; tries++) {
    if (desk.state.get().standing === wanted) return
    await new Promise((resolve) => setTimeout(resolve, 2))
  }
  throw new Error(`It stands ${desk.state.get().standing}, not ${wanted}: ${desk.state.get().message ?? ''}`)
}
