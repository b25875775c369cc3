import { useState } from 'react'
import { complaints, complaintsFor } from '../../core/rescue/complaints.ts'
import type { Answers, Complaint, Diagnosis, RescueFacts } from '../../core/rescue/complaint.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { useEarly } from '../../ui/early.ts'
import { ChoiceRow, Labelled } from '../../ui/fields.tsx'

/** The layer something is wrong with. */
interface About {
  readonly paintingId: string
  readonly title: string
  readonly layers: readonly { readonly id: string; readonly name: string }[]
  readonly layerId: string
  readonly onLayer: (id: string) => void
  readonly facts: RescueFacts | null
  /** The layer's note as it is. */
  readonly noted: string
  readonly onNote: (text: string) => void
}

/** What went wrong, in plain words; a question or two; what it probably is, what to do now and what to leave alone. */
export function RescueView({ what, about }: { readonly what: string | null; readonly about: About | null }) {
  const [chosenId, choose] = useState(what)
  const [words, setWords] = useState('')
  const chosen = complaints.find(({ id }) => id === chosenId)
  const [answers, setAnswers] = useState<Answers>({})
  useEarly()
  const take = (id: string | null): void => {
    choose(id)
    setAnswers({})
  }
  return (
    <>
      <header className="border-b border-rule pb-4">
        <h1 className="text-[2.2rem] leading-[1.1]">Rescue</h1>
        <p className="mt-1.5 max-w-[60rem] font-read text-[1.2rem] leading-snug">
          {chosen
            ? answerText(chosen, answers, about)
            : 'What is wrong with it? Say it in your own words, or take the nearest.'}
        </p>
      </header>
      <div className={`mt-4 grid gap-x-12 gap-y-8 ${chosen ? 'lg:grid-cols-[minmax(16rem,4fr)_8fr]' : ''}`}>
        <section aria-label="What is wrong" className="min-w-0">
          <On about={about} what={chosenId} />
          <Labelled label="In your own words">
            {(id) => (
              <input
                id={id}
                className="field min-h-11 w-full"
                value={words}
                onChange={({ target }) => setWords(target.value)}
                placeholder="it has gone dull in the darks"
              />
            )}
          </Labelled>
          <ul
            className={`mt-3 gap-x-8 sm:grid-cols-2 ${chosen ? 'hidden lg:grid lg:grid-cols-1' : 'grid lg:grid-cols-3'}`}
          >
            {(words ? complaintsFor(words) : complaints).map(({ id, name, alsoSaid }) => (
              <li key={id} className="border-t border-rule">
                <button
                  type="button"
                  aria-pressed={id === chosenId}
                  className="min-h-11 w-full py-1 text-left aria-pressed:font-medium"
                  onClick={() => take(id)}
                >
                  <span className="font-read text-[1.15rem]">{name}</span>
                  <span className="block text-[0.8rem] font-normal text-soft">{alsoSaid}</span>
                </button>
              </li>
            ))}
          </ul>
          {chosen && (
            <p className="mt-3 lg:hidden">
              <span className="font-read text-[1.15rem]">{chosen.name}</span>{' '}
              <button type="button" className="min-h-11 pl-4 link" onClick={() => take(null)}>
                It is something else
              </button>
            </p>
          )}
        </section>
        {chosen && <Asked complaint={chosen} answers={answers} onAnswers={setAnswers} about={about} />}
      </div>
    </>
  )
}

/** What it is likely, in a sentence, once something was answered. */
function answerText(complaint: Complaint, answers: Answers, about: About | null): string {
  const [first] = complaint.diagnose(answers, about?.facts ?? null)
  const asked = complaint.questions.length - Object.keys(answers).length
  if (!first || (Object.keys(answers).length === 0 && !about?.facts))
    return `${complaint.name}: ${asked === 1 ? 'one question' : `${asked} questions`}, with something to look at or touch.`
  return `${first.sure === 'likely' ? 'Likely' : 'Possibly'}: ${lowerFirst(first.probably)}`
}

const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

