import { useEffect, useMemo, useState } from 'react'
import { finderOf } from '../../core/materials/find.ts'
import type { Settings } from '../../document/studio.ts'
import { studioMaterials } from '../../document/studioMaterials.ts'
import { Labelled } from '../../ui/fields.tsx'
import { Chooser } from '../../ui/Chooser.tsx'
import { useBench } from '../../ui/bench/useBench.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { useEarly } from '../../ui/early.ts'
import { useDesign } from './useDesign.ts'
import type { Asked } from './wishes.ts'
import { isTaken, unasked, wishesOf } from './wishes.ts'
import { ShelfChoice, WishForm, ownMaterials } from './WishForm.tsx'
import { Clash, Found } from './Found.tsx'

interface DesignProps {
  /** Where the design begins: the first of the painter's own materials, and what a recipe near at hand leads to. */
  readonly known: Pick<Bench, 'mediums' | 'shelf'>
  /** Own materials beside those. */
  readonly more: number
  readonly settings: Settings
  readonly near: string | null
}

const keptUnder = 'grelta-design'

/** From what is on the shelf and what is wanted in the film, the nearest recipe; or the two wishes that exclude each other. */
export function DesignView({ known, more, settings, near }: DesignProps) {
  useEarly()
  const { mediums, shelf: items, bring } = useBench(known)
  const [asked, setAsked] = useState<Asked>({ ...unasked, near: near ?? '' })
  const [read, setRead] = useState(false)
  const [restored, setRestored] = useState(false)
  useEffect(() => {
    const before = localStorage.getItem(keptUnder)
    const kept = {
      ...unasked,
      ...((before ? JSON.parse(before) : {}) as Partial<Asked>),
      ...(near && { near }),
    }
    setAsked(kept)
    setRestored(JSON.stringify(kept) !== JSON.stringify({ ...unasked, near: kept.near }))
    setRead(true)
  }, [near])
  useEffect(() => {
    if (read) localStorage.setItem(keptUnder, JSON.stringify(asked))
  }, [asked, read])
  const ask = (change: Partial<Asked>): void => setAsked((now) => ({ ...now, ...change }))
  const materials = useMemo(() => studioMaterials(items), [items])
  const findMaterial = useMemo(() => finderOf(materials), [materials])
  const usable = useMemo(() => materials.filter(({ family }) => family !== 'pigment'), [materials])
  const chosen = useMemo(() => usable.filter((material) => isTaken(material, asked)), [usable, asked])
  const wishes = useMemo(() => wishesOf(asked, settings), [asked, settings])
  const nearMedium = mediums.find(({ id }) => id === asked.near)
  const task = useMemo(
    () => ({
      shelf: chosen.map(({ id }) => id),
      wishes,
      dose: asked.dose,
      paint: { pigments: [{ pigment: asked.pigment, share: 1 }], oil: 'linseed_alkali_refined' },
      near: nearMedium?.recipe ?? null,
      items,
      mediums,
    }),
    [chosen, wishes, asked.dose, asked.pigment, nearMedium, items, mediums],
  )
  const { design, of, problem } = useDesign(task)
  return (
    <>
      <h1 className="text-[2.2rem] leading-none">Design a medium</h1>
      <p className="mt-1 text-soft">
        Say what you want of the film it ends up in. The nearest recipe your shelf can make stands beside it,
        or the wishes that exclude each other.
      </p>
      {restored && (
        <p className="mt-1">
          These are the wishes you left here last.{' '}
          <button
            type="button"
            className="min-h-6 link"
            onClick={() => {
              setAsked({ ...unasked, near: asked.near })
              setRestored(false)
            }}
          >
            Begin anew
          </button>
        </p>
      )}
      <div className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(24rem,6fr)_5fr]">
        <form aria-label="Wishes" onSubmit={(event) => event.preventDefault()}>
          <WishForm
            asked={asked}
            ask={ask}
            settings={settings}
            mediums={mediums}
            findMaterial={findMaterial}
            bring={bring}
          />
          <ShelfChoice usable={usable} own={items} asked={asked} ask={ask} />
          {more > 0 && (
            <Labelled label={`${more} more of your own; put one in by name`} className="mt-3">
              {(id) => (
                <Chooser
                  id={id}
                  shown=""
                  options={[]}
                  lookups={ownMaterials}
                  onChoose={(chosen) => void bring(chosen)}
                />
              )}
            </Labelled>
          )}
        </form>
        <section aria-label="The recipe" aria-live="polite">
          {of !== task && (
            <p className="text-soft" role="status">
              Working it out
            </p>
          )}
          {problem && <p role="alert">{problem}</p>}
          {design &&
            (design.ok ? (
              <Found
                recipe={design.recipe}
                moved={design.moved}
                asked={asked}
                items={items}
                near={nearMedium ?? null}
              />
            ) : (
              <Clash message={design.message} />
            ))}
        </section>
      </div>
      <Toasts />
    </>
  )
}
