import { chanceBy, daysAtChance } from '../../cure/forecast.ts'
import { stateNames } from '../../cure/states.ts'
import { varnishNeeds, waxBarsSpirit } from '../../finish/varnishNeeds.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { isVarnish } from '../../stack/kinds.ts'
import { about, chanceText, dayCount } from '../../words.ts'
import { limitFigures } from '../limit.ts'
import type { LaidLayer } from '../lay.ts'
import { areaRule } from '../rule.ts'

/** So long after anything was last painted, or oiled out over 3 µm, no varnish goes on, days. */
const restDays = 14
const oilLeftCounts = 3

interface Slowest {
  readonly layer: LaidLayer
  readonly chance: number
}

export const varnishTooEarly = areaRule({
  id: 'varnish-too-early',
  mends: ['wait', 'leave-out'],
  finds: ({ area: { layers }, practice: { limits } }) =>
    layers.flatMap((coat) => {
      if (!isVarnish(coat.purpose)) return []
      const { state, restDays: rest } = varnishNeeds(coat)
      const under = layers.filter(
        (layer) =>
          layer.index < coat.index && layer.isOilFilm && (layer.goneDay ?? Infinity) > coat.appliedDay,
      )
      const waited = (layer: LaidLayer): number => coat.appliedDay - layer.appliedDay
      const slowest = under.reduce<Slowest | null>((last, layer) => {
        const chance = chanceBy(layer.forecast, state, waited(layer))
        return last && last.chance <= chance ? last : { layer, chance }
      }, null)
      if (!slowest) return []
      const lately = under.find(
        (layer) =>
          waited(layer) < Math.max(rest, coat.purpose === 'varnish' ? restDays : 0) &&
          !(layer.purpose === 'oil-out' && layer.thickestUm <= oilLeftCounts),
      )
      const waxy =
        coat.film.mix.solventPower > 0
          ? under.find(({ film }) => film.binder.wax >= waxBarsSpirit)
          : undefined
      const level = levelOf('varnishChance', limits.varnishChance, slowest.chance)
      const severity = waxy || lately ? 'unsound' : level
      if (!severity) return []
      const { layer } = slowest
      const by = daysAtChance(layer.forecast, state, 0.8)
      return [
        {
          severity,
          layer: coat.event,
          under: (waxy ?? lately ?? layer).event,
          message: waxy
            ? `Spirit in ${coat.name} bites into the wax of ${waxy.name}, whatever its age: take a wax, by brush, or none.`
            : lately && level === null
              ? `${lately.name} is ${dayCount(waited(lately))} old: no varnish goes on within ${dayCount(Math.max(rest, restDays))} of the last work.`
              : `${coat.name} goes on ${dayCount(waited(layer))} after ${layer.name}, with a chance of ${chanceText(slowest.chance)} that it is ${stateNames[state]} at its slowest spot${by === null ? '' : `: ready ${dayCount(by)} after it was painted, 4 times in 5`}. A swab that colours means wait.`,
          numbers: {
            chance: figure(
              `chance that ${layer.name} is ${stateNames[state]}`,
              Number(about(100 * slowest.chance)),
              '%',
            ),
            ready: figure('days it needs, 4 times in 5', by, 'days'),
            waitedDays: figure('days since it was painted', waited(layer), 'days'),
            ...limitFigures('varnishChance', limits.varnishChance),
          },
        },
      ]
    }),
})
