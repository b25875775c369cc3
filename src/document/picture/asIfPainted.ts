import { minuteOf } from '../../core/plan/calendar.ts'
import { planOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import type { Picture } from './picture.ts'

/** A picture as it would be with one more layer painted now, over all that is painted; nothing is stored of it. */
export function asIfPainted<Shown extends Picture>(picture: Shown, layer: LayerDocument): Shown {
  const { layers, today } = picture
  const painted = { at: minuteOf(today), ...planOf(layer), used: null, materials: [] }
  const over = layers.findLastIndex((one) => one.painted !== null) + 1
  return { ...picture, layers: [...layers.slice(0, over), { ...layer, painted }, ...layers.slice(over)] }
}
