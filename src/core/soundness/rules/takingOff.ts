import { isReached, likelyCured } from '../../cure/forecast.ts'
import { isWaxy } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import type { Figure } from '../../figure.ts'
import { neverSanded, hazardsOf } from '../../materials/hazards.ts'
import { biteOf } from '../../medium/solvents.ts'
import type { RemovalWay } from '../../stack/event.ts'
import type { Severity } from '../../severity.ts'
import { about, dayCount, listed, shortName } from '../../words.ts'
import type { LaidRemoval } from '../lay.ts'
import { biteOn, givesFrom } from '../solventBite.ts'
import { areaRule } from '../rule.ts'

interface Fault {
  readonly severity: Severity
  readonly message: string
  readonly numbers: Readonly<Record<string, Figure>>
}

/** What is wrong with taking a film off in this way, on that day; null: nothing. */
type Faults = Readonly<Record<RemovalWay, (removal: LaidRemoval, age: number) => Fault | null>>

const agedFigure = (age: number) => ({ age: figure('days since it was painted', age, 'days') })

const faults: Faults = {
  wipe: ({ name, from }, age) =>
    isReached(from.forecast, 'touch', age)
      ? {
          severity: 'unsound',
          message: `${name}: ${from.name} is touch dry after ${dayCount(age)}, and a cloth takes nothing off it. Scrape it, or dissolve it.`,
          numbers: agedFigure(age),
        }
      : null,
  scrape: ({ name, from }, age) =>
    isReached(from.forecast, 'firm', age)
      ? {
          severity: 'watch',
          message: `${name}: ${from.name} is firm after ${dayCount(age)}, so the knife takes it off roughly and may tear what is under it.`,
          numbers: agedFigure(age),
        }
      : null,
  dissolve: ({ name, from, solvent }, age) => {
    if (!solvent) return null
    const cured = likelyCured(from.forecast, age)
    const bite = biteOn(from.film, cured, { share: 1, power: biteOf(solvent) })
    if (bite >= givesFrom - 1e-9) return null
    return {
      severity: 'watch',
      message: `${name}: ${shortName(solvent.name).toLowerCase()} hardly takes ${from.name} off after ${dayCount(age)}. Try a swab in a corner; a stronger solvent bites what lies under it too.`,
      numbers: {
        bite: figure('bite of the solvent, it takes a film off from 0.5', bite),
        cured: figure(`${from.name} cured by then`, Number(about(100 * cured)), '%'),
      },
    }
  },
  'sand-wet': ({ name, from }, age): Fault | null => {
    const metals = hazardsOf(from.materials).filter((hazard) => neverSanded.includes(hazard))
    if (metals.length > 0)
      return {
        severity: 'unsound',
        message: `${name}: ${from.name} holds ${listed(metals)}. It is not sanded, wet or dry: oil it out and rub that off instead.`,
        numbers: { metals: figure('metals in it that may not become dust', metals.length) },
      }
    if (isWaxy(from.film))
      return {
        severity: 'unsound',
        message: `${name}: the wax in ${from.name} smears and clogs. Warm it and scrape it, or leave it.`,
        numbers: { wax: figure('wax in its binder, by mass', 100 * from.film.binder.wax, '%') },
      }
    return isReached(from.forecast, 'firm', age)
      ? null
      : {
          severity: 'unsound',
          message: `${name}: ${from.name} is not firm after ${dayCount(age)}, and tears. Wait until a fingernail leaves no mark.`,
          numbers: agedFigure(age),
        }
  },
  'varnish-off': () => null,
}

export const takingOff = areaRule({
  id: 'taking-off',
  finds: ({ area: { removals } }) =>
    removals.flatMap((removal) => {
      const { event, from, how, day } = removal
      const fault = faults[how](removal, day - from.appliedDay)
      return fault ? [{ ...fault, layer: event, under: from.event }] : []
    }),
})
