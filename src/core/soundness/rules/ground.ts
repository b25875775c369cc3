import { figure } from '../../figure.ts'
import type { Climate } from '../../cure/climate.ts'
import type { Ground } from '../../stack/support.ts'
import { dayCount } from '../../words.ts'
import { groundRule } from '../rule.ts'

export const groundOnSupport = groundRule({
  id: 'ground-on-support',
  says: (_first, { name, bends }, { support }) => {
    if (!support.flexible || bends === 'with it') return null
    return {
      severity: bends === 'not' ? 'unsound' : 'watch',
      message:
        bends === 'not'
          ? `Chalk and glue crack on cloth: ${name} needs a panel, and this is ${support.name}. Take another ground.`
          : `${support.name} bends, and ${name} stiffens with age: a panel suits it better.`,
      numbers: { movement: figure(`movement of ${support.name}`, 100 * support.strain, '%') },
    }
  },
})

/** Cold or damp, a ground takes so much longer. */
const slowedBy = 2
const coldBelowC = 15
const dampAbovePercent = 70

/** How long a ground takes to be ready for oil in this room, days. */
export const groundReadyDays = (
  { readyDays: { least, good } }: Pick<Ground, 'readyDays'>,
  { temperatureC, relativeHumidityPct }: Pick<Climate, 'temperatureC' | 'relativeHumidityPct'>,
): { readonly least: number; readonly good: number } => {
  const slow = temperatureC < coldBelowC || relativeHumidityPct > dampAbovePercent
  return slow ? { least: slowedBy * least, good: slowedBy * good } : { least, good }
}

export const groundAge = groundRule({
  id: 'ground-age',
  mends: ['wait'],
  says: ({ name, appliedDay }, ground, { climate }) => {
    const { least, good } = groundReadyDays(ground, climate)
    const limits = {
      least: figure('days it needs at least', least, 'days'),
      good: figure('days advised', good, 'days'),
    }
    if (ground.onDay === null)
      return {
        severity: 'note',
        message: `The ${ground.name} wants ${dayCount(good)} before oil. When it was put on is not told.`,
        numbers: limits,
      }
    const age = appliedDay - ground.onDay
    if (age >= good - 1e-9) return null
    return {
      severity: age < least - 1e-9 ? 'unsound' : 'watch',
      message: `${name} goes on ${dayCount(Math.max(0, age))} after the ${ground.name}, which wants ${dayCount(good)} (at least ${dayCount(least)}).`,
      numbers: { age: figure('days since the ground was put on', age, 'days'), ...limits },
    }
  },
})
