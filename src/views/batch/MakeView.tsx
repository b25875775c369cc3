import { useMemo, useState } from 'react'
import { methodOf } from '../../core/batch/method.ts'
import { timesFor, wholeDrops } from '../../core/batch/scaling.ts'
import type { ScaleBy } from '../../core/batch/scaling.ts'
import { variationGrid } from '../../core/batch/grid.ts'
import { parseNumber } from '../../core/measure/parse.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import { unfitnessOf } from '../../core/dosing/fitness.ts'
import { pairsIn } from '../../core/medium/pairs.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Medium } from '../../core/medium/medium.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { UsableMedium } from '../../document/batchMedium.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { ChoiceRow, Labelled, NumberRow, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, gramsText, mlText, percentText, shortName } from '../../ui/format.ts'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Fitness } from '../mediums/Fitness.tsx'
import { say } from '../../ui/messages.ts'
import { useEarly } from '../../ui/early.ts'
import { Toasts } from '../../ui/Toasts.tsx'

interface MakeProps {
  readonly medium: MediumDocument
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly ShelfItem[]
  /** Batches of it nothing is poured for yet. */
  readonly open: number
  /** What the room forbids. */
  readonly policies: readonly PolicyId[]
}

const kinds = [
  { id: 'volume', name: 'how much I want' },
  { id: 'tubes', name: 'so many tubes' },
  { id: 'item', name: 'what there is of one thing' },
  { id: 'budget', name: 'a budget' },
  { id: 'mass', name: 'a weight' },
] as const

/** How much is made: scaled to whatever limits it. And a grid of trials around the recipe. */
export function MakeView({ medium, mediums, shelf: items, open, policies }: MakeProps) {
  useEarly()
  const findMaterial = useMemo(() => findInStudio(items), [items])
  const made = useMemo(
    () =>
      analyseMedium(medium.recipe, findMaterial, (id) => mediums.find((one) => one.id === id), [medium.id]),
    [medium, mediums, findMaterial],
  )
  if (!made.ok)
    return (
      <p role="alert">
        {medium.name} cannot be made yet: {made.problems[0]!.message}{' '}
        <a className="link" href={`/mediums/${medium.id}`}>
          Back to its recipe
        </a>
      </p>
    )
  const materials = made.medium.ingredients.map(({ material }) => material)
  return (
    <>
      <h1 className="text-[2.2rem] leading-tight">Make {medium.name}</h1>
      <Fitness medium={made.medium} />
      <RoomSays materials={materials} policies={policies} />
      {pairsIn(materials).map(({ pair, severity, message }) => (
        <p key={pair} role="alert" className="mt-2">
          <VerdictMark verdict={severity} size={12} /> {message}
        </p>
      ))}
      <div className="mt-4 grid gap-x-12 gap-y-10 lg:grid-cols-2">
        <Amounts medium={medium} made={made.medium} shelf={items} />
        <Grid medium={medium} made={made.medium} />
      </div>
      {open > 0 && (
        <p className="mt-8 border-t border-rule pt-3">
          <a className="link" href={`/api/mediums/${medium.id}/sheet.pdf`}>
            Weighing sheet
          </a>{' '}
          of the {open} {open === 1 ? 'batch' : 'batches'} nothing is poured for yet, as PDF.
        </p>
      )}
      <Toasts />
    </>
  )
}

interface AmountsProps {
  readonly medium: MediumDocument
  readonly made: Medium
  readonly shelf: readonly ShelfItem[]
}

/** So much of a recipe written in parts alone is made, ml, unless another amount is asked. */
const ofPartsMl = 100

/** As much as the recipe as it is written makes, ml. */
const asWrittenMl = ({ recipe }: MediumDocument, { volumeMl }: Medium): number =>
  recipe.lines.some(({ unit }) => unit === 'part') ? ofPartsMl : Number(about(volumeMl, 3))

