import { checks } from '../../core/cure/checkWords.ts'
import type { Trial } from '../../document/trial.ts'
import type { Rack, RackSwatch, RackTrial } from '../../studio/lists/rack.ts'
import { send } from '../../ui/client.ts'
import { dateText, mlText, umText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Card } from './Card.tsx'
import type { RackDesk } from './useRack.ts'
import { Term } from '../../ui/help/Term.tsx'

const outcomeWords = {
  open: 'Still open',
  yes: 'Yes',
  no: 'No',
  inconclusive: 'Inconclusive',
} as const
const outcomeMarks = { open: 'note', yes: 'sound', no: 'unsound', inconclusive: 'watch' } as const

export const ruleWords = (rule: Trial['rule']): string =>
  rule.by === 'check'
    ? `Yes if by day ${rule.day} it passes ${checks[rule.check].name} (${checks[rule.check].passes}) and the control does too; no if only the control does.`
    : `Yes if by day ${rule.day} it is at most ${rule.mostYellower} points of b* yellower, and the control too; no if only the control keeps to that.`

/** How it is drawn down, so that both dry alike. */
const drawnWords = ({ swatch: { drawn }, film }: RackSwatch): string =>
  [
    ...(drawn ? [`${mlText(drawn.ml)} over ${drawn.areaCm2}\u00a0cm²`] : []),
    ...(film ? [`${umText(film.dryUm)} dry`] : []),
  ].join(', ')

interface TrialsProps {
  readonly rack: Rack
  readonly after: RackDesk['after']
  readonly onOpen: (id: string) => void
}

/** Trials: a question, two films side by side, and the rule that was written before they were laid. */
export function Trials({ rack, after, onOpen }: TrialsProps) {
  if (rack.trials.length === 0) return null
  const inOrder = [...rack.trials].sort(
    (a, b) => Number(b.isDue) - Number(a.isDue) || b.trial.begunAt.localeCompare(a.trial.begunAt),
  )
  return (
    <section aria-label="Trials" className="mt-6">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">
        <Term of="trial">Trials</Term>
      </h2>
      <ul>
        {inOrder.map((one) => (
          <TrialRow key={one.trial.id} one={one} rack={rack} after={after} onOpen={onOpen} />
        ))}
      </ul>
    </section>
  )
}

function TrialRow({
  one: { trial, verdict, lookOn, isDue },
  rack,
  after,
  onOpen,
}: TrialsProps & { readonly one: RackTrial }) {
  const films = ([trial.swatchId, trial.controlId] as const).map((id) =>
    rack.swatches.find(({ swatch }) => swatch.id === id),
  )
  const means = verdict.outcome === 'yes' ? trial.ifYes : verdict.outcome === 'no' ? trial.ifNo : ''
  return (
    <li className="grid gap-x-8 gap-y-2 border-b border-rule py-3 lg:grid-cols-[1fr_auto]">
      <div className="min-w-0">
        <h3 className="font-read text-[1.3rem] leading-tight">{trial.question}</h3>
        <p className="pt-1">
          <VerdictMark verdict={outcomeMarks[verdict.outcome]} size={13} />{' '}
          <strong>{outcomeWords[verdict.outcome]}.</strong> {verdict.says} {means}
        </p>
        {verdict.change && <p>Next time: {verdict.change}</p>}
        {lookOn && (
          <p className={isDue ? 'font-semibold' : 'text-soft'}>
            {isDue ? 'To be looked at now' : 'To be looked at'}, {dateText(lookOn)}.
          </p>
        )}
        <p className="text-[0.85rem] text-soft">
          Locked {dateText(trial.begunAt)}: {ruleWords(trial.rule)}
        </p>
      </div>
      <div className="flex flex-wrap items-start gap-4">
        {films.map((entry, at) => (
          <div key={at === 0 ? 'film' : 'control'} className="grid justify-items-start">
            <span className="text-[0.8rem] text-soft">{at === 0 ? 'on trial' : 'control'}</span>
            {entry ? (
              <>
                <Card entry={entry} />
                <span className="text-[0.8rem] text-soft">{drawnWords(entry)}</span>
                <button
                  type="button"
                  className="min-h-11 max-w-36 text-left text-[0.9rem] leading-tight link"
                  onClick={() => onOpen(entry.swatch.id)}
                >
                  {entry.swatch.name}
                </button>
              </>
            ) : (
              <p className="text-soft">It is gone.</p>
            )}
          </div>
        ))}
        <button
          type="button"
          className="min-h-11 text-[0.9rem] link"
          aria-label={`End the trial: ${trial.question}`}
          onClick={() =>
            void after(
              send('DELETE /api/trials/{id}', { seen: trial.revision }, { params: { id: trial.id } }),
              'The trial is ended; its swatches stay on the rack.',
            )
          }
        >
          end it
        </button>
      </div>
    </li>
  )
}
