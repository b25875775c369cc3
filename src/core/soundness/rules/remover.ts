import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import type { Limits } from '../../practice/limits.ts'
import { gravity } from '../../severity.ts'
import type { Severity } from '../../severity.ts'
import { percent } from '../../words.ts'
import type { LaidLayer } from '../lay.ts'
import { limitedFigure, limitFigures } from '../limit.ts'
import { layerRule } from '../rule.ts'

type Cause = { readonly severity: Severity; readonly says: string } | null

/** Why a varnish remover would take this film, by what it is made of. */
function causesIn({ film }: LaidLayer, limits: Limits): readonly Cause[] {
  const { resin, wax, hydrocarbon, protein, gum } = film.binder
  const after = film.binderRatioAfterDrinking
  const bound = after === null ? null : levelOf('removerBinder', limits.removerBinder, after)
  const soluble = levelOf('removerSolubles', limits.removerSolubles, resin + wax)
  const resinous = levelOf('removerSolubles', limits.removerSolubles, resin) === 'unsound'
  const mild = levelOf('removerHydrocarbon', limits.removerHydrocarbon, hydrocarbon)
  return [
    bound && { severity: bound, says: `its powder has ${percent(after!)} of the binder it needs` },
    // Wax alone smears and is no reason to call it unsound.
    soluble && {
      severity: soluble === 'unsound' && resinous ? 'unsound' : 'watch',
      says: `${percent(resin + wax)} of its binder is resin and wax`,
    },
    mild && {
      severity: mild,
      says: `${percent(hydrocarbon)} of its binder is a resin that mild spirit lifts`,
    },
    protein + gum >= limits.removerWatery.watch - 1e-9
      ? { severity: 'watch', says: 'egg or gum binds it, which water takes' }
      : null,
  ]
}

export const remover = layerRule({
  id: 'remover',
  mends: ['medium', 'another-medium', 'without-medium', 'less-thinner'],
  says: ({ layer, isTop, over }, { practice: { limits } }) => {
    const isSurface = isTop || over.every(({ isOilFilm }) => !isOilFilm)
    if (!layer.isOilFilm || !isSurface) return null
    const causes = causesIn(layer, limits).filter((cause) => cause !== null)
    const worst = causes.reduce<(typeof causes)[number] | null>(
      (last, cause) => (last && gravity[last.severity] >= gravity[cause.severity] ? last : cause),
      null,
    )
    if (!worst) return null
    const { film } = layer
    return {
      severity: worst.severity,
      message: `What takes off the varnish takes ${layer.name} with it: ${worst.says}.`,
      numbers: {
        binder: figure('binder left over what the powder needs', film.binderRatioAfterDrinking),
        solubles: limitedFigure('removerSolubles', film.binder.resin + film.binder.wax),
        hydrocarbon: figure('hydrocarbon resin, likewise', 100 * film.binder.hydrocarbon, '%'),
        watery: figure(
          'egg or gum, of the binder by volume',
          100 * (film.binder.protein + film.binder.gum),
          '%',
        ),
        ...limitFigures('removerSolubles', limits.removerSolubles),
      },
    }
  },
})
