import type { HabitId, Hint } from '../../core/soundness/habits.ts'
import type { Picture } from '../../document/picture/picture.ts'

export interface HintProps {
  readonly hints: readonly Hint[]
  readonly picture: Picture
  readonly onOff: (habit: HabitId) => void
  /** Every hint is wanted again. */
  readonly onBack: () => void
}

/** What habit would have done otherwise: no rules, and each can be turned off for this picture. */
export function HintList({ hints, picture, onOff, onBack }: HintProps) {
  const there = hints.filter(({ layer }) => !picture.layers[layer]?.painted)
  const left = picture.painting.habitsOff.length
  if (there.length === 0 && left === 0) return null
  return (
    <section aria-label="Habits" className="mt-4 border-t border-rule pt-2">
      <h3 className="font-plain text-[0.85rem] text-soft">Habits, no rules</h3>
      <ul>
        {there.map(({ habit, layer, message }) => (
          <li key={`${habit} ${layer}`} className="py-0.5">
            {message}{' '}
            <button type="button" className="min-h-6 text-[0.9rem] link" onClick={() => onOff(habit)}>
              Not on this picture
            </button>
          </li>
        ))}
      </ul>
      {left > 0 && (
        <button type="button" className="min-h-9 text-[0.9rem] link" onClick={onBack}>
          {left === 1 ? 'One hint is' : `${left} hints are`} left out: show again
        </button>
      )}
    </section>
  )
}
