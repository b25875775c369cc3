import { dateOf } from '../../core/plan/calendar.ts'
import { useMemo, useState } from 'react'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { dateText } from '../../ui/format.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { usePicture } from '../stack/usePicture.ts'
import { RescueView } from './RescueView.tsx'

const mostNote = 4000
const record = later(() => import('./factsOf.ts'))

/** Something wrong with a layer on record: what the record knows of it goes into the answer, and the answer onto it. */
export function RescuePicture({
  initial,
  events,
  what,
  layerId: asked,
}: {
  readonly initial: LoadedPicture
  readonly events: readonly number[]
  readonly what: string | null
  readonly layerId: string | null
}) {
  const { picture, desk, state, editLayer } = usePicture(initial, events)
  const known = useLater(record)
  const usual = picture.layers.findLast(({ painted }) => painted) ?? picture.layers[0]
  const [layerId, setLayer] = useState(asked ?? usual?.id ?? '')
  const facts = useMemo(() => known?.factsOf(picture, layerId) ?? null, [known, picture, layerId])
  const note = (text: string): void => {
    const layer = picture.layers.find(({ id }) => id === layerId)
    if (!layer) return
    const today = dateText(dateOf(picture.today))
    editLayer(layerId, { note: `${layer.note ? `${layer.note}\n` : ''}${today}: ${text}`.slice(-mostNote) })
  }
  return (
    <>
      <RescueView
        what={what}
        about={{
          paintingId: picture.painting.id,
          title: picture.painting.title,
          layers: picture.layers.map(({ id, name }) => ({ id, name })),
          layerId,
          onLayer: setLayer,
          facts,
          noted: picture.layers.find(({ id }) => id === layerId)?.note ?? '',
          onNote: note,
        }}
      />
      <SaveLine desk={desk} state={state} />
      <Toasts />
    </>
  )
}
