import { useCallback, useEffect, useMemo } from 'react'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { MediumResult } from '../../core/medium/medium.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { UsableMedium } from '../../document/batchMedium.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { studioMaterials, findInStudio } from '../../document/studioMaterials.ts'
import type { MediumVersion } from '../../studio/lists/mediumHistory.ts'
import { send } from '../../ui/client.ts'
import { Labelled, NumberRow, readName, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { ingredientChoices } from '../../ui/materials.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { useBench } from '../../ui/bench/useBench.ts'
import { useHeld } from '../../ui/bench/useHeld.ts'
import { useSavedThing } from '../../ui/bench/useSavedThing.ts'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { goAndSay } from '../../ui/done.ts'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { Checks } from './Checks.tsx'
import { Fitness } from './Fitness.tsx'
import { InPaint } from './InPaint.tsx'
import { PartsFields } from './PartsFields.tsx'
import { idOf, RecipeLines } from './RecipeLines.tsx'
import type { Practice } from '../../core/practice/practice.ts'
import { Reckonings } from './Reckonings.tsx'
import { Truths } from './Truths.tsx'
import { Versions } from './Versions.tsx'

interface BenchProps {
  readonly initial: Revised<MediumDocument>
  /** What its recipe leads to. */
  readonly known: { readonly mediums: readonly UsableMedium[]; readonly shelf: readonly ShelfItem[] }
  readonly events: readonly number[]
  readonly settings: Settings
  readonly practices: readonly Practice[]
  readonly versions: readonly MediumVersion[]
}

/** One medium: the recipe as the painter writes it, and what it really is. */
export function Bench({ initial, known, events, settings, practices, versions }: BenchProps) {
  const saved = useSavedThing('medium', initial, events)
  const { body: medium } = saved
  const { mediums: others, shelf: items, coming, bring } = useBench(known)
  const { recipe } = medium
  const materials = useMemo(() => studioMaterials(items), [items])
  const findMaterial = useMemo(() => findInStudio(items), [items])
  const media = useCallback(
    (id: string) => [medium, ...others].find((one) => one.id === id),
    [medium, others],
  )
  const measured = useMemo(
    () => analyseMedium(recipe, findMaterial, media, [medium.id]),
    [recipe, findMaterial, media, medium.id],
  )
  // What is chosen and has not come cannot be counted: what was known before it stays.
  const made = useHeld(
    measured,
    recipe.lines.some((line) => coming.has(idOf(line))),
  )
  const choices = useMemo(() => ingredientChoices(materials), [materials])
  const nameOf = (id: string): string => findMaterial(id)?.name ?? media(id)?.name ?? coming.get(id) ?? id
  const setRecipe = (next: MediumDocument['recipe']): void => saved.edit({ recipe: next })
  useEffect(() => {
    document.title = `${medium.name} · Grelta`
  }, [medium.name])
  return (
    <>
      <h1 className="sr-only" translate="no">
        {medium.name}
      </h1>
      <TypedField
        label="Name of the medium"
        shown={medium.name}
        read={(text): Reading<string> => readName(text, 'the medium')}
        onValue={(name) => saved.edit({ name })}
        className="max-w-[40rem] [&_input]:border-transparent [&_input]:font-read [&_input]:text-[2.2rem] [&_input]:leading-tight"
      />
      <SaveLine desk={saved.desk} state={saved.state}>
        <a className="button min-h-11" href={`/mediums/${medium.id}/make`}>
          Make it
        </a>
        <a className="link" href={`/mediums/compare?a=${medium.id}`}>
          Compare
        </a>
        <a className="link" href={`/mediums/design?near=${medium.id}`}>
          Design from it
        </a>
        <button
          type="button"
          className="order-last min-h-9 text-soft link"
          onClick={() =>
            void send(
              'DELETE /api/mediums/{id}',
              { seen: medium.revision },
              { params: { id: medium.id } },
            ).then((reply) => {
              if (reply.ok) goAndSay('/mediums', `${medium.name} is removed.`, reply.value.event)
              else say(reply.refusal.message)
            })
          }
        >
          Remove medium
        </button>
      </SaveLine>
      <div className="mt-2 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(24rem,5fr)_6fr] lg:grid-rows-[auto_1fr]">
        <section aria-label="Recipe">
          <h2 className="mb-2 text-xl">As you measure it</h2>
          {recipe.lines.length === 0 && (
            <p className="mb-2 text-soft">
              Write what goes in, as you measure it: 40 ml, 2 tsp, 12 drops, 1/3 cup, 6 g, 2 parts.
            </p>
          )}
          <RecipeLines
            lines={recipe.lines}
            made={made}
            choices={choices}
            nameOf={nameOf}
            bring={bring}
            coming={coming}
            spoons={settings.spoons}
            onLines={(lines) => setRecipe({ ...recipe, lines: [...lines] })}
          />
          <PartsFields recipe={recipe} spoons={settings.spoons} onRecipe={setRecipe} />
          <Said made={made} />
          {made.ok && <Checks medium={made.medium} settings={settings} />}
          <NumberRow
            label="At most so many layers of it in one place"
            hint="A layer counts with a quarter of it or more; left empty, any number."
            className="mt-4 max-w-80"
            value={medium.mostPasses ?? null}
            low={1}
            high={100}
            onValue={(most) => saved.edit({ mostPasses: Math.round(most) })}
            onEmpty={() => saved.edit({ mostPasses: null })}
          />
          <Labelled label="Note" className="mt-4">
            {(id) => (
              <textarea
                id={id}
                rows={2}
                maxLength={4000}
                className="field"
                value={medium.note}
                onChange={({ target }) => saved.edit({ note: target.value })}
              />
            )}
          </Labelled>
        </section>
        <div className="min-w-0 lg:row-span-2">
          {made.ok ? (
            <>
              <Fitness medium={made.medium} />
              <Truths medium={made.medium} />
              <InPaint
                medium={made.medium}
                policies={settings.policies}
                practices={practices}
                findMaterial={findMaterial}
                bring={bring}
              />
            </>
          ) : (
            <p className="text-soft">What it really is appears here as soon as the recipe can be read.</p>
          )}
        </div>
        <div className="min-w-0">
          {made.ok && (
            <Reckonings
              mediumId={medium.id}
              recipe={recipe}
              medium={made.medium}
              materials={materials}
              media={media}
              bring={bring}
              settings={settings}
              onRecipe={setRecipe}
            />
          )}
          <Versions versions={versions} now={recipe} spoken={nameOf} onTake={setRecipe} />
        </div>
      </div>
      <WhatWasDone of={{ kind: 'medium', id: medium.id }} desk={saved.desk} after={medium.revision} />
      <Toasts />
    </>
  )
}

/** What is missing from the recipe as a whole, or what is to be known of it. */
function Said({ made }: { readonly made: MediumResult }) {
  if (!made.ok)
    return made.problems
      .filter(({ line }) => line === undefined)
      .map(({ message }) => (
        <p key={message} className="mt-3 text-soft">
          {message}
        </p>
      ))
  const { warnings } = made.medium
  if (warnings.length === 0) return null
  return (
    <ul className="mt-4 flex flex-col gap-1 border-l-2 border-watch pl-3 text-[0.88rem]">
      {warnings.map(({ code, message, line }) => (
        <li key={`${code}-${line}`}>{message}</li>
      ))}
    </ul>
  )
}
