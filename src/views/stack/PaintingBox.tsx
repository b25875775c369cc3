import { isPast } from '../../ui/format.ts'
import { practiceOf, practicesWith } from '../../core/practice/practice.ts'
import { grounds, supports } from '../../core/stack/support.ts'
import type { Picture } from '../../document/picture.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { ChoiceRow, DateRow, NumberRow, readName, TypedRow } from '../../ui/fields.tsx'
import { Areas } from './Areas.tsx'

export interface PaintingBoxProps {
  readonly picture: Picture
  readonly onChange: (change: Partial<PaintingDocument>) => void
  readonly onRemove: () => void
}

/** All that can be said of a painting besides its layers. */
export function PaintingBox({ picture, onChange, onRemove }: PaintingBoxProps) {
  const { painting, practices } = picture
  const practice = practiceOf(painting.practice, practices)
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
        value={painting.heightCm}
        low={1}
        high={2000}
        onValue={(heightCm) => onChange({ heightCm })}
      />
      <ChoiceRow
        label="Support"
        value={painting.support}
        onValue={(support) => onChange({ support })}
        options={supports}
      />
      <ChoiceRow
        label="Ground"
        value={painting.ground ?? ''}
        onValue={(ground) => onChange({ ground: ground || null })}
        options={[{ id: '', name: 'none' }, ...grounds]}
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
        hint={practice.summary}
        value={painting.practice}
        onValue={(next) => onChange({ practice: next })}
        options={practicesWith(practices)}
      />
      <DateRow
        label="Ready by"
        hint={painting.deadline !== null && isPast(painting.deadline) && 'That day is past.'}
        value={painting.deadline}
        onValue={(deadline) => onChange({ deadline })}
      />
      <Areas picture={picture} onChange={(areas) => onChange({ areas })} />
      <div className="flex items-end justify-end sm:col-span-2">
        <button type="button" className="button" onClick={onRemove}>
          Remove painting
        </button>
      </div>
    </>
  )
}
