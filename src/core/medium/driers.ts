import { massOf } from './amount.ts'
import { drierEffect } from '../cure/drier.ts'
import type { DrierDose } from '../cure/drier.ts'
import { kindOf } from '../materials/material.ts'
import type { Shares } from '../materials/material.ts'
import type { FatShares } from './fat.ts'
import { massByClass, withoutVolatiles } from './medium.ts'
import type { Ingredient } from './medium.ts'

/** The driers and retarders in it, and what they do to the start of drying and its going through. */
export interface Driers {
  readonly doses: readonly DrierDose[]
  readonly start: number
  readonly through: number
}

/** Sum over the driers of their metal over the most advised, in g of the oil and alkyd it is enough for. */
export const drierLoadG = (all: readonly Ingredient[]): number =>
  all.reduce(
    (sum, { material, massG }) =>
      sum +
      (material.maxMetalPercent ? (massG * (material.metalPercent ?? 0)) / material.maxMetalPercent : 0),
    0,
  )

/** What alkyd, boiled and leaded oil already hold, over the most advised; alkyd counts where it is more than a fifth. */
const builtIn = { leaded: 3, boiled: 1, alkyd: 0.5, alkydOver: 0.2 } as const

/** Driers in a film over the most that is advised, those built into its oils and alkyds counted (rules.md 23). */
export const drierLoadOf = ({
  fat,
  driers: { doses },
}: {
  readonly fat: FatShares
  readonly driers: Pick<Driers, 'doses'>
}): number =>
  doses.reduce((sum, { percent, maxPercent }) => sum + (maxPercent ? percent / maxPercent : 0), 0) +
  builtIn.leaded * fat.leaded +
  builtIn.boiled * fat.boiled +
  (fat.alkyd > builtIn.alkydOver ? builtIn.alkyd * fat.alkyd : 0)

/** The driers and retarders in a medium, and what they do in it. */
export const driersOf = (all: readonly Ingredient[]): Driers =>
  driersIn(all, withoutVolatiles(massByClass(all)), false)

/** The same of any mix whose dry masses are known; `pigmented`: there is powder in it that needs oil. */
export function driersIn(all: readonly Ingredient[], dryMass: Shares, pigmented: boolean): Driers {
  const doses = drierDoses(all, dryMass)
  return { doses, ...drierEffect(doses, pigmented) }
}

/** Metal of each drier on oil and alkyd, % by mass; clove oil on the wet paint, % by mass. */
function drierDoses(all: readonly Ingredient[], dryMass: Shares): readonly DrierDose[] {
  const fatG = dryMass.oil + dryMass.alkyd
  const wetG = massOf(all)
  return all.flatMap(({ material, massG }) => {
    if (material.family === 'retarder')
      return [
        { kind: kindOf(material), name: material.name, percent: (100 * massG) / wetG, maxPercent: undefined },
      ]
    if (material.family !== 'drier' || fatG === 0) return []
    return [
      {
        kind: kindOf(material),
        name: material.name,
        percent: (massG * (material.metalPercent ?? 0)) / fatG,
        maxPercent: material.maxMetalPercent,
      },
    ]
  })
}
