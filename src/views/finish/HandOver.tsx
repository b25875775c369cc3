import { dateOf } from '../../core/plan/calendar.ts'
import { usualVarnishMlPerM2, varnishMl } from '../../core/plan/varnishDates.ts'
import type { Owed, OwedWay } from '../../document/owed.ts'
import { blankOwed, owedWayNames, payNames } from '../../document/finish/owedWords.ts'
import { send } from '../../ui/client.ts'
import { ChoiceRow, DateRow, NumberRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { dateText, mlText, upperFirst } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { say } from '../../ui/messages.ts'
import type { FinishProps } from './FinishView.tsx'

const ways = Object.entries(owedWayNames).map(([id, name]) => ({ id, name: upperFirst(name) }))
const pays = [
  { id: '', name: 'not said' },
  ...Object.entries(payNames).map(([id, name]) => ({ id, name: upperFirst(name) })),
]

const upTo =
  (most: number) =>
  (text: string): Reading<string> =>
    text.length > most ? { problem: `Keep it under ${most} letters.` } : { value: text }

/** What goes with the picture on paper, and what is agreed of a varnish it leaves without. */
export function HandOver({ picture, edited, findMaterial, varnish, day }: FinishProps) {
  const { painting, today } = picture
  const { owed } = painting
  const change = (more: Partial<Owed>): void => edited.editPainting({ owed: { ...owed!, ...more } })
  const forget = async (): Promise<void> => {
    await edited.desk.flush()
    const reply = await send('POST /api/paintings/{id}/forget-address', {}, { params: { id: painting.id } })
    say(reply.ok ? 'The address is forgotten, in the record of changes too.' : reply.refusal.message)
    if (reply.ok) window.location.reload()
  }
  const isOnRecord = picture.layers.some(
    ({ painted }) => painted?.event.kind === 'varnish' && painted.at.slice(0, 10) === owed?.doneOn,
  )
  const areaM2 = ((painting.widthCm ?? 0) * (painting.heightCm ?? 0)) / 1e4
  return (
    <section aria-label="Hand-over">
      <h2 className="border-b border-ink pb-1 text-xl">Hand-over</h2>
      <ul className="mt-2 grid gap-2">
        <li>
          <a
            className="inline-flex min-h-11 items-center link"
            href={`/api/paintings/${painting.id}/letter.pdf`}
          >
            Letter to its owner (PDF)
          </a>
          <span className="block text-[0.9rem] text-soft">
            Its state today, what not to do until when, how it is varnished, care
          </span>
        </li>
        <li>
          <a
            className="inline-flex min-h-11 items-center link"
            href={`/api/paintings/${painting.id}/sheet.pdf`}
          >
            Sheet for a conservator (PDF)
          </a>
          <span className="block text-[0.9rem] text-soft">Every layer as it was, and what would lift it</span>
        </li>
      </ul>
      <h3 className="mt-4 text-lg">A varnish still owed</h3>
      {owed === null ? (
        <>
          <p className="mt-1 text-soft">Where it leaves before it can be varnished, say what was agreed.</p>
          <button
            type="button"
            className="button mt-2 min-h-11"
            onClick={() => edited.editPainting({ owed: blankOwed(dateOf(day), varnish) })}
          >
            It leaves without its varnish
          </button>
        </>
      ) : (
        <>
          <p className="mt-1 leading-snug">
            {owed.doneOn
              ? `Done on ${dateText(owed.doneOn)}${isOnRecord ? ', and on record' : '. What went on is not on record yet: put it there above, under The varnish'}.`
              : `${upperFirst(owedWayNames[owed.way])}, due ${dateText(owed.due)}${areaM2 > 0 ? `; take along ${mlText(varnishMl(areaM2, usualVarnishMlPerM2, owed.coats))}` : ''}.`}
          </p>
          <div className="mt-3 grid grid-cols-2 gap-3">
            <ChoiceRow
              label="How"
              value={owed.way}
              options={ways}
              onValue={(way) => change({ way: way as OwedWay })}
            />
            <DateRow label="Due" value={owed.due} onValue={(due) => due && change({ due })} />
            <MaterialRow
              label="Varnish agreed"
              role="varnish"
              value={owed.varnish}
              findMaterial={findMaterial}
              bring={edited.bring}
              onValue={(material) => change({ varnish: material })}
            />
            <NumberRow
              label="Coats agreed"
              value={owed.coats}
              low={1}
              high={12}
              onValue={(coats) => change({ coats: Math.round(coats) })}
            />
            <ChoiceRow
              label="Who pays"
              value={owed.pays ?? ''}
              options={pays}
              onValue={(who) => change({ pays: (who || null) as Owed['pays'] })}
            />
            <TypedRow label="Who does it" shown={owed.by} read={upTo(120)} onValue={(by) => change({ by })} />
            <TypedRow
              label="Who has it"
              shown={owed.owner}
              read={upTo(120)}
              onValue={(owner) => change({ owner })}
            />
            <TypedRow
              label="Where, only if you want to keep it"
              shown={owed.address}
              read={upTo(400)}
              onValue={(address) => change({ address })}
            />
            <TypedRow
              label="Note"
              className="col-span-2"
              shown={owed.note}
              read={upTo(1000)}
              onValue={(note) => change({ note })}
            />
          </div>
          <div className="mt-3 flex flex-wrap items-center gap-3">
            {owed.doneOn === null ? (
              <button
                type="button"
                className="button button-ink min-h-11"
                onClick={() => change({ doneOn: dateOf(today) })}
              >
                Done today
              </button>
            ) : (
              <button type="button" className="min-h-11 link" onClick={() => change({ doneOn: null })}>
                It was not done
              </button>
            )}
            {owed.address !== '' && (
              <button type="button" className="button min-h-11" onClick={() => void forget()}>
                Forget the address
              </button>
            )}
            <button
              type="button"
              className="min-h-11 text-soft link"
              onClick={() => edited.editPainting({ owed: null })}
            >
              Nothing is owed
            </button>
            <a className="inline-flex min-h-11 items-center link" href="/varnish">
              Every varnish owed
            </a>
          </div>
        </>
      )}
    </section>
  )
}
