import { useState } from 'react'
import type { Forecast } from '../../core/cure/forecast.ts'
import { dayOf, minuteAt } from '../../core/plan/calendar.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import type { Area } from '../../core/stack/area.ts'
import { paintedAtOf } from '../../document/brush.ts'
import { doubtfulPasses } from '../../document/judging/fingers.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { requestTo } from '../../ui/client.ts'
import { later, useLater } from '../../ui/useLater.ts'
import type { EditedPicture } from './usePicture.ts'

interface RecordProps {
  readonly layer: LayerDocument
  /** One an area it lies in. */
  readonly forecasts: readonly Forecast[]
  readonly areas: readonly Area[]
  readonly edited: EditedPicture
}

/** What can be done with a layer, and what was. */
export function LayerRecord(props: RecordProps) {
  return (
    <>
      <div className="mt-4">
        <LayerActions {...props} />
      </div>
      <Kept {...props} />
    </>
  )
}

const fingers = later(() =>
  import('../../ui/touch/TouchButtons.tsx').then(({ TouchButtons }) => TouchButtons),
)

function LayerActions({ layer, forecasts, edited }: RecordProps) {
  const [touching, setTouching] = useState(false)
  const TouchButtons = useLater(fingers)
  const params = { id: layer.id }
  const paintedAt = paintedAtOf(layer)
  if (paintedAt === null)
    return (
      <button
        type="button"
        className="button button-ink min-h-11"
        onClick={() =>
          void edited.act(
            requestTo('POST /api/layers/{id}/painted', { tapped: minuteAt(new Date()) }, { params }),
          )
        }
      >
        {isRemoval(layer.event.kind) ? 'Done just now' : 'Painted just now'}
      </button>
    )
  return touching && TouchButtons ? (
    <TouchButtons
      doubtful={doubtfulPasses(forecasts, edited.picture.today - dayOf(paintedAt)!)}
      onFinger={(finger) => {
        setTouching(false)
        void edited.act(
          requestTo('POST /api/layers/{id}/touch', { ...finger, tapped: minuteAt(new Date()) }, { params }),
        )
      }}
    />
  ) : (
    <div className="flex flex-wrap gap-3">
      {!isRemoval(layer.event.kind) && (
        <button type="button" className="button min-h-11" onClick={() => setTouching(true)}>
          Touch test
        </button>
      )}
      <button
        type="button"
        className="min-h-11 text-soft link"
        onClick={() => void edited.act(requestTo('DELETE /api/layers/{id}/painted', undefined, { params }))}
      >
        {isRemoval(layer.event.kind) ? 'It was not done' : 'It was not painted'}
      </button>
    </div>
  )
}

const history = later(() => import('./History.tsx'))

/** What is on record of a layer besides what was used; loaded once the page answers. */
function Kept({ layer, areas, edited }: RecordProps) {
  const parts = useLater(history)
  if (!parts) return null
  const { TouchTests, Corrections } = parts
  return (
    <>
      <TouchTests
        tests={edited.picture.touchTests.filter(({ layerId }) => layerId === layer.id)}
        onRemove={({ id, revision }) =>
          void edited.act(requestTo('DELETE /api/tests/{id}', { seen: revision }, { params: { id } }))
        }
        onCount={({ id, revision, counts }) =>
          void edited.act(
            requestTo('PUT /api/tests/{id}', { counts: !counts, seen: revision }, { params: { id } }),
          )
        }
      />
      <Corrections layer={layer} areas={areas} />
    </>
  )
}
