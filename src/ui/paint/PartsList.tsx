import X from 'lucide-react/dist/esm/icons/x.mjs'
import { library } from '../../core/materials/library.ts'
import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Besides } from '../../document/palette/besides.ts'
import { Chooser } from '../Chooser.tsx'
import { Labelled, NumberField } from '../fields.tsx'
import { IconButton } from '../IconButton.tsx'
import { ingredientChoices } from '../materials.ts'
import { useChoice } from '../bench/useBench.ts'
import type { Bench } from '../bench/useBench.ts'

interface PartsProps extends Pick<Bench, 'bring'> {
  /** What it is that these are put into. */
  readonly legend: string
  /** What stands before each: "ml of", "parts of". */
  readonly unit: 'ml' | 'parts'
  /** What is asked for while there is none. */
  readonly asks: string
  readonly parts: Besides
  /** What is put in at first. */
  readonly usual: number
  readonly findMaterial: FindMaterial
  readonly onParts: (parts: Besides) => void
}

const choices = ingredientChoices(library)
const ownMaterials = ['shelf_item'] as const

/** Materials with an amount of each: an oil for a glaze, spirit for a sketch, what a clear coat is made of. */
export function PartsList({ legend, unit, asks, parts, usual, findMaterial, bring, onParts }: PartsProps) {
  const choice = useChoice(bring)
  const put = (material: string): void => {
    if (!parts.some((one) => one.material === material)) onParts([...parts, { material, parts: usual }])
  }
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.8rem] text-soft">{legend}</legend>
      {parts.map(({ material, parts: amount }, at) => {
        const name = shortNameOf(material, findMaterial)
        return (
          <div key={material} className="mt-1 flex items-center gap-2">
            <NumberField
              label={`${unit} of ${name.toLowerCase()}`}
              className="w-20"
              value={amount}
              low={0.001}
              high={1000}
              onValue={(more) =>
                onParts(parts.map((one, index) => (index === at ? { ...one, parts: more } : one)))
              }
            />
            <span className="min-w-0 grow">{name}</span>
            <IconButton
              label={`Leave out the ${name.toLowerCase()}`}
              onClick={() => onParts(parts.filter((_, index) => index !== at))}
            >
              <X size={15} aria-hidden="true" />
            </IconButton>
          </div>
        )
      })}
      <Labelled label={parts.length > 0 ? 'and' : asks}>
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
