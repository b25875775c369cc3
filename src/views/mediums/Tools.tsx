import { useState } from 'react'
import type { ReactNode } from 'react'
import { tubeIngredients } from '../../core/film/paint.ts'
import { filmOf, leannessOf } from '../../core/film/film.ts'
import type { Material } from '../../core/materials/material.ts'
import { libraryShelf } from '../../core/materials/shelf.ts'
import { costOf, layerCost } from '../../core/medium/cost.ts'
import { drierDosing, metalsIn } from '../../core/medium/drierDose.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { oilFigures, swapped } from '../../core/medium/oils.ts'
import { againstLimit, safeMassG, spanOf } from '../../core/medium/span.ts'
import { addingTo, puttyOf } from '../../core/medium/putty.ts'
import type { Recipe, RecipeShelf } from '../../core/medium/recipe.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { Settings } from '../../document/studio.ts'
import type { Consequence } from '../../studio/consequences.ts'
import { send } from '../../ui/client.ts'
import { Choice, Labelled, NumberField } from '../../ui/fields.tsx'
import { about, gramsText, mlText, percentText, upperFirst } from '../../ui/format.ts'
import { oilChoices, pigmentChoices } from '../../ui/materials.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { hoursText } from './Checks.tsx'

interface ToolsProps {
  readonly mediumId: string
  readonly recipe: Recipe
  readonly medium: Medium
  readonly materials: readonly Material[]
  readonly media: RecipeShelf
  readonly settings: Settings
  readonly onRecipe: (recipe: MediumDocument['recipe']) => void
}

/** Small reckonings a painter does at the bench, each closed until it is wanted. */
export function Tools(props: ToolsProps) {
  return (
    <section aria-label="Reckonings" className="mt-7 border-t border-ink pt-3">
      <h2 className="text-xl">Reckonings</h2>
      <Tool title="One oil for another"><SwapOil {...props} /></Tool>
      <Tool title="A drier"><Drier {...props} /></Tool>
      <Tool title="Oil to add for a step in fatness"><OilToAdd /></Tool>
      <Tool title="A putty of a wanted fatness"><Putty {...props} /></Tool>
      <Tool title="How much of a product nobody knows exactly"><Unsure {...props} /></Tool>
      <Tool title="What a layer costs"><LayerCostTool {...props} /></Tool>
    </section>
  )
} // prettier-ignore

const Tool = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <details className="border-t border-rule">
    <summary className="min-h-10 py-2 hover:bg-wash">{title}</summary>
    <div className="pb-4">{children}</div>
  </details>
)

function SwapOil({ mediumId, recipe, medium, materials, media, settings, onRecipe }: ToolsProps) {
  const lines = recipe.lines.flatMap((line) => ('material' in line ? [line.material] : []))
  const inIt = materials.filter(({ id, family }) => family === 'oil' && lines.includes(id))
  const oils = materials.filter(({ family }) => family === 'oil')
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('poppy')
  const leaving = inIt.find(({ id }) => id === from) ?? inIt[0]
  if (!leaving) return <p className="text-soft">There is no oil line in this recipe to swap.</p>
  const shelf = (id: string): Material | undefined => materials.find((material) => material.id === id)
  const changed = swapped(recipe, leaving.id, to)
  const made = analyseMedium(changed, shelf, media)
  const before = oilFigures(medium.ingredients, settings.climate, settings.dryingBounds)
  const after = made.ok ? oilFigures(made.medium.ingredients, settings.climate, settings.dryingBounds) : null
  const rows: readonly (readonly [string, (figures: typeof before) => string])[] = [
    ['clear film of 40 µm touch dry', ({ touchDays }) => hoursText(touchDays === null ? null : touchDays * 24)],
    ['yellowing, of 5', ({ yellowing }) => (yellowing === null ? 'not known' : about(yellowing))],
    ['strength of the film, of 5', ({ strength }) => (strength === null ? 'not known' : about(strength))],
    ['thickness on the brush', ({ viscosityMPas }) => (viscosityMPas === null ? 'not known' : `about ${about(viscosityMPas)} mPa·s`)],
    ['iodine value', ({ drying }) => (drying ? `${about(drying.iodine.low, 3)}–${about(drying.iodine.high, 3)}, ${drying.classes.join(' or ')}` : 'none')],
    ['cost per ml', ({ costPerMl }) => (costPerMl > 0 ? about(costPerMl, 3) : 'no price')],
  ]
  const slower = after && (after.touchDays === null || (before.touchDays !== null && after.touchDays > before.touchDays * 1.2))
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="In place of" className="grow basis-48">{(id) => <Choice id={id} value={leaving.id} onValue={setFrom} options={inIt} />}</Labelled>
        <Labelled label="take" className="grow basis-48">{(id) => <Choice id={id} value={to} onValue={setTo} options={oils} />}</Labelled>
      </div>
      {after ? (
        <>
          <table className="mt-2 w-full">
            <thead><tr className="text-[0.8rem] text-soft"><td /><th scope="col" className="text-right font-normal">now</th><th scope="col" className="text-right font-normal">then</th></tr></thead>
            <tbody>
              {rows.map(([what, text]) => (
                <tr key={what} className="border-t border-rule"><th scope="row" className="py-1 text-left font-normal">{what}</th><td className="py-1 text-right">{text(before)}</td><td className="py-1 text-right">{text(after)}</td></tr>
              ))}
            </tbody>
          </table>
          {slower && <p className="mt-2">It dries later: a layer made with it must not lie under a faster one that goes on before it is firm.</p>}
          <Consequences mediumId={mediumId} recipe={changed as MediumDocument['recipe']} key={JSON.stringify(changed)} />
          <button type="button" className="button mt-3" onClick={() => onRecipe(changed as MediumDocument['recipe'])}>Swap it in the recipe</button>
        </>
      ) : <p role="alert" className="mt-2 text-unsound">{made.ok ? '' : made.problems[0]!.message}</p>}
    </>
  )
} // prettier-ignore

