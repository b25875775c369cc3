import X from 'lucide-react/dist/esm/icons/x.mjs'
import { useState } from 'react'
import { IconButton } from '../../ui/IconButton.tsx'
import type { KeepingProps } from './EveningView.tsx'

const usual = ['Fire extinguisher in its place', 'Lid on the rag can', 'First-aid box full']
const mostChecks = 12

/** What the painter looks to besides, if wanted. */
export function OwnChecks({ settings: { ownChecks }, onChange }: KeepingProps) {
  const [typed, setTyped] = useState('')
  const add = (check: string): void => {
    const text = check.trim().slice(0, 120)
    if (text && !ownChecks.includes(text)) onChange({ ownChecks: [...ownChecks, text] })
    setTyped('')
  }
  const offered = usual.filter((check) => !ownChecks.includes(check))
  return (
    <section aria-label="Checks of your own">
      <h2 className="border-b border-ink pb-1 text-xl">Checks of your own</h2>
      <ul>
        {ownChecks.map((check) => (
          <li key={check} className="flex items-center justify-between gap-3 border-b border-rule py-1">
            {check}
            <IconButton
              label={`Take out ${check}`}
              onClick={() => onChange({ ownChecks: ownChecks.filter((one) => one !== check) })}
            >
              <X size={15} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
      {ownChecks.length < mostChecks && (
        <>
          <form
            className="mt-2 flex gap-3"
            onSubmit={(event) => {
              event.preventDefault()
              add(typed)
            }}
          >
            <input
              aria-label="A check of your own"
              className="field grow"
              maxLength={120}
              value={typed}
              onChange={({ target }) => setTyped(target.value)}
            />
            <button type="submit" className="button min-h-11">
              Add
            </button>
          </form>
          <p className="mt-1 flex flex-wrap gap-x-4">
            {offered.map((check) => (
              <button key={check} type="button" className="min-h-11 link" onClick={() => add(check)}>
                {check}
              </button>
            ))}
          </p>
        </>
      )}
    </section>
  )
}
