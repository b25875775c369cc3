import { dateOf } from '../../../core/plan/calendar.ts'
import { overlap, restId } from '../../../core/stack/area.ts'
import { isRemoval, kindTable } from '../../../core/stack/kinds.ts'
import type { EventKind } from '../../../core/stack/kinds.ts'
import { blankLayer } from '../../../document/blank/blankLayer.ts'
import { brushOf, planOf } from '../../../document/brush.ts'
import { startOf } from '../../../document/picture/eventStart.ts'
import type { LayerDocument } from '../../../document/layer.ts'
import type { PictureChange } from '../../../document/mend/change.ts'
import type { LayerWrite } from '../../../studio/layers.ts'
import type { LoadedPicture } from '../../../studio/pictures.ts'
import { upperFirst } from '../../../ui/format.ts'

/** New layers right above this one, which what lies over it makes room for; above all where none is told. */
function above(
  { layers }: LoadedPicture,
  under: LayerDocument | undefined,
  added: readonly LayerDocument[],
): readonly LayerWrite[] {
  const from = (under ?? layers.at(-1))?.position ?? -1
  return [
    ...added.map((layer, at) => ({ layer: { ...layer, position: from + 1 + at }, seen: null })),
    ...layers
      .filter(({ position }) => position > from)
      .map((layer) => ({
        layer: { ...layer, position: layer.position + added.length },
        seen: layer.revision,
      })),
  ]
}

const firstStart = startOf('wash', true)

/** What happens to what is painted already, however much is still planned over it. */
const toWhatIsPainted = (kind: EventKind): boolean => isRemoval(kind) || kind === 'oil-out'

/**
 * A new event of this kind: on top, or over what is painted; what takes paint off goes where the painter is looking.
 * @param more what is known of it besides
 */
export function newEvent(
  picture: LoadedPicture,
  kind: EventKind,
  area: string,
  more: Partial<LayerDocument> = {},
): readonly LayerWrite[] {
  const { painting, layers, settings } = picture
  const isFirstPaint = kind === 'paint' && layers.length === 0
  const paintName = layers.length === 0 ? 'First layer' : `Layer ${layers.length + 1}`
  const made = blankLayer({
    id: crypto.randomUUID(),
    paintingId: painting.id,
    position: 0,
    name: kind === 'paint' ? paintName : upperFirst(kindTable[kind].name),
    ...startOf(kind, settings.policies.includes('solvent')),
    ...(isFirstPaint && { paints: firstStart.paints, wetThicknessUm: firstStart.wetThicknessUm }),
    areas: isRemoval(kind) && area !== restId ? [area] : [],
    ...more,
  })
  const painted = layers.findLast((layer) => layer.painted !== null && overlap(brushOf(layer), made))
  return above(picture, toWhatIsPainted(kind) ? painted : undefined, [made])
}

/** A further pass of a film, with the same paint; the two are one film. */
export const newPasses = (picture: LoadedPicture, film: LayerDocument): readonly LayerWrite[] =>
  above(picture, film, [
    blankLayer({
      id: crypto.randomUUID(),
      paintingId: picture.painting.id,
      position: 0,
      name: `${film.name}, next pass`.slice(0, 120),
      ...planOf(brushOf(film)),
      wetInWet: true,
      pass: true,
    }),
  ])

/** Further coats like this one, each on its day, right above it. */
export const furtherCoats = (
  picture: LoadedPicture,
  coat: LayerDocument,
  days: readonly number[],
): readonly LayerWrite[] =>
  above(
    picture,
    coat,
    days.map((day, at) =>
      blankLayer({
        id: crypto.randomUUID(),
        paintingId: picture.painting.id,
        position: 0,
        name: `${coat.name}, coat ${at + 2}`.slice(0, 120),
        ...planOf(coat),
        plannedOn: dateOf(day),
      }),
    ),
  )

/** A layer in two coats: the first thinner than it was, the second right above it. */
export function splitCoats(
  picture: LoadedPicture,
  { layerId, wetThicknessUm, upper }: Extract<PictureChange, { is: 'split' }>,
): readonly LayerWrite[] {
  const first = picture.layers.find(({ id }) => id === layerId)!
  const layer = { ...first, wetThicknessUm, ridgeWetUm: null }
  return [...above(picture, first, [upper]), { layer, seen: first.revision }]
}
