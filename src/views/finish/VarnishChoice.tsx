import { useMemo, useState } from 'react'
import { mixedSheen, solventG, varnishFactsOf, varnishSolvent } from '../../core/finish/varnishFacts.ts'
import { kindOf } from '../../core/materials/material.ts'
import { cleaningSolvents, removerOf } from '../../core/finish/removability.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { usualVarnishMlPerM2, varnishMl } from '../../core/plan/varnishDates.ts'
import { restId } from '../../core/stack/area.ts'
import { listed } from '../../core/words.ts'
import { asIfPainted } from '../../document/picture/asIfPainted.ts'
import { assess } from '../../document/judging/assess.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { removableIn } from '../../document/finish/removable.ts'
import { departuresWith } from '../../document/judging/takenOn.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { about, dayText, mlText, upperFirst } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { say } from '../../ui/messages.ts'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { newEvent } from '../stack/event/newEvent.ts'
import { addLayer, paintedNow } from '../stack/event/addLayer.ts'
import type { FinishProps } from './FinishView.tsx'

const leastReason = 3

const absorbers = [
  { id: '', name: 'not told' },
  { id: 'yes', name: 'holds a light absorber' },
  { id: 'no', name: 'holds none' },
]

/** Which varnish, how much of it, how it comes off again, and what is put on record. */
export function VarnishChoice(props: FinishProps) {
  const { edited, picture, assessment, findMaterial, day, varnish, onVarnish } = props
  const [coats, setCoats] = useState(2)
  const [mlPerM2, setRate] = useState<number>(usualVarnishMlPerM2)
  const [matt, setMatt] = useState('')
  const [mattShare, setMattShare] = useState(0.3)
  const [absorber, setAbsorber] = useState('')
  const [reason, setReason] = useState('')
  const material = findMaterial(varnish)
  const mattOne = matt ? findMaterial(matt) : undefined
  const areaM2 = ((picture.painting.widthCm ?? 0) * (picture.painting.heightCm ?? 0)) / 1e4
  const totalMl = varnishMl(areaM2, mlPerM2, coats)
  const told = useMemo(
    (): Partial<LayerDocument> => ({
      name: 'Varnish',
      event: { kind: 'varnish', coats, ...(absorber && { absorber: absorber === 'yes' }) },
      besides: mattOne
        ? [
            { material: varnish, parts: 1 - mattShare },
            { material: matt, parts: mattShare },
          ]
        : [{ material: varnish, parts: 1 }],
      wetThicknessUm: mlPerM2,
    }),
    [coats, absorber, varnish, matt, mattOne, mattShare, mlPerM2],
  )
  /** The varnish that is planned already: it is changed, and none is added. */
  const planned = picture.layers.find(({ painted, event }) => painted === null && event.kind === 'varnish')
  // Tried on the whole picture: whether it can ever be taken off again.
  const tried = useMemo(() => {
    const fresh = newEvent(edited.picture, 'varnish', restId, told)[0]!.layer as LayerDocument
    const layer = planned ? { ...planned, ...told } : fresh
    const others = picture.layers.filter(({ id }) => id !== layer.id)
    const shown = asIfPainted({ ...picture, layers: others }, layer)
    const found = assess(shown, findMaterial).findings
    const stays = found.find(
      ({ rule, layerId, under }) =>
        rule === 'unremovable-varnish' && layerId === layer.id && under === undefined,
    )
    return { layer, shown, stays: stays?.severity === 'unsound' ? stays : null }
  }, [edited.picture, picture, planned, told, findMaterial])
  const mayGoOn = tried.stays === null || reason.trim().length >= leastReason
  const put = async (plannedOn: string | null): Promise<void> => {
    if (tried.stays)
      edited.editPainting({ departures: departuresWith(tried.stays, reason.trim(), tried.shown) })
    if (planned) edited.editLayer(planned.id, { ...told, plannedOn })
    const layers = newEvent(edited.picture, 'varnish', restId, { ...told, id: tried.layer.id, plannedOn })
    const done = planned
      ? await (plannedOn === null ? paintedNow(edited, planned.id) : null)
      : await addLayer(edited, layers, { now: plannedOn === null })
    if (done?.is === 'refused') return say(done.refusal.message)
    const { owed } = edited.picture.painting
    // A varnish that was owed is so no longer once one went on.
    if (plannedOn === null && owed?.doneOn === null)
      edited.editPainting({ owed: { ...owed, doneOn: dateOf(picture.today) } })
  }
  const facts = material && varnishFactsOf(material)
  const givesOffG = material ? solventG(material, totalMl) : 0
  const remover = material ? removerOf([material]) : null
  return (
    <section aria-label="The varnish">
      <h2 className="border-b border-ink pb-1 text-xl">The varnish</h2>
      <p className="mt-2 font-read text-[1.15rem] leading-snug">
        {areaM2 > 0
          ? `${mlText(totalMl)} for ${coats === 1 ? 'one coat' : `${coats} coats`}${facts ? `; dust-dry in about ${facts.dustHours} h, packed after ${facts.packDays} days at the earliest (estimates)` : ''}.`
          : 'Give the picture its size on the Record, and the varnish is told in millilitres.'}
      </p>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <MaterialRow
          label="Which"
          role="varnish"
          className="col-span-2"
          value={varnish}
          findMaterial={findMaterial}
          bring={edited.bring}
          onValue={onVarnish}
        />
        <NumberRow
          label="Coats"
          value={coats}
          low={1}
          high={12}
          onValue={(value) => setCoats(Math.round(value))}
        />
        <NumberRow
          label="A coat, ml on a square metre"
          value={mlPerM2}
          low={5}
          high={300}
          onValue={setRate}
        />
        <MaterialRow
          label="Matted with, of the same resin"
          role="varnish"
          orNone
          value={matt}
          findMaterial={findMaterial}
          bring={edited.bring}
          onValue={setMatt}
        />
        {mattOne ? (
          <NumberRow
            label="Of it, % of the mix"
            value={100 * mattShare}
            low={1}
            high={99}
            onValue={(value) => setMattShare(value / 100)}
          />
        ) : (
          <ChoiceRow label="Light" value={absorber} options={absorbers} onValue={setAbsorber} />
        )}
      </div>
      {mattOne && (
        <p className="mt-2 text-[0.92rem]">
          {upperFirst(mixedSheen(mattShare).word)}, gloss about {about(mixedSheen(mattShare).gloss)} of 100
          (estimate): {mlText(totalMl * (1 - mattShare))} and {mlText(totalMl * mattShare)} of the matt one.
          Draw it down on a card first.
        </p>
      )}
      {material && <RoomSays materials={[material]} policies={picture.settings.policies} />}
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 text-[0.95rem] [&_dt]:text-soft">
        <dt>Resin</dt>
        <dd>{facts ? facts.resin : 'not known here: ask whoever made it'}</dd>
        <dt>Comes off</dt>
        <dd>
          {remover
            ? `fresh with ${solventName(remover.fresh)}, aged with ${solventName(remover.aged)}`
            : 'never, without the painting'}
        </dd>
        <dt>Without the paint</dt>
        <dd>
          {material &&
            removableIn(material, picture, assessment).map(({ area, layer, verdict, yields }) => (
              <span key={area} className="block">
                <VerdictMark verdict={verdict} size={12} /> {area}:{' '}
                {verdict === 'sound'
                  ? 'yes'
                  : `${layer} gives to ${solventName(yields.rank)}, ${yields.because}`}
              </span>
            ))}
        </dd>
      </dl>
      {tried.stays && (
        <label className="mt-3 block text-[0.9rem]">
          <VerdictMark verdict="unsound" size={13} /> {tried.stays.message} To use it all the same, say why;
          it is kept on the record.
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
      {givesOffG > 0.5 && (
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

export const solventName = (rank: number): string =>
  listed(cleaningSolvents.filter((one) => one.rank === rank).map(({ name }) => name))
