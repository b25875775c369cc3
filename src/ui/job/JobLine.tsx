import type { Following } from './useJob.ts'

/** How far a piece of work is, with a way to stop it; or why it failed. */
export function JobLine({ working, faults, forget }: Following) {
  if (working)
    return (
      <p role="status" className="my-3 flex flex-wrap items-center gap-x-4 gap-y-1">
        <label className="flex items-center gap-3">
          {working.what} …
          <progress className="h-2 w-48" {...(working.of > 0 && { value: working.done, max: working.of })} />
        </label>
        <button type="button" className="min-h-11 link" onClick={working.stop}>
          Stop
        </button>
      </p>
    )
  if (!faults) return null
  return (
    <div role="alert" className="my-3 border-l-[3px] border-unsound bg-sheet px-3 py-2">
      {faults.length === 1 ? (
        <p>{faults[0]}</p>
      ) : (
        <>
          <p>Nothing was changed. {faults.length} things are in the way:</p>
          <ul className="mt-1 list-disc pl-5">
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </>
      )}
      <button type="button" className="mt-1 min-h-6 link" onClick={forget}>
        Close
      </button>
    </div>
  )
}
