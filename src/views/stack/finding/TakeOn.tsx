import { useState } from 'react'
import { Labelled } from '../../../ui/fields.tsx'
import { Popup } from '../../../ui/Popup.tsx'

/** Takes a finding on knowingly: a reason, and one tap. */
export function TakeOn({
  title,
  onTakeOn,
}: {
  readonly title: string
  readonly onTakeOn: (reason: string) => void
}) {
  const [reason, setReason] = useState('')
  return (
    <Popup
      button="Take it on"
      buttonLabel={`Take it on knowingly: ${title}`}
      buttonClassName="min-h-6 link"
      label="Take it on knowingly"
      className="w-[24rem]"
    >
      {(close) => (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            close()
            onTakeOn(reason.trim())
          }}
        >
          <h3 className="text-lg">Take it on knowingly</h3>
          <p className="mt-1 text-[0.9rem] text-soft">
            It goes on record and is no longer held against the picture, until what it rests on changes.
          </p>
          <Labelled label="Because" className="mt-2">
            {(id) => (
              <textarea
                id={id}
                rows={3}
                maxLength={400}
                className="field w-full"
                value={reason}
                onChange={({ target }) => setReason(target.value)}
              />
            )}
          </Labelled>
          <button type="submit" className="button button-ink mt-3 min-h-11">
            Take it on
          </button>
        </form>
      )}
    </Popup>
  )
}
