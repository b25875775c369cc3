import { useState } from 'react'
import type { Rack } from '../../studio/rack.ts'
import type { Reply } from '../../ui/client.ts'
import { read } from '../../ui/client.ts'
import { say } from '../../ui/messages.ts'

/** The rack, read anew after everything that is done to it. */
export interface RackDesk {
  readonly rack: Rack
  /** Carries something out, says what was done, with its undo, and shows the rack as it then is. */
  readonly after: (reply: Promise<Reply<{ readonly event: number }>>, done: string) => Promise<boolean>
}

export function useRack(initial: Rack): RackDesk {
  const [rack, setRack] = useState(initial)
  const show = async (): Promise<void> => {
    const reply = await read('GET /api/rack')
    if (reply.ok) setRack(reply.value)
    else say(reply.refusal.message)
  }
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
  return { rack, after }
}
