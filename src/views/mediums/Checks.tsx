import { hazardsOf } from '../../core/materials/material.ts'
import type { Material } from '../../core/materials/material.ts'
import { isOfNuts, policyAnswers } from '../../core/materials/policy.ts'
import { costOf } from '../../core/medium/cost.ts'
import { effectsOf } from '../../core/medium/effects.ts'
import type { Effects } from '../../core/medium/effects.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { oilFigures } from '../../core/medium/oils.ts'
import { pairsIn } from '../../core/medium/pairs.ts'
import type { Settings } from '../../document/studio.ts'
import { about } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** Hours and days as a painter says them. */
export const hoursText = (hours: number | null): string =>
  hours === null || !Number.isFinite(hours)
    ? 'does not dry'
    : hours < 36
      ? `about ${about(hours)} h`
      : `about ${about(hours / 24)} days`

export const effectsText = ({ body, holdsPeaks, drips, sheen, blendHours, touchHours }: Effects): string =>
  [
    `${body}`,
    holdsPeaks ? 'holds peaks' : 'levels',
    drips ? 'drips' : 'does not drip',
    sheen,
    Number.isFinite(blendHours) ? `blends for ${hoursText(blendHours)}` : 'never sets',
    `thin film touch dry in ${hoursText(touchHours)}`,
  ].join(' · ')

/** What it does on the brush, what it costs, and what stands against it: the room, pairs that do not go together, hazards. */
export function Checks({ medium, settings }: { readonly medium: Medium; readonly settings: Settings }) {
  const materials = medium.ingredients.map(({ material }) => material)
  const refusals = materials.flatMap((material) => policyAnswers(material, settings.policies))
  const pairs = pairsIn(materials)
  const cost = costOf(medium.ingredients)
  const { drying } = oilFigures(medium.ingredients, settings.climate, settings.dryingBounds)
  return (
    <div className="mt-4 flex flex-col gap-2 text-[0.92rem]">
      {refusals.map(({ policy, answer, reason }) => (
        <p key={policy + reason} role="alert">
          <VerdictMark verdict={answer === 'refused' ? 'unsound' : 'watch'} size={12} />{' '}
          {answer === 'refused' ? 'Not in this room: ' : 'Ask first: '}
          {reason}
        </p>
      ))}
      {pairs.map(({ pair, severity, message }) => (
        <p key={pair} role="alert">
          <VerdictMark verdict={severity} size={12} /> {message}
        </p>
      ))}
      <p>
        <span className="text-soft">On the brush: </span>
        {effectsText(effectsOf(medium))}.{' '}
        <span className="text-soft">Estimate; a dab on glass tells better.</span>
      </p>
      {drying && (
        <p>
          <span className="text-soft">Its oils: </span>
          iodine value {about(drying.iodine.low, 3)}–{about(drying.iodine.high, 3)},{' '}
          {drying.classes.length > 1
            ? `straddles ${drying.classes.join(' and ')}: test it`
            : drying.classes[0]}
          .
        </p>
      )}
      {cost.total > 0 && (
        <p>
          <span className="text-soft">Costs </span>
          {cost.total.toFixed(2)} as written, {about(cost.perMl, 3)} per ml
          {cost.unpriced.length > 0 && (
            <span className="text-soft"> (no price on the shelf: {cost.unpriced.join(', ')})</span>
          )}
          .
        </p>
      )}
      <Cautions materials={materials} />
    </div>
  )
}

/** The cautions that belong to what is in it. */
function Cautions({ materials }: { readonly materials: readonly Material[] }) {
  const hazards = hazardsOf(materials)
  return (
    <p className="text-[0.85rem] leading-snug text-soft">
      {hazards.length > 0 && <>In it: {hazards.join(', ')}. </>}
      {materials.some(isOfNuts) && <>Walnut is an allergen. </>}
      {hazards.some((hazard) => hazard.includes('solvent')) && <>Never put solvent on heat. </>}
      Oily rags heat themselves: flat outdoors, or under water in a lidded metal can. The safety data sheet
      and local rules come first.
    </p>
  )
}
