import { emulsionOf } from '../../core/batch/emulsion.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { jarDropMl, jarKeeping, leftMl } from '../../document/batchMedium.ts'
import type { Settings } from '../../document/studio.ts'
import { send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { Labelled, NumberField, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, mlText, percentText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Counting } from '../shelf/Counting.tsx'
import { Checks } from '../mediums/Checks.tsx'
import { Truths } from '../mediums/Truths.tsx'
import type { EditedBatch } from './useBatch.ts'
import { Keeping } from './Keeping.tsx'
import { Taken, TakenList, Tubes } from './Taken.tsx'
import { Split } from './Split.tsx'
import { Feel } from './Feel.tsx'

interface RecordProps {
  readonly edited: EditedBatch
  readonly findMaterial: FindMaterial
  readonly made: Medium | null
  readonly settings: Settings
  readonly parent: string | null
  readonly usedIn: readonly string[]
  readonly today: string
}

/** What the batch has become: what was really poured, how long it keeps, where it went, how it felt. */
export function Record({ edited, findMaterial, made, settings, parent, usedIn, today }: RecordProps) {
  const { batch, edit } = edited
  if (!made)
    return <p className="text-soft">Nothing is poured yet. What goes in is written down under Weigh.</p>
  const keeping = jarKeeping(made, batch)
  const emulsion = emulsionOf(made.ingredients)
  const left = leftMl(batch, findMaterial)
  return (
    <div className="grid gap-x-12 gap-y-8 md:grid-cols-2">
      <div className="min-w-0">
        <Truths medium={made} weighed />
        {emulsion && (
          <p className="mt-3">
            Egg emulsion: added oil is {percentText(emulsion.addedOilOfWet)} of the wet by mass; dried it is{' '}
            {percentText(emulsion.oilOfDry)} oil by mass
            {emulsion.fatWhenDry && (
              <>
                , <b className="font-medium">fat when dry</b>
              </>
            )}
            ; {percentText(emulsion.waterLost)} of the wet, by mass, leaves as water.{' '}
            {emulsion.mayTurn && (
              <>
                <VerdictMark verdict="watch" size={12} /> With {about(emulsion.oilPerYolk)} parts of oil to
                one of yolk it may split.
              </>
            )}
          </p>
        )}
        <Checks medium={made} settings={settings} />
        {usedIn.length > 0 && <p className="mt-3">Painted with it: {usedIn.join(', ')}.</p>}
      </div>
      <div className="flex min-w-0 flex-col gap-6">
        <Keeping
          batch={batch}
          days={keeping.days}
          because={keeping.because}
          look={keeping}
          today={today}
          edited={edited}
        />
        <section aria-label="Where it went" className="border-t border-ink pt-3">
          <h2 className="text-xl">Where it went</h2>
          {parent && (
            <p>
              Taken from{' '}
              <a className="link" href={`/batches/${batch.parentId!}`}>
                {parent}
              </a>
              ; it inherits what was in it.
            </p>
          )}
          <p>
            Made {mlText(made.volumeMl)};{' '}
            <label className="inline-flex items-baseline gap-1">
              stays in the pot{' '}
              <NumberField
                label="Stays in the pot"
                value={Math.round(batch.loss * 1000) / 10}
                low={0}
                high={60}
                unit="% of it"
                onValue={(percent) => edit({ loss: percent / 100 })}
                className="inline-flex w-24"
              />
            </label>
            ; <b className="font-medium">{mlText(left)} are left</b>.
          </p>
          <TakenList edited={edited} />
          <Taken edited={edited} left={left} />
          <Tubes edited={edited} left={left} />
          {batch.madeOn ? (
            <Split batch={batch} />
          ) : (
            <p className="mt-2 text-soft">
              Finish it under Weigh to take some of it as the beginning of another.
            </p>
          )}
        </section>
        <Drop edited={edited} findMaterial={findMaterial} />
        <Feel edited={edited} />
        <section aria-label="Label" className="border-t border-ink pt-3">
          <h2 className="text-xl">Label</h2>
          <p className="mt-1 flex flex-wrap gap-x-6">
            <a className="min-h-11 link" href={`/api/batches/${batch.id}/label.pdf?size=small`}>
              Small, 62 × 29 mm
            </a>
            <a className="min-h-11 link" href={`/api/batches/${batch.id}/label.pdf?size=large`}>
              Large, 90 × 60 mm
            </a>
          </p>
          <Labelled label="Note">
            {(id) => (
              <TypedField
                id={id}
                shown={batch.note}
                read={(text): Reading<string> =>
                  text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text }
                }
                onValue={(note) => edit({ note })}
              />
            )}
          </Labelled>
          <button
            type="button"
            className="mt-3 min-h-11 text-soft link"
            onClick={() =>
              void send(
                'DELETE /api/batches/{id}',
                { seen: batch.revision },
                { params: { id: batch.id } },
              ).then((reply) =>
                reply.ok
                  ? goAndSay(
                      '/batches',
                      `${batch.name}, batch ${batch.number} is removed.`,
                      reply.value.event,
                    )
                  : say(reply.refusal.message),
              )
            }
          >
            Remove the batch
          </button>
        </section>
      </div>
    </div>
  )
}

/** A drop of what is in the jar: a mixture drops as none of its liquids does. */
function Drop({ edited: { batch, edit }, findMaterial }: Pick<RecordProps, 'edited' | 'findMaterial'>) {
  const ml = jarDropMl(batch, findMaterial)
  return (
    <section aria-label="A drop of it" className="border-t border-ink pt-3">
      <h2 className="text-xl">A drop of it</h2>
      <Counting
        legend="Count drops into a scale, with the dropper you use at the easel"
        what="drops"
        usual={20}
        counts={batch.dropper}
        onCounts={(dropper) => edit({ dropper })}
      >
        {ml !== null ? (
          `One drop is about ${about(ml)} ml. Palettes count with it.`
        ) : (
          <span className="text-soft">Not counted yet: palettes take the mean of its liquids’ drops.</span>
        )}
      </Counting>
    </section>
  )
}
