import { drierLoadOf, driersOf } from '../medium/driers.ts'
import { fatSharesOf, neverDries } from '../medium/fat.ts'
import { sumOf } from '../materials/material.ts'
import { defaultLimits, levelOf } from '../practice/limits.ts'
import { about, listed, percent } from '../words.ts'
import type { Medium } from '../medium/medium.ts'

/** What speaks against using a medium at all, before any dose is asked for. */
export interface Unfitness {
  readonly severity: 'watch' | 'unsound'
  readonly message: string
  /** Not to be made at all (rules.md 23). */
  readonly refused?: boolean
}

/** Null: nothing speaks against it. Limits are the usual ones (rules.md 1 and 23). */
export function unfitnessOf(medium: Pick<Medium, 'ingredients' | 'dry'>): Unfitness | null {
  const { ingredients, dry } = medium
  if (sumOf(dry.byVolume) === 0)
    return {
      severity: 'unsound',
      message: 'Nothing of it stays: it is a thinner, and no medium. It binds nothing.',
    }
  const fat = fatSharesOf(ingredients)
  const never = levelOf('nonDrying', defaultLimits.nonDrying, fat.nonDrying)
  if (never) {
    const names = ingredients
      .filter(({ material }) => neverDries(material))
      .map(({ material }) => material.name)
    return {
      severity: never,
      message: `${percent(fat.nonDrying)} of its oil never dries (${listed(names)})${never === 'unsound' ? ': do not use it. It stays sticky, and so does what lies over it.' : ': it keeps the film tacky.'}`,
    }
  }
  const load = drierLoadOf({ fat, driers: driersOf(ingredients) })
  const level = levelOf('drierLoad', defaultLimits.drierLoad, load)
  return (
    level && {
      severity: level,
      refused: level === 'unsound',
      message: `It holds ${about(load)} times the most drier advised, as it stands: ${level === 'unsound' ? 'do not make it so.' : 'it can skin and wrinkle.'}`,
    }
  )
}
