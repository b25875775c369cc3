import Check from 'lucide-react/dist/esm/icons/check.mjs'
import { putAwayTexts } from '../../core/evening/putAway.ts'
import type { Evening } from '../../studio/evening.ts'
import type { Tick } from './asTapped.ts'

/** What a day leaves, in large ticks; it is closed once the last of them is made. */
export function PutAwayList({
  evening: { on, asks, out, closing },
  checks,
  onTick,
  onClose,
}: {
  readonly evening: Evening
  /** The studio's own. */
  readonly checks: readonly string[]
  readonly onTick: (on: string, tick: Tick) => void
  readonly onClose: (on: string) => void
}) {
  if (asks.length === 0 && checks.length === 0) return null
  return (
    <>
      <ul className="mt-2">
        {asks.map((what) => (
          <Line
            key={what}
            name={putAwayTexts[what].name}
            how={putAwayTexts[what].how}
            on={!out.includes(what)}
            onTick={(is) => onTick(on, { what, check: null, is })}
          />
        ))}
        {checks.map((check) => (
          <Line
            key={check}
            name={check}
            how=""
            on={closing.checked.includes(check)}
            onTick={(is) => onTick(on, { what: null, check, is })}
          />
        ))}
      </ul>
      {asks.length > 0 && (
        <div className="mt-4 flex flex-wrap items-center gap-4">
          <button
            type="button"
            className="button button-ink min-h-12 px-6"
            disabled={closing.closedAt !== null}
            onClick={() => onClose(on)}
          >
            {closing.closedAt ? 'The day is closed' : 'Close the day'}
          </button>
          {out.length > 0 && (
            <span className="text-soft">
              {out.includes('rags') ? 'Not before the rags.' : `${out.length} more to put away.`}
            </span>
          )}
        </div>
      )}
    </>
  )
}

function Line({
  name,
  how,
  on,
  onTick,
}: {
  readonly name: string
  readonly how: string
  readonly on: boolean
  readonly onTick: (on: boolean) => void
}) {
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        role="checkbox"
        aria-checked={on}
        className="grid min-h-14 w-full grid-cols-[2.75rem_1fr] items-center gap-x-3 py-2 text-left hover:bg-wash"
        onClick={() => onTick(!on)}
      >
        <span
          aria-hidden="true"
          className={`grid size-9 place-items-center border-2 ${on ? 'border-sound text-sound' : 'border-ink'}`}
        >
          {on && <Check size={22} strokeWidth={3} />}
        </span>
        <span>
          <span className="block text-[1.15rem]">{name}</span>
          {how && <span className="block max-w-[52rem] text-[0.92rem] leading-snug text-soft">{how}</span>}
        </span>
      </button>
    </li>
  )
}
