import { jarAdvice } from '../../core/evening/jar.ts'
import type { JarAdvice } from '../../core/evening/jar.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { kindOf } from '../../core/materials/material.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import type { Jar } from '../keeping.ts'
import type { Settings } from '../studio.ts'

/** The jar of a liquid that stands about, filled last; null: none is kept count of. */
export const jarOfLiquid = ({ jars }: Pick<Settings, 'jars'>, liquid: string): Jar | null =>
  [...jars].sort((a, b) => a.filledOn.localeCompare(b.filledOn)).findLast((jar) => jar.liquid === liquid) ??
  null

/** How often it was rinsed in since it was fresh: by the jar's own book, else as it was told. */
export const usesOfLiquid = (settings: Pick<Settings, 'jars' | 'jarUses'>, liquid: string): number =>
  jarOfLiquid(settings, liquid)?.uses.length ?? settings.jarUses[liquid] ?? 0

/** What is to be said of a jar today. */
export function adviceOn(jar: Jar, today: number, findMaterial: FindMaterial): JarAdvice {
  const liquid = findMaterial(jar.liquid)
  return jarAdvice({
    ageDays: today - dayOf(jar.filledOn)!,
    uses: jar.uses.length,
    tookUpLead: jar.uses.some(({ lead }) => lead),
    isOil: liquid
      ? liquid.family !== 'solvent'
      : /linseed|safflower|walnut|poppy/.test(kindOf({ id: jar.liquid })),
  })
}
