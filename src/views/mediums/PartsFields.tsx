import type { Amount } from '../../core/measure/units.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { Settings } from '../../document/studio.ts'
import { ChoiceRow, Labelled, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { amountText, readAmount } from './RecipeLines.tsx'

interface PartsProps {
  readonly recipe: MediumDocument['recipe']
  readonly spoons: Settings['spoons']
  readonly onRecipe: (recipe: MediumDocument['recipe']) => void
}

/** What a part is, where the recipe is written in parts: by volume or weight, and how much of it beside other measures. */
export function PartsFields({ recipe, spoons, onRecipe }: PartsProps) {
  const inParts = recipe.lines.filter(({ unit }) => unit === 'part').length
  if (inParts === 0) return null
  const setPart = (partSize: Amount | undefined): void => {
    const { partSize: _before, ...rest } = recipe
    onRecipe(partSize ? { ...rest, partSize } : rest)
  }
  return (
    <div className="mt-4 flex flex-wrap gap-4">
      <ChoiceRow
        label="Parts are counted by"
        value={recipe.partsBy ?? 'volume'}
        onValue={(partsBy) => onRecipe({ ...recipe, partsBy: partsBy as 'volume' | 'weight' })}
        options={[
          { id: 'volume', name: 'volume' },
          { id: 'weight', name: 'weight' },
        ]}
      />
      {inParts < recipe.lines.length && (
        <Labelled label="One part is" className="w-32">
          {(id) => (
            <TypedField
              id={id}
              isFigure
              shown={recipe.partSize ? amountText(recipe.partSize) : ''}
              read={(text): Reading<Amount | undefined> =>
                text.trim() ? readAmount(spoons, recipe.partSize)(text) : { value: undefined }
              }
              onValue={setPart}
            />
          )}
        </Labelled>
      )}
    </div>
  )
}
