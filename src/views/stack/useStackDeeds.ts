import { isRemoval } from '../../core/stack/kinds.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import type { Assessment, AssessedFinding } from '../../document/judging/assess.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { LayerMend } from '../../document/mend/mend.ts'
import { departuresWith } from '../../document/judging/takenOn.ts'
import type { Outcome } from '../../saving/desk.ts'
import type { LayerWrite } from '../../studio/layers.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { requestTo } from '../../ui/client.ts'
import { say } from '../../ui/messages.ts'
import { moved } from '../../ui/sorting.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import type { FindingDeeds } from './Findings.tsx'
import type { LookedAt } from './useLookedAt.ts'
import type { EditedPicture } from './usePicture.ts'

/** What can be done to a picture from its page, each thing in one step. */
export interface StackDeeds {
  readonly add: (kind?: EventKind) => void
  /** The layer a further pass would go on; null: there is none. */
  readonly top: LayerDocument | null
  readonly addPass: () => void
  readonly addCoats: (layer: LayerDocument, days: readonly number[]) => void
  readonly remove: (layerId: string) => void
  /** Puts the layers of the area in another order; those of other areas keep their places. */
  readonly order: (layerIds: readonly string[]) => void
  readonly move: (layer: LayerDocument, by: 1 | -1) => void
  /** Writes layers as they are given, all in one step. */
  readonly putLayers: (layers: readonly LayerWrite[]) => void
  readonly onFinding: FindingDeeds
}

const bringAdding = () => import('./event/newEvent.ts')
type Adding = Awaited<ReturnType<typeof bringAdding>>
const adding = later(bringAdding)
const deedsLeft = later(() => import('../../document/mend/stillPossible.ts'))

/** @param picture as it is shown, a correction being tried with it */
export function useStackDeeds(
  { act, editLayer, editPainting }: EditedPicture,
  picture: LoadedPicture,
  assessment: Assessment,
  { area, inArea, onChosen, onArea, onShow }: LookedAt,
): StackDeeds {
  const params = { id: picture.painting.id }
  useLater(adding)
  const still = useLater(deedsLeft)
  const write = (layers: readonly LayerWrite[]): Promise<Outcome> =>
    act(requestTo('PUT /api/paintings/{id}/layers', { layers: [...layers] }, { params }))
  /** Puts what a new event makes of the picture; it is asked for once the page answers, and there at the first tap. */
  const putNew = (made: (events: Adding) => readonly LayerWrite[]): void =>
    void bringAdding().then(
      async (events) => {
        const layers = made(events)
        if ((await write(layers)).is === 'done') onChosen(layers[0]!.layer.id)
      },
      () => say('Not added: the studio’s server does not answer. Tap again.'),
    )
  const remove = (layerId: string): void => {
    const { revision } = picture.layers.find(({ id }) => id === layerId)!
    void act(requestTo('DELETE /api/layers/{id}', { seen: revision }, { params: { id: layerId } }))
  }
  const reorder = (layerIds: readonly string[]): void => {
    const was = picture.layers.map(({ id }) => id)
    void act(requestTo('PUT /api/paintings/{id}/order', { layerIds: [...layerIds], was }, { params }))
  }
  const order = (ids: readonly string[]): void => {
    const here = new Set(ids)
    const next = [...ids]
    reorder(picture.layers.map(({ id }) => (here.has(id) ? next.shift()! : id)))
  }
  const mend = ({ layerId, does }: LayerMend): void => {
    switch (does.is) {
      case 'edit':
        editLayer(layerId, does.change)
        return onShow(layerId)
      case 'remove':
        return remove(layerId)
      case 'order':
        return reorder(does.layerIds)
      case 'split':
        return putNew(({ splitCoats }) => splitCoats(picture, does))
    }
  }
  /** Takes a finding on, or, without a reason, lets it speak again. */
  const depart = (finding: AssessedFinding, reason: string | null): void =>
    editPainting({ departures: departuresWith(finding, reason, picture) })
  const top =
    inArea.findLast(({ event, painted }) => painted && !isRemoval(event.kind)) ?? inArea.at(-1) ?? null
  return {
    add: (kind = 'paint') => putNew(({ newEvent }) => newEvent(picture, kind, area.id)),
    top,
    addPass: () => top && putNew(({ newPasses }) => newPasses(picture, top)),
    addCoats: (layer, days) => putNew(({ furtherCoats }) => furtherCoats(picture, layer, days)),
    remove,
    order,
    move: (layer, by) => {
      const ids = inArea.map(({ id }) => id)
      const place = ids.indexOf(layer.id)
      order(moved(ids, place, place + by))
    },
    putLayers: (layers) => void write(layers),
    onFinding: {
      onMend: mend,
      onTakeOn: depart,
      onTakeBack: (finding) => depart(finding, null),
      onEvent: (kind, finding) => {
        onArea(finding.area)
        putNew(({ newEvent }) => newEvent(picture, kind, finding.area))
      },
      stillPossible: (finding) => still?.stillPossible(finding, picture, assessment) ?? [],
    },
  }
}
