import { fieldWords, valueWords } from '../../document/fieldWords.ts'
import type { Kind } from '../../document/kinds.ts'
import type { Desk, DeskState } from '../../saving/desk.ts'
import type { Conflict } from '../../saving/drafts.ts'

/** The choice where two windows changed the same thing. */
export function TwoVersions({
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
