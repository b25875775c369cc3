import { stateNames } from '../../core/cure/states.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { Ending } from './useSolve.ts'
import { chanceText, datesText, dayText, monthText, upperFirst } from '../../ui/format.ts'

/** When all of the picture is firm, and the chance that it is by the day it is due. */
export function Finish({
  picture,
  ending: { playedOut, isComing },
}: {
  readonly picture: Picture
  readonly ending: Ending
}) {
  if (!playedOut) return null
  const { firm, meets, soft, cured } = playedOut
  const isPlanned = picture.layers.some(({ painted }) => !painted)
  return (
    <p aria-busy={isComing}>
      Firm throughout{isPlanned && ', if all is painted as soon as it may be'}:{' '}
      {datesText(firm.early, firm.late)}, 8 times in 10.
      {meets && (
        <>
          {' '}
          {upperFirst(stateNames[meets.needs])} by {dayText(meets.day)}: a chance of{' '}
          {chanceText(meets.chance)}.
        </>
      )}{' '}
      {soft !== null && cured !== null && (
        <>
          Firm is not finished: it may hang, unwrapped. A soft removable varnish from about {monthText(soft)},
          after a swab on the slowest, thickest spot; any other from about {monthText(cured)}.{' '}
        </>
      )}
      <span className="text-soft">{isComing ? 'Coming.' : 'Estimate.'}</span>
    </p>
  )
}
