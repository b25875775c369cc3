import { practiceOfPainting } from '../../document/picture/picture.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { groundOf, supportOf } from '../../core/stack/support.ts'
import { meetingNames, nextDate } from '../../document/picture/pictureDates.ts'
import { Popup } from '../../ui/Popup.tsx'
import { dateText } from '../../ui/format.ts'
import { later, useLater } from '../../ui/useLater.ts'
import type { PaintingBoxProps } from './PaintingBox.tsx'

const box = later(() => import('./PaintingBox.tsx').then(({ PaintingBox }) => PaintingBox))

/** What a painting is, in one line; opened, the line can be changed. */
export function PaintingHead(props: PaintingBoxProps) {
  const { painting, practices } = props.picture
  const Box = useLater(box)
  const practice = practiceOfPainting(painting, practices)
  const next = nextDate(painting, dateOf(props.picture.today))
  const facts = [
    supportOf(painting.support)!.name,
    painting.old
      ? 'over an old picture'
      : ((painting.ground ? groundOf(painting.ground)?.name : undefined) ?? 'no ground'),
    painting.widthCm && painting.heightCm ? `${painting.widthCm} × ${painting.heightCm} cm` : null,
    `practice: ${practice.name.toLowerCase()}`,
    next ? `${meetingNames[next.what]} ${dateText(next.on)}` : null,
  ].filter(Boolean)
  return (
    <div className="min-w-0">
      <h1 className="text-[2.2rem] leading-[1.1] [overflow-wrap:anywhere]" translate="no">
        {painting.title}
      </h1>
      <p className="mt-1.5 text-soft">
        {facts.join(' · ')}{' '}
        <Popup
          button="Change"
          buttonClassName="ml-2 min-h-6 link"
          label="Change the painting"
          align="start"
          className="grid w-[26rem] gap-3 sm:grid-cols-2"
        >
          {Box && <Box {...props} />}
        </Popup>
      </p>
    </div>
  )
}
