import { X } from 'lucide-react'
import { library } from '../../core/materials/library.ts'
import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Besides } from '../../document/besides.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { Labelled, NumberField } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import { ingredientChoices } from '../../ui/materials.ts'
import { useChoice } from '../../ui/useBench.ts'
import type { Bench } from '../../ui/useBench.ts'

interface AddedProps extends Pick<Bench, 'bring'> {
  readonly added: Besides
  readonly findMaterial: FindMaterial
  readonly onAdded: (added: Besides) => void
}

const choices = ingredientChoices(library)
const ownMaterials = ['shelf_item'] as const
/** About a drop; the painter says how much it really is. */
const usualMl = 0.05

/** What is stirred into one heap alone: an oil for a glaze, spirit for a sketch, a drop of drier. */
export function Added({ added, findMaterial, bring, onAdded }: AddedProps) {
  const choice = useChoice(bring)
  const put = (material: string): void => {
    if (!added.some((one) => one.material === material)) onAdded([...added, { material, parts: usualMl }])
  }
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.8rem] text-soft">Stirred into this heap alone, ml</legend>
      {added.map(({ material, parts }, at) => {
        const name = shortNameOf(material, findMaterial)
        return (
          <div key={material} className="mt-1 flex items-center gap-2">
            <NumberField
              label={`ml of ${name.toLowerCase()} into this heap`}
              className="w-20"
              value={parts}
              low={0.001}
              high={1000}
              onValue={(ml) =>
                onAdded(added.map((one, index) => (index === at ? { ...one, parts: ml } : one)))
              }
            />
            <span className="min-w-0 grow">{name}</span>
            <IconButton
              label={`Leave out the ${name.toLowerCase()}`}
              onClick={() => onAdded(added.filter((_, index) => index !== at))}
            >
              <X size={15} aria-hidden="true" />
            </IconButton>
          </div>
        )
      })}
      <Labelled label={added.length > 0 ? 'and' : 'an oil, a thinner, a drier'}>
        {(id) => (
          <Chooser
            id={id}
            shown=""
            options={choices}
            lookups={ownMaterials}
            lately="ingredient"
            onChoose={(chosen) => void choice.choose(chosen, () => put(chosen.id))}
          />
        )}
      </Labelled>
    </fieldset>
  )
}