/** Which picture and layer it is about. */
function On({ about, what }: { readonly about: About | null; readonly what: string | null }) {
  const go = (id: string): void => {
    const query = new URLSearchParams({ ...(what && { what }), ...(id && { painting: id }) })
    location.assign(`/rescue?${query.toString()}`)
  }
  return (
    <div className="mb-5 grid gap-3">
      <Labelled
        label="On which picture"
        hint={!about && 'Named, its record goes into the answer, and the answer onto its record.'}
      >
        {(id) => (
          <Chooser
            id={id}
            shown={about?.title ?? 'none named'}
            options={noPicture}
            lookups={lookups}
            onChoose={(chosen) => go(chosen.id)}
          />
        )}
      </Labelled>
      {about && about.layers.length > 0 && (
        <ChoiceRow label="Which layer" value={about.layerId} options={about.layers} onValue={about.onLayer} />
      )}
    </div>
  )
}

const lookups = ['painting'] as const
const noPicture = [{ id: '', name: 'none named' }]

function Asked({
  complaint,
  answers,
  onAnswers,
  about,
}: {
  readonly complaint: Complaint
  readonly answers: Answers
  readonly onAnswers: (answers: Answers) => void
  readonly about: About | null
}) {
  const facts = about?.facts ?? null
  const mayAnswer = Object.keys(answers).length > 0 || facts !== null
  const diagnoses = complaint.diagnose(answers, facts)
  return (
    <section aria-label={complaint.name}>
      {complaint.questions.map(({ id, asks, how, answers: choices }) => (
        <fieldset key={id} className="mb-4">
          <legend className="font-read text-[1.15rem]">{asks}</legend>
          <p className="text-[0.9rem] text-soft">{how}</p>
          <div className="mt-1 flex flex-wrap gap-2">
            {choices.map((choice) => (
              <button
                key={choice.id}
                type="button"
                aria-pressed={answers[id] === choice.id}
                className={`button min-h-11 ${answers[id] === choice.id ? 'button-ink' : ''}`}
                onClick={() => onAnswers({ ...answers, [id]: choice.id })}
              >
                {choice.says}
              </button>
            ))}
          </div>
        </fieldset>
      ))}
      {mayAnswer && (
        <div aria-live="polite">
          {diagnoses.map((diagnosis) => (
            <Told key={diagnosis.probably} diagnosis={diagnosis} complaint={complaint} about={about} />
          ))}
          <p className="mt-4 border-t border-rule pt-2 text-[0.85rem] text-soft">
            What it probably is comes from what you see and from the record; it is no examination. On
            another’s picture, or where you are not sure, ask a conservator first. Gloves and an open window
            with any solvent; its safety data sheet and local rules come first.
          </p>
        </div>
      )}
    </section>
  )
}

function Told({
  diagnosis: { probably, sure, now, leave, conservator },
  complaint,
  about,
}: {
  readonly diagnosis: Diagnosis
  readonly complaint: Complaint
  readonly about: About | null
}) {
  const note = `${complaint.name}. ${sure === 'likely' ? 'Likely' : 'Possibly'}: ${probably}`
  const isNoted = about?.noted.includes(note) ?? false
  return (
    <article className="mt-4 border-l-[3px] border-ink pl-4">
      <h2 className="text-xl">
        {sure === 'likely' ? 'Likely' : 'Possibly'}: {lowerFirst(probably)}
      </h2>
      <ol className="mt-2 list-decimal pl-5">
        {now.map((step) => (
          <li key={step} className="py-0.5">
            {step}
          </li>
        ))}
      </ol>
      <p className="mt-2">
        <span className="font-medium">Leave alone.</span> {leave}
      </p>
      {conservator && (
        <p className="mt-2">
          <span className="font-medium">A conservator.</span> {conservator}
        </p>
      )}
      {about && (
        <p className="mt-3">
          {isNoted ? (
            <>
              It is on record with the layer.{' '}
              <a className="link" href={`/paintings/${about.paintingId}`}>
                To its stack
              </a>
            </>
          ) : (
            <button type="button" className="button min-h-11" onClick={() => about.onNote(note)}>
              Note it on the record
            </button>
          )}
        </p>
      )}
    </article>
  )
}
