import { ArrowDown, ArrowUp, Plus, X } from 'lucide-react'
import { useCallback, useMemo, useState } from 'react'
import { parseAmount } from '../../core/measure/parse.ts'
import { unitName } from '../../core/measure/units.ts'
import type { Amount, Spoons } from '../../core/measure/units.ts'
import { libraryShelf } from '../../core/materials/shelf.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { send } from '../../ui/client.ts'
import { Choice, Labelled, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { gramsText, mlText } from '../../ui/format.ts'
import { ingredientChoices } from '../../ui/materials.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { useSaved } from '../../ui/useSaved.ts'
import { goAndSay } from '../../ui/done.ts'
import { say, Toasts } from '../../ui/Toasts.tsx'
import { InPaint } from './InPaint.tsx'
import { Truths } from './Truths.tsx'

interface BenchProps {
  readonly initial: Revised<MediumDocument>
  readonly others: readonly MediumDocument[]
  readonly settings: Settings
}

type Line = MediumDocument['recipe']['lines'][number]

const amountText = ({ amount, unit }: Amount): string => `${Number(amount.toPrecision(6))} ${unitName(unit, amount)}`
const readAmount =
  (spoons: Spoons) =>
  (text: string): Reading<Amount> => {
    const parsed = parseAmount(text, spoons)
    return parsed.ok ? { value: parsed.value } : { problem: parsed.message }
  }

const idOf = (line: Line): string => ('material' in line ? line.material : `medium:${line.medium}`)
const withId = (line: Amount, id: string): Line => {
  const { amount, unit } = line
  return id.startsWith('medium:') ? { amount, unit, medium: id.slice(7) } : { amount, unit, material: id }
}

/** One medium: the recipe as the painter writes it, and what it really is. */
export function Bench({ initial, others, settings }: BenchProps) {
  const put = useCallback((medium: MediumDocument, seen: number) => send('PUT', '/api/mediums', { medium, seen }), [])
  const saved = useSaved<MediumDocument>(initial, put)
  const { body: medium } = saved
  const { recipe } = medium
  const [fresh, setFresh] = useState<number | null>(null)
  const made = useMemo(
    () => analyseMedium(recipe, libraryShelf, (id) => [medium, ...others].find((one) => one.id === id), [medium.id]),
    [recipe, others, medium],
  )
  const setLines = (lines: readonly Line[]): void => saved.edit({ recipe: { ...recipe, lines: [...lines] } })
  const setLine = (at: number, line: Line): void => setLines(recipe.lines.map((one, index) => (index === at ? line : one)))
  const move = (at: number, by: number): void => {
    const lines = [...recipe.lines]
    const [line] = lines.splice(at, 1)
    lines.splice(at + by, 0, line!)
    setLines(lines)
  }
  const choices = [...ingredientChoices, ...others.map(({ id, name }) => ({ id: `medium:${id}`, name, group: 'Your mediums' }))]
  const hasParts = recipe.lines.some(({ unit }) => unit === 'part')
  const mixed = hasParts && recipe.lines.some(({ unit }) => unit !== 'part')
  const problems = made.ok ? [] : made.problems

  return (
    <>
      <TypedField label="Name of the medium" shown={medium.name} read={(text): Reading<string> => (text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the medium a name.' })} onValue={(name) => saved.edit({ name })} className="max-w-[40rem] [&_input]:border-transparent [&_input]:font-read [&_input]:text-[2.2rem] [&_input]:leading-tight" />
      <SaveLine saved={saved} what={medium.name}>
        <button
          type="button"
          className="order-last min-h-9 text-soft link"
          onClick={() =>
            void send('DELETE', `/api/mediums/${medium.id}`, { seen: medium.revision }).then((reply) => {
              if (reply.ok) goAndSay('/mediums', `${medium.name} is removed.`, reply.value.event)
              else say(reply.refusal.message)
            })
          }
        >
          Remove medium
        </button>
      </SaveLine>
      <div className="mt-2 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(22rem,5fr)_6fr]">
        <section aria-label="Recipe">
          <h2 className="mb-2 text-xl">As you measure it</h2>
          {recipe.lines.length === 0 && <p className="mb-2 text-soft">Write what goes in, as you measure it: 40 ml, 2 tsp, 12 drops, 1/3 cup, 6 g, 2 parts.</p>}
          <ol>
            {recipe.lines.map((line, at) => {
              const measured = made.ok ? made.medium.lines[at] : undefined
              const problem = problems.find((one) => one.line === at)
              return (
                <li key={at} className="border-t border-rule py-1.5">
                  <div className="flex items-start gap-2">
                    <TypedField label={`Amount, line ${at + 1}`} shown={amountText(line)} read={readAmount(settings.spoons)} onValue={({ amount, unit }) => setLine(at, { ...line, amount, unit })} className="w-28 shrink-0" />
                    <span className="flex min-w-0 grow flex-col">
                      <Choice label={`Material, line ${at + 1}`} value={idOf(line)} onValue={(id) => setLine(at, withId(line, id))} options={choices} />
                      <span className="text-[0.82rem] text-soft">{measured && `${gramsText(measured.massG)}, ${mlText(measured.volumeMl)} of material`}</span>
                    </span>
                    <span className="flex shrink-0">
                      <LineButton label={`Move line ${at + 1} up`} disabled={at === 0} onClick={() => move(at, -1)} icon={<ArrowUp size={15} aria-hidden="true" />} />
                      <LineButton label={`Move line ${at + 1} down`} disabled={at === recipe.lines.length - 1} onClick={() => move(at, 1)} icon={<ArrowDown size={15} aria-hidden="true" />} />
                      <LineButton label={`Remove line ${at + 1}`} onClick={() => setLines(recipe.lines.filter((_, index) => index !== at))} icon={<X size={15} aria-hidden="true" />} />
                    </span>
                  </div>
                  {problem && (
                    <p role="alert" className="mt-1 text-[0.85rem] text-unsound">
                      {problem.message}
                    </p>
                  )}
                </li>
              )
            })}
          </ol>
          <NewLine
            key={fresh ?? 0}
            choices={choices}
            spoons={settings.spoons}
            onAdd={(line) => {
              setLines([...recipe.lines, line])
              setFresh((fresh ?? 0) + 1)
            }}
          />
          {hasParts && (
            <div className="mt-4 flex flex-wrap gap-4">
              <Labelled label="Parts are counted by">
                {(id) => <Choice id={id} value={recipe.partsBy ?? 'volume'} onValue={(partsBy) => saved.edit({ recipe: { ...recipe, partsBy: partsBy as 'volume' | 'weight' } })} options={[{ id: 'volume', name: 'volume' }, { id: 'weight', name: 'weight' }]} />}
              </Labelled>
              {mixed && (
                <Labelled label="One part is" className="w-32">
                  {(id) => (
                    <TypedField
                      id={id}
                      shown={recipe.partSize ? amountText(recipe.partSize) : ''}
                      read={(text): Reading<Amount | undefined> => (text.trim() ? readAmount(settings.spoons)(text) : { value: undefined })}
                      onValue={(partSize) => {
                        const { partSize: _before, ...rest } = recipe
                        saved.edit({ recipe: partSize ? { ...rest, partSize } : rest })
                      }}
                    />
                  )}
                </Labelled>
              )}
            </div>
          )}
          {problems.filter(({ line }) => line === undefined).map(({ message }) => (
            <p key={message} className="mt-3 text-soft">{message}</p>
          ))}
          {made.ok && made.medium.warnings.length > 0 && (
            <ul className="mt-4 flex flex-col gap-1 border-l-2 border-watch pl-3 text-[0.88rem]">
              {made.medium.warnings.map(({ code, message, line }) => (
                <li key={`${code}-${line}`}>{message}</li>
              ))}
            </ul>
          )}
          <Labelled label="Note" className="mt-4">
            {(id) => <textarea id={id} rows={2} maxLength={4000} className="field" value={medium.note} onChange={({ target }) => saved.edit({ note: target.value })} />}
          </Labelled>
          {made.ok && <Cautions ids={made.medium.ingredients.map(({ material }) => material.id)} />}
        </section>
        <div className="min-w-0">
          {made.ok ? (
            <>
              <Truths medium={made.medium} />
              <InPaint medium={made.medium} />
            </>
          ) : (
            <p className="text-soft">What it really is appears here as soon as the recipe can be read.</p>
          )}
        </div>
      </div>
      <Toasts />
    </>
  ) // prettier-ignore
}

function LineButton({
  label,
  icon,
  ...rest
}: {
  readonly label: string
  readonly icon: React.ReactNode
  readonly disabled?: boolean
  readonly onClick: () => void
}) {
  return (
    <button type="button" aria-label={label} title={label} className="grid size-9 place-items-center rounded hover:bg-wash disabled:text-stone" {...rest}>
      {icon}
    </button>
  )
}

function NewLine({
  choices,
  spoons,
  onAdd,
}: {
  readonly choices: readonly { id: string; name: string; group: string }[]
  readonly spoons: Spoons
  readonly onAdd: (line: Line) => void
}) {
  const [text, setText] = useState('')
  const [id, setId] = useState('linseed_stand_oil')
  const [problem, setProblem] = useState<string | null>(null)
  const add = (): void => {
    const parsed = parseAmount(text, spoons)
    if (parsed.ok) onAdd(withId(parsed.value, id))
    else setProblem(text.trim() ? parsed.message : 'Write how much first, such as 30 ml.')
  }
  return (
    <form
      aria-label="Add a line"
      className="border-t border-rule py-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <div className="flex items-start gap-2">
        <input aria-label="Amount of the new line" placeholder="30 ml" className="field w-28 shrink-0 placeholder:text-soft" value={text} aria-invalid={problem !== null} onChange={({ target }) => { setText(target.value); setProblem(null) }} />
        <Choice label="Material of the new line" value={id} onValue={setId} options={choices} />
        <button type="submit" className="button shrink-0">
          <Plus size={15} aria-hidden="true" /> Add
        </button>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-[0.85rem] text-unsound">
          {problem}
        </p>
      )}
    </form>
  ) // prettier-ignore
}

/** The cautions that belong to what is in the recipe. */
function Cautions({ ids }: { readonly ids: readonly string[] }) {
  const hazards = [...new Set(ids.flatMap((id) => libraryShelf(id)?.hazard?.split(/[,;] /) ?? []))]
  const nut = ids.some((id) => id.startsWith('walnut') || id === 'alkyd_walnut_solvent_free')
  return (
    <p className="mt-4 text-[0.85rem] leading-snug text-soft">
      {hazards.length > 0 && <>In it: {hazards.join(', ')}. </>}
      {nut && <>Walnut is an allergen. </>}
      {hazards.some((hazard) => hazard.includes('solvent')) && <>Never put solvent on heat. </>}
      Oily rags heat themselves: flat outdoors, or under water in a lidded metal can. The safety data sheet and local rules come first.
    </p>
  )
}
