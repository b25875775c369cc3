import { useMemo } from 'react'
import { stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { dayAt, shareBy, simulateReaching } from '../../core/plan/simulate.ts'
import type { Assessment } from '../../document/assess.ts'
import { needsOf, nextDate } from '../../document/pictureDates.ts'
import type { Picture } from '../../document/picture.ts'
import { useRested } from './useRested.ts'
import { chanceText, datesText, dayText, monthText, upperFirst } from '../../ui/format.ts'

/** So many times the picture is played through, once the hand rests. */
const draws = 1000

/** When all of the picture is firm, and the chance that it is by the day it is due. */
export function Finish({
  picture,
  assessment,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
}) {
  const rested = useRested(assessment)
  const deadline = nextDate(picture.painting, dateOf(picture.today))
  const needs = deadline ? needsOf(deadline) : 'firm'
  const { days, by, soft, cured } = useMemo(() => {
    const steps = rested.layers.map(({ step }) => step)
    const reaching = (state: StateId): readonly number[] =>
      (steps.length > 0 && simulateReaching(steps, state, rested.workingTime, draws)) || []
    const firm = reaching('firm')
    return {
      days: firm,
      by: needs === 'firm' ? firm : reaching(needs),
      soft: reaching('varnishSoft'),
      cured: reaching('cured'),
    }
  }, [rested, needs])
  if (days.length === 0) return null
  const isPlanned = picture.layers.some(({ painted }) => !painted)
  return (
    <p aria-busy={rested !== assessment}>
      Firm throughout{isPlanned && ', if all is painted as soon as it may be'}:{' '}
      {datesText(dayAt(days, 0.1), dayAt(days, 0.9))}, 8 times in 10.
      {deadline && (
        <>
          {' '}
          {upperFirst(stateNames[needsOf(deadline)])} by {dayText(dayOf(deadline.on)!)}: a chance of{' '}
          {chanceText(shareBy(by, dayOf(deadline.on)! + 1))}.
        </>
      )}{' '}
      {soft.length > 0 && cured.length > 0 && (
        <>
          Firm is not finished: it may hang, unwrapped. A soft removable varnish from about{' '}
          {monthText(dayAt(soft, 0.8))}, after a swab on the slowest, thickest spot; any other from about{' '}
          {monthText(dayAt(cured, 0.8))}.{' '}
        </>
      )}
      <span className="text-soft">{rested === assessment ? 'Estimate.' : 'Coming.'}</span>
    </p>
  )
}
