import { figure } from '../../figure.ts'
import { isOily } from '../../film/kindOfFilm.ts'
import type { LaidLayer, OldPicture } from '../lay.ts'
import { areaRule } from '../rule.ts'
import type { Said } from '../rule.ts'

/** An old picture is taken as the fattest and hardest there is: oily, cured, 200 µm (reckonings.md, Old picture as ground). */
const takenAs = { binderRatio: figure('binder over what its powder needs, as an old picture is taken', 2) }

/** From so many years on an old film is closed. */
const closedYears = 1

function saidOf({ name, film, prepared }: LaidLayer, old: OldPicture): Said | null {
  if (old.isVarnished)
    return {
      severity: 'unsound',
      message: `${name} would lie on the varnish of the old picture. Take the varnish off first, the mildest solvent first, and wait a day.`,
      numbers: takenAs,
    }
  if (old.isWaxy && isOily(film))
    return {
      severity: 'unsound',
      message: `There is wax on the old picture: oil does not hold on it. Wax over it, or take another support.`,
      numbers: takenAs,
    }
  if (old.prepared ?? prepared) return null
  const isOld = old.years === null || old.years >= closedYears
  return {
    severity: isOld || old.isGlossy ? 'unsound' : 'watch',
    message: `${name} would not take hold of the old picture: it is ${old.isGlossy ? 'glossy, ' : ''}hard and closed. Scuff it wet, gloved, or oil it out and rub that off; never sand it dry.`,
    numbers: { ...takenAs, years: figure('years old', old.years, '') },
  }
}

export const oldPicture = areaRule({
  id: 'old-picture',
  mends: ['prepare'],
  finds: ({ area: { layers }, old }) => {
    const first = layers[0]
    const said = first && old ? saidOf(first, old) : null
    return said ? [{ ...said, layer: first!.event }] : []
  },
})
