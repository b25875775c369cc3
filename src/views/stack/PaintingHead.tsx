import { practiceOf, practicesWith } from '../../core/practice/practice.ts'
import { grounds, supportOf, supports } from '../../core/stack/support.ts'
import type { Picture } from '../../document/picture.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { Areas } from './Areas.tsx'
import { ChoiceRow, Labelled, NumberRow, TypedRow } from '../../ui/fields.tsx'
import { Popup } from '../../ui/Popup.tsx'
import { dateText } from '../../ui/format.ts'

/** What a painting is, in one line; opened, the line can be changed. */
export function PaintingHead({
  picture,
  onChange,
  onRemove,
}: {
  readonly picture: Picture
  readonly onChange: (change: Partial<PaintingDocument>) => void
  readonly onRemove: () => void
}) {
  const { painting, practices } = picture
  const practice = practiceOf(painting.practice, practices)
  const facts = [
    supportOf(painting.support)!.name,
    grounds.find(({ id }) => id === painting.ground)?.name ?? 'no ground',
    painting.widthCm && painting.heightCm ? `${painting.widthCm} × ${painting.heightCm} cm` : null,
    `practice: ${practice.name.toLowerCase()}`,
    painting.deadline ? `due ${dateText(painting.deadline)}` : null,
  ].filter(Boolean)
  return (
    <div className="min-w-0">
      <h1 className="text-[2.2rem] leading-[1.1] [overflow-wrap:anywhere]">{painting.title}</h1>
      <p className="mt-1.5 text-soft">
        {facts.join(' · ')}{' '}
        <Popup
          button="Change"
          buttonClassName="ml-2 min-h-6 link"
          label="Change the painting"
          align="start"
          className="grid w-[26rem] gap-3 sm:grid-cols-2"
        >
          <TypedRow
            label="Title"
            className="sm:col-span-2"
            shown={painting.title}
            read={(text) =>
              text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the painting a title.' }
            }
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
          <ChoiceRow
            label="Practice"
            className="sm:col-span-2"
            hint={practice.summary}
            value={painting.practice}
            onValue={(next) => onChange({ practice: next })}
            options={practicesWith(practices)}
          />
          <Labelled label="Ready by">
            {(id) => (
              <input
                id={id}
                type="date"
                className="field"
                value={painting.deadline ?? ''}
                onChange={({ target }) => onChange({ deadline: target.value || null })}
              />
            )}
          </Labelled>
          <Areas picture={picture} onChange={(areas) => onChange({ areas })} />
          <div className="flex items-end justify-end sm:col-span-2">
            <button type="button" className="button" onClick={onRemove}>
              Remove painting
            </button>
          </div>
        </Popup>
      </p>
    </div>
  )
}
