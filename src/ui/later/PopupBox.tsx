import { Popover } from 'radix-ui'
import type { ReactNode, RefObject } from 'react'

interface BoxProps {
  readonly anchor: RefObject<HTMLButtonElement | null>
  readonly label: string
  readonly align: 'start' | 'center'
  readonly className: string
  readonly children: ReactNode
  readonly onClose: () => void
}

/** The open box of a Popup, at its button. */
export const PopupBox = ({ anchor, label, align, className, children, onClose }: BoxProps) => (
  <Popover.Root open onOpenChange={(open) => !open && onClose()}>
    <Popover.Anchor virtualRef={anchor} />
    <Popover.Portal>
      <Popover.Content
        align={align}
        sideOffset={6}
        collisionPadding={16}
        aria-label={label}
        className={`z-40 max-w-[calc(100vw-2rem)] border border-ink bg-sheet p-4 text-ink shadow-[4px_4px_0_var(--wash)] ${className}`}
        onInteractOutside={(event) => {
          if (anchor.current?.contains(event.target as Node)) event.preventDefault()
        }}
        onCloseAutoFocus={(event) => {
          event.preventDefault()
          anchor.current?.focus()
        }}
      >
        {children}
        <Popover.Arrow className="fill-ink" />
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
)