/** What the planned layers that use the medium would say to another recipe; asked of the studio, because it knows the paintings. */
function Consequences({ mediumId, recipe }: { readonly mediumId: string; readonly recipe: MediumDocument['recipe'] }) {
  const [found, setFound] = useState<readonly Consequence[] | string | null>(null)
  const judge = (): void =>
    void send<{ layers: readonly Consequence[] }>('POST', `/api/mediums/${mediumId}/consequences`, { recipe }).then((reply) => setFound(reply.ok ? reply.value.layers : reply.refusal.message))
  if (found === null) return <button type="button" className="mt-3 block min-h-6 link" onClick={judge}>Judge the planned layers with it</button>
  if (typeof found === 'string') return <p role="alert" className="mt-2 text-unsound">{found}</p>
  return (
    <div role="status" className="mt-3">
      {found.length === 0 && <p>No planned layer uses this medium.</p>}
      <ul>
        {found.map(({ layerId, painting, layer, touchDays, added }) => (
          <li key={layerId} className="border-t border-rule py-1.5">
            {layer} of {painting}: touch dry in {daysText(touchDays.before)} now, {daysText(touchDays.after)} then.{' '}
            {added.length === 0 ? 'Nothing new is found.' : added.map(({ severity, message }) => <span key={message} className="block"><VerdictMark verdict={severity} size={12} /> {message}</span>)}
          </li>
        ))}
      </ul>
    </div>
  )
} // prettier-ignore

const daysText = (days: number | null): string => hoursText(days === null ? null : 24 * days)

function Drier({ medium, materials }: ToolsProps) {
  const driers = materials.filter(({ family }) => family === 'drier')
  const [id, setId] = useState('co_zr_ca')
  const [percent, setPercent] = useState(1)
  const fatG = medium.massG * (medium.wet.byMass.oil + medium.wet.byMass.alkyd)
  const [oilG, setOilG] = useState<number | null>(null)
  const drier = driers.find((one) => one.id === id)!
  const dose = drierDosing(drier, oilG ?? fatG, percent / 100)
  const metals = metalsIn(medium.ingredients)
  const over = dose.mostMetalPercent !== null && dose.metalPercent > dose.mostMetalPercent
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Drier" className="grow basis-48">{(field) => <Choice id={field} value={id} onValue={setId} options={driers} />}</Labelled>
        <Labelled label="on oil and alkyd, g" className="w-32">{(field) => <NumberField id={field} value={oilG ?? Number(fatG.toPrecision(3))} low={0.1} high={100000} onValue={setOilG} />}</Labelled>
        <Labelled label="of the oil, by mass" className="w-32">{(field) => <NumberField id={field} value={percent} low={0} high={20} unit="%" onValue={setPercent} />}</Labelled>
      </div>
      <p className="mt-2">
        {gramsText(dose.grams)}{dose.drops !== null && <> = about {Math.round(dose.drops)} drops{drier.dropSpread === undefined && <span className="text-soft"> (half to double until the dropper is counted)</span>}</>}.
        {' '}That is {about(dose.metalPercent)} % metal on the oil by mass{dose.mostMetalPercent !== null && <>; the most advised is {about(dose.mostMetalPercent)} %, or {gramsText(dose.mostGrams!)}</>}.
      </p>
      {metals.length > 0 && (
        <p className="mt-1">Already in the recipe: {metals.map(({ name, low, high }) => `${name}, ${low === high ? about(low) : `${about(low)}–${about(high)}`} % metal on the oil by mass`).join('; ')}. They add up.</p>
      )}
      {over && <p className="mt-1 text-unsound">Over the most advised: skin, wrinkles and a brittle film. Use less.</p>}
      <p className="mt-1 text-[0.85rem] text-soft">{drier.hazard && <>{upperFirst(drier.hazard)}. </>}A leaded oil counts too. Above 500 µm no drier makes a layer firm sooner.</p>
    </>
  )
} // prettier-ignore

