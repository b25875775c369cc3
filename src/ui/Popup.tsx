import { useRef, useState } from 'react'
import type { ReactNode } from 'react'
import { later, useLater } from './useLater.ts'

interface PopupProps {
  /** What the button shows. */
  readonly button: ReactNode
  readonly buttonLabel?: string | undefined
  readonly buttonClassName: string
  /** What the box is called. */
  readonly label: string
  readonly align?: 'start' | 'center'
  readonly className: string
  /** A function is given what closes the box. */
  readonly children: ReactNode | ((close: () => void) => ReactNode)
}

const box = later(() => import('./later/PopupBox.tsx').then(({ PopupBox }) => PopupBox))

/** A button that opens a box beside it; the box is loaded once the page answers. */
export function Popup(props: PopupProps) {
  const { button, buttonLabel, buttonClassName, label, align = 'center', className, children } = props
  const [open, setOpen] = useState(false)
  const anchor = useRef<HTMLButtonElement>(null)
  const Box = useLater(box)
  return (
    <>
      <button
        ref={anchor}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={buttonLabel}
        className={buttonClassName}
        onClick={() => setOpen(!open)}
      >
        {button}
      </button>
      {open && Box && (
        <Box anchor={anchor} label={label} align={align} className={className} onClose={() => setOpen(false)}>
          {typeof children === 'function' ? children(() => setOpen(false)) : children}
        </Box>
      )}
    </>
  )
}
