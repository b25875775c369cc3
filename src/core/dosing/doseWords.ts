import { onPaintOf, paintPerPart, roundedDown } from '../medium/basis.ts'
import { meanDropMl } from '../medium/medium.ts'
import type { Ingredient } from '../medium/medium.ts'
import { about, percent, upperFirst } from '../words.ts'
import type { LargestDose } from './dose.ts'

/** How much of a medium a paint can bear, in words: the same ones on every page. */

/** Parts of paint to one of medium, rounded so that it never allows more medium. */
const paintParts = (ofMix: number): string => about(Math.ceil(paintPerPart(ofMix) * 10 - 1e-9) / 10, 3)

/** "1 : 3", medium to paint. */
export const ratioText = (ofMix: number): string => `1\u00a0:\u00a0${paintParts(ofMix)}`

/** Where the paint alone is over a limit already. */
export const noDose = 'no dose keeps the limits'

/** So many drops can be counted into a heap of `heapMl`; more are measured. */
const mostDrops = 20
const heapMl = 5

/** A dose as it is measured: drops to a small heap while they can be counted, as a range, else ml and spoons to 10 ml. */
export function measuredText(ofMix: number, ingredients: readonly Ingredient[]): string {
  const onPaint = onPaintOf(ofMix)
  const dropMl = meanDropMl(ingredients)
  const drops = dropMl ? (heapMl * onPaint) / dropMl : Infinity
  if (drops <= mostDrops) {
    const [low, high] = [Math.max(1, Math.floor(drops / 2)), Math.max(1, Math.floor(2 * drops))]
    return `${low}–${high} drops to ${heapMl} ml of paint (a drop is known to half or double)`
  }
  const ml = roundedDown(10 * onPaint, 2)
  const spoon = spoonText(ml)
  return `${ml} ml${spoon && ` (${spoon})`} to 10 ml of paint`
}

const spoonMl = 5
const quarters = ['', 'a quarter', 'half a', 'three quarters of a', 'a'] as const

/** "a bit over half a teaspoon"; empty where no spoon is near. */
function spoonText(ml: number): string {
  const near = Math.round((4 * ml) / spoonMl)
  const name = quarters[near]
  if (!name) return ''
  const exact = (near * spoonMl) / 4
  const off = Math.abs(ml - exact) <= 0.05 * exact ? 'about ' : ml > exact ? 'a bit over ' : 'a bit under '
  return `${off}${name === 'a quarter' ? 'a quarter of a' : name} teaspoon`
}

const stopText = (stops: LargestDose['stops']): string =>
  stops === null
    ? ''
    : stops === 'medium'
      ? 'past that it is more medium than paint bears'
      : stops === 'drier'
        ? 'past that its drier is over its most'
        : stops === 'never dries'
          ? 'past that too much of the oil never dries'
          : `past that ${stops.what === 'solubles' ? 'resin and wax together are' : `${stops.what} is`} over the limit`

/** The most of a medium before it is watched. */
export function largestText({ ofMix, stops }: LargestDose, ingredients: readonly Ingredient[]): string {
  if (ofMix <= 0) return `${upperFirst(noDose)}: the paint alone is over one, or this may not go in at all.`
  if (!Number.isFinite(ofMix)) return 'No limit stands in the way of this medium.'
  return `Most before it is watched: 1 part to ${paintParts(ofMix)} of paint by volume, that is ${measuredText(ofMix, ingredients)}; ${percent(roundedDown(ofMix, 2))} of the mix, ${percent(roundedDown(onPaintOf(ofMix), 2))} on the paint; ${stopText(stops)}.`
}
