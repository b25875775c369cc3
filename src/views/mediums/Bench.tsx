import { useCallback, useMemo } from 'react'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Amount } from '../../core/measure/units.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { studioMaterials, studioShelf } from '../../document/studioShelf.ts'
import type { MediumVersion } from '../../studio/reading.ts'
import { send } from '../../ui/client.ts'
import { Choice, Labelled, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { ingredientChoices } from '../../ui/materials.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { useSaved } from '../../ui/useSaved.ts'
import { goAndSay } from '../../ui/done.ts'
import { say, Toasts } from '../../ui/Toasts.tsx'
import { Checks } from './Checks.tsx'
import { InPaint } from './InPaint.tsx'
import { amountText, readAmount, RecipeLines } from './RecipeLines.tsx'
import { Tools } from './Tools.tsx'
import { Truths } from './Truths.tsx'
import { Versions } from './Versions.tsx'

interface BenchProps {
  readonly initial: Revised<MediumDocument>
  readonly others: readonly MediumDocument[]
  readonly shelf: readonly ShelfItem[]
  readonly settings: Settings
  readonly versions: readonly MediumVersion[]
}

/** One medium: the recipe as the painter writes it, and what it really is. */
export function Bench({ initial, others, shelf: items, settings, versions }: BenchProps) {
  const put = useCallback((medium: MediumDocument, seen: number) => send('PUT', '/api/mediums', { medium, seen }), [])
  const saved = useSaved<MediumDocument>(initial, put)
  const { body: medium } = saved
  const { recipe } = medium
  const materials = useMemo(() => studioMaterials(items), [items])
  const shelf = useMemo(() => studioShelf(items), [items])
  const media = useCallback((id: string) => [medium, ...others].find((one) => one.id === id), [medium, others])
  const made = useMemo(() => analyseMedium(recipe, shelf, media, [medium.id]), [recipe, shelf, media, medium.id])
  const choices = useMemo(
    () => [...others.map(({ id, name }) => ({ id: `medium:${id}`, name, group: 'Your mediums' })), ...ingredientChoices(materials)],
    [materials, others],
  )
  const setRecipe = (next: MediumDocument['recipe']): void => saved.edit({ recipe: next })
  const hasParts = recipe.lines.some(({ unit }) => unit === 'part')
  const mixed = hasParts && recipe.lines.some(({ unit }) => unit !== 'part')

  return (
    <>
      <TypedField label="Name of the medium" shown={medium.name} read={(text): Reading<string> => (text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the medium a name.' })} onValue={(name) => saved.edit({ name })} className="max-w-[40rem] [&_input]:border-transparent [&_input]:font-read [&_input]:text-[2.2rem] [&_input]:leading-tight" />
      <SaveLine saved={saved} what={medium.name}>
        <a className="button min-h-11" href={`/mediums/${medium.id}/make`}>Make it</a>
        <a className="link" href={`/mediums/compare?a=${medium.id}`}>Beside another</a>
        <a className="link" href={`/mediums/design?near=${medium.id}`}>Design from it</a>
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
      <div className="mt-2 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(24rem,5fr)_6fr] lg:grid-rows-[auto_1fr]">
        <section aria-label="Recipe">
          <h2 className="mb-2 text-xl">As you measure it</h2>
          {recipe.lines.length === 0 && <p className="mb-2 text-soft">Write what goes in, as you measure it: 40 ml, 2 tsp, 12 drops, 1/3 cup, 6 g, 2 parts.</p>}
          <RecipeLines lines={recipe.lines} made={made} choices={choices} spoons={settings.spoons} onLines={(lines) => setRecipe({ ...recipe, lines: [...lines] })} />
          {hasParts && (
            <div className="mt-4 flex flex-wrap gap-4">
              <Labelled label="Parts are counted by">
                {(id) => <Choice id={id} value={recipe.partsBy ?? 'volume'} onValue={(partsBy) => setRecipe({ ...recipe, partsBy: partsBy as 'volume' | 'weight' })} options={[{ id: 'volume', name: 'volume' }, { id: 'weight', name: 'weight' }]} />}
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
                        setRecipe(partSize ? { ...rest, partSize } : rest)
                      }}
                    />
                  )}
                </Labelled>
              )}
            </div>
          )}
          {!made.ok && made.problems.filter(({ line }) => line === undefined).map(({ message }) => <p key={message} className="mt-3 text-soft">{message}</p>)}
          {made.ok && made.medium.warnings.length > 0 && (
            <ul className="mt-4 flex flex-col gap-1 border-l-2 border-watch pl-3 text-[0.88rem]">
              {made.medium.warnings.map(({ code, message, line }) => <li key={`${code}-${line}`}>{message}</li>)}
            </ul>
          )}
          {made.ok && <Checks medium={made.medium} settings={settings} />}
          <Labelled label="Note" className="mt-4">
            {(id) => <textarea id={id} rows={2} maxLength={4000} className="field" value={medium.note} onChange={({ target }) => saved.edit({ note: target.value })} />}
          </Labelled>
        </section>
        <div className="min-w-0 lg:row-span-2">
          {made.ok ? (
            <>
              <Truths medium={made.medium} />
              <InPaint medium={made.medium} policies={settings.policies} />
            </>
          ) : (
            <p className="text-soft">What it really is appears here as soon as the recipe can be read.</p>
          )}
        </div>
        <div className="min-w-0">
          {made.ok && <Tools mediumId={medium.id} recipe={recipe} medium={made.medium} materials={materials} media={media} settings={settings} onRecipe={setRecipe} />}
          <Versions versions={versions} now={recipe} spoken={(id) => shelf(id)?.name ?? media(id)?.name ?? id} onTake={setRecipe} />
        </div>
      </div>
      <Toasts />
    </>
  )
} // prettier-ignore
