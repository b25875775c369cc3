import { useStore } from '@nanostores/react'
import { atom } from 'nanostores'
import { Toast } from 'radix-ui'
import { send } from './client.ts'

/** Short messages at the foot of the page, each with its undo where there is one. */

interface Message {
  readonly id: number
  readonly text: string
  readonly undo?: () => void
}

const messages = atom<readonly Message[]>([])
let last = 0

/** Says something; with an event, offers to take it back. */
export function say(text: string, event?: number, afterUndo: () => void = () => window.location.reload()): void {
  const id = ++last
  const undo =
    event === undefined
      ? undefined
      : () =>
          void send('POST', '/api/undo', { event }).then((reply) => {
            drop(id)
            if (reply.ok) afterUndo()
            else say(reply.refusal.message)
          })
  messages.set([...messages.get().slice(-2), { id, text, ...(undo && { undo }) }])
}

const drop = (id: number): void => messages.set(messages.get().filter((message) => message.id !== id))

export function Toasts() {
  const shown = useStore(messages)
  return (
    <Toast.Provider duration={9000} label="Message">
      {shown.map(({ id, text, undo }) => (
        <Toast.Root key={id} onOpenChange={(open) => !open && drop(id)} className="flex items-center gap-4 border border-ink bg-ink py-2 pr-2 pl-4 text-paper">
          <Toast.Title className="grow">{text}</Toast.Title>
          {undo && (
            <Toast.Action altText="Undo" asChild>
              <button type="button" onClick={undo} className="min-h-11 border border-paper px-4 font-medium">
                Undo
              </button>
            </Toast.Action>
          )}
          <Toast.Close className="min-h-11 px-3" aria-label="Close this message">
            ✕
          </Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed right-6 bottom-6 z-50 flex w-[26rem] max-w-[calc(100vw-3rem)] flex-col gap-2" />
    </Toast.Provider>
  )
}
