import { figure } from '../../figure.ts'
import { kindOf } from '../../materials/material.ts'
import { percent } from '../../words.ts'
import { boundFigure } from '../limit.ts'
import { layerRule } from '../rule.ts'

export const unremovableVarnish = layerRule({
  id: 'unremovable-varnish',
  title: 'Varnish that stays for good',
  afterwards: 'It stays: write on the back what it is, and put nothing over it.',
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
