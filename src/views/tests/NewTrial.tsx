import { useState } from 'react'
import { checks } from '../../core/cure/checkWords.ts'
import { checkIds } from '../../core/cure/checks.ts'
import type { CheckId } from '../../core/cure/checks.ts'
import type { Trial } from '../../document/trial.ts'
import { send } from '../../ui/client.ts'
import { ChoiceRow, NumberRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { Drawn } from './Drawn.tsx'
import { Film } from './Film.tsx'
import type { NewProps } from './NewSwatch.tsx'
import { drawnAs, newSwatch, usualDrawn } from './plans.ts'
import { ruleWords } from './Trials.tsx'

const kinds = [
  { id: 'check', name: 'it is dry by a check' },
  { id: 'colour', name: 'it has not yellowed too much' },
]

/** "14, 28, 49": days to look. */
function readDays(text: string): Reading<number[]> {
  const days = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number)
  return days.length > 0 && days.every((day) => Number.isInteger(day) && day >= 1 && day <= 3650)
    ? { value: [...new Set(days)].sort((a, b) => a - b) }
    : { problem: 'Write days, such as 14, 28, 49.' }
}

/** A trial, before it begins: the question, the rule for yes and no, and two films of one thickness. */
export function NewTrial({ after, onDone }: NewProps) {
  const [question, setQuestion] = useState('')
  const [rule, setRule] = useState<Trial['rule']>({ by: 'check', check: 'fingernail', day: 49 })
  const [lookDays, setLookDays] = useState([14, 28, 49])
  const [ifYes, setIfYes] = useState('')
  const [ifNo, setIfNo] = useState('')
  const [drawn, setDrawn] = useState<{ ml: number; areaCm2: number }>(usualDrawn)
  const [swatch, setSwatch] = useState(() => newSwatch('On trial'))
  const [control, setControl] = useState(() => newSwatch('The control'))
  const begin = (): void => {
    const days = lookDays.includes(rule.day) ? lookDays : [...lookDays, rule.day].sort((a, b) => a - b)
    void after(
      send('POST /api/trials', {
        trial: { question, rule, ifYes, ifNo, lookDays: days, note: '' },
        swatch: drawnAs(swatch, drawn),
        control: drawnAs(control, drawn),
      }),
      'The trial has begun, and its rule is locked.',
    ).then((is) => is && onDone(null))
  }
  const day = (next: number): void => setRule({ ...rule, day: Math.round(next) })
  return (
    <section aria-label="A new trial" className="mb-6 grid gap-5 border border-rule bg-sheet p-4 sm:p-5">
      <TypedRow
        label="The question"
        hint="One that can be answered with yes or no."
        shown={question}
        read={(text): Reading<string> =>
          text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Ask something.' }
        }
        onValue={setQuestion}
      />
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
        <Film label="What is on trial" film={swatch} onFilm={setSwatch} />
        <Film label="The control: a film you know dries well" film={control} onFilm={setControl} />
      </div>
      <div>
        <p className="text-[0.9rem] text-soft">
          Both dry to one thickness: where one is thinned, more of it is drawn down, and the trial says how
          much. A thicker control proves nothing.
        </p>
        <Drawn drawn={drawn} onDrawn={setDrawn} />
      </div>
      <fieldset className="grid gap-3">
        <legend className="font-read text-[1.15rem]">The rule, written before it begins</legend>
        <div className="flex flex-wrap items-end gap-3">
          <ChoiceRow
            label="The answer is yes if"
            className="w-64 max-w-full"
            value={rule.by}
            options={kinds}
            onValue={(by) =>
              setRule(
                by === 'check'
                  ? { by: 'check', check: 'fingernail', day: rule.day }
                  : { by: 'colour', mostYellower: 3, day: rule.day },
              )
            }
          />
          {rule.by === 'check' ? (
            <ChoiceRow
              label="by"
              className="w-44"
              value={rule.check}
              options={checkIds.map((id) => ({ id, name: checks[id].name }))}
              onValue={(check) => setRule({ ...rule, check: check as CheckId })}
            />
          ) : (
            <NumberRow
              label="at most, points of b*"
              className="w-36"
              value={rule.mostYellower}
              low={0.1}
              high={60}
              onValue={(mostYellower) => setRule({ ...rule, mostYellower })}
            />
          )}
          <NumberRow label="on day" className="w-24" value={rule.day} low={1} high={3650} onValue={day} />
          <TypedRow
            label="Days to look"
            className="w-40"
            shown={lookDays.join(', ')}
            read={readDays}
            onValue={setLookDays}
          />
        </div>
        <p>{ruleWords(rule)} If the control fails too, nothing is shown.</p>
        <div className="grid gap-3 sm:grid-cols-2">
          <TypedRow label="A yes will mean" shown={ifYes} read={(value) => ({ value })} onValue={setIfYes} />
          <TypedRow label="A no will mean" shown={ifNo} read={(value) => ({ value })} onValue={setIfNo} />
        </div>
      </fieldset>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="button button-ink min-h-11"
          disabled={question === ''}
          onClick={begin}
        >
          Begin it, and lock the rule
        </button>
        <button type="button" className="button min-h-11" onClick={() => onDone(null)}>
          Leave it
        </button>
      </div>
      {question === '' && <p className="text-[0.85rem] text-soft">Write the question first.</p>}
    </section>
  )
}
