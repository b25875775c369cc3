import { atom } from 'nanostores'
import { send } from './client.ts'

/** Short messages, each with its undo where there is one. */

export interface Message {
  readonly id: number
  readonly text: string
  readonly undo?: () => void
}

export const messages = atom<readonly Message[]>([])
let last = 0

/** Says something; with an event, offers to take it back. */
export function say(
  text: string,
  event?: number,
  afterUndo: () => void = () => window.location.reload(),
): void {
  const id = ++last
  const undo = (): void =>
    void send('POST /api/undo', { event: event! }).then((reply) => {
      drop(id)
      if (reply.ok) afterUndo()
      else say(reply.refusal.message)
    })
  messages.set([...messages.get().slice(-2), { id, text, ...(event !== undefined && { undo }) }])
}

export const drop = (id: number): void => messages.set(messages.get().filter((message) => message.id !== id))
