import { useState } from 'react'
import { finderOf } from '../../../core/materials/find.ts'
import { analyseMedium } from '../../../core/medium/medium.ts'
import { oilFigures, swapped } from '../../../core/medium/oils.ts'
import { materialsIn } from '../../../core/medium/recipe.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import type { Consequence } from '../../../studio/consequences.ts'
import { send } from '../../../ui/client.ts'
import { ChoiceRow } from '../../../ui/fields.tsx'
import { about } from '../../../ui/format.ts'
import { MaterialRow } from '../../../ui/MaterialField.tsx'
import { VerdictMark } from '../../../ui/Verdict.tsx'
import { hoursText } from '../Checks.tsx'
import type { ReckoningProps } from './props.ts'

export function SwapOil({
  mediumId,
  recipe,
  medium,
  materials,
  media,
  bring,
  settings,
  onRecipe,
}: ReckoningProps) {
  const lines = materialsIn(recipe)
  const inIt = materials.filter(({ id, family }) => family === 'oil' && lines.includes(id))
  const [from, setFrom] = useState('')
  const [to, setTo] = useState('poppy')
  const leaving = inIt.find(({ id }) => id === from) ?? inIt[0]
  if (!leaving) return <p className="text-soft">There is no oil line in this recipe to swap.</p>
  const findMaterial = finderOf(materials)
  const changed = swapped(recipe, leaving.id, to)
  const made = analyseMedium(changed, findMaterial, media)
  const before = oilFigures(medium.ingredients, settings.climate, settings.dryingBounds)
  const after = made.ok ? oilFigures(made.medium.ingredients, settings.climate, settings.dryingBounds) : null
  const rows: readonly (readonly [string, (figures: typeof before) => string])[] = [
    [
      'clear film of 40 µm touch dry',
      ({ touchDays }) => hoursText(touchDays === null ? null : touchDays * 24),
    ],
    ['yellowing, of 5', ({ yellowing }) => (yellowing === null ? 'not known' : about(yellowing))],
    ['strength of the film, of 5', ({ strength }) => (strength === null ? 'not known' : about(strength))],
    [
      'viscosity',
      ({ viscosityMPas }) => (viscosityMPas === null ? 'not known' : `about ${about(viscosityMPas)} mPa·s`),
    ],
    [
      'iodine value',
      ({ drying }) =>
        drying
          ? `${about(drying.iodine.low, 3)}–${about(drying.iodine.high, 3)}, ${drying.classes.join(' or ')}`
          : 'does not tell how these dry',
    ],
    ['cost per ml', ({ costPerMl }) => (costPerMl > 0 ? about(costPerMl) : 'no price')],
  ]
  const slower =
    after &&
    (after.touchDays === null || (before.touchDays !== null && after.touchDays > before.touchDays * 1.2))
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <ChoiceRow
          label="In place of"
          className="grow basis-48"
          value={leaving.id}
          onValue={setFrom}
          options={inIt}
        />
        <MaterialRow
          role="anyOil"
          label="take"
          className="grow basis-48"
          value={to}
          findMaterial={findMaterial}
          bring={bring}
          onValue={setTo}
        />
      </div>
      {after ? (
        <>
          <table className="mt-2 w-full">
            <thead>
              <tr className="text-[0.8rem] text-soft">
                <td />
                <th scope="col" className="text-right font-normal">
                  now
                </th>
                <th scope="col" className="text-right font-normal">
                  then
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map(([what, text]) => (
                <tr key={what} className="border-t border-rule">
                  <th scope="row" className="py-1 text-left font-normal">
                    {what}
                  </th>
                  <td className="py-1 text-right">{text(before)}</td>
                  <td className="py-1 text-right">{text(after)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {slower && (
            <p className="mt-2">
              It dries later: a layer made with it must not lie under a faster one that goes on before it is
              firm.
            </p>
          )}
          <Consequences
            mediumId={mediumId}
            recipe={changed as MediumDocument['recipe']}
            key={JSON.stringify(changed)}
          />
          <button
            type="button"
            className="button mt-3"
            onClick={() => onRecipe(changed as MediumDocument['recipe'])}
          >
            Swap it in the recipe
          </button>
        </>
      ) : (
        <p role="alert" className="mt-2 text-unsound">
          {made.ok ? '' : made.problems[0]!.message}
        </p>
      )}
    </>
  )
}

/** What the planned layers that use the medium would say to another recipe; asked of the studio, because it knows the paintings. */
function Consequences({
  mediumId,
  recipe,
}: {
  readonly mediumId: string
  readonly recipe: MediumDocument['recipe']
}) {
  const [found, setFound] = useState<readonly Consequence[] | string | null>(null)
  const [more, setMore] = useState(0)
  const judge = (): void =>
    void send('POST /api/mediums/{id}/consequences', { recipe }, { params: { id: mediumId } }).then(
      (reply) => {
        setFound(reply.ok ? reply.value.layers : reply.refusal.message)
        setMore(reply.ok ? reply.value.more : 0)
      },
    )
  if (found === null)
    return (
      <button type="button" className="mt-3 block min-h-6 link" onClick={judge}>
        Judge the planned layers with it
      </button>
    )
  if (typeof found === 'string')
    return (
      <p role="alert" className="mt-2 text-unsound">
        {found}
      </p>
    )
  return (
    <div role="status" className="mt-3">
      {found.length === 0 && <p>No planned layer uses this medium.</p>}
      {more > 0 && <p>{more} more paintings use it and were not looked at.</p>}
      <ul>
        {found.map(({ layerId, painting, layer, touchDays, added }) => (
          <li key={layerId} className="border-t border-rule py-1.5">
            {layer} of {painting}: touch dry in {daysText(touchDays.before)} now, {daysText(touchDays.after)}{' '}
            then.{' '}
            {added.length === 0
              ? 'Nothing new is found.'
              : added.map(({ severity, message }) => (
                  <span key={message} className="block">
                    <VerdictMark verdict={severity} size={12} /> {message}
                  </span>
                ))}
          </li>
        ))}
      </ul>
    </div>
  )
}

const daysText = (days: number | null): string => hoursText(days === null ? null : 24 * days)
