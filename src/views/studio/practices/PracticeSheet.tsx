import { stateNames } from '../../../core/cure/states.ts'
import { fatMeasures, weights } from '../../../core/practice/measures.ts'
import type { Weight } from '../../../core/practice/measures.ts'
import { gates, oilingOuts, varnishAts } from '../../../core/practice/practice.ts'
import type { Gate, OilingOut, Practice, VarnishAt } from '../../../core/practice/practice.ts'
import { measureNames, oilingOutNames, varnishNames, weightNames } from '../../../core/practice/words.ts'
import type { PracticeDocument } from '../../../document/practice.ts'
import { ChoiceRow, NumberRow } from '../../../ui/fields.tsx'
import { Tick } from '../../../ui/tick/Tick.tsx'
import { Compare } from './Compare.tsx'
import { LimitTable } from './LimitTable.tsx'

export interface PracticeSheetProps {
  readonly practice: Practice
  readonly provenance: PracticeDocument['provenance']
  /** The shipped practice it is, or began from: its values are the starting ones. */
  readonly school: string
  /** Null while the practice is as shipped. */
  readonly edit: ((change: Partial<PracticeDocument>) => void) | null
  readonly all: readonly Practice[]
}

/** One practice: how it judges fat, what it waits for, where it stands where schools clash, and every limit. */
export function PracticeSheet(props: PracticeSheetProps) {
  return (
    <>
      <Choices {...props} />
      <FatMeasures {...props} />
      <div className="mt-5">
        <LimitTable {...props} />
      </div>
      <Compare practice={props.practice} all={props.all} />
    </>
  )
}

const named = <Id extends string>(ids: readonly Id[], nameOf: (id: Id) => string) =>
  ids.map((id) => ({ id, name: nameOf(id) }))
const gateChoices = named(gates, (gate) => stateNames[gate])

/** What a practice decides besides its limits. */
function Choices({ practice, edit }: PracticeSheetProps) {
  const { gate, alkydWeight, oilingOut, varnish, thinnerCounts, waxPasteCounts, alkydWatched } = practice
  const contested = [
    ['Oiling out', oilingOutNames[oilingOut]],
    ['Varnish', varnishNames[varnish]],
  ] as const
  return (
    <>
      {edit ? (
        <div className="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-3">
          <ChoiceRow
            label="Before the next layer, oil is"
            value={gate.oil}
            onValue={(oil) => edit({ gate: { ...gate, oil: oil as Gate } })}
            options={gateChoices}
          />
          <ChoiceRow
            label="and alkyd is"
            value={gate.alkyd}
            onValue={(alkyd) => edit({ gate: { ...gate, alkyd: alkyd as Gate } })}
            options={gateChoices}
          />
          <NumberRow
            label="Of an alkyd counts as fat"
            value={alkydWeight}
            low={0}
            high={1}
            onValue={(weight) => edit({ alkydWeight: weight })}
          />
          <ChoiceRow
            label="Oils out"
            value={oilingOut}
            onValue={(chosen) => edit({ oilingOut: chosen as OilingOut })}
            options={named(oilingOuts, (id) => oilingOutNames[id].name)}
          />
          <ChoiceRow
            label="Varnishes"
            value={varnish}
            onValue={(chosen) => edit({ varnish: chosen as VarnishAt })}
            options={named(varnishAts, (id) => varnishNames[id].name)}
          />
          <div className="flex flex-col gap-1 self-end text-[0.9rem]">
            <Tick
              label="all that flies off counts as thinner"
              on={thinnerCounts === 'volatile'}
              onTick={(on) => edit({ thinnerCounts: on ? 'volatile' : 'poured' })}
            />
            <Tick
              label="wax paste counts as medium"
              on={waxPasteCounts}
              onTick={(on) => edit({ waxPasteCounts: on })}
            />
            <Tick
              label="alkyd is watched only over what is soft"
              on={alkydWatched === 'over-soft'}
              onTick={(on) => edit({ alkydWatched: on ? 'over-soft' : 'always' })}
            />
          </div>
        </div>
      ) : (
        <p className="mt-2 text-soft">
          Before the next layer an oil layer is {stateNames[gate.oil]}, an alkyd one {stateNames[gate.alkyd]}.
          Alkyd counts{' '}
          {alkydWeight === 1 ? 'fully' : alkydWeight === 0 ? 'not at all' : `${alkydWeight} of it`} as fat.
          {thinnerCounts === 'volatile' && ' All that flies off but water counts as thinner.'}
          {!waxPasteCounts && ' Wax paste does not count as medium.'}
        </p>
      )}
      <dl className="mt-3 grid gap-x-8 gap-y-2 sm:grid-cols-2">
        {contested.map(([what, { name, gained, risked }]) => (
          <div key={what}>
            <dt className="text-[0.8rem] text-soft">{what}</dt>
            <dd className="leading-snug">
              {name}
              <span className="block text-[0.9rem] text-soft">
                Gained: {gained}. Risked: {risked}.
              </span>
            </dd>
          </div>
        ))}
      </dl>
    </>
  )
}

/** Which of the five ways of judging fat speak; all of them are shown on every layer. */
function FatMeasures({ practice: { fat }, edit }: PracticeSheetProps) {
  return (
    <section aria-label="Fat judged five ways" className="mt-4">
      <h3 className="text-lg">Fat judged five ways</h3>
      <div className="mt-1 grid gap-x-6 gap-y-2 sm:grid-cols-5">
        {fatMeasures.map((measure) =>
          edit ? (
            <ChoiceRow
              key={measure}
              label={measureNames[measure]}
              value={fat[measure]}
              onValue={(weight) => edit({ fat: { ...fat, [measure]: weight as Weight } })}
              options={named(weights, (id) => weightNames[id])}
            />
          ) : (
            <p key={measure}>
              <span className="block text-[0.8rem] text-soft">{measureNames[measure]}</span>
              {weightNames[fat[measure]]}
            </p>
          ),
        )}
      </div>
    </section>
  )
}
