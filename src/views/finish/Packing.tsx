import { glassGapMm, packingAt, drumMm } from '../../core/finish/packing.ts'
import { permissionOf } from '../../core/finish/stages.ts'
import { rankOf, stageOf } from '../../core/finish/stageOf.ts'
import { varnishFactsOf } from '../../core/finish/varnishFacts.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { packedOn } from '../../document/judging/packed.ts'
import { varnishOn } from '../../document/finish/removable.ts'
import { about, dayText, upperFirst } from '../../ui/format.ts'
import { brushOf } from '../../document/brush.ts'
import type { FinishProps } from './FinishView.tsx'

/** Cloth and ground under the paint, mm; an estimate. */
const clothMm = 0.7

/** How it is packed today, flat or rolled, and what the courier must know. */
export function Packing({ picture, assessment, findMaterial }: FinishProps) {
  const packed = packedOn(picture, assessment, picture.today)
  const stage = stageOf(packed)
  if (stage === 'bare') return null
  const { allowed, never, courier } = packingAt[stage]
  const roll = permissionOf('roll', packed)
  const glass = glassGapMm(stage)
  const thickMm = clothMm + packed.thickestUm / 1000
  const on = varnishOn(picture, findMaterial)
  const varnish = on ? findMaterial(brushOf(on.layer).besides[0]?.material ?? '') : undefined
  const facts = varnish && varnishFactsOf(varnish)
  const packFrom = on && facts ? dayOf(on.layer.painted!.at)! + facts.packDays : null
  return (
    <section aria-label="Packing">
      <h2 className="border-b border-ink pb-1 text-xl">Packing, as it is today</h2>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5 leading-snug [&_dt]:text-soft">
        <dt>How</dt>
        <dd>{upperFirst(allowed)}.</dd>
        <dt>Never</dt>
        <dd>{upperFirst(never)}.</dd>
        <dt>Rolled</dt>
        <dd>
          {roll.may
            ? `Paint outwards, at 18 °C or more, on a drum of ${about(drumMm(thickMm, packed.flexPlain), 3)} mm at least.`
            : `No, flat: ${roll.says}.`}
        </dd>
        <dt>Under glass</dt>
        <dd>
          {glass
            ? `${glass.mm} mm from the glass${glass.vented ? ', with a vented back' : ''}.`
            : 'Not yet: it has to be firm.'}
        </dd>
        {packFrom !== null && (
          <>
            <dt>Its varnish</dt>
            <dd>
              {packFrom > picture.today
                ? `Nothing on its face until ${dayText(packFrom)} (estimate).`
                : 'Hard enough to be packed (estimate).'}
            </dd>
          </>
        )}
        <dt>Tell the courier</dt>
        <dd className="font-read text-[1.05rem]">“{courier}”</dd>
      </dl>
      {rankOf(packed.state) > rankOf(stage) && (
        <p className="mt-2 text-[0.88rem] text-soft">
          Thick paint and wax count for one stage less than they feel.
        </p>
      )}
    </section>
  )
}
