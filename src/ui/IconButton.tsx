import type { ReactNode } from 'react'

/** A button that is one icon: its name is spoken, and shown when pointed at. */
export function IconButton({
  label,
  ...rest
}: {
  readonly label: string
  readonly disabled?: boolean
  readonly onClick: () => void
  readonly children: ReactNode
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className="grid size-9 place-items-center rounded hover:bg-wash disabled:text-stone"
      {...rest}
    />
  )
}
