import { withPracticeKept } from '../../document/finish/finished.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { practiceOf, practicesWith } from '../../core/practice/shipped.ts'
import { groundReadyDays } from '../../core/soundness/rules/ground.ts'
import { groundOf, grounds, suctionUmOf, supports } from '../../core/stack/support.ts'
import { dayCount } from '../../core/words.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { ChoiceRow, DateRow, NumberRow, readName, TypedRow } from '../../ui/fields.tsx'
import { about, dayText } from '../../ui/format.ts'

export interface PictureProps {
  readonly picture: Picture
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

/** What a picture is made on, and by which practice. */
export function PictureFields({ picture, onChange }: PictureProps) {
  const { painting, practices } = picture
  return (
    <>
      <TypedRow
        label="Title"
        className="sm:col-span-2"
        shown={painting.title}
        read={(text) => readName(text, 'the painting')}
        onValue={(title) => onChange({ title })}
      />
      <NumberRow
        label="Width, cm"
        value={painting.widthCm}
        low={1}
        high={2000}
        onValue={(widthCm) => onChange({ widthCm })}
      />
      <NumberRow
        label="Height, cm"
        hint={surfaceText(painting)}
        value={painting.heightCm}
        low={1}
        high={2000}
        onValue={(heightCm) => onChange({ heightCm })}
      />
      <ChoiceRow
        label="Support"
        value={painting.support}
        options={supports}
        onValue={(support) => onChange({ support })}
      />
      <ChoiceRow
        label="Ground"
        hint={groundText(picture)}
        value={painting.ground ?? ''}
        options={[{ id: '', name: 'none' }, ...grounds]}
        onValue={(ground) => onChange({ ground: ground || null })}
      />
      {painting.ground && (
        <DateRow
          label="Ground put on"
          value={painting.groundOn}
          onValue={(groundOn) => onChange({ groundOn })}
        />
      )}
      <ChoiceRow
        label="Practice"
        className="sm:col-span-2"
        hint={practiceOf(painting.practice, practices).summary}
        value={painting.practice}
        options={practicesWith(practices)}
        onValue={(practice) => onChange(withPracticeKept(painting, { practice }, practices))}
      />
    </>
  )
}

const surfaceText = ({ widthCm, heightCm }: PaintingDocument): string | null =>
  widthCm && heightCm ? `${about((widthCm * heightCm) / 1e4, 3)} m² in all.` : null

/** Whether the ground may be painted on, and how thirsty it is. */
function groundText({ painting, settings, today }: Picture): string | null {
  const ground = painting.ground ? groundOf(painting.ground) : undefined
  if (!ground) return null
  const { least, good } = groundReadyDays(ground, settings.climate)
  const thirst = `Takes about ${about(suctionUmOf(ground))} ml of oil a square metre (estimate).`
  if (!painting.groundOn) return `Wants ${dayCount(good)} before oil. ${thirst}`
  const ready = dayOf(painting.groundOn)! + good
  return ready <= today
    ? `Ready for oil since ${dateOf(ready) === dateOf(today) ? 'today' : dayText(ready)}. ${thirst}`
    : `Ready for oil on ${dayText(ready)}, at the least ${dayText(dayOf(painting.groundOn)! + least)}. ${thirst}`
}
