import { useMemo } from 'react'
import { dayOf } from '../../core/plan/calendar.ts'
import { dayAt, shareBy, simulateReaching } from '../../core/plan/simulate.ts'
import type { Assessment } from '../../document/assess.ts'
import type { Picture } from '../../document/picture.ts'
import { chanceText, datesText, dayText } from '../../ui/format.ts'

/** When all of the picture is firm, and the chance that it is by the day it is due. */
export function Finish({
  picture,
  assessment,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
}) {
  const days = useMemo(
    () =>
      picture.layers.length > 0
        ? simulateReaching(
            assessment.layers.map(({ step }) => step),
            'firm',
            assessment.workingTime,
            1000,
          )
        : null,
    [picture, assessment],
  )
  if (!days || days.length === 0) return null
  const { deadline } = picture.painting
  const isPlanned = picture.layers.some(({ painted }) => !painted)
  return (
    <p>
      Firm throughout{isPlanned && ', if all is painted as soon as it may be'}:{' '}
      {datesText(dayAt(days, 0.1), dayAt(days, 0.9))}, 8 times in 10.
      {deadline && (
        <>
          {' '}
          Firm by {dayText(dayOf(deadline)!)}: a chance of {chanceText(shareBy(days, dayOf(deadline)! + 1))}.
        </>
      )}{' '}
      <span className="text-soft">Estimate.</span>
    </p>
  )
}
