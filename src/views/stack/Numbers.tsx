import { fatnessOf } from '../../core/film/film.ts'
import { fatnessText } from '../../core/words.ts'
import type { Film } from '../../core/film/film.ts'
import { isWaterborne } from '../../core/film/kindOfFilm.ts'
import { leavesToSet } from '../../core/film/physicalSet.ts'
import type { FilmNumber } from '../../core/film/why.ts'
import { daysAtChance, driesAtOnce } from '../../core/cure/forecast.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { AssessedLayer, AssessedSpot } from '../../document/judging/assess.ts'
import { about, datesText, percentText, spanText, umText, upperFirst } from '../../ui/format.ts'
import { FilmWhy } from '../../ui/FilmWhy.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { Why } from '../../ui/Why.tsx'

const speedText = (film: Film): string =>
  film.hardens ? about(film.rate) : isWaterborne(film) ? 'by losing water' : 'will not harden'

/** The states that are told, and what they are called. */
const told = (['touch', 'firm', 'cured'] as const).map((state) => [state, stateNames[state]] as const)
/** Of what dries by losing water or spirit. */
const throughOnly = [['cured', 'dry through'] as const]

const reasons = later(() => import('../../core/cure/why.ts').then(({ whyDry }) => whyDry))

/** What the layer comes to; each number says why when asked. */
export function Numbers({
  assessed: { date, problem },
  spot,
  alkydWeight,
}: {
  readonly assessed: AssessedLayer
  /** Where the numbers are of. */
  readonly spot: AssessedSpot | null
  /** How much of an alkyd the practice counts as fat. */
  readonly alkydWeight: number
}) {
  const whyDry = useLater(reasons)
  if (!spot)
    return (
      <p role="alert" className="mt-3 text-unsound">
        {problem}
      </p>
    )
  const { film, forecast } = spot
  const leaves = leavesToSet(film)
  const fat = fatnessText(fatnessOf(film.perDryVolume, alkydWeight))
  const items: readonly (readonly [string, FilmNumber, string])[] = [
    ['dry', 'dryThicknessUm', umText(film.dryThicknessUm)],
    ['fat over what the powder needs', 'fatness', fat],
    ['oil in the dried film, by volume', 'oilContent', percentText(film.oilContent)],
    [
      'binder for what the powder needs, once the ground has drunk',
      'binderRatio',
      film.binderRatioAfterDrinking === null ? 'no powder' : about(film.binderRatioAfterDrinking, 3),
    ],
    ['drying speed, raw linseed = 1', 'rate', speedText(film)],
    ['stretch, raw linseed = 1', 'flex', film.flex === null ? 'none' : about(film.flex)],
    ['surface', 'surface', film.surface ?? 'clear film'],
  ]
  const { mediumLessSolvent } = film.mix
  return (
    <dl className="mt-3 flex flex-wrap gap-x-7 gap-y-2 border-y border-rule py-2">
      {items.map(([what, number, value]) => (
        <div key={number}>
          <dt className="text-[0.78rem] text-soft">{what}</dt>
          <dd className="text-[1.05rem]">
            <FilmWhy number={number} film={film} alkydWeight={alkydWeight} label={`${what}: ${value}. Why?`}>
              {value}
            </FilmWhy>
          </dd>
        </div>
      ))}
      {mediumLessSolvent !== null && mediumLessSolvent > 0 && (
        <div>
          <dt className="text-[0.78rem] text-soft">medium, of the mix without solvent</dt>
          <dd className="text-[1.05rem]">{percentText(mediumLessSolvent)}</dd>
        </div>
      )}
      {(driesAtOnce(forecast) ? throughOnly : told).map(([state, name]) => {
        const [low, high] = [daysAtChance(forecast, state, 0.1), daysAtChance(forecast, state, 0.9)]
        if (low === null || high === null) return null
        return (
          <div key={state}>
            <dt className="text-[0.78rem] text-soft">{name}, 8 times in 10</dt>
            <dd className="text-[1.05rem]">
              <Why
                label={`${name} after ${spanText(low, high)}. Why?`}
                reason={
                  whyDry &&
                  whyDry(
                    `${upperFirst(name)}: ${datesText(date.day + low, date.day + high)}`,
                    forecast,
                    state,
                    state === 'touch' ? leaves : null,
                  )
                }
              >
                {spanText(low, high)}
              </Why>
            </dd>
          </div>
        )
      })}
    </dl>
  )
}
