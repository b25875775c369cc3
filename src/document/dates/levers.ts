import { roomSpeed } from '../../core/cure/climate.ts'
import type { StateId } from '../../core/cure/states.ts'
import type { RoomPaces } from '../../core/room/roomLog.ts'
import { roomOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import type { LayerDocument } from '../layer.ts'

/** What may give when a date is in danger: each a change of the picture or of what is promised, with what it costs. */
export interface Lever {
  readonly id: string
  readonly says: string
  readonly costs: string
  readonly picture: Picture
  /** What the day then needs; a picture under a temporary varnish travels once it is firm, as without one. */
  readonly needs: StateId
}

const alkyd = 'alkyd_walnut_solvent_free'
const drier = 'co_zr_ca'
/** Of the paint: a third of a fast medium; a drier at about half its ceiling. */
const [alkydOfPaint, drierOfPaint] = [1 / 3, 0.03]
const thinnerBy = 0.6
const warmerByC = 4

const isPlannedPaint = ({ painted, paints }: LayerDocument): boolean => painted === null && paints.length > 0
const partsOf = ({ paints }: LayerDocument): number => paints.reduce((sum, { parts }) => sum + parts, 0)

/** Every lever there is on a picture whose date needs a state. Only what is not painted yet can be changed. */
export function leversOn(picture: Picture, needs: StateId): readonly Lever[] {
  const planned = picture.layers.filter(isPlannedPaint)
  const lever = (id: string, says: string, costs: string, changed: Partial<Picture>): Lever => ({
    id,
    says,
    costs,
    picture: { ...picture, ...changed },
    needs,
  })
  const withLayers = (change: (layer: LayerDocument) => LayerDocument): Pick<Picture, 'layers'> => ({
    layers: picture.layers.map((layer) => (isPlannedPaint(layer) ? change(layer) : layer)),
  })
  const last = picture.layers.findLast(isPlannedPaint)
  return [
    ...(planned.length > 0
      ? [
          lever(
            'another-medium',
            'A fast alkyd medium, a quarter of the mix, in every layer still to come',
            'a stiffer, glossier film; the alkyd has to suit the practice',
            withLayers((layer) => stirredIn(layer, alkyd, alkydOfPaint)),
          ),
          lever(
            'thinner',
            'The layers still to come laid on thinner, at six tenths',
            'less body; the brush shows less',
            withLayers((layer) => ({
              ...layer,
              wetThicknessUm: layer.wetThicknessUm * thinnerBy,
              ridgeWetUm: layer.ridgeWetUm && layer.ridgeWetUm * thinnerBy,
            })),
          ),
          lever(
            'drier',
            'A cobalt, zirconium and calcium drier in them, at about half its ceiling',
            'a skin over soft paint where it is thick; darkens a little; cobalt is a sensitiser',
            withLayers((layer) => stirredIn(layer, drier, drierOfPaint)),
          ),
        ]
      : []),
    ...(last && planned.length > 1
      ? [
          lever('fewer', `Without ${last.name}`, 'that layer is not painted', {
            layers: picture.layers.filter((layer) => layer !== last),
          }),
        ]
      : []),
    lever(
      'warmer',
      `Dried ${warmerByC} °C warmer from today`,
      'heating; not with wax, nor near a stove',
      warmerBy(picture),
    ),
    ...lesserPromises(picture, needs),
  ]
}

function stirredIn(layer: LayerDocument, material: string, ofPaint: number): LayerDocument {
  const besides = layer.besides.filter((one) => one.material !== material)
  return { ...layer, besides: [...besides, { material, parts: partsOf(layer) * ofPaint }] }
}

/** The same picture in a warmer room from today on; what has dried has dried. */
function warmerBy(picture: Picture): Pick<Picture, 'room'> {
  const room = roomOf(picture)
  const { climate } = room
  const warmer = { ...climate, temperatureC: Math.min(35, climate.temperatureC + warmerByC) }
  const times = roomSpeed(warmer).perDay / roomSpeed(climate).perDay
  const now = Math.floor(picture.today)
  const before: RoomPaces = room.paces ?? { firstDay: now - 1, paces: new Array<number>(aheadDays).fill(1) }
  return {
    room: {
      ...room,
      climate: warmer,
      paces: {
        ...before,
        paces: before.paces.map((pace, at) => (before.firstDay + at >= now ? pace * times : pace)),
      },
    },
  }
}

const aheadDays = 730

/** Less may be promised than a varnish. */
function lesserPromises(picture: Picture, needs: StateId): readonly Lever[] {
  const isVarnish = needs === 'varnishSoft' || needs === 'cured'
  if (!isVarnish) return []
  return [
    {
      id: 'temporary-varnish',
      says: 'A temporary varnish over what has been touch dry for a week, taken off again later',
      costs: 'a second visit; it holds back what is under it',
      picture,
      needs: 'firm',
    },
    {
      id: 'unvarnished',
      says: 'Handed over unvarnished, with a date for the varnish',
      costs: 'dust settles on it meanwhile; say who pays for the visit',
      picture,
      needs: 'firm',
    },
  ]
}
