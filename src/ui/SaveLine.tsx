import { useStore } from '@nanostores/react'
import { Undo2 } from 'lucide-react'
import { useEffect } from 'react'
import { fieldWords, valueWords } from '../document/fieldWords.ts'
import type { Kind } from '../document/kinds.ts'
import type { Conflict, Desk, DeskState, Standing } from '../saving/desk.ts'
import { faultyFields } from './faults.ts'

/** The one way to say whether what is shown is stored. */
export const standingWords: Readonly<Record<Standing, string>> = {
  saved: 'Saved',
  saving: 'Saving',
  kept: 'Kept here, not saved yet',
  elsewhere: 'Changed elsewhere',
  refused: 'Not saved',
}

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
  useUndoKey(desk)
  const words =
    state.standing === 'saved' && faults > 0
      ? `${faults === 1 ? 'A field' : `${faults} fields`} to be mended, not saved`
      : standingWords[state.standing]
  return (
    <div className="py-2">
      <div className="flex min-h-10 flex-wrap items-center gap-x-4 gap-y-1">
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
      {state.conflict && <TwoVersions conflict={state.conflict} desk={desk} state={state} />}
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

function TwoVersions({
  conflict: { kind, id, clashes, theirs },
  desk,
  state,
}: {
  readonly conflict: Conflict
  readonly desk: Desk
  readonly state: DeskState
}) {
  const { stored = {}, typed = {} } = state.drafts.get(`${kind}/${id}`) ?? {}
  const called = stored['name'] ?? stored['title']
  const name = typeof called === 'string' ? called : 'This'
  return (
    <div
      role="alertdialog"
      aria-label="Changed in two places"
      className="mt-1 border-l-[3px] border-watch bg-sheet px-3 py-2"
    >
      {theirs ? (
        <>
          <p>
            {name} was changed in another window too, in the same place. Everything else is kept from both.
          </p>
          <table className="mt-1 text-[0.92rem]">
            <thead>
              <tr className="text-soft">
                <td />
                <th scope="col" className="pr-6 text-left font-normal">
                  here
                </th>
                <th scope="col" className="text-left font-normal">
                  in the other window
                </th>
              </tr>
            </thead>
            <tbody>
              {clashes.map(({ field, mine, theirs: other }) => (
                <tr key={field} className="align-top">
                  <th scope="row" className="pr-6 text-left font-normal text-soft">
                    {fieldWords(field)}
                  </th>
                  <td className="pr-6">{valueWords(mine)}</td>
                  <td>{valueWords(other)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      ) : (
        <p>
          {name} was removed in another window.
          {Object.keys(typed).length > 0 && ' What you typed is kept until you choose.'}
        </p>
      )}
      <p className="mt-2 flex flex-wrap gap-3">
        <button type="button" className="button min-h-11" onClick={() => desk.resolve('mine')}>
          {theirs ? 'Keep what I typed here' : 'Put it back'}
        </button>
        <button
          type="button"
          className="button min-h-11"
          onClick={() => {
            desk.resolve('theirs')
            const list = theirs ? undefined : lists[kind]
            if (list) window.location.assign(list)
          }}
        >
          {theirs ? 'Take the other version' : 'Let it go'}
        </button>
      </p>
    </div>
  )
}

/** Where one goes from the page of a thing that is let go. */
const lists: Readonly<Partial<Record<Kind, string>>> = { painting: '/paintings', medium: '/mediums' }
