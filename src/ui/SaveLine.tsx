import { useStore } from '@nanostores/react'
import Undo2 from 'lucide-react/dist/esm/icons/undo-2.mjs'
import { useEffect } from 'react'
import type { Desk, DeskState, Standing } from '../saving/desk.ts'
import { faultyFields } from './faults.ts'
import { later, useLater } from './useLater.ts'

/** The one way to say whether what is shown is stored. */
export const standingWords: Readonly<Record<Standing, string>> = {
  saved: 'Saved',
  saving: 'Saving',
  kept: 'Kept here, not saved yet',
  elsewhere: 'Changed elsewhere',
  refused: 'Not saved',
}

const twoVersions = later(() => import('./conflict/TwoVersions.tsx').then(({ TwoVersions }) => TwoVersions))

interface SaveProps {
  readonly desk: Desk
  readonly state: DeskState
  readonly children?: React.ReactNode
  /** Said beside it when all is saved. */
  readonly aside?: string
}

/** Whether what is shown is stored, the undo, and the choice where two windows changed the same thing. */
export function SaveLine({ desk, state, children, aside }: SaveProps) {
  const faults = useStore(faultyFields)
  const TwoVersions = useLater(twoVersions)
  useUndoKey(desk)
  const words =
    state.standing === 'saved' && faults > 0
      ? `${faults === 1 ? 'A field' : `${faults} fields`} to be mended, not saved`
      : standingWords[state.standing]
  return (
    <div className="py-2">
      <div className="not-printed flex min-h-10 flex-wrap items-center gap-x-4 gap-y-1">
        {children}
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1.5 disabled:text-soft"
          disabled={!state.canUndo}
          onClick={() => void desk.undo()}
        >
          <Undo2 size={15} aria-hidden="true" /> Undo
        </button>
        <span role="status" className="ml-auto text-[0.85rem] text-soft">
          {words}
          {state.standing === 'saved' && aside ? ` · ${aside}` : ''}
        </span>
      </div>
      {state.message && (
        <p role="alert" className="mt-1 border-l-[3px] border-unsound bg-sheet px-3 py-2">
          {state.message}
          {state.standing === 'kept' && state.waiting > 1 && ` ${state.waiting} things wait to be saved.`}
        </p>
      )}
      {state.conflict && TwoVersions && <TwoVersions conflict={state.conflict} desk={desk} state={state} />}
    </div>
  )
}

const typedInto = /^(INPUT|SELECT|TEXTAREA)$/

/** Ctrl Z takes the last thing back, where no field is being typed into. */
function useUndoKey(desk: Desk): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = event.target instanceof HTMLElement && typedInto.test(event.target.tagName)
      if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !typing) void desk.undo()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [desk])
}
