import Camera from 'lucide-react/dist/esm/icons/camera.mjs'
import Trash2 from 'lucide-react/dist/esm/icons/trash-2.mjs'
import { useState } from 'react'
import { checks, fingerWords } from '../../core/cure/checkWords.ts'
import type { Finger } from '../../core/cure/checks.ts'
import { dayOf, minuteAt } from '../../core/plan/calendar.ts'
import type { FingerDocument } from '../../document/finger.ts'
import { placesIn } from '../../document/places.ts'
import type { Swatch } from '../../document/swatch.ts'
import { requestTo, send, upload } from '../../ui/client.ts'
import { ChoiceRow, readName, TypedRow } from '../../ui/fields.tsx'
import { minuteText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { TakePhoto } from '../../ui/photo/TakePhoto.tsx'
import { TouchButtons } from '../../ui/touch/TouchButtons.tsx'
import { Colours } from './Colours.tsx'
import type { SwatchProps } from './SwatchRow.tsx'
import { daysText } from './words.ts'

const spots = [
  { id: '', name: 'the thickest spot' },
  { id: 'the even middle', name: 'the even middle' },
  { id: 'a thin edge', name: 'a thin edge (told apart)' },
]

/** What can be done with a swatch: every check in two taps, its colour, its record. */
export function SwatchSheet(props: SwatchProps) {
  const { entry, tapped } = props
  const { swatch, film } = entry
  const [where, setWhere] = useState('')
  const [photo, setPhoto] = useState<string | null>(null)
  const params = { id: swatch.id }
  const told = (finger: Finger): void => {
    const touched = { ...finger, where, photo, tapped: minuteAt(new Date()) }
    tapped(
      requestTo('POST /api/swatches/{id}/touch', touched, { params }),
      `${swatch.name}: ${fingerWords(finger)}.`,
    )
    setPhoto(null)
  }
  const take = (file: File): void =>
    void upload<{ photo: string }>(`/api/swatches/${swatch.id}/photo`, file).then((reply) =>
      reply.ok ? setPhoto(reply.value.photo) : say(reply.refusal.message),
    )
  return (
    <div className="mt-3 grid gap-x-10 gap-y-5 border-l-2 border-rule pl-4 lg:grid-cols-2">
      <section aria-label={`Checks of ${swatch.name}`}>
        <div className="flex flex-wrap items-end gap-4 pb-2">
          <ChoiceRow
            label="Where"
            className="w-56 max-w-full"
            value={where}
            onValue={setWhere}
            options={spots}
          />
          <TakePhoto onFile={take}>
            <Camera size={15} aria-hidden="true" /> {photo ? 'photograph goes with it' : 'with a photograph'}
          </TakePhoto>
        </div>
        <TouchButtons doubtful={film?.doubtful ?? []} onFinger={told} all />
      </section>
      <div className="grid content-start gap-5">
        <Fingers {...props} />
        <Colours {...props} />
        <Facts {...props} />
      </div>
    </div>
  )
}

/** A swatch as it is saved; what was used is the studio's to write. */
const saved = (swatch: SwatchProps['entry']['swatch'], change: Partial<Swatch>) =>
  send('PUT /api/swatches', { swatch: { ...swatch, ...change }, seen: swatch.revision })

function Fingers({ entry: { swatch }, after }: SwatchProps) {
  if (swatch.fingers.length === 0) return <p className="text-soft">Not touched yet.</p>
  const laidDay = dayOf(swatch.laid.at)!
  const with_ = (changed: FingerDocument): readonly FingerDocument[] =>
    swatch.fingers.map((one) => (one.id === changed.id ? changed : one))
  return (
    <section aria-label="What hands found">
      <h4 className="text-[0.8rem] text-soft">What hands found</h4>
      <ul>
        {swatch.fingers.map((finger) => {
          const { id, at, check, where, photo, counts } = finger
          return (
            <li key={id} className="flex flex-wrap items-center gap-x-3 border-t border-rule">
              <span className={`min-w-0 grow ${counts ? '' : 'text-soft line-through'}`}>
                Day {daysText(dayOf(at)! - laidDay)}, {checks[check].name}: {fingerWords(finger)}
                {where && `, ${where}`}
                {photo && (
                  <>
                    {' '}
                    <a className="link" href={`/api/photos/${photo}`}>
                      photograph
                    </a>
                  </>
                )}
              </span>
              <button
                type="button"
                className="min-h-11 link"
                aria-label={`${counts ? 'Take out' : 'Count again'} the ${checks[check].name} of ${minuteText(at)}`}
                onClick={() =>
                  void after(
                    saved(swatch, { fingers: [...with_({ ...finger, counts: !counts })] }),
                    counts ? 'Taken out: nothing is learnt from it.' : 'It counts again.',
                  )
                }
              >
                {counts ? 'take out' : 'count again'}
              </button>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

function Facts({ entry: { swatch, trial }, settings, after }: SwatchProps) {
  return (
    <section aria-label="The swatch itself" className="grid gap-3 sm:grid-cols-2">
      <TypedRow
        label="Name"
        shown={swatch.name}
        read={(text) => readName(text, 'the swatch')}
        onValue={(name) =>
          name === swatch.name ? undefined : void after(saved(swatch, { name }), `It is called ${name}.`)
        }
      />
      <ChoiceRow
        label="Hangs in"
        value={swatch.placeId}
        options={placesIn(settings).map(({ id, name }) => ({ id, name }))}
        onValue={(placeId) => void after(saved(swatch, { placeId }), 'Moved.')}
      />
      {trial ? (
        <p className="text-[0.88rem] text-soft sm:col-span-2">
          It is the {trial.as === 'control' ? 'control of a trial' : 'film a trial is about'}: what was laid
          is fixed.
        </p>
      ) : (
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1.5 justify-self-start link"
          onClick={() =>
            void after(
              send('DELETE /api/swatches/{id}', { seen: swatch.revision }, { params: { id: swatch.id } }),
              `${swatch.name} is off the rack.`,
            )
          }
        >
          <Trash2 size={15} aria-hidden="true" /> Take it off the rack
        </button>
      )}
    </section>
  )
}