function Amounts({ medium, made, shelf }: AmountsProps) {
  const [kind, setKind] = useState<ScaleBy['kind']>('volume')
  const [ml, setMl] = useState(asWrittenMl(medium, made))
  const [g, setG] = useState(100)
  const [count, setCount] = useState(5)
  const [tubeMl, setTubeMl] = useState(36)
  const [loss, setLoss] = useState(5)
  const [material, setMaterial] = useState(made.ingredients[0]!.material.id)
  const [coins, setCoins] = useState(10)
  const [jarMl, setJarMl] = useState<number | null>(null)
  const by: ScaleBy = {
    volume: { kind: 'volume', ml } as const,
    mass: { kind: 'mass', g } as const,
    tubes: { kind: 'tubes', count, ml: tubeMl, loss: loss / 100 } as const,
    item: { kind: 'item', material, g } as const,
    budget: { kind: 'budget', coins } as const,
  }[kind]
  const scaled = timesFor(made, by)
  const isHeated = methodOf(made.ingredients.map((one) => one.material)).some(
    ({ warmth }) => warmth !== 'cold',
  )
  const volumeMl = scaled.ok ? made.volumeMl * scaled.times : 0
  const tooMuch = jarMl !== null && volumeMl > jarMl + 1e-9
  const short = scaled.ok ? shortagesOf(made, scaled.times, shelf) : []
  const refused = unfitnessOf(made)?.refused ?? false
  const begin = (byFeel: boolean): void =>
    void send('POST /api/batches', {
      mediumId: medium.id,
      by,
      jarMl,
      byFeel,
      loss: isHeated || kind === 'tubes' ? loss / 100 : 0,
    }).then((reply) =>
      reply.ok ? window.location.assign(`/batches/${reply.value.id}`) : say(reply.refusal.message),
    )
  const drops = scaled.ok
    ? medium.recipe.lines.flatMap((line) => {
        const whole = wholeDrops(line, scaled.times)
        return whole && 'material' in line
          ? [
              {
                name:
                  made.ingredients.find((one) => one.material.id === line.material)?.material.name ??
                  line.material,
                ...whole,
              },
            ]
          : []
      })
    : []
  return (
    <section aria-label="How much">
      <h2 className="text-xl">How much</h2>
      <div className="mt-2 flex flex-wrap items-start gap-4">
        <ChoiceRow
          label="It is limited by"
          className="grow basis-40"
          value={kind}
          onValue={(chosen) => setKind(chosen as ScaleBy['kind'])}
          options={kinds}
        />
        {kind === 'volume' && (
          <NumberRow
            label="to make, ml"
            className="w-28"
            value={ml}
            low={0.1}
            high={100000}
            onValue={setMl}
          />
        )}
        {kind === 'mass' && (
          <NumberRow label="to make, g" className="w-28" value={g} low={0.1} high={100000} onValue={setG} />
        )}
        {kind === 'tubes' && (
          <>
            <NumberRow
              label="tubes"
              className="w-20"
              value={count}
              low={1}
              high={1000}
              onValue={(value) => setCount(Math.round(value))}
            />
            <NumberRow
              label="of, ml"
              className="w-20"
              value={tubeMl}
              low={1}
              high={10000}
              onValue={setTubeMl}
            />
          </>
        )}
        {kind === 'item' && (
          <>
            <NumberRow
              label="there is, g"
              className="w-24"
              value={g}
              low={0.01}
              high={100000}
              onValue={setG}
            />
            <ChoiceRow
              label="of"
              className="grow basis-40"
              value={material}
              onValue={setMaterial}
              options={made.ingredients.map((one) => one.material)}
            />
          </>
        )}
        {kind === 'budget' && (
          <NumberRow
            label="to spend"
            className="w-28"
            value={coins}
            low={0.01}
            high={1000000}
            onValue={setCoins}
          />
        )}
        {(isHeated || kind === 'tubes') && (
          <NumberRow
            label="Stays in the pot, of it by volume"
            className="w-40"
            value={loss}
            low={0}
            high={60}
            unit="%"
            onValue={setLoss}
          />
        )}
        <Labelled label="The jar holds, ml" className="w-32" hint="Left empty: large enough.">
          {(id) => (
            <TypedField
              id={id}
              isFigure
              shown={jarMl === null ? '' : String(jarMl)}
              read={(text): Reading<number | null> => {
                if (!text.trim()) return { value: null }
                const value = parseNumber(text)
                return value !== null && value > 0 && value <= 1e5
                  ? { value }
                  : { problem: 'Write ml, such as 250.' }
              }}
              onValue={setJarMl}
            />
          )}
        </Labelled>
      </div>
      {scaled.ok ? (
        <>
          <table className="mt-4 w-full text-[1.05rem]">
            <tbody>
              {made.ingredients.map(({ material: one, massG, volumeMl }) => (
                <tr key={one.id} className="border-t border-rule">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    {one.name}
                  </th>
                  <td className="text-right">{gramsText(massG * scaled.times)}</td>
                  <td className="w-28 text-right text-soft">{mlText(volumeMl * scaled.times)}</td>
                </tr>
              ))}
              <tr className="border-t border-ink">
                <th scope="row" className="py-1.5 text-left font-medium">
                  in all
                </th>
                <td className="text-right font-medium">{gramsText(made.massG * scaled.times)}</td>
                <td className="text-right font-medium">{mlText(made.volumeMl * scaled.times)}</td>
              </tr>
            </tbody>
          </table>
          {drops.map(({ name, drops: whole, error }) => (
            <p key={name} className="mt-1">
              {name}: {whole} whole drops
              {Math.abs(error) > 0.0005 && (
                <>
                  , {percentText(Math.abs(error))} {error > 0 ? 'more' : 'less'} than exact
                </>
              )}
              .
            </p>
          ))}
          {short.map(({ name, has, times }) => (
            <p key={name} className="mt-2">
              <VerdictMark verdict="watch" size={12} /> There is only {gramsText(has)} of {name}: enough for{' '}
              {mlText(made.volumeMl * times)}.
            </p>
          ))}
          {tooMuch && (
            <p role="alert" className="mt-2">
              <VerdictMark verdict="unsound" size={12} /> That makes {mlText(volumeMl)}, and the jar holds{' '}
              {mlText(jarMl)}.{' '}
              <button
                type="button"
                className="min-h-11 link"
                onClick={() => {
                  setKind('volume')
                  setMl(jarMl)
                }}
              >
                Make {mlText(jarMl)}
              </button>
            </p>
          )}
          <div className="mt-4 flex flex-wrap gap-3">
            <button
              type="button"
              disabled={tooMuch || refused}
              className="button button-ink min-h-12 px-5 text-[1.1rem]"
              onClick={() => begin(false)}
            >
              Begin the batch
            </button>
            <button type="button" disabled={refused} className="button min-h-12" onClick={() => begin(true)}>
              Begin by feel, and write down what goes in
            </button>
          </div>
          <p className="mt-2 text-[0.88rem] text-soft">
            Batches are numbered through the whole studio: a jar is known by its number alone.
          </p>
        </>
      ) : (
        <p role="alert" className="mt-3 text-unsound">
          {scaled.message}
        </p>
      )}
    </section>
  )
}

