import { useState } from 'react'
import { namedAreasOf } from '../../document/areas.ts'
import { brushOf } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { requestTo } from '../../ui/client.ts'
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
    act(requestTo('POST /api/layers/{id}/painted', { areas: [...areas] }, { params: { id } }))
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
