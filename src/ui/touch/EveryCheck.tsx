import { checkIds } from '../../core/cure/checks.ts'
import type { Finger } from '../../core/cure/checks.ts'
import { checks, fingerWords } from '../../core/cure/checkWords.ts'
import { Answer } from './Answer.tsx'

/** Each check with how it is made, and its two answers. */
export const EveryCheck = ({
  disabled,
  onFinger,
}: {
  readonly disabled: boolean
  readonly onFinger: (finger: Finger) => void
}) => (
  <ul aria-label="Every check" className="w-full">
    {checkIds.map((check) => (
      <li key={check} className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-rule py-2">
        <span className="min-w-0 grow basis-56">
          <span className="font-semibold">{checks[check].name}</span>
          <span className="block text-[0.85rem] text-soft">{checks[check].how}</span>
        </span>
        <span className="flex flex-wrap gap-2" role="group" aria-label={checks[check].name}>
          {[false, true].map((passed) => (
            <Answer
              key={String(passed)}
              finger={{ check, passed }}
              says={`${passed ? '' : 'not yet: '}${fingerWords({ check, passed })}`}
              disabled={disabled}
              onFinger={onFinger}
            />
          ))}
        </span>
      </li>
    ))}
  </ul>
)
