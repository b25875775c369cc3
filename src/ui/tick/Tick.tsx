interface TickProps {
  readonly label: string
  readonly on: boolean
  readonly onTick: (on: boolean) => void
  readonly className?: string
}

/** One thing that is so or not. */
export const Tick = ({ label, on, onTick, className = '' }: TickProps) => (
  <label className={`flex min-h-9 items-center gap-2 ${className}`}>
    <input
      type="checkbox"
      className="size-4"
      checked={on}
      onChange={({ target }) => onTick(target.checked)}
    />
    {label}
  </label>
)
