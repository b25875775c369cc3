import { minuteAt } from '../../core/plan/calendar.ts'
import { useState } from 'react'
import { brushClash, vehicleNames, vehicleOf } from '../../core/evening/brushSet.ts'
import { brushedFilm } from '../../document/picture/brushedFilm.ts'
import { namedAreasOf } from '../../document/picture/areas.ts'
import { brushOf } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { readyOf } from '../../document/picture/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { requestTo } from '../../ui/client.ts'
import { Choice } from '../../ui/fields.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { newPasses } from '../stack/event/newEvent.ts'
import type { EditedPicture } from '../stack/usePicture.ts'

export interface NowProps {
  readonly layer: LayerDocument
  readonly edited: EditedPicture
  /** The layer that a further pass became. */
  readonly onLayer: (id: string) => void
}

/** Painted at the easel: where, and that it was just now; in the same sitting once more, as a further pass. */
export function PaintedNow({ layer, edited, onLayer }: NowProps) {
  const { picture, act } = edited
  const parts = namedAreasOf(picture)
  const [areas, setAreas] = useState<readonly string[]>(brushOf(layer).areas)
  const isPainted = layer.painted !== null
  const toggle = (id: string): void =>
    setAreas(areas.includes(id) ? areas.filter((one) => one !== id) : [...areas, id])
  const logged = (id: string) =>
    act(
      requestTo(
        'POST /api/layers/{id}/painted',
        { areas: [...areas], tapped: minuteAt(new Date()) },
        { params: { id } },
      ),
    )
  const paint = async (): Promise<void> => {
    if (!isPainted) {
      onLayer(layer.id)
      await logged(layer.id)
      return
    }
    const passes = newPasses(picture, layer)
    const params = { id: picture.painting.id }
    const added = await act(requestTo('PUT /api/paintings/{id}/layers', { layers: [...passes] }, { params }))
    if (added.is !== 'done') return
    const { id } = passes[0]!.layer
    await logged(id)
    onLayer(id)
  }
  return (
    <section aria-label="Painted just now" className="not-printed mt-4 border-t border-rule pt-3">
      {parts.length > 0 && (
        <div role="group" aria-label="Where it was painted" className="flex flex-wrap gap-2">
          <Where name="everywhere" isOn={areas.length === 0} onTap={() => setAreas([])} />
          {parts.map(({ id, name }) => (
            <Where key={id} name={name} isOn={areas.includes(id)} onTap={() => toggle(id)} />
          ))}
        </div>
      )}
      <Brushes layer={layer} edited={edited} />
      <button
        type="button"
        className="button mt-2 min-h-14 w-full justify-center text-[1.15rem]"
        onClick={() => void paint()}
      >
        {isPainted ? 'A further pass, painted just now' : `${layer.name}: painted just now`}
      </button>
    </section>
  )
}

/** Which brushes; where they are kept for something else, why not these. */
function Brushes({ layer, edited: { picture, editLayer } }: Pick<NowProps, 'layer' | 'edited'>) {
  const { brushSets } = picture.settings
  if (brushSets.length === 0) return null
  const set = brushSets.find(({ id }) => id === layer.brushSet)
  const { mix } = readyOf(layer, picture.mediums, findInStudio(picture.shelf))
  const vehicle = mix && vehicleOf(brushedFilm(layer, mix))
  const clash = set && vehicle ? brushClash(set.vehicle, vehicle) : null
  return (
    <div className="mt-2">
      <Choice
        label="Brushes"
        className="min-h-11 max-w-72"
        value={layer.brushSet ?? ''}
        options={[
          { id: '', name: 'brushes not told' },
          ...brushSets.map(({ id, name, vehicle: kept }) => ({
            id,
            name: `${name} (${vehicleNames[kept]})`,
          })),
        ]}
        onValue={(id) => editLayer(layer.id, { brushSet: id || null })}
      />
      {clash && (
        <p role="status" className="mt-1">
          <VerdictMark verdict="watch" size={13} /> {set!.name} is kept for {vehicleNames[set!.vehicle]}, and
          this is {vehicleNames[vehicle!]}: {clash}. Take others.
        </p>
      )}
    </div>
  )
}

const Where = ({
  name,
  isOn,
  onTap,
}: {
  readonly name: string
  readonly isOn: boolean
  readonly onTap: () => void
}) => (
  <button
    type="button"
    aria-pressed={isOn}
    className="min-h-11 border border-rule px-4 aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
    onClick={onTap}
  >
    {name}
  </button>
)
