import { useState } from 'react'
import { fatG, isolatingPlan, mostDrierDrops } from '../../../core/finish/isolating.ts'
import { daysAtChance } from '../../../core/cure/forecast.ts'
import { findInLibrary } from '../../../core/materials/find.ts'
import type { AssessedSpot } from '../../../document/judging/assess.ts'
import { NumberField } from '../../../ui/fields.tsx'
import { about, dayText, mlText, umText } from '../../../ui/format.ts'

export interface IsolatingProps {
  readonly spot: AssessedSpot
  readonly wetUm: number
  readonly areaM2: number
  /** The day its first coat goes on. */
  readonly firstDay: number
  /** Adds the further coats, so many days apart. */
  readonly onCoats: (days: readonly number[]) => void
}

/** The drier most often at hand for it, by its metals. */
const usualDrier = findInLibrary('co_zr_ca')

/** How much drier it takes at most. */
function drierText(film: AssessedSpot['film'], totalMl: number): string {
  const drops = usualDrier && totalMl > 0 ? mostDrierDrops(usualDrier, fatG(film, totalMl)) : null
  return drops === null
    ? 'With drier, at most half its dose.'
    : `With a mixed drier at most ${drops === 1 ? '1 drop' : `${drops} drops`} in all, half its dose (estimate).`
}

/** A week a coat, as those who isolate waterborne paint wait. */
const usualDays = 7

/** How many coats isolate what lies under it, how much that takes, and when it may be painted on. */
export function IsolatingPlan({ spot, wetUm, areaM2, firstDay, onCoats }: IsolatingProps) {
  const [coats, setCoats] = useState<number | null>(null)
  const [intervalDays, setInterval] = useState(usualDays)
  const { film, forecast } = spot
  const plan = isolatingPlan({
    areaM2,
    wetUm,
    solids: 1 - film.mix.volatile,
    suctionUm: film.suctionUm,
    coats,
    intervalDays,
    touchDays: daysAtChance(forecast, 'touch', 0.8),
  })
  const days = plan.coatDays.map((day) => firstDay + day)
  return (
    <section aria-label="Isolating plan" className="border-t border-rule pt-2 sm:col-span-2">
      <p className="font-read text-[1.1rem] leading-snug">
        {plan.coats === 1 ? 'One coat' : `${plan.coats} coats`}
        {areaM2 > 0 && `, ${mlText(plan.totalMl)} in all`}, each {umText(plan.dryUmPerCoat)} dry
        {plan.isThick &&
          ': over 10 µm it yellows and is a fat layer of its own, thin it or lay it thinner'}.{' '}
        {plan.coats > 1 && `On ${days.map(dayText).join(', ')}. `}
        Paint from {dayText(firstDay + plan.paintDay)}.
      </p>
      <p className="mt-1 text-[0.85rem] text-soft">
        {film.suctionUm > 0
          ? `What lies under it drinks ${about(film.suctionUm)} ml on a square metre; ${about(plan.suctionLeftUm)} are left after this. `
          : 'Nothing under it drinks. '}
        Over the whole picture, or past every edge by 10 mm: oil creeps 1 to 3 mm and leaves a rim, which then
        lies away from what is painted. {drierText(film, plan.totalMl)}
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <label className="text-[0.8rem] text-soft">
          coats; empty: as few as will do
          <NumberField
            label="Coats of the isolating plan"
            className="w-24"
            value={coats}
            low={1}
            high={6}
            onEmpty={() => setCoats(null)}
            onValue={(value) => setCoats(Math.round(value))}
          />
        </label>
        <label className="text-[0.8rem] text-soft">
          days between
          <NumberField
            label="Days between coats"
            className="w-24"
            value={intervalDays}
            low={1}
            high={90}
            onValue={setInterval}
          />
        </label>
        {plan.coats > 1 && (
          <button type="button" className="button min-h-11" onClick={() => onCoats(days.slice(1))}>
            Plan {plan.coats === 2 ? 'the second coat' : `the other ${plan.coats - 1} coats`}
          </button>
        )}
      </div>
    </section>
  )
}
