import { useEffect, useMemo, useState } from 'react'
import { classNames } from '../../core/materials/material.ts'
import type { Material } from '../../core/materials/material.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import { paintPerPart } from '../../core/medium/basis.ts'
import { bases, basisNames, cappedShares, shareAt, sideOf } from '../../core/medium/dose.ts'
import type { Basis, CappedShare } from '../../core/medium/dose.ts'
import { bodies, effectsOf, sheens } from '../../core/medium/effects.ts'
import type { Body, Sheen } from '../../core/medium/effects.ts'
import { cappedNames } from '../../core/medium/design/wish.ts'
import type { Wish } from '../../core/medium/design/wish.ts'
import { costOf } from '../../core/medium/cost.ts'
import { parseRatio } from '../../core/measure/parse.ts'
import { tubeIngredients } from '../../core/film/paint.ts'
import { libraryShelf } from '../../core/materials/shelf.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Settings } from '../../document/studio.ts'
import { studioMaterials, studioShelf } from '../../document/studioShelf.ts'
import { send } from '../../ui/client.ts'
import { Choice, Labelled, NumberField, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, percentText, shortName } from '../../ui/format.ts'
import { ingredientChoices, pigmentChoices } from '../../ui/materials.ts'
import { say, Toasts } from '../../ui/Toasts.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { effectsText } from '../mediums/Checks.tsx'
import { classWords } from '../mediums/Truths.tsx'
import { useDesign } from './useDesign.ts'

interface DesignProps {
  readonly mediums: readonly MediumDocument[]
  readonly shelf: readonly ShelfItem[]
  readonly settings: Settings
  readonly near: string | null
}

/** What is asked, as it stands in the form; kept in this browser. Percentages are as typed; null: not asked. */
interface Asked {
  readonly most: Readonly<Record<CappedShare, number | null>>
  readonly of: Basis
  readonly solvent: 'any' | 'none' | 'some'
  readonly solventPercent: number
  readonly room: boolean
  readonly body: Body | ''
  readonly sheen: Sheen | ''
  readonly fastest: number | null
  readonly slowest: number | null
  readonly cost: number | null
  readonly plenty: CappedShare | ''
  readonly dose: number
  readonly pigment: string
  readonly near: string
  readonly without: readonly string[]
}

const unasked: Asked = {
  most: { resin: 3, wax: 2, solubles: 4, oil: null }, of: 'binder-mass', solvent: 'any', solventPercent: 30, room: true, body: '', sheen: '',
  fastest: null, slowest: null, cost: null, plenty: '', dose: 0.2, pigment: 'pw6_rutile', near: '', without: [],
} // prettier-ignore

const kept = 'grelta-design'

/** From what is on the shelf and what is wanted in the film, the nearest recipe; or the two wishes that exclude each other. */
export function DesignView({ mediums, shelf: items, settings, near }: DesignProps) {
  const [asked, setAsked] = useState<Asked>({ ...unasked, near: near ?? mediums[0]?.id ?? '' })
  const [read, setRead] = useState(false)
  useEffect(() => {
    const before = localStorage.getItem(kept)
    if (before) setAsked({ ...unasked, ...(JSON.parse(before) as Partial<Asked>), ...(near && { near }) })
    setRead(true)
  }, [near])
  useEffect(() => {
    if (read) localStorage.setItem(kept, JSON.stringify(asked))
  }, [asked, read])
  const ask = (change: Partial<Asked>): void => setAsked((now) => ({ ...now, ...change }))
  const materials = useMemo(() => studioMaterials(items), [items])
  const usable = useMemo(() => materials.filter(({ family }) => family !== 'pigment'), [materials])
  const chosen = useMemo(() => usable.filter(({ id }) => !asked.without.includes(id)), [usable, asked.without])
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
  const { design, of } = useDesign(task)
  return (
    <>
      <h1 className="text-[2.2rem] leading-none">Design a medium</h1>
      <p className="mt-1 text-soft">Say what you want of the film it ends up in. The nearest recipe your shelf can make stands beside it, or the wishes that exclude each other.</p>
      <div className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(24rem,6fr)_5fr]">
        <form aria-label="Wishes" onSubmit={(event) => event.preventDefault()}>
          <WishForm asked={asked} ask={ask} settings={settings} mediums={mediums} />
          <ShelfChoice usable={usable} without={asked.without} onWithout={(without) => ask({ without })} />
        </form>
        <section aria-label="The recipe" aria-live="polite">
          {of !== task && <p className="text-soft" role="status">Working it out</p>}
          {design && (design.ok ? <Found recipe={design.recipe} moved={design.moved} asked={asked} items={items} near={nearMedium ?? null} /> : <Clash message={design.message} />)}
        </section>
      </div>
      <Toasts />
    </>
  )
} // prettier-ignore

