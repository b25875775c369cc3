import { isClear, isOily, isWaterborne, freeUm } from '../../film/kindOfFilm.ts'
import { figure } from '../../figure.ts'
import { levelOf } from '../../practice/limits.ts'
import { covers, isWhole } from '../../stack/area.ts'
import { pastEdgeMm } from '../../stack/event.ts'
import type { LaidArea, LaidLayer, LaidPicture } from '../lay.ts'
import { limitFigures } from '../limit.ts'
import { pictureRule } from '../rule.ts'

/** Oil may run so far into what lies beside it, µm: a third of it is about a millimetre of halo (an estimate). */
const thirstyFromUm = 3

const hasMargin = (layer: LaidLayer): boolean => layer.pastEdgeMm >= pastEdgeMm.enough

/** Whether a layer covers the whole picture, named in parts or not. */
const isEverywhere = ({ areas }: LaidPicture, layer: Pick<LaidLayer, 'areas'>): boolean =>
  layer.areas.length === 0 ||
  (isWhole(areas.map(({ area }) => area)) && areas.every(({ area }) => covers(layer, area.id)))

/** Whether what is painted here lies within this coat, and its margin. */
const liesWithin = (upper: LaidLayer, coat: LaidLayer): boolean =>
  hasMargin(coat) && upper.areas.every((area) => coat.areas.includes(area))

/** What the oil of a layer finds to run into beside it: the bare waterborne layer nearest beneath it, nothing isolating between. */
function thirstyUnder(picture: LaidPicture, { layers }: LaidArea, upper: LaidLayer): LaidLayer | null {
  for (const lower of layers.slice(0, upper.index).toReversed()) {
    if (lower.goneDay !== null && lower.goneDay <= upper.appliedDay) continue
    const seals = isClear(lower.film) || lower.purpose === 'isolating'
    if (seals && (isEverywhere(picture, lower) || liesWithin(upper, lower))) return null
    if (isWaterborne(lower.film)) return lower.film.suctionLeftUm >= thirstyFromUm ? lower : null
  }
  return null
}

/** Its own edge runs where nothing of the picture ends. */
const isCoatWithMargin = (layer: LaidLayer): boolean => layer.purpose === 'isolating' && hasMargin(layer)

export const halo = pictureRule({
  id: 'halo',
  finds: (picture) =>
    picture.areas.flatMap((area) =>
      area.layers.flatMap((layer) => {
        const { film, name } = layer
        if (layer.goneDay !== null || !isOily(film) || isEverywhere(picture, layer)) return []
        if (isCoatWithMargin(layer)) return []
        const thirsty = thirstyUnder(picture, area, layer)
        if (!thirsty) return []
        const runs = freeUm(film, layer.thickestUm) + layer.thickestUm * film.mix.thinner
        const soak = Math.min(thirsty.film.suctionLeftUm, runs)
        const limit = picture.practice.limits.halo
        const severity = levelOf('halo', limit, soak)
        if (!severity) return []
        return [
          {
            severity,
            layer: layer.event,
            under: thirsty.event,
            area: area.area.id,
            message: `Oil of ${name} creeps 1 to 3 mm past its edge into ${thirsty.name}, and stays as a dark rim. Isolate the whole, or 10 mm past the edge.`,
            numbers: {
              soak: figure('oil that can run past the edge', soak, 'µm'),
              suction: figure(`what ${thirsty.name} can still drink`, thirsty.film.suctionLeftUm, 'µm'),
              ...limitFigures('halo', limit),
            },
          },
        ]
      }),
    ),
})
