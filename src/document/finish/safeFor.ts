import { chanceBy } from '../../core/cure/forecast.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { permissionOf, stageActions } from '../../core/finish/stages.ts'
import type { Permission, StageAction } from '../../core/finish/stages.ts'
import { planningChance } from '../../core/plan/readiness.ts'
import { varnishMonths } from '../../core/plan/varnishMonths.ts'
import type { RestMonths } from '../../core/plan/varnishMonths.ts'
import { chanceText, percent } from '../../core/words.ts'
import type { Assessment } from '../judging/assess.ts'
import { lastLaidOn, packedOn } from '../judging/packed.ts'
import type { Picture } from '../picture/picture.ts'
import { filmsOn } from '../judging/stateReached.ts'

/** Whether something may be done with a picture; of what waits for months besides its state, which. */
export interface SafeFor extends Permission {
  readonly action: StageAction
  readonly months: RestMonths | null
}

/** What waits for months, and for its state more surely than anything that can be taken back. */
const varnishings = { 'varnish softly': 'varnishSoft', 'varnish for good': 'cured' } as const

/** What a picture is safe for on a day; nothing while nothing lies on it. */
export function safeForOn(picture: Picture, assessment: Assessment, day: number): readonly SafeFor[] {
  const packed = packedOn(picture, assessment, day)
  if (packed.state === 'bare') return []
  const { soft, final } = varnishMonths(lastLaidOn(picture, assessment, day), packed)
  const films = filmsOn(picture, assessment, day)
  const chanceOf = (state: StateId): number =>
    Math.min(...films.map(({ spot, age }) => chanceBy(spot.forecast, state, age)))
  return stageActions.map((action): SafeFor => {
    const { may, says } = permissionOf(action, packed)
    if (action !== 'varnish softly' && action !== 'varnish for good')
      return { action, may, says, months: null }
    const months = action === 'varnish softly' ? soft : final
    if (!may) return { action, may, says, months }
    const waits =
      day < months.earliest
        ? 'not until its months have passed, however dry it is'
        : waitsFor(varnishings[action], chanceOf(varnishings[action]))
    return { action, may: waits === null, says: waits ?? says, months }
  })
}

/** What a varnish waits for; null: nothing. The chance is rounded down: what is just short is not told as reached. */
function waitsFor(state: StateId, chance: number): string | null {
  if (chance >= planningChance) return null
  const likely = chanceText(Math.floor(100 * chance) / 100)
  return `the chance that all of it is ${stateNames[state]} is ${likely}; a varnish waits for ${percent(planningChance)}`
}