function wishesOf(asked: Asked, settings: Settings): readonly Wish[] {
  return [
    ...cappedShares.flatMap((what): Wish[] => {
      const most = asked.most[what]
      return most === null ? [] : [{ kind: what === 'oil' ? 'least' : 'most', what, of: what === 'oil' ? 'film-volume' : asked.of, share: most / 100 }]
    }),
    ...(asked.solvent === 'any' ? [] : [{ kind: 'solvent', most: asked.solvent === 'none' ? 0 : asked.solventPercent / 100 } as const]),
    ...(asked.room && settings.policies.length > 0 ? [{ kind: 'room', policies: settings.policies } as const] : []),
    ...(asked.body ? [{ kind: 'body', body: asked.body } as const] : []),
    ...(asked.sheen ? [{ kind: 'sheen', sheen: asked.sheen } as const] : []),
    ...(asked.fastest !== null || asked.slowest !== null ? [{ kind: 'speed', ...(asked.slowest !== null && { least: asked.slowest }), ...(asked.fastest !== null && { most: asked.fastest }) } as const] : []),
    ...(asked.cost === null ? [] : [{ kind: 'cost', mostPerMl: asked.cost } as const]),
    ...(asked.plenty ? [{ kind: 'plenty', what: asked.plenty } as const] : []),
  ]
} // prettier-ignore

interface FormProps {
  readonly asked: Asked
  readonly ask: (change: Partial<Asked>) => void
  readonly settings: Settings
  readonly mediums: readonly MediumDocument[]
}

