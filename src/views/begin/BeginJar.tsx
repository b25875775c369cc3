import { useMemo, useState } from 'react'
import { findInLibrary } from '../../core/materials/find.ts'
import { unfitnessOf } from '../../core/dosing/fitness.ts'
import { largestText, measuredText } from '../../core/dosing/doseWords.ts'
import { usualLargestDose, usualPaintWords } from '../../core/dosing/usualPaint.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { listed } from '../../core/words.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { send } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { percentText, shortName, upperFirst } from '../../ui/format.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark, verdictColour } from '../../ui/Verdict.tsx'
import { Truths } from '../mediums/Truths.tsx'
import { KeepLine } from './KeepLine.tsx'

/** What most jars hold, by what a painter calls it; anything else can be written once it is kept. */
const usual = [
  { title: 'Oil', ids: ['linseed_alkali_refined', 'linseed_stand_oil', 'walnut', 'poppy', 'safflower'] },
  {
    title: 'Thinner',
    ids: ['gum_turpentine', 'mineral_spirit_dearomatised_low_flash', 'spike_lavender_oil'],
  },
  { title: 'Resin and balsam', ids: ['damar_varnish_30', 'damar', 'larch_balsam'] },
  { title: 'Fast mediums', ids: ['alkyd_medium_fluid', 'alkyd_walnut_solvent_free'] },
  { title: 'Wax and body', ids: ['beeswax', 'cold_wax_paste', 'chalk_whiting', 'egg_yolk'] },
].map(({ title, ids }) => ({ title, materials: ids.flatMap((id) => findInLibrary(id) ?? []) }))

type Parts = Readonly<Record<string, number>>

/** One jar of medium, described by taps of a part each: what it really is, and how much of it the paint bears. */
export function BeginJar() {
  useEarly()
  const [parts, setParts] = useState<Parts>({})
  const held = Object.entries(parts).filter(([, count]) => count > 0)
  const recipe = useMemo(
    (): MediumDocument['recipe'] => ({
      lines: Object.entries(parts)
        .filter(([, count]) => count > 0)
        .map(([material, amount]) => ({ material, amount, unit: 'part' as const })),
      partsBy: 'volume',
    }),
    [parts],
  )
  const made = useMemo(() => analyseMedium(recipe, findInLibrary), [recipe])
  const add = (id: string, count: number): void =>
    setParts((now) => ({ ...now, [id]: Math.max(0, (now[id] ?? 0) + count) }))
  return (
    <>
      {held.length > 0 && made.ok ? (
        <JarAnswer medium={made.medium} />
      ) : (
        <>
          <h1 className="text-[2.2rem] leading-tight">What is in the jar?</h1>
          <p className="mt-1 max-w-[48rem] text-soft">
            Tap what went in, once for each part by volume. Every tap is answered at once; nothing is kept
            until you say so.
          </p>
        </>
      )}
      <div className="mt-4 grid gap-x-12 gap-y-5 border-t border-ink pt-4 lg:grid-cols-[1fr_1fr]">
        <div className="grid content-start gap-4">
          {usual.map(({ title, materials }) => (
            <fieldset key={title}>
              <legend className="text-[0.85rem] text-soft">{title}</legend>
              <div className="mt-1 flex flex-wrap gap-2">
                {materials.map(({ id, name }) => (
                  <button key={id} type="button" className="button min-h-11" onClick={() => add(id, 1)}>
                    {shortName(name)}
                  </button>
                ))}
              </div>
            </fieldset>
          ))}
        </div>
        <section aria-label="In the jar" className="grid content-start gap-4">
          <ul>
            {held.map(([id, count]) => (
              <li key={id} className="flex min-h-12 items-center gap-4 border-b border-rule">
                <span className="grow">
                  {count} {count === 1 ? 'part' : 'parts'} {shortName(findInLibrary(id)!.name)}
                </span>
                <button
                  type="button"
                  className="button min-h-11"
                  aria-label={`A part less of ${shortName(findInLibrary(id)!.name)}`}
                  onClick={() => add(id, -1)}
                >
                  −
                </button>
                <button
                  type="button"
                  className="button min-h-11"
                  aria-label={`A part more of ${shortName(findInLibrary(id)!.name)}`}
                  onClick={() => add(id, 1)}
                >
                  +
                </button>
              </li>
            ))}
          </ul>
          {held.length > 0 && made.ok && <Truths medium={made.medium} />}
        </section>
      </div>
      {held.length > 0 && made.ok && (
        <>
          <Keep
            recipe={recipe}
            names={held.map(([id]) => shortName(findInLibrary(id)!.name))}
            onClear={() => setParts({})}
          />
          <Cautions className="mt-4" materials={made.medium.ingredients.map(({ material }) => material)} />
        </>
      )}
      <Toasts />
    </>
  )
}

/** What it dries to and the most of it paint bears, in two sentences. */
function JarAnswer({ medium }: { readonly medium: Medium }) {
  const unfit = unfitnessOf(medium)
  const { oil, alkyd, resin, wax } = medium.dry.byVolume
  const dried = [
    [oil, 'oil'],
    [alkyd, 'alkyd'],
    [resin, 'resin'],
    [wax, 'wax'],
  ] as const
  const parts = dried
    .filter(([share]) => share > 0.005)
    .map(([share, name]) => `${percentText(share)} ${name}`)
  return (
    <div aria-live="polite" className="min-h-[7rem]">
      <h1 className="max-w-[60rem] text-[1.9rem] leading-tight">
        {unfit ? (
          <span className={verdictColour(unfit.severity)}>
            <VerdictMark verdict={unfit.severity} size={22} /> {unfit.message}
          </span>
        ) : (
          headline(medium)
        )}
      </h1>
      {parts.length > 0 && (
        <p className="mt-1.5 text-[1.05rem] text-soft">
          {largestText(usualLargestDose(medium.ingredients), medium.ingredients)} Once it is dry,{' '}
          {listed(parts)} of the film by true volume. The dose holds {usualPaintWords}: an estimate.
        </p>
      )}
    </div>
  )
}

/** The dose in as few words as will do; the whole of it stands below. */
function headline({ ingredients }: Medium): string {
  const { ofMix } = usualLargestDose(ingredients)
  return ofMix > 0 && Number.isFinite(ofMix)
    ? `Up to ${measuredText(ofMix, ingredients)}.`
    : 'This much can be said of it:'
}

/** Keeps the jar as a medium, called by what is in it. */
function Keep({
  recipe,
  names,
  onClear,
}: {
  readonly recipe: MediumDocument['recipe']
  readonly names: readonly string[]
  readonly onClear: () => void
}) {
  const [id] = useState(() => crypto.randomUUID())
  const name = upperFirst(listed(names)).slice(0, 120)
  return (
    <KeepLine
      label="Keep it as a medium"
      says="Kept, it can be written in spoons, drops and grams, made, weighed and labelled."
      keep={() => send('PUT /api/mediums', { medium: { id, name, recipe, note: '' }, seen: null })}
      to={`/mediums/${id}`}
      onClear={onClear}
    />
  )
}