function OilToAdd() {
  const [pigment, setPigment] = useState('pw6_rutile')
  const [oil, setOil] = useState('linseed_alkali_refined')
  const [grams, setGrams] = useState(30)
  const [points, setPoints] = useState(7)
  const tube = tubeIngredients({ pigments: [{ pigment, share: 1 }], oil }, libraryShelf)
  if (!tube.ok) return null
  const oilShare = tube.ingredients.at(-1)!.massG / tube.ingredients.reduce((sum, { massG }) => sum + massG, 0)
  const add = addingTo(grams, oilShare, oilShare + points / 100)
  const oilMl = add === null ? 0 : add / libraryShelf(oil)!.densityGPerMl.mid
  const paintMl = grams / tube.ingredients.reduce((sum, { massG }) => sum + massG, 0)
  const paints = [{ pigments: [{ pigment, share: 1 }], oil, parts: paintMl }]
  const films = [0, oilMl].map((parts) => filmOf({ paints, ...(parts > 0 && { medium: { ingredients: [{ material: libraryShelf(oil)!, massG: 1, volumeMl: 1 / libraryShelf(oil)!.densityGPerMl.mid }], parts } }), wetThicknessUm: 60 }, libraryShelf))
  const fat = films.map((film) => (film.ok ? leannessOf(film.film.more) : null))
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Paint" className="grow basis-40">{(id) => <Choice id={id} value={pigment} onValue={setPigment} options={pigmentChoices} />}</Labelled>
        <Labelled label="in, and to add" className="grow basis-40">{(id) => <Choice id={id} value={oil} onValue={setOil} options={oilChoices} />}</Labelled>
        <Labelled label="paint, g" className="w-24">{(id) => <NumberField id={id} value={grams} low={0.1} high={10000} onValue={setGrams} />}</Labelled>
        <Labelled label="oil up by" className="w-36">{(id) => <NumberField id={id} value={points} low={0} high={90} unit="points" onValue={setPoints} />}</Labelled>
      </div>
      <p className="mt-2">
        {add === null ? 'So much oil cannot be reached by adding oil. Ask for less.' : <>Add {gramsText(add)} = {mlText(oilMl)} of oil: from {percentText(oilShare)} to {percentText(oilShare + points / 100)} oil of the paint by mass{fat[0] && fat[1] ? <>, fat over what the powder needs from {about(1 / fat[0], 3)}× to {about(1 / fat[1], 3)}×</> : null}.</>}
      </p>
    </>
  )
} // prettier-ignore

function Putty({ materials }: ToolsProps) {
  const fillers = materials.filter(({ family }) => family === 'extender')
  const [fillerId, setFiller] = useState('chalk_whiting')
  const [oil, setOil] = useState('walnut')
  const [grams, setGrams] = useState(60)
  const [load, setLoad] = useState(0.6)
  const putty = puttyOf(fillers.find(({ id }) => id === fillerId)!, grams, materials.find(({ id }) => id === oil)!, load)
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Filler" className="grow basis-40">{(id) => <Choice id={id} value={fillerId} onValue={setFiller} options={fillers} />}</Labelled>
        <Labelled label="Oil" className="grow basis-40">{(id) => <Choice id={id} value={oil} onValue={setOil} options={oilChoices} />}</Labelled>
        <Labelled label="filler, g" className="w-24">{(id) => <NumberField id={id} value={grams} low={0.1} high={10000} onValue={setGrams} />}</Labelled>
        <Labelled label="load, 1 = just bound" className="w-36">{(id) => <NumberField id={id} value={load} low={0.05} high={1} onValue={setLoad} />}</Labelled>
      </div>
      <p className="mt-2">
        {putty === null ? 'This filler gels an oil at a few percent: its oil absorption says nothing. Add it little by little.' : <>{mlText(putty.oilMl)} = {gramsText(putty.oilG)} of oil; at least {gramsText(putty.leastOilG)} only to wet it. Filler is then {percentText(putty.pvc)} of the putty by volume; {percentText(putty.cpvc)} would be just bound. It hides little in oil.</>}
      </p>
      <p className="mt-1 text-[0.85rem] text-soft">Wet the filler first; no dust in the air: respirator, wet bench.</p>
    </>
  )
} // prettier-ignore

