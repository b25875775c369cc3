import { chanceBy, daysAtChance, passedOn } from '../../cure/forecast.ts'
import { stateNames } from '../../cure/states.ts'
import { leavesToSet } from '../../film/physicalSet.ts'
import { leavingTimes } from '../../film/waterDays.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { gateOf } from '../../practice/gate.ts'
import type { Gate } from '../../practice/practice.ts'
import { about, dayCount } from '../../words.ts'
import { boundFigure, limitFigures } from '../limit.ts'
import type { LaidPair, LaidPicture } from '../lay.ts'
import { pairRule } from '../rule.ts'
import type { Said } from '../rule.ts'

/** How sure it is that something with this chance has not come about. */
const howSurely = (chance: number): string =>
  chance < 0.05
    ? 'almost surely'
    : chance < 0.2
      ? 'very likely'
      : chance < 0.4
        ? 'likely'
        : 'as likely as not'

/** What a film is before it has reached a gate. */
const before = (gate: Gate): string => (gate === 'touch' ? 'wet' : 'soft')

/** What is said of a layer over one that sets by losing water or spirit (rules.md 19). */
function saidOfSet(
  { lower, upper, waited, lowerUm }: LaidPair,
  leaves: 'water' | 'spirit',
  { climate, practice }: LaidPicture,
): Said | null {
  const times = leavingTimes(lowerUm, climate)
  const { watch, unsound } = practice.limits.physicalSet
  const limit = { watch: watch * times, unsound: unsound * times }
  const severity = levelOf('physicalSet', limit, waited)
  if (!severity) return null
  return {
    severity,
    message: `${upper.name} goes on ${dayCount(waited)} after ${lower.name}, before the ${leaves} has left it: it sets in about ${dayCount(limit.watch)}, and the oil in it dries for weeks yet.`,
    numbers: {
      waitedDays: figure('days between the two', waited, 'days'),
      ...limitFigures('physicalSet', limit),
    },
  }
}

/** What a school that isolates says of a layer over an isolating coat that has not rested. */
function saidOfIsolation(
  { lower, upper, waited }: LaidPair,
  { practice: { limits } }: LaidPicture,
): Said | null {
  const rest = limits.isolationRest.watch
  if (lower.purpose !== 'isolating' || waited >= rest - 1e-9) return null
  const touchDry = chanceBy(lower.forecast, 'touch', waited)
  return {
    severity: touchDry < limits.gateChance.unsound ? 'unsound' : 'watch',
    message: `${upper.name} goes on ${dayCount(waited)} after ${lower.name}, and this school lets an isolating coat rest ${dayCount(rest)}.`,
    numbers: {
      waitedDays: figure('days between the two', waited, 'days'),
      rest: boundFigure('isolationRest', rest),
      touchDry: figure('chance that it is touch dry', Number(about(100 * touchDry)), '%'),
    },
  }
}

export const tooSoon = pairRule({
  id: 'too-soon',
  byPractice: true,
  mends: ['wait'],
  says: (pair, setting) => {
    const { lower, upper, waited, lowerUm } = pair
    const { practice } = setting
    if (!lower.isOilFilm || !(lower.rate > 0)) return null
    const resting = saidOfIsolation(pair, setting)
    if (resting) return resting
    const leaves = leavesToSet(lower.film)
    if (leaves !== null && passedOn(lower.forecast, 'touch') === null) return saidOfSet(pair, leaves, setting)
    const gate = gateOf(practice, lower.film, lowerUm)
    const limit = practice.limits.gateChance
    const chance = chanceBy(lower.forecast, gate, waited)
    const touchDry = chanceBy(lower.forecast, 'touch', waited)
    if (chance >= limit.watch) return null
    const likely = daysAtChance(lower.forecast, gate, 0.5)
    const sure = daysAtChance(lower.forecast, gate, 0.8)
    const when =
      sure === null
        ? `and may never be ${stateNames[gate]}`
        : `${stateNames[gate]} after about ${dayCount(likely!)}, 4 times in 5 by ${dayCount(sure)}`
    return {
      severity: touchDry < limit.unsound ? 'unsound' : 'watch',
      message: `${upper.name} goes on ${dayCount(waited)} after ${lower.name}, which is then ${howSurely(chance)} still ${before(gate)} (${when}).`,
      numbers: {
        chance: figure(`chance that ${lower.name} is ${stateNames[gate]}`, Number(about(100 * chance)), '%'),
        touchDry: figure(`chance that it is touch dry`, Number(about(100 * touchDry)), '%'),
        likely: figure(`days until ${stateNames[gate]}, likely`, likely, 'days'),
        sure: figure(`days until ${stateNames[gate]}, 4 times in 5`, sure, 'days'),
        waitedDays: figure('days between the two', waited, 'days'),
        ...limitFigures('gateChance', limit),
      },
    }
  },
})
