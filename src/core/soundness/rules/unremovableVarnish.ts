import { figure } from '../../figure.ts'
import { kindOf } from '../../materials/material.ts'
import { percent } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import { agedDays, removability, removerOf, yieldsFrom } from '../../finish/removability.ts'
import { isVarnish } from '../../stack/kinds.ts'
import { areaRule, layerRule, together } from '../rule.ts'

const text = { id: 'unremovable-varnish', mends: ['leave-out'] as const }

const neverComesOff = layerRule({
  ...text,
  says: ({ layer: { name, film, purpose, materials } }, { practice: { limits } }) => {
    if (purpose !== 'varnish') return null
    const fat = film.binder.oil + film.binder.alkyd
    const isCopal = materials.some((material) => kindOf(material) === 'copal_hard')
    const stays = fat >= limits.unremovable.unsound - 1e-9 || film.binder.protein > 0 || isCopal
    const isAcrylic = film.dry.byVolume.polymer > 0
    const isEthyl = materials.some((material) => kindOf(material) === 'acrylic_resin_ethyl_methacrylate')
    if (!stays && !isAcrylic && !isEthyl) return null
    return {
      severity: stays ? 'unsound' : isAcrylic ? 'watch' : 'note',
      message: stays
        ? `${name} can never be taken off without the painting: ${fat > 0 ? `${percent(fat)} of its binder is oil or alkyd` : 'it hardens into the paint'}. Take a resin that mild spirit lifts.`
        : `${name} comes off only with a strong solvent: take a resin that mild spirit lifts.`,
      numbers: {
        fat: figure('oil and alkyd in its binder, by volume', 100 * fat, '%'),
        limit: boundFigure('unremovable', limits.unremovable.unsound),
      },
    }
  },
})

/** A varnish whose remover takes what lies under it too (reckonings.md, Removability), judged as it has aged. */
const takesWhatIsUnder = areaRule({
  ...text,
  finds: ({ area: { layers } }) =>
    layers.flatMap((coat) => {
      const remover = coat.purpose === 'varnish' ? removerOf(coat.materials) : null
      const under = layers.findLast(
        (layer) => layer.index < coat.index && layer.goneDay === null && !isVarnish(layer.purpose),
      )
      if (!remover || !under) return []
      const yields = yieldsFrom(under.film, under.forecast, agedDays)
      const verdict = removability(remover, yields)
      if (verdict === 'sound') return []
      return [
        {
          severity: verdict,
          layer: coat.event,
          under: under.event,
          message: `What takes ${coat.name} off once it has aged ${verdict === 'unsound' ? 'takes' : 'may take'} ${under.name} too: ${yields.because}. Take a varnish with a milder remover, or none.`,
          numbers: {
            remover: figure('solvent that takes the varnish off, 1 mildest to 5', remover.aged),
            yields: figure(`solvent ${under.name} gives to, 1 mildest to 5`, yields.rank),
          },
        },
      ]
    }),
})

export const unremovableVarnish = together(neverComesOff, takesWhatIsUnder)
