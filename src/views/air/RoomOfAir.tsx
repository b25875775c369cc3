import { useState } from 'react'
import type { RoomAir } from '../../document/keeping.ts'
import { lastHour } from '../../document/dayAir.ts'
import { ChoiceRow, NumberRow, TypedRow } from '../../ui/fields.tsx'
import { clockText, latestText, oneMinute, readClock } from './words.ts'

const airingNames = [
  { id: 'closed', name: 'closed: 0.3 changes an hour' },
  { id: 'crack', name: 'a window a crack: 1' },
  { id: 'windows', name: 'two windows open: 4' },
  { id: 'own', name: 'measured: your own' },
]

const otherwiseNames = [
  { id: '', name: 'no, all day alike' },
  ...airingNames.filter(({ id }) => id !== 'own'),
]
/** The windows otherwise for some hours: those told, else from when most begins until an hour after all is covered. */
function otherwise({ airedFor, sources }: RoomAir, airing: string): RoomAir['airedFor'] {
  if (airing === '') return null
  const last = Math.min(24, Math.max(10, Math.ceil(lastHour(sources)) + 1))
  const from = Math.max(9, ...sources.map(({ fromHour }) => Math.floor(fromHour)))
  const hours = airedFor ?? { fromHour: Math.min(from, last - 1), toHour: last }
  return { ...hours, airing: airing as NonNullable<RoomAir['airedFor']>['airing'] }
}

/** How large the room is, how it is aired, and the painter's own limit. */
export function RoomOfAir({
  air,
  onChange,
}: {
  readonly air: RoomAir
  readonly onChange: (change: Partial<RoomAir>) => void
}) {
  const [sides, setSides] = useState<readonly (number | null)[]>([null, null, null])
  const side = (at: number, value: number): void => {
    const next = sides.map((one, index) => (index === at ? value : one))
    setSides(next)
    if (next.every((one) => one !== null))
      onChange({ roomM3: Number(next.reduce((product, one) => product * one, 1).toPrecision(4)) })
  }
  return (
    <section aria-label="The room">
      <h2 className="border-b border-ink pb-1 text-xl">The room</h2>
      <div className="grid grid-cols-2 gap-3 pt-2">
        <NumberRow
          label="It holds, m³"
          value={air.roomM3}
          low={3}
          high={20000}
          onValue={(roomM3) => onChange({ roomM3 })}
        />
        <fieldset className="max-sm:col-span-2">
          <legend className="sr-only">Its sides</legend>
          <div className="flex gap-2">
            {['or length, m', 'width, m', 'height, m'].map((label, at) => (
              <span key={label} className="w-20">
                <NumberRow
                  label={label}
                  value={sides[at] ?? null}
                  low={1}
                  high={100}
                  onValue={(value) => side(at, value)}
                />
              </span>
            ))}
          </div>
        </fieldset>
        <ChoiceRow
          label="Windows, all day"
          value={air.airing}
          options={airingNames}
          onValue={(airing) => onChange({ airing: airing as RoomAir['airing'] })}
        />
        <ChoiceRow
          label="For some hours otherwise"
          value={air.airedFor?.airing ?? ''}
          options={otherwiseNames}
          onValue={(airing) => onChange({ airedFor: otherwise(air, airing) })}
        />
        {air.airedFor && (
          <>
            <TypedRow
              label="Otherwise from"
              shown={clockText(air.airedFor.fromHour)}
              read={readClock(0, air.airedFor.toHour - oneMinute)}
              onValue={(fromHour) => onChange({ airedFor: { ...air.airedFor!, fromHour } })}
            />
            <TypedRow
              label="Otherwise until"
              shown={latestText(air.airedFor.toHour)}
              read={readClock(air.airedFor.fromHour + oneMinute, 24)}
              onValue={(toHour) => onChange({ airedFor: { ...air.airedFor!, toHour } })}
            />
          </>
        )}
        {air.airing === 'own' && (
          <NumberRow
            label="Changes of air an hour"
            value={air.ownChanges}
            low={0}
            high={60}
            onValue={(ownChanges) => onChange({ ownChanges })}
          />
        )}
        <NumberRow
          label="A fan takes out, m³ an hour"
          value={air.extraction}
          low={0}
          high={20000}
          onValue={(extraction) => onChange({ extraction })}
        />
        <NumberRow
          label="Your own limit, mg/m³; 0: none"
          value={air.ownLimit ?? 0}
          low={0}
          high={100000}
          onValue={(limit) => onChange({ ownLimit: limit > 0 ? limit : null })}
        />
      </div>
    </section>
  )
}
