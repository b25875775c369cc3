import { permissionOf, stageActions } from '../core/finish/stages.ts'
import type { Permission, StageAction } from '../core/finish/stages.ts'
import { varnishMonths } from '../core/plan/varnishMonths.ts'
import type { RestMonths } from '../core/plan/varnishMonths.ts'
import type { Assessment } from './assess.ts'
import { lastLaidOn, packedOn } from './packed.ts'
import type { Picture } from './picture.ts'

/** Whether something may be done with a picture; of what waits for months besides its state, which. */
export interface SafeFor extends Permission {
  readonly action: StageAction
  readonly months: RestMonths | null
}

/** What a picture is safe for on a day; nothing while nothing lies on it. */
export function safeForOn(picture: Picture, assessment: Assessment, day: number): readonly SafeFor[] {
  const packed = packedOn(picture, assessment, day)
  if (packed.state === 'bare') return []
  const { soft, final } = varnishMonths(lastLaidOn(picture, assessment, day), packed)
  const monthsOf: Partial<Readonly<Record<StageAction, RestMonths>>> = {
    'varnish softly': soft,
    'varnish for good': final,
  }
  return stageActions.map((action) => {
    const { may, says } = permissionOf(action, packed)
    const months = monthsOf[action] ?? null
    if (!may || months === null || day >= months.earliest) return { action, may, says, months }
    return { action, may: false, says: 'not until its months have passed, however dry it is', months }
  })
}
