import { policyNames } from '../../core/materials/policy.ts'
import { listed, shortName } from '../../core/words.ts'
import type { Settings } from '../../document/studio.ts'
import { about } from '../../ui/format.ts'

type Told = Pick<Settings, 'workingDays' | 'hoursADay' | 'policies'>

/** The first thing said of the studio: the time that plans count on, and what may not come in. */
export function answerOf({ workingDays, hoursADay, policies }: Told): string {
  const days = workingDays.filter(Boolean).length
  const week = days === 7 ? ' every day' : ` a day, ${days === 1 ? 'one day' : `${days} days`} a week`
  const hours = hoursADay === 1 ? 'one hour' : `${about(hoursADay, 3)} hours`
  const forbidden = policies.map((policy) => shortName(policyNames[policy]))
  const room = forbidden.length === 0 ? 'nothing is forbidden' : `no ${listed(forbidden, 'or')} may come in`
  if (days === 0) return `Nobody works here on any day of the week; ${room}`
  return `Plans count on ${hours}${week}; ${room}`
}
