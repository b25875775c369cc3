import { Toast } from 'radix-ui'
import { drop } from '../messages.ts'
import type { Message } from '../messages.ts'

/** The messages that are shown, at the foot of the page. */
export const ToastList = ({ shown }: { readonly shown: readonly Message[] }) => (
  <Toast.Provider duration={9000} label="Message">
    {shown.map(({ id, text, undo }) => (
      <Toast.Root
        key={id}
        onOpenChange={(open) => !open && drop(id)}
        className="flex items-center gap-4 border border-ink bg-ink py-2 pr-2 pl-4 text-paper"
      >
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
