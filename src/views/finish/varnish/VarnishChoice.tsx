import { useMemo, useState } from 'react'
import { solventG, varnishFactsOf, varnishSolvent } from '../../../core/finish/varnishFacts.ts'
import { kindOf } from '../../../core/materials/material.ts'
import type { Material } from '../../../core/materials/material.ts'
import { dateOf } from '../../../core/plan/calendar.ts'
import { varnishMl } from '../../../core/plan/varnishDates.ts'
import { restId } from '../../../core/stack/area.ts'
import { assess } from '../../../document/judging/assess.ts'
import { departuresWith } from '../../../document/judging/takenOn.ts'
import type { LayerDocument } from '../../../document/layer.ts'
import { asIfPainted } from '../../../document/picture/asIfPainted.ts'
import { Cautions } from '../../../ui/Cautions.tsx'
import { dayText, mlText } from '../../../ui/format.ts'
import { say } from '../../../ui/messages.ts'
import { RoomSays } from '../../../ui/room/RoomSays.tsx'
import { VerdictMark } from '../../../ui/Verdict.tsx'
import { addLayer, paintedNow } from '../../stack/event/addLayer.ts'
import { newEvent } from '../../stack/event/newEvent.ts'
import type { FinishProps } from '../FinishView.tsx'
import { usualVarnish, varnishLayer } from './asked.ts'
import type { VarnishAsked } from './asked.ts'
import { VarnishFacts } from './VarnishFacts.tsx'
import { VarnishFields } from './VarnishFields.tsx'

const leastReason = 3

/** Which varnish, how much of it, how it comes off again, and what is put on record. */
export function VarnishChoice(props: FinishProps) {
  const { edited, picture, findMaterial, day, varnish } = props
  const [asked, setAsked] = useState(usualVarnish)
  const [reason, setReason] = useState('')
  const change = (more: Partial<VarnishAsked>): void => setAsked((before) => ({ ...before, ...more }))
  const material = findMaterial(varnish)
  const areaM2 = ((picture.painting.widthCm ?? 0) * (picture.painting.heightCm ?? 0)) / 1e4
  const totalMl = varnishMl(areaM2, asked.mlPerM2, asked.coats)
  const told = useMemo(() => varnishLayer(varnish, asked), [varnish, asked])
  const { layer, planned, shown, stays } = useTried(props, told)
  const mayGoOn = stays === null || reason.trim().length >= leastReason
  const put = async (plannedOn: string | null): Promise<void> => {
    if (stays) edited.editPainting({ departures: departuresWith(stays, reason.trim(), shown) })
    if (planned) edited.editLayer(planned.id, { ...told, plannedOn })
    const layers = newEvent(edited.picture, 'varnish', restId, { ...told, id: layer.id, plannedOn })
    const done = planned
      ? await (plannedOn === null ? paintedNow(edited, planned.id) : null)
      : await addLayer(edited, layers, { now: plannedOn === null })
    if (done?.is === 'refused') return say(done.refusal.message)
    const { owed } = edited.picture.painting
    // A varnish that was owed is so no longer once one went on.
    if (plannedOn === null && owed?.doneOn === null)
      edited.editPainting({ owed: { ...owed, doneOn: dateOf(picture.today) } })
  }
  const givesOffG = material ? solventG(material, totalMl) : 0
  return (
    <section aria-label="The varnish">
      <h2 className="border-b border-ink pb-1 text-xl">The varnish</h2>
      <p className="mt-2 font-read text-[1.15rem] leading-snug">
        {areaM2 > 0
          ? `${mlText(totalMl)} for ${asked.coats === 1 ? 'one coat' : `${asked.coats} coats`}${dryText(material)}.`
          : 'Give the picture its size on the Record, and the varnish is told in millilitres.'}
      </p>
      <VarnishFields {...props} asked={asked} totalMl={totalMl} onAsked={change} />
      {material && <RoomSays materials={[material]} policies={picture.settings.policies} />}
      <VarnishFacts {...props} material={material} />
      {stays && (
        <label className="mt-3 block text-[0.9rem]">
          <VerdictMark verdict="unsound" size={13} /> {stays.message} To use it all the same, say why; it is
          kept on the record.
          <textarea
            className="field mt-1 w-full"
            rows={2}
            maxLength={400}
            value={reason}
            onChange={({ target }) => setReason(target.value)}
          />
        </label>
      )}
      <div className="mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className="button button-ink min-h-11"
          disabled={!mayGoOn}
          onClick={() => void put(dateOf(day))}
        >
          {planned ? 'Plan it anew' : 'Plan it'} for {dayText(day)}
        </button>
        <button type="button" className="button min-h-11" disabled={!mayGoOn} onClick={() => void put(null)}>
          It is varnished, today
        </button>
      </div>
      {givesOffG > leastToAirG && (
        <a
          className="mt-2 inline-flex min-h-11 items-center link"
          href={`/room/air?varnishing=${varnishSolvent(kindOf(material!))}&grams=${Math.round(givesOffG)}`}
        >
          The air of that day: {Math.round(givesOffG)} g of solvent
        </a>
      )}
      {material && <Cautions materials={[material]} />}
    </section>
  )
}

/** Less solvent than this is not worth a look at the air, g. */
const leastToAirG = 0.5

function dryText(material: Material | undefined): string {
  const facts = material && varnishFactsOf(material)
  return facts
    ? `; dust-dry in about ${facts.dustHours} h, packed after ${facts.packDays} days at the earliest (estimates)`
    : ''
}

/** Tried on the whole picture: whether it can ever be taken off again. One that is planned already is changed, and none added. */
function useTried({ edited, picture, findMaterial }: FinishProps, told: Partial<LayerDocument>) {
  return useMemo(() => {
    const planned = picture.layers.find(({ painted, event }) => painted === null && event.kind === 'varnish')
    const fresh = newEvent(edited.picture, 'varnish', restId, told)[0]!.layer as LayerDocument
    const layer = planned ? { ...planned, ...told } : fresh
    const others = picture.layers.filter(({ id }) => id !== layer.id)
    const shown = asIfPainted({ ...picture, layers: others }, layer)
    const found = assess(shown, findMaterial).findings.find(
      ({ rule, layerId, under }) =>
        rule === 'unremovable-varnish' && layerId === layer.id && under === undefined,
    )
    return { layer, planned, shown, stays: found?.severity === 'unsound' ? found : null }
  }, [edited.picture, picture, told, findMaterial])
}
