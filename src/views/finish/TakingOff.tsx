import { takingOffPlan } from '../../core/finish/takingOff.ts'
import type { TestStep } from '../../core/finish/takingOff.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { restId } from '../../core/stack/area.ts'
import type { SpotResult, SpotTest } from '../../document/spotTest.ts'
import { spotWords } from '../../document/finish/spotWords.ts'
import { varnishOn, weakestFilms } from '../../document/finish/removable.ts'
import { dateText, upperFirst } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { newEvent } from '../stack/event/newEvent.ts'
import { addLayer } from '../stack/event/addLayer.ts'
import type { FinishProps } from './FinishView.tsx'

const freshDays = 365

const marks = { try: 'sound', conservator: 'watch', never: 'unsound' } as const

/** Taking the varnish off again: in which order it is tried, milder first, where not, and what was found. */
export function TakingOff({ picture, assessment, findMaterial, edited }: FinishProps) {
  const on = varnishOn(picture, findMaterial)
  if (!on) return null
  const { painting, today } = picture
  const age = today - dayOf(on.layer.painted!.at)!
  const plans = weakestFilms(picture, assessment, null).map(({ id, area, layer, yields }) => ({
    ...{ id, area, layer },
    ...takingOffPlan(on.remover, yields, age < freshDays),
  }))
  const note = (area: string, rank: number, result: SpotResult): void => {
    const test: SpotTest = {
      ...{ id: crypto.randomUUID(), on: dateOf(today), rank, result },
      area: area === restId ? null : area,
    }
    edited.editPainting({ spotTests: [...painting.spotTests, test] })
  }
  const isOff = (): void =>
    void addLayer(edited, newEvent(edited.picture, 'varnish-off', restId), { now: true })
  return (
    <section aria-label="Taking it off again" className="mt-8 border-t border-ink pt-4">
      <h2 className="text-xl">Taking it off again</h2>
      <p className="mt-1 max-w-[60rem] font-read text-[1.15rem] leading-snug">
        {on.remover === null
          ? 'Nothing takes it off without the painting. Leave it to a conservator.'
          : `${on.layer.name}, ${dateText(on.layer.painted!.at.slice(0, 10))}: milder first, one place at a time, and stop at the first colour on the cotton.`}
      </p>
      {plans.map(({ id, area, layer, steps }) => {
        const tests = painting.spotTests.filter((test) => (test.area ?? restId) === id)
        const stopped = tests.find(({ result }) => result === 'colour')
        return (
          <table key={id} className="mt-3 w-full text-[0.95rem]">
            <caption className="text-left font-read text-[1.1rem]">
              {upperFirst(area)} <span className="text-soft">over {layer}</span>
            </caption>
            <thead className="sr-only">
              <tr>
                <th scope="col">Solvent</th>
                <th scope="col">How</th>
                <th scope="col">What was found</th>
              </tr>
            </thead>
            <tbody>
              {steps.map((step) => (
                <tr key={step.rank} className="border-t border-rule align-top">
                  <th scope="row" className="w-72 py-2 pr-4 text-left font-normal">
                    {step.rank}. {step.solvent}
                  </th>
                  <td className="py-2 pr-4 leading-snug">
                    <VerdictMark verdict={stopped ? 'unsound' : marks[step.is]} size={12} />{' '}
                    {stopped ? stopText(stopped) : step.says}
                  </td>
                  <td className="w-72 py-1">
                    <Found
                      step={step}
                      area={area}
                      test={tests.findLast(({ rank }) => rank === step.rank)}
                      isOpen={step.is === 'try' && !stopped}
                      onResult={(result) => note(id, step.rank, result)}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )
      })}
      <p className="mt-3 text-[0.88rem] text-soft">
        A square centimetre at the edge first, five seconds, then under a glass; then the darkest and the
        lightest colour. What is strong, old, or over anything that gives is a conservator’s work. Window
        open, gloves, no flame; local rules and the safety data sheet come first.
      </p>
      {plans.some(({ isForPainter }) => isForPainter) && (
        <button type="button" className="button mt-3 min-h-11" onClick={isOff}>
          It is off, today
        </button>
      )}
    </section>
  )
}

const stopText = ({ on }: SpotTest): string =>
  `stop: colour came on ${dateText(on)}. No further test here without a conservator`

function Found({
  step,
  area,
  test,
  isOpen,
  onResult,
}: {
  readonly step: TestStep
  readonly area: string
  readonly test: SpotTest | undefined
  readonly isOpen: boolean
  readonly onResult: (result: SpotResult) => void
}) {
  if (test)
    return (
      <span>
        {spotWords[test.result]}, {dateText(test.on)}
      </span>
    )
  if (!isOpen) return null
  return (
    <span className="flex flex-wrap gap-1">
      {(Object.keys(spotWords) as SpotResult[]).map((result) => (
        <button
          key={result}
          type="button"
          className="button min-h-11"
          aria-label={`${step.solvent}, ${area}: ${spotWords[result]}`}
          onClick={() => onResult(result)}
        >
          {spotWords[result]}
        </button>
      ))}
    </span>
  )
}