interface ShortOf {
  readonly name: string
  readonly has: number
  /** How many times the recipe as written what there is makes. */
  readonly times: number
}

/** What the shelf keeps count of and has too little of. */
const shortagesOf = (made: Medium, times: number, shelf: readonly ShelfItem[]): readonly ShortOf[] =>
  made.ingredients.flatMap(({ material, massG }) => {
    const has = shelf.find(({ id }) => id === material.id)?.stockG ?? null
    return has !== null && has < massG * times ? [{ name: material.name, has, times: has / massG }] : []
  })

const readShares = (text: string): Reading<readonly number[]> => {
  const shares = text
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((one) => parseNumber(one.replace('%', '')))
  return shares.length === 0 || shares.length > 12 || shares.some((share) => share === null || share > 95)
    ? { problem: 'Write up to twelve percentages with spaces between: 2 4 6.' }
    : { value: shares.map((share) => share! / 100) }
}

/** Two materials varied in steps: a panel of trials, each cell a batch of its own that is found again. */
function Grid({ medium, made }: { readonly medium: MediumDocument; readonly made: Medium }) {
  const materials = made.ingredients.map(({ material }) => material)
  const [across, setAcross] = useState(materials.at(-1)!.id)
  const [down, setDown] = useState(materials.at(-2)?.id ?? materials[0]!.id)
  const [acrossShares, setAcrossShares] = useState<readonly number[]>([0.02, 0.04, 0.06])
  const [downShares, setDownShares] = useState<readonly number[]>([0.1, 0.2, 0.3])
  const [cellG, setCellG] = useState(10)
  if (materials.length < 3)
    return (
      <section aria-label="A grid of trials">
        <h2 className="text-xl">A grid of trials</h2>
        <p className="text-soft">A grid varies two materials around a third: the recipe needs three.</p>
      </section>
    )
  const base = made.ingredients.map(({ material, massG }) => ({ material: material.id, grams: massG }))
  const cells =
    across === down
      ? null
      : variationGrid(
          base,
          { material: across, shares: acrossShares },
          { material: down, shares: downShares },
          cellG,
        )
  const lay = (): void =>
    void send('POST /api/batches/grid', {
      mediumId: medium.id,
      across: { material: across, shares: [...acrossShares] },
      down: { material: down, shares: [...downShares] },
      cellG,
    }).then((reply) =>
      reply.ok
        ? goAndSay('/batches', `${reply.value.cells} cells are laid out.`, reply.value.event)
        : say(reply.refusal.message),
    )
  const nameOf = (id: string): string => shortName(materials.find((one) => one.id === id)?.name ?? id)
  return (
    <section aria-label="A grid of trials">
      <h2 className="text-xl">A grid of trials</h2>
      <div className="mt-2 grid grid-cols-2 gap-4">
        <ChoiceRow label="Across: vary" value={across} onValue={setAcross} options={materials} />
        <TypedRow
          label="% of the cell by mass"
          isFigure
          shown={acrossShares.map((share) => Math.round(share * 1000) / 10).join(' ')}
          read={readShares}
          onValue={setAcrossShares}
        />
        <ChoiceRow label="Down: vary" value={down} onValue={setDown} options={materials} />
        <TypedRow
          label="% of each cell by mass"
          isFigure
          shown={downShares.map((share) => Math.round(share * 1000) / 10).join(' ')}
          read={readShares}
          onValue={setDownShares}
        />
        <NumberRow label="Each cell, g" value={cellG} low={0.1} high={1000} onValue={setCellG} />
      </div>
      {cells ? (
        <>
          <p className="mt-3">
            {cells.length} cells, {gramsText(cells.length * cellG)} in all.
          </p>
          <table className="mt-1 w-full text-[0.92rem]">
            <thead>
              <tr className="text-left text-[0.8rem] text-soft">
                <td />
                {cells[0]!.lines.map(({ material }) => (
                  <th key={material} scope="col" className="pr-2 font-normal">
                    {nameOf(material)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {cells.map(({ label, lines }) => (
                <tr key={label} className="border-t border-rule">
                  <th scope="row" className="py-0.5 text-left font-medium">
                    {label}
                  </th>
                  {lines.map(({ material, grams }) => (
                    <td key={material}>{gramsText(grams)}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <button type="button" className="button mt-3 min-h-11" onClick={lay}>
            Lay it out: one batch a cell
          </button>
        </>
      ) : (
        <p role="alert" className="mt-3">
          Those shares leave no room for the rest, or vary one thing twice. Take smaller ones, or two
          different materials.
        </p>
      )}
    </section>
  )
}