function WishForm({ asked, ask, settings, mediums }: FormProps) {
  const ratio = (text: string): Reading<number> => {
    const parsed = parseRatio(text)
    if (!parsed.ok) return { problem: parsed.message }
    const share = parsed.value[0] / (parsed.value[0] + parsed.value[1])
    return share >= 0.01 && share <= 0.9 ? { value: share } : { problem: 'A dose is from 1:99 to 9:1.' }
  }
  const any = (low: number, high: number) => (text: string): Reading<number | null> => {
    if (!text.trim()) return { value: null }
    const value = Number(text.replace(',', '.'))
    return value >= low && value <= high ? { value } : { problem: `From ${low} to ${high}, or empty for any.` }
  }
  const named = (names: readonly string[], empty: string) => [{ id: '', name: empty }, ...names.map((name) => ({ id: name, name }))]
  return (
    <div className="grid grid-cols-6 gap-x-6 gap-y-3">
      <Labelled label="Used at, medium : paint" hint="By volume." className="col-span-2">{(id) => <TypedField id={id} shown={`1:${about(paintPerPart(asked.dose), 3)}`} read={ratio} onValue={(dose) => ask({ dose })} />}</Labelled>
      <Labelled label="in" className="col-span-4">{(id) => <Choice id={id} value={asked.pigment} onValue={(pigment) => ask({ pigment })} options={pigmentChoices} />}</Labelled>
      {(['resin', 'wax', 'solubles'] as const).map((what) => (
        <Labelled key={what} label={`${what === 'solubles' ? 'both' : what} at most, %`}>
          {(id) => <TypedField id={id} shown={asked.most[what] === null ? '' : String(asked.most[what])} read={any(0, 100)} onValue={(value) => ask({ most: { ...asked.most, [what]: value } })} />}
        </Labelled>
      ))}
      <Labelled label="each counted" className="col-span-3">{(id) => <Choice id={id} value={asked.of} onValue={(of) => ask({ of: of as Basis })} options={bases.map((basis) => ({ id: basis, name: basisNames[basis] }))} />}</Labelled>
      <Labelled className="col-span-2" label="oil at least, %" hint="Of the dried film by volume.">{(id) => <TypedField id={id} shown={asked.most.oil === null ? '' : String(asked.most.oil)} read={any(0, 100)} onValue={(oil) => ask({ most: { ...asked.most, oil } })} />}</Labelled>
      <Labelled className="col-span-2" label="Solvent">{(id) => <Choice id={id} value={asked.solvent} onValue={(solvent) => ask({ solvent: solvent as Asked['solvent'] })} options={[{ id: 'any', name: 'any' }, { id: 'some', name: 'at most' }, { id: 'none', name: 'none' }]} />}</Labelled>
      {asked.solvent === 'some' && <Labelled className="col-span-2" label="of the medium by volume">{(id) => <NumberField id={id} value={asked.solventPercent} low={0} high={100} unit="%" onValue={(solventPercent) => ask({ solventPercent })} />}</Labelled>}
      <Labelled className="col-span-2" label="Body">{(id) => <Choice id={id} value={asked.body} onValue={(body) => ask({ body: body as Body | '' })} options={named(bodies, 'any')} />}</Labelled>
      <Labelled className="col-span-2" label="Sheen, alone">{(id) => <Choice id={id} value={asked.sheen} onValue={(sheen) => ask({ sheen: sheen as Sheen | '' })} options={named(sheens, 'any')} />}</Labelled>
      <Labelled className="col-span-2" label="Dries at least as fast as" hint="Raw linseed = 1.">{(id) => <TypedField id={id} shown={asked.slowest === null ? '' : String(asked.slowest)} read={any(0.001, 50)} onValue={(slowest) => ask({ slowest })} />}</Labelled>
      <Labelled className="col-span-2" label="and at most as fast as">{(id) => <TypedField id={id} shown={asked.fastest === null ? '' : String(asked.fastest)} read={any(0.001, 50)} onValue={(fastest) => ask({ fastest })} />}</Labelled>
      <Labelled className="col-span-2" label="Costs at most, per ml">{(id) => <TypedField id={id} shown={asked.cost === null ? '' : String(asked.cost)} read={any(0.0001, 1e6)} onValue={(cost) => ask({ cost })} />}</Labelled>
      <Labelled className="col-span-2" label="As much as may be of">{(id) => <Choice id={id} value={asked.plenty} onValue={(plenty) => ask({ plenty: plenty as CappedShare | '' })} options={[{ id: '', name: 'nothing' }, ...cappedShares.map((what) => ({ id: what, name: cappedNames[what] }))]} />}</Labelled>
      <Labelled label="Nearest to" className="col-span-4">{(id) => <Choice id={id} value={asked.near} onValue={(near) => ask({ near })} options={[{ id: '', name: 'no recipe: as few materials as will do' }, ...mediums]} />}</Labelled>
      {settings.policies.length > 0 && (
        <label className="col-span-2 flex min-h-9 items-center gap-2 self-end">
          <input type="checkbox" className="size-4 accent-[var(--ink)]" checked={asked.room} onChange={({ target }) => ask({ room: target.checked })} />
          only what this room allows
        </label>
      )}
    </div>
  )
} // prettier-ignore

/** What may go in: everything, less what the painter strikes out. */
function ShelfChoice({ usable, without, onWithout }: { readonly usable: readonly Material[]; readonly without: readonly string[]; readonly onWithout: (ids: readonly string[]) => void }) {
  const groups = useMemo(() => {
    const options = ingredientChoices(usable)
    return [...new Set(options.map(({ group }) => group))].map((group) => ({ group, options: options.filter((option) => option.group === group) }))
  }, [usable])
  return (
    <details className="mt-6 border-y border-rule">
      <summary className="min-h-11 py-2.5 hover:bg-wash">What may go in: {usable.length - without.filter((id) => usable.some((one) => one.id === id)).length} of {usable.length} on the shelf</summary>
      {groups.map(({ group, options }) => {
        const all = options.every(({ id }) => !without.includes(id))
        return (
          <fieldset key={group} className="border-t border-rule py-2">
            <legend className="float-left mr-4 w-36 text-soft">
              <label className="flex min-h-7 items-center gap-2">
                <input type="checkbox" className="size-4 accent-[var(--ink)]" checked={all} onChange={() => onWithout(all ? [...without, ...options.map(({ id }) => id)] : without.filter((id) => !options.some((one) => one.id === id)))} />
                {group}
              </label>
            </legend>
            <div className="flex flex-wrap gap-x-5">
              {options.map(({ id, name }) => (
                <label key={id} className="flex min-h-7 items-center gap-2">
                  <input type="checkbox" className="size-4 accent-[var(--ink)]" checked={!without.includes(id)} onChange={({ target }) => onWithout(target.checked ? without.filter((one) => one !== id) : [...without, id])} />
                  {shortName(name)}
                </label>
              ))}
            </div>
          </fieldset>
        )
      })}
    </details>
  )
} // prettier-ignore

