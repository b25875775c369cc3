import { useState } from 'react'
import { dateOf } from '../../core/plan/calendar.ts'
import type { ColourReading } from '../../document/swatch.ts'
import { send } from '../../ui/client.ts'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'
import { later, useLater } from '../../ui/useLater.ts'
import type { SwatchProps } from './SwatchRow.tsx'

const ways = [
  { id: 'eye', name: 'an eye card of five steps' },
  { id: 'lab', name: 'Lab figures of a meter' },
  { id: 'photo', name: 'a photograph with a grey card in it' },
]
const keepings = [
  { id: 'light', name: 'in the light' },
  { id: 'dark', name: 'in the dark' },
]
const steps = [
  { id: '1', name: '1: as white as its card' },
  { id: '2', name: '2' },
  { id: '3', name: '3: straw' },
  { id: '4', name: '4' },
  { id: '5', name: '5: as yellow as the card goes' },
]

type Lab = NonNullable<ColourReading['lab']>
const picking = later(() => import('./PickLab.tsx'))

/** How yellow or dark it has become beside its unpainted card: read now and again, in the same light. */
export function Colours({ entry: { swatch }, today, after }: SwatchProps) {
  const [by, setBy] = useState<ColourReading['by']>('eye')
  const [kept, setKept] = useState<ColourReading['kept']>('light')
  const [grade, setGrade] = useState('1')
  const [lab, setLab] = useState<Lab>({ L: 95, a: 0, b: 4 })
  const PickLab = useLater(picking)?.PickLab
  const readings = [...swatch.colours].sort((a, b) => a.on.localeCompare(b.on))
  const write = (): void => {
    const reading: ColourReading = {
      id: crypto.randomUUID(),
      on: dateOf(today),
      by,
      kept,
      grade: by === 'eye' ? Number(grade) : null,
      lab: by === 'eye' ? null : lab,
    }
    const colours = [...swatch.colours, reading]
    void after(
      send('PUT /api/swatches', { swatch: { ...swatch, colours }, seen: swatch.revision }),
      'Its colour is written down.',
    )
  }
  return (
    <details>
      <summary className="min-h-11 cursor-pointer font-read text-[1.05rem]">
        Its colour{readings.length > 0 && `, read ${readings.length} times`}
      </summary>
      <ul className="text-[0.92rem]">
        {readings.map(({ id, on, kept: where, grade: step, lab: told }) => (
          <li key={id}>
            {dateText(on)}, {where}:{' '}
            {told ? `L* ${told.L}, a* ${told.a}, b* ${told.b}` : `step ${step} of the eye card`}
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <ChoiceRow
          label="Read by"
          className="w-64 max-w-full"
          value={by}
          options={ways}
          onValue={(way) => setBy(way as ColourReading['by'])}
        />
        <ChoiceRow
          label="It was kept"
          className="w-36"
          value={kept}
          options={keepings}
          onValue={(where) => setKept(where as ColourReading['kept'])}
        />
        {by === 'eye' && (
          <ChoiceRow
            label="Step"
            className="w-56 max-w-full"
            value={grade}
            options={steps}
            onValue={setGrade}
          />
        )}
        {by !== 'eye' &&
          (['L', 'a', 'b'] as const).map((axis) => (
            <NumberRow
              key={axis}
              label={`${axis}*`}
              className="w-16"
              value={lab[axis]}
              low={axis === 'L' ? 0 : -128}
              high={axis === 'L' ? 100 : 127}
              onValue={(value) => setLab({ ...lab, [axis]: value })}
            />
          ))}
        <button type="button" className="button min-h-11" onClick={write}>
          Write it down
        </button>
      </div>
      {by === 'photo' && PickLab && <PickLab swatchId={swatch.id} onLab={setLab} />}
      <p className="mt-1 text-[0.82rem] text-soft">
        An estimate by eye or camera, good for comparing one swatch with itself. More than 3 points of b*
        yellower is seen beside its card; what yellows in the dark goes back some way in the light.
      </p>
    </details>
  )
}
