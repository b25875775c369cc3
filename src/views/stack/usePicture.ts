import { useMemo } from 'react'
import { namedAreasOf, newArea } from '../../document/picture/areas.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { settingsId } from '../../document/settingsId.ts'
import type { PlannedLayer } from '../../document/layer.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import { allShown, shownOn } from '../../saving/desk.ts'
import type { Desk, DeskOptions, DeskState, Outcome } from '../../saving/desk.ts'
import type { Request } from '../../saving/server.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { useBench } from '../../ui/bench/useBench.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { useDesk } from '../../ui/useDesk.ts'

/** A picture as its page edits it; a medium or a batch is brought before a layer is given it. */
export interface EditedPicture extends Pick<Bench, 'bring' | 'paintFromTube'> {
  readonly picture: LoadedPicture
  readonly desk: Desk
  readonly state: DeskState
  readonly editLayer: (id: string, change: Partial<PlannedLayer>) => void
  readonly editPainting: (change: Partial<PaintingDocument>) => void
  /** Gives a part of the picture a name; answers the part's id. */
  readonly nameArea: (name: string) => string
  readonly act: (request: Request) => Promise<Outcome>
}

const ownTubes = later(() => import('../../document/ownTube.ts'))

/** A picture being edited: its documents as the desk has them, with what they are painted with. */
export function usePicture(initial: LoadedPicture, events: readonly number[]): EditedPicture {
  const { id } = initial.painting
  const { desk, state } = useDesk(`painting/${id}`, thingsOf(initial), events, isPartOf(id))
  const bench = useBench(initial)
  const findMaterial = useMemo(() => findInStudio(bench.shelf), [bench.shelf])
  // As the page comes they are those of today; only what changes meanwhile has to be laid over.
  const tubes = useLater(ownTubes)
  const inOrder = useMemo(
    () => [...allShown(state, 'layer')].sort((a, b) => a.position - b.position || a.id.localeCompare(b.id)),
    [state],
  )
  const picture = useMemo(
    (): LoadedPicture => ({
      ...initial,
      painting: shownOn(state, 'painting', id) ?? initial.painting,
      layers: tubes?.withTubesOfToday(inOrder, bench.tubes, findMaterial) ?? inOrder,
      touchTests: allShown(state, 'touch_test'),
      practices: allShown(state, 'practice'),
      settings: shownOn(state, 'setting', settingsId) ?? initial.settings,
      mediums: bench.mediums,
      shelf: bench.shelf,
      tubes: bench.tubes,
    }),
    [initial, state, id, inOrder, tubes, bench.mediums, bench.shelf, bench.tubes, findMaterial],
  )
  const nameArea = (name: string): string => {
    const areas = namedAreasOf(picture)
    const known = areas.find((area) => area.name === name)
    if (known) return known.id
    const area = newArea(name, crypto.randomUUID())
    desk.edit('painting', id, { areas: [...areas, area] })
    return area.id
  }
  return {
    picture,
    nameArea,
    desk,
    state,
    editLayer: (layerId, change) => desk.edit('layer', layerId, change),
    editPainting: (change) => desk.edit('painting', id, change),
    act: desk.act,
    bring: bench.bring,
    paintFromTube: bench.paintFromTube,
  }
}

/** What another window adds to or takes from a picture: its layers, and the tests of them. */
const isPartOf =
  (painting: string): DeskOptions['belongs'] =>
  (kind, body, has) =>
    kind === 'layer'
      ? body['paintingId'] === painting
      : kind === 'touch_test' && has('layer', body['layerId'] as string)

/** What a picture is shown from, itself first; the room it dries in is another's to change. */
const thingsOf = ({ painting, layers, touchTests, practices, settings }: LoadedPicture) => [
  { kind: 'painting' as const, id: painting.id, body: painting },
  ...layers.map((layer) => ({ kind: 'layer' as const, id: layer.id, body: layer })),
  ...touchTests.map((test) => ({ kind: 'touch_test' as const, id: test.id, body: test })),
  ...practices.map((practice) => ({ kind: 'practice' as const, id: practice.id, body: practice })),
  { kind: 'setting' as const, id: settingsId, body: settings },
]