const Clash = ({ message }: { readonly message: string }) => (
  <div className="border-l-[3px] border-unsound pl-4">
    <p className="font-read text-[1.2rem] leading-snug"><VerdictMark verdict="unsound" size={16} /> No recipe can do all of that.</p>
    <p className="mt-1">{message}</p>
  </div>
) // prettier-ignore

interface FoundProps {
  readonly recipe: { readonly lines: MediumDocument['recipe']['lines'] | readonly unknown[] }
  readonly moved: number | null
  readonly asked: Asked
  readonly items: readonly ShelfItem[]
  readonly near: MediumDocument | null
}

function Found({ recipe, moved, asked, items, near }: FoundProps) {
  const lines = recipe.lines as MediumDocument['recipe']['lines']
  const made = analyseMedium({ lines }, studioShelf(items))
  if (!made.ok) return <p role="alert">{made.problems[0]!.message}</p>
  const { medium } = made
  const tube = tubeIngredients({ pigments: [{ pigment: asked.pigment, share: 1 }], oil: 'linseed_alkali_refined' }, libraryShelf)
  const inFilm = (what: CappedShare, of: Basis): number => (tube.ok ? shareAt(sideOf(tube.ingredients), sideOf(medium.ingredients), { what, of }, asked.dose) : 0)
  const cost = costOf(medium.ingredients)
  const save = (): void => {
    const next: MediumDocument = { id: crypto.randomUUID(), name: near ? `${near.name}, redesigned` : 'Designed medium', recipe: { lines }, note: '' }
    void send('PUT', '/api/mediums', { medium: next, seen: null }).then((reply) => (reply.ok ? window.location.assign(`/mediums/${next.id}`) : say(reply.refusal.message)))
  }
  return (
    <>
      <h2 className="text-xl">{moved === null ? 'A recipe that does it' : moved < 0.0005 ? `${near?.name ?? 'It'} does it as it is` : `${percentText(moved)} of ${near?.name ?? 'it'} by mass changes`}</h2>
      <table className="mt-2 w-full">
        <thead><tr className="text-[0.8rem] text-soft"><td /><th scope="col" className="text-right font-normal">in 100 g</th><th scope="col" className="text-right font-normal">true volume</th></tr></thead>
        <tbody>
          {medium.ingredients.map(({ material, massG, volumeMl }) => (
            <tr key={material.id} className="border-t border-rule"><th scope="row" className="py-1.5 text-left font-normal">{material.name}</th><td className="text-right">{about(massG, 3)} g</td><td className="text-right text-soft">{about(volumeMl, 3)} ml</td></tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3">{effectsText(effectsOf(medium))}.</p>
      <p className="mt-2 text-[0.92rem]">
        In the film at 1:{about(paintPerPart(asked.dose), 3)}: resin {percentText(inFilm('resin', asked.of))}, wax {percentText(inFilm('wax', asked.of))}, both {percentText(inFilm('solubles', asked.of))} {basisNames[asked.of]}; oil and alkyd {percentText(inFilm('oil', 'film-volume'))} of the dried film by volume.
      </p>
      <p className="mt-1 text-[0.92rem] text-soft">The medium dries to {classNames.filter((name) => medium.dry.byVolume[name] > 0.004).map((name) => `${percentText(medium.dry.byVolume[name])} ${classWords[name]}`).join(', ')} by volume{cost.total > 0 && cost.unpriced.length === 0 && <>; {about(cost.perMl, 3)} per ml</>}.</p>
      <button type="button" className="button button-ink mt-4 min-h-11" onClick={save}>Keep it as a medium</button>
      <p className="mt-3 text-[0.85rem] text-soft">Estimate from typical values; a programme knows limits, not handling. Try a spoonful first. Resins and waxes are melted or dissolved with care: the safety data sheet and local rules come first.</p>
    </>
  )
} // prettier-ignore
