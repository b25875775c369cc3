import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { useState } from 'react'
import type { Settings } from '../../../document/studio.ts'
import { NumberRow } from '../../../ui/fields.tsx'
import { IconButton } from '../../../ui/IconButton.tsx'

interface Props {
  readonly settings: Settings
  readonly edit: (change: Partial<Settings>) => void
}

const keyBytes = 20

/** A key nobody can guess, 40 letters and digits. */
function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(keyBytes))
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** The hours of a day, times away, and the calendar a phone may subscribe to. */
export function CalendarAndHours({ settings, edit }: Props) {
  return (
    <section aria-label="Calendar and hours" className="grid content-start gap-4">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Calendar and hours</h2>
      <div className="grid gap-4 sm:grid-cols-2">
        <NumberRow
          label="Hours at the easel on a working day"
          hint="All paintings share them."
          value={settings.hoursADay}
          low={0.5}
          high={24}
          onValue={(hoursADay) => edit({ hoursADay })}
        />
        <NumberRow
          label="Hours a layer usually takes"
          value={settings.hoursALayer}
          low={0.1}
          high={24}
          onValue={(hoursALayer) => edit({ hoursALayer })}
        />
      </div>
      <Away settings={settings} edit={edit} />
      <Feed settings={settings} edit={edit} />
    </section>
  )
}

const today = (): string => new Date().toLocaleDateString('sv')

function Away({ settings: { away }, edit }: Props) {
  const change = (at: number, changed: Partial<Settings['away'][number]>): void =>
    edit({ away: away.map((one, index) => (index === at ? ordered({ ...one, ...changed }) : one)) })
  return (
    <fieldset>
      <legend className="text-[0.8rem] text-soft">Away, the last day included</legend>
      {away.map(({ from, until }, at) => (
        <div key={at} className="flex flex-wrap items-center gap-3 py-1">
          <input
            type="date"
            aria-label={`Away ${at + 1}, first day`}
            className="field w-40"
            value={from}
            onChange={({ target }) => target.value && change(at, { from: target.value })}
          />
          to
          <input
            type="date"
            aria-label={`Away ${at + 1}, last day`}
            className="field w-40"
            value={until}
            onChange={({ target }) => target.value && change(at, { until: target.value })}
          />
          <IconButton
            label={`Take out the time away from ${from}`}
            onClick={() => edit({ away: away.filter((_, index) => index !== at) })}
          >
            <X size={15} aria-hidden="true" />
          </IconButton>
        </div>
      ))}
      <button
        type="button"
        className="inline-flex min-h-9 items-center gap-1 text-[0.9rem] link"
        onClick={() => edit({ away: [...away, { from: today(), until: today() }] })}
      >
        <Plus size={14} aria-hidden="true" /> a time away
      </button>
    </fieldset>
  )
}

/** The last day is never before the first. */
const ordered = ({ from, until }: Settings['away'][number]) => ({ from, until: until < from ? from : until })

function Feed({ settings: { calendarKey }, edit }: Props) {
  const [copied, setCopied] = useState(false)
  const address =
    calendarKey && typeof window !== 'undefined'
      ? `${window.location.origin}/api/calendar/${calendarKey}.ics`
      : null
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.8rem] text-soft">The calendar on your phone</legend>
      {calendarKey ? (
        <>
          <output
            aria-label="Address of the calendar"
            className="block text-[0.9rem] [overflow-wrap:anywhere]"
          >
            {address ?? '…'}
          </output>
          <span className="flex flex-wrap gap-x-6">
            <button
              type="button"
              className="min-h-11 link"
              onClick={() =>
                address && void navigator.clipboard.writeText(address).then(() => setCopied(true))
              }
            >
              {copied ? 'copied' : 'copy the address'}
            </button>
            <button type="button" className="min-h-11 link" onClick={() => edit({ calendarKey: newKey() })}>
              a new address, the old one ends
            </button>
            <button type="button" className="min-h-11 link" onClick={() => edit({ calendarKey: null })}>
              give none out
            </button>
          </span>
        </>
      ) : (
        <button type="button" className="button min-h-11" onClick={() => edit({ calendarKey: newKey() })}>
          Give out an address to subscribe to
        </button>
      )}
      <p className="text-[0.82rem] text-soft">
        Layers to paint, touches, promised dates, tests, batches and reminders. Whoever has the address can
        read it; a phone reaches it on the studio’s own network, where the program listens there.
      </p>
    </fieldset>
  )
}
