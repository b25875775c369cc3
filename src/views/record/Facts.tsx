import { workStateNames } from '../../document/picture/pictureDates.ts'
import { withPracticeKept } from '../../document/finish/finished.ts'
import type { WorkState } from '../../document/studio.ts'
import { ChoiceRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { upperFirst } from '../../ui/format.ts'
import { PictureFields } from './PictureFields.tsx'
import type { PictureProps } from './PictureFields.tsx'

const states = Object.entries(workStateNames).map(([id, name]) => ({ id, name: upperFirst(name) }))

const upTo =
  (letters: number) =>
  (text: string): Reading<string> =>
    text.length > letters ? { problem: `Keep it under ${letters} letters.` } : { value: text }
const [readLine, readNote] = [upTo(120), upTo(4000)]

/** What a picture is, how far it is, where it stands and for whom. */
export function Facts({ picture, onChange }: PictureProps) {
  const { painting } = picture
  return (
    <section aria-label="The picture" className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
      <h2 className="text-xl sm:col-span-2">The picture</h2>
      <ChoiceRow
        label="How far it is"
        value={painting.state}
        options={states}
        hint={
          painting.keptPractice &&
          `Judged by ${painting.keptPractice.name.toLowerCase()} as that was when it was finished.`
        }
        onValue={(state) =>
          onChange(withPracticeKept(painting, { state: state as WorkState }, picture.practices))
        }
      />
      <TypedRow
        label="Where it stands"
        shown={painting.place}
        read={readLine}
        onValue={(place) => onChange({ place })}
      />
      <TypedRow
        label="For whom"
        className="sm:col-span-2"
        shown={painting.client}
        read={readLine}
        onValue={(client) => onChange({ client })}
      />
      <PictureFields picture={picture} onChange={onChange} />
      <TypedRow
        label="Notes"
        className="sm:col-span-2"
        shown={painting.note}
        read={readNote}
        onValue={(note) => onChange({ note })}
      />
    </section>
  )
}
