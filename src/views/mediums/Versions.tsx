import type { MediumDocument } from '../../document/recipe.ts'
import type { MediumVersion } from '../../studio/lists/mediumHistory.ts'
import { minuteText } from '../../ui/format.ts'
import { amountText } from './RecipeLines.tsx'

interface VersionsProps {
  readonly versions: readonly MediumVersion[]
  readonly now: MediumDocument['recipe']
  readonly spoken: (id: string) => string
  readonly onTake: (recipe: MediumDocument['recipe']) => void
}

/** What the recipe has been. What was painted with an older one keeps it; taking one back is an edit like any other. */
export function Versions({ versions, now, spoken, onTake }: VersionsProps) {
  const older = versions.filter(
    ({ recipe }) => recipe.lines.length > 0 && JSON.stringify(recipe) !== JSON.stringify(now),
  )
  if (older.length === 0) return null
  return (
    <section aria-label="What the recipe has been" className="mt-7 border-t border-ink pt-3">
      <h2 className="text-xl">What the recipe has been</h2>
      <ul>
        {older.map(({ at, recipe }) => (
          <li
            key={at + JSON.stringify(recipe)}
            className="flex items-baseline gap-4 border-t border-rule py-1.5 text-[0.92rem]"
          >
            <span className="w-44 shrink-0 text-soft">{minuteText(at)}</span>
            <span className="grow">
              {recipe.lines
                .map(
                  (line) => `${amountText(line)} ${spoken('material' in line ? line.material : line.medium)}`,
                )
                .join(', ')}
            </span>
            <button type="button" className="min-h-6 shrink-0 link" onClick={() => onTake(recipe)}>
              Take it back
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}
