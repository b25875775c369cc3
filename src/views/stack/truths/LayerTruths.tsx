import type { FindMaterial } from '../../../core/materials/find.ts'
import type { Practice } from '../../../core/practice/practice.ts'
import { oilGPerMl, sinkingBecause, sinkingOf } from '../../../core/film/sinking.ts'
import { waxEffectsOf } from '../../../core/film/waxEffects.ts'
import type { AssessedSpot } from '../../../document/judging/assess.ts'
import { brushOf } from '../../../document/brush.ts'
import type { LayerDocument } from '../../../document/layer.ts'
import { mediumIn } from '../../../document/picture/picture.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import { findOn } from '../../../document/picture/picture.ts'
import { about, gramsText, percentText } from '../../../ui/format.ts'
import { FatWays } from './FatWays.tsx'

export interface TruthsProps {
  readonly layer: LayerDocument
  readonly spot: AssessedSpot
  /** What it lies on in this area; null: the ground. */
  readonly under: { readonly name: string; readonly spot: AssessedSpot } | null
  readonly practice: Practice
  readonly picture: Picture
  readonly findMaterial: FindMaterial
}

/** What a layer will be like before it is painted: how fat by five measures, whether it sinks, what its wax does. */
export function LayerTruths(props: TruthsProps) {
  return (
    <>
      <FatWays {...props} />
      <Sinks {...props} />
      <Waxed {...props} />
    </>
  )
}

/** The least drop there is, a third of the usual one, would be too little to measure. */
const leastG = 0.02

/** Whether it will sink, and the oil to stir into that heap, or the sealing, that prevents it. */
function Sinks({ layer, spot: { film } }: TruthsProps) {
  const sinking = sinkingOf(film)
  if (!sinking || sinking.risk === 'low') return null
  const oilG = 10 * sinking.oilMlPerMl * oilGPerMl
  const isPainted = layer.painted !== null
  return (
    <p className="mt-3 leading-snug">
      <span className="font-medium">
        {
          {
            some: isPainted ? 'It may have sunk' : 'It may sink a little',
            high: isPainted ? 'It has likely sunk' : 'It will likely sink',
            sure: isPainted ? 'It has surely sunk' : 'It will surely sink',
          }[sinking.risk]
        }
      </span>
      : {sinkingBecause[sinking.because]}.{' '}
      {!isPainted && (
        <>
          {oilG >= leastG && (
            <>
              {gramsText(oilG)} of its oil stirred into 10 ml of that paint keeps its look, if what goes over
              it is fatter still.{' '}
            </>
          )}
          {sinking.because === 'suction' &&
            'Or seal what it goes on with an isolating coat, or use less thinner. '}
        </>
      )}
      <span className="text-soft">Estimate.</span>
    </p>
  )
}

/** What wax does to its look, and the hottest room it bears. */
function Waxed({ layer, spot: { film }, picture, findMaterial }: TruthsProps) {
  const find = findOn(layer, findMaterial)
  const medium = mediumIn(layer, brushOf(layer), picture.mediums, find)
  const materials =
    medium && 'ingredients' in medium ? medium.ingredients.map(({ material }) => material) : []
  const wax = waxEffectsOf(film, materials)
  if (!wax) return null
  return (
    <p className="mt-3 leading-snug">
      <span className="font-medium">Wax</span>: {percentText(wax.ofFilm)} of the dried film by mass,{' '}
      {percentText(wax.ofBinder)} of its organic binder. Gloss {wax.gloss}, colour {wax.chroma}. Keep it below{' '}
      {about(wax.hottestC)} °C: no sun behind glass, no radiator under it.{' '}
      <span className="text-soft">Estimate.</span>
    </p>
  )
}
