import { fatnessAt } from '../../../core/film/film.ts'
import { fatMeasures } from '../../../core/practice/measures.ts'
import type { FatMeasure } from '../../../core/practice/measures.ts'
import { measureNames, weightNames } from '../../../core/practice/words.ts'
import { fatFiguresOf } from '../../../core/soundness/fatMeasures.ts'
import { dayCount, fatnessText } from '../../../core/words.ts'
import { about, percentText, umText } from '../../../ui/format.ts'
import type { TruthsProps } from './LayerTruths.tsx'

/** A measure as it is written; leanness is drawn upside down, as fat over what the powder needs. */
const written: Readonly<Record<FatMeasure, (value: number | null) => string>> = {
  leanness: (value) => fatnessText(fatnessAt(value)),
  oil: (value) => (value === null ? 'none' : percentText(value)),
  stretch: (value) => (value === null ? 'none' : about(value)),
  drying: (value) => (value === null ? 'never' : dayCount(value)),
  thickness: (value) => (value === null ? 'none' : umText(value)),
}

const whatItIs: Readonly<Record<FatMeasure, string>> = {
  leanness: 'fat over what the powder needs',
  oil: 'oil and alkyd in the dried film, by volume',
  stretch: 'stretch once cured, raw linseed = 1',
  drying: 'to touch dry',
  thickness: 'dry, at its thickest',
}

/** Fat judged five ways, always all of them, beside the layer it lies on; the practice says which of them speak. */
export function FatWays({
  layer,
  spot,
  under,
  practice,
}: Pick<TruthsProps, 'layer' | 'spot' | 'under' | 'practice'>) {
  const here = fatFiguresOf(spot, practice)
  const below = under && fatFiguresOf(under.spot, practice)
  return (
    <table className="mt-3 w-full text-[0.88rem]">
      <caption className="text-left text-[0.8rem] text-soft">Fat judged five ways</caption>
      <thead>
        <tr className="text-left align-bottom text-soft">
          <th scope="col" className="py-0.5 pr-3 font-normal">
            by
          </th>
          <th scope="col" className="py-0.5 pr-3 font-normal">
            {layer.name}
          </th>
          {under && (
            <th scope="col" className="py-0.5 pr-3 font-normal">
              {under.name}, under it
            </th>
          )}
          <th scope="col" className="py-0.5 pr-3 font-normal">
            {practice.name}
          </th>
        </tr>
      </thead>
      <tbody>
        {fatMeasures.map((measure) => (
          <tr key={measure} className="border-t border-rule">
            <th scope="row" className="py-1 pr-3 text-left font-normal">
              {measureNames[measure]} <span className="text-soft">({whatItIs[measure]})</span>
            </th>
            <td className="py-1 pr-3 whitespace-nowrap">{written[measure](here[measure])}</td>
            {below && <td className="py-1 pr-3 whitespace-nowrap">{written[measure](below[measure])}</td>}
            <td className="py-1 text-soft">{weightNames[practice.fat[measure]]}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
