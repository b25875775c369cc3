import { stateIds, stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { meetingNames } from '../../document/picture/pictureDates.ts'
import type { PaintingDocument, PictureDate } from '../../document/studio.ts'
import { Choice } from '../../ui/fields.tsx'
import { upperFirst } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'

interface DatesProps {
  readonly painting: PaintingDocument
  /** "2026-11-24" */
  readonly today: string
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

const meetings = Object.entries(meetingNames).map(([id, name]) => ({ id, name: upperFirst(name) }))
const needed = stateIds.map((id) => ({ id, name: `${stateNames[id]} by then` }))
const mostDates = 12

/** The days a picture must meet. */
export function Dates({ painting: { dates }, today, onChange }: DatesProps) {
  const change = (at: number, more: Partial<PictureDate>): void =>
    onChange({ dates: dates.map((date, index) => (index === at ? { ...date, ...more } : date)) })
  return (
    <section aria-label="Dates it must meet">
      <h2 className="text-xl">Dates it must meet</h2>
      <ul className="mt-1">
        {dates.map(({ what, on, needs = 'firm' }, at) => (
          <li key={at} className="flex flex-wrap items-center gap-3 border-t border-rule py-1">
            <Choice
              label={`What date ${at + 1} is`}
              className="max-w-40"
              value={what}
              options={meetings}
              onValue={(chosen) => change(at, { what: chosen as PictureDate['what'] })}
            />
            <input
              aria-label={`Day it is ${meetingNames[what]}`}
              type="date"
              className="field w-40"
              value={on}
              onChange={({ target }) => target.value && change(at, { on: target.value })}
            />
            <Choice
              label={`What it must be by date ${at + 1}`}
              className="max-w-44"
              value={needs}
              options={needed}
              onValue={(state) => change(at, { needs: state as StateId })}
            />
            {on < today && <span className="text-[0.85rem] text-soft">past</span>}
            <IconButton
              label={`Take this date out: ${meetingNames[what]}`}
              onClick={() => onChange({ dates: dates.filter((_, index) => index !== at) })}
            >
              <X size={15} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
      {dates.length < mostDates && (
        <button
          type="button"
          className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link"
          onClick={() => onChange({ dates: [...dates, { what: 'shown', on: today }] })}
        >
          <Plus size={14} aria-hidden="true" /> a date
        </button>
      )}
    </section>
  )
}
