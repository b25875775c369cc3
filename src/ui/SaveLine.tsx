import { Undo2 } from 'lucide-react'
import type { Saved } from './useSaved.ts'

const words = { saved: 'Saved', waiting: 'Saving', unreachable: 'Not saved yet', refused: 'Not saved' } as const

/** Whether what is shown is stored, the undo, and the choice where two windows changed the same thing. */
export function SaveLine<Body extends object>({
  saved,
  what,
  children,
}: {
  readonly saved: Saved<Body>
  readonly what: string
  readonly children?: React.ReactNode
}) {
  return (
    <div className="py-2">
      <div className="flex min-h-10 flex-wrap items-center gap-4">
        {children}
        <button type="button" className="inline-flex min-h-9 items-center gap-1.5 disabled:text-soft" disabled={!saved.canUndo} onClick={saved.undo}>
          <Undo2 size={15} aria-hidden="true" /> Undo
        </button>
        <span role="status" className="ml-auto text-[0.85rem] text-soft">
          {words[saved.saving]}
        </span>
      </div>
      {saved.message && (
        <p role="alert" className="mt-1 border-l-[3px] border-unsound bg-sheet px-3 py-2">
          {saved.message}
        </p>
      )}
      {saved.theirs && (
        <div role="alertdialog" aria-label="Changed in two places" className="mt-1 border-l-[3px] border-watch bg-sheet px-3 py-2">
          <p>{what} was changed in another window since you opened it here. What you typed is kept until you choose.</p>
          <p className="mt-2 flex gap-3">
            <button type="button" className="button" onClick={() => saved.resolve('mine')}>
              Keep what I typed here
            </button>
            <button type="button" className="button" onClick={() => saved.resolve('theirs')}>
              Take the other version
            </button>
          </p>
        </div>
      )}
    </div>
  )
}
