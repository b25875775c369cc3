import { useRef, useState } from 'react'
import type { DeskState } from '../../saving/desk.ts'
import type { Request } from '../../saving/server.ts'
import type { Rack } from '../../studio/lists/rack.ts'
import type { Reply } from '../../ui/client.ts'
import { read } from '../../ui/client.ts'
import { say } from '../../ui/messages.ts'
import { useDesk } from '../../ui/useDesk.ts'
import { useOnceSent } from '../../ui/sent/useOnceSent.ts'

/** The rack, read anew after everything that is done to it. */
export interface RackDesk {
  readonly rack: Rack
  /** Shows as many again as it began with. */
  readonly more: () => void
  /** Shows this swatch too, however long ago it was laid. */
  readonly withSwatch: (id: string) => Promise<void>
  /** Carries something out, says what was done, with its undo, and shows the rack as it then is. */
  readonly after: (reply: Promise<Reply<{ readonly event: number }>>, done: string) => Promise<boolean>
  /** The same for what was tapped: while the studio does not answer it is kept, and sent later. */
  readonly tapped: (request: Request, done: string) => void
  /** Whether all that was tapped is stored. */
  readonly state: DeskState
}

export function useRack(initial: Rack, at: string | null): RackDesk {
  const { desk, state } = useDesk('tests', [])
  const [rack, setRack] = useState(initial)
  const asked = useRef<Readonly<Record<string, string>>>(at === null ? {} : { swatch: at })
  const show = async (more?: Readonly<Record<string, string>>): Promise<void> => {
    asked.current = { ...asked.current, ...more }
    const reply = await read('GET /api/rack', { query: asked.current })
    if (reply.ok) setRack(reply.value)
    else say(reply.refusal.message)
  }
  const withSwatch: RackDesk['withSwatch'] = async (id) => {
    if (!rack.swatches.some(({ swatch }) => swatch.id === id)) await show({ swatch: id })
  }
  useOnceSent(state.standing, () => void show())
  const after: RackDesk['after'] = async (sent, done) => {
    const reply = await sent
    if (!reply.ok) {
      say(reply.refusal.message)
      return false
    }
    say(done, reply.value.event, () => void show())
    await show()
    return true
  }
  const tapped: RackDesk['tapped'] = (request, done) =>
    void desk.act(request).then(async (outcome) => {
      if (outcome.is === 'refused') return say(outcome.refusal.message)
      if (outcome.is === 'kept')
        return say(`${done} Kept on this device; it is sent when the server is back.`)
      say(done, outcome.written.event, () => void show())
      await show()
    })
  const more = (): void => void show({ rows: String(rack.swatches.length + initial.swatches.length) })
  return { rack, more, withSwatch, after, tapped, state }
}
