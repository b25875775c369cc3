import { brightenAdvice, brighteningNames } from '../../core/finish/brighten.ts'
import type { BrightenAdvice } from '../../core/finish/brighten.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { restId } from '../../core/stack/area.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import { refusedBy } from '../../document/finish/oilOutEffect.ts'
import { meetingNames, nextDate } from '../../document/picture/pictureDates.ts'
import { packedOn } from '../../document/judging/packed.ts'
import { practiceOfPainting } from '../../document/picture/picture.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { PictureSurface } from '../../document/finish/surface.ts'
import { dateText } from '../../ui/format.ts'
import { newEvent } from '../stack/event/newEvent.ts'
import { addLayer } from '../stack/event/addLayer.ts'
import type { EditedPicture } from '../stack/usePicture.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

const marks: Readonly<Record<BrightenAdvice['advice'], readonly ['sound' | 'watch' | 'unsound', string]>> = {
  do: ['sound', 'yes'],
  may: ['watch', 'if you like'],
  not: ['unsound', 'no'],
}

/** Oil it out, give it a temporary varnish, or leave it: which is wise now, and why. */
export function Brighten({
  picture,
  assessment,
  surface,
  edited,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly surface: PictureSurface
  readonly edited: EditedPicture
}) {
  const { painting, practices, today } = picture
  const due = nextDate(painting, dateOf(today))
  const advice = brightenAdvice({
    isGoingOn: surface.next !== null,
    showDays: due ? dayOf(due.on)! - Math.floor(today) : null,
    state: packedOn(picture, assessment, today).state,
    oilingOut: practiceOfPainting(painting, practices).oilingOut,
    refusesOil: refusedBy(picture, assessment, { areas: [] }),
  })
  return (
    <section aria-label="What may be done about it">
      <h2 className="border-b border-ink pb-1 text-xl">What may be done about it</h2>
      <p className="pt-1 text-[0.9rem] text-soft">
        {surface.next ? `${surface.next.name} is still to be painted` : 'No more paint is planned'}
        {due ? `; it is to be ${meetingNames[due.what]} on ${dateText(due.on)}.` : '; no date is set.'}
      </p>
      <ul>
        {advice.map(({ what, advice: one, because }) => (
          <li key={what} className="border-b border-rule py-1.5 leading-snug">
            <VerdictMark verdict={marks[one][0]} size={12} />{' '}
            <span className="font-medium">{brighteningNames[what]}</span>: {marks[one][1]}, {because}.
            {what === 'temporary-varnish' && one !== 'not' && (
              <button
                type="button"
                className="button mt-1 min-h-11"
                onClick={() =>
                  void addLayer(edited, newEvent(edited.picture, 'temporary-varnish', restId), { now: true })
                }
              >
                It has a temporary varnish, today
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