function LayerCostTool({ medium }: ToolsProps) {
  const [pigment, setPigment] = useState('pb28')
  const [perG, setPerG] = useState(1.4)
  const [areaCm2, setArea] = useState(900)
  const [wetUm, setWet] = useState(70)
  const [percent, setPercent] = useState(25)
  const tube = tubeIngredients({ pigments: [{ pigment, share: 1 }], oil: 'linseed_alkali_refined' }, libraryShelf)
  if (!tube.ok) return null
  const { perMl, unpriced } = costOf(medium.ingredients)
  const cost = layerCost({ areaCm2, wetUm, dose: percent / 100 }, { densityGPerMl: tube.ingredients.reduce((sum, { massG }) => sum + massG, 0), perG }, perMl)
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Paint" className="grow basis-40">{(id) => <Choice id={id} value={pigment} onValue={setPigment} options={pigmentChoices} />}</Labelled>
        <Labelled label="costs, per g" className="w-24">{(id) => <NumberField id={id} value={perG} low={0} high={100000} onValue={setPerG} />}</Labelled>
        <Labelled label="over, cm²" className="w-24">{(id) => <NumberField id={id} value={areaCm2} low={1} high={1000000} onValue={setArea} />}</Labelled>
        <Labelled label="wet, µm" className="w-20">{(id) => <NumberField id={id} value={wetUm} low={1} high={20000} onValue={setWet} />}</Labelled>
        <Labelled label="medium of the mix, by volume" className="w-32">{(id) => <NumberField id={id} value={percent} low={0} high={95} unit="%" onValue={setPercent} />}</Labelled>
      </div>
      <p className="mt-2">
        Neat: {gramsText(cost.neatPaintG)} of paint, {cost.neat.toFixed(2)}. With the medium: {gramsText(cost.paintG)} of paint and {mlText(cost.mediumMl)} of it, {cost.mixed.toFixed(2)}{unpriced.length > 0 && <span className="text-soft"> and what has no price ({unpriced.join(', ')})</span>}.
      </p>
    </>
  )
} // prettier-ignore

function Unsure({ materials }: ToolsProps) {
  const unsure = materials.filter(({ nonVolatile }) => nonVolatile)
  const [id, setId] = useState(unsure[0]!.id)
  const [grams, setGrams] = useState(20)
  const [dryG, setDryG] = useState(60)
  const [percent, setPercent] = useState(18)
  const product = unsure.find((one) => one.id === id)!
  const { low, high } = product.nonVolatile!
  const share = spanOf([low, high].map((stays) => (grams * stays) / (grams * stays + dryG)))
  const answer = againstLimit(share, percent / 100)
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <Labelled label="Product" className="grow basis-48">{(field) => <Choice id={field} value={id} onValue={setId} options={unsure} />}</Labelled>
        <Labelled label="of it, g" className="w-20">{(field) => <NumberField id={field} value={grams} low={0.1} high={100000} onValue={setGrams} />}</Labelled>
        <Labelled label="beside dried film, g" className="w-32">{(field) => <NumberField id={field} value={dryG} low={0.1} high={100000} onValue={setDryG} />}</Labelled>
        <Labelled label="at most, of the dried film by mass" className="w-36">{(field) => <NumberField id={field} value={percent} low={0.1} high={99} unit="%" onValue={setPercent} />}</Labelled>
      </div>
      <p className="mt-2" role="status">
        Of it {percentText(low)}–{percentText(high)} stays, so it is {(100 * share.low).toFixed(1)}–{(100 * share.high).toFixed(1)}&nbsp;% of the dried film by mass: {answer === 'within' ? 'within the limit' : answer === 'over' ? 'over the limit' : 'cannot tell'}; safe at or below {safeMassG(product, dryG, percent / 100)} g.
      </p>
    </>
  )
} // prettier-ignore
