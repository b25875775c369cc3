import { dayCount, listed } from '../../core/words.ts'
import type { Material } from '../../core/materials/material.ts'
import { costOf } from '../../core/medium/cost.ts'
import { effectsOf } from '../../core/medium/effects.ts'
import type { Effects } from '../../core/medium/effects.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { oilsText } from '../../core/medium/oils.ts'
import { pairsIn, solventsIn } from '../../core/medium/pairs.ts'
import type { Settings } from '../../document/studio.ts'
import { about } from '../../ui/format.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** Hours and days as a painter says them. */
export const hoursText = (hours: number | null): string =>
  hours === null || !Number.isFinite(hours)
    ? 'does not dry'
    : hours < 4
      ? `about ${about(hours)} hours`
      : `about ${dayCount(hours / 24)}`

/** Whether it stands up or runs. */
export const handlingWords = ({ holdsPeaks, levels, runs }: Effects): readonly string[] =>
  holdsPeaks ? ['holds peaks', 'stays where it is put'] : [levels ? 'levels' : 'flows', runs]

export const effectsText = (effects: Effects): string => {
  const { body, sheen, blendHours, setsUp, touchHours } = effects
  return [
    body,
    ...handlingWords(effects),
    sheen,
    ...(setsUp ? [`sets up in ${setsUp.within}, as ${setsUp.because}, then can be moved little`] : []),
    ...(touchHours === null
      ? ['does not dry']
      : [
          ...(setsUp ? [] : [`blends for ${hoursText(blendHours)}`]),
          `a clear film of 40 µm touch dry in ${hoursText(touchHours)} at 21 °C`,
        ]),
  ].join(' · ')
}

/** What it does on the brush, what it costs, and what stands against it: the room, pairs that do not go together, hazards. */
export function Checks({ medium, settings }: { readonly medium: Medium; readonly settings: Settings }) {
  const materials = medium.ingredients.map(({ material }) => material)
  const pairs = pairsIn(materials)
  const cost = costOf(medium.ingredients)
  const oils = oilsText(medium.ingredients, settings.dryingBounds)
  return (
    <div className="mt-4 flex flex-col gap-2 text-[0.92rem]">
      <RoomSays materials={materials} policies={settings.policies} />
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
      {oils && (
        <p>
          <span className="text-soft">Its oils: </span>
          {oils}.
        </p>
      )}
      <MadeSo materials={materials} />
      {cost.total > 0 && (
        <p>
          {cost.unpriced.length === 0 ? (
            <>
              <span className="text-soft">Costs </span>
              {cost.total.toFixed(2)} in all, {about(cost.perMl)} per ml, in your money.
            </>
          ) : (
            <>
              <span className="text-soft">Costs more than </span>
              {cost.total.toFixed(2)} in all, in your money
              <span className="text-soft">; no price on the shelf: {cost.unpriced.join(', ')}.</span>
            </>
          )}
        </p>
      )}
      <Cautions materials={materials} />
    </div>
  )
}

/** What has to be done first, where it cannot simply be stirred together; the whole order stands where it is made. */
function MadeSo({ materials }: { readonly materials: readonly Material[] }) {
  const solvents = solventsIn(materials)
  const resins = materials.filter(({ family }) => family === 'resin')
  if (resins.length === 0) return null
  const names = listed(resins.map(({ name }) => name))
  return (
    <p>
      <span className="text-soft">To make it: </span>
      {solvents.length > 0
        ? `dissolve ${names} in ${listed(solvents.map(({ name }) => name))} first, a day or more in a closed jar; then the rest.`
        : `${names} is fused in the warm oil first; then the rest.`}
    </p>
  )
}
