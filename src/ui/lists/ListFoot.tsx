import type { Pages } from './usePages.ts'

/** How much of a list is shown, and the rest of it. */
export function ListFoot<Entry>({
  pages,
  what,
}: {
  readonly pages: Omit<Pages<Entry>, 'again'>
  readonly what: string
}) {
  const { count, entries, more, problem } = pages
  return (
    <>
      {problem && (
        <p role="alert" className="mt-2 text-unsound">
          {problem}
        </p>
      )}
      {entries.length < count && (
        <p className="mt-3 flex items-center gap-4">
          <span role="status" className="text-soft">
            {entries.length} of {count} {what}
          </span>
          <button type="button" className="button min-h-11" onClick={more}>
            Show more
          </button>
        </p>
      )}
    </>
  )
}

interface FindProps {
  readonly label: string
  readonly value: string
  readonly onValue: (text: string) => void
}

/** The field by which a long list is found in. */
export const FindField = ({ label, value, onValue }: FindProps) => (
  <input
    type="search"
    aria-label={label}
    placeholder={label}
    className="field min-h-11 w-64 shrink-0 placeholder:text-soft"
    value={value}
    onChange={({ target }) => onValue(target.value)}
  />
)
