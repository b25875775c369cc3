import { useState } from 'react'
import { methodOf, weighedInOrder } from '../../core/batch/method.ts'
import { pourStateOf, repairOf, weighingsOf } from '../../core/batch/pouring.ts'
import type { Weighing } from '../../core/batch/pouring.ts'
import { library } from '../../core/materials/library.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { send } from '../../ui/client.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { Labelled } from '../../ui/fields.tsx'
import { ingredientChoices } from '../../ui/materials.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { Overpour } from './Overpour.tsx'
import { Pouring, Simulated } from './Pouring.tsx'
import { Running } from './Running.tsx'
import type { EditedBatch } from './useBatch.ts'
import { Finishing } from './Finishing.tsx'
import { useScale } from './useScale.ts'
import type { ScaleReading } from './useScale.ts'
import { Now, WeighingRow } from './Weighings.tsx'

interface WeighProps extends Pick<Bench, 'bring' | 'coming'> {
  readonly edited: EditedBatch
  readonly findMaterial: FindMaterial
  readonly made: Medium | null
  readonly onFinished: () => void
}

const ingredients = ingredientChoices(library)
const ownMaterials = ['shelf_item'] as const

/** What lies on the pan counts while the bottle is still in the hand. */
const withPan = (weighing: Weighing, reading: ScaleReading | null): Weighing => {
  const pan = Math.max(0, reading?.grams ?? 0)
  return { ...weighing, poured: weighing.poured + pan, left: weighing.left - pan }
}

/** One thing at a time, large; fed by the scale or typed; what is in the jar so far beside it. */
export function Weigh({ edited, findMaterial, made, bring, coming, onFinished }: WeighProps) {
  const { batch, act } = edited
  const reading = useScale()
  const steps = methodOf(batch.targets.flatMap(({ material }) => findMaterial(material) ?? []))
  const weighings = weighedInOrder(weighingsOf(batch.targets, batch.pours), steps)
  const byFeel = batch.targets.every(({ grams }) => grams === 0)
  const [chosen, setChosen] = useState<string | null>(null)
  const [other, setOther] = useState('linseed_cold_pressed')
  const next = weighings.find((one) => pourStateOf(one) === 'to pour') ?? weighings.at(-1)
  const now = weighings.find(({ material }) => material === chosen) ?? next
  const nameOf = (id: string): string => findMaterial(id)?.name ?? coming.get(id) ?? id
  const repair = repairOf(batch.targets, batch.pours)
  const pourIn = async (material: string, grams: number): Promise<boolean> => {
    setChosen(null)
    if (!(await act('pour', { material, grams }))) {
      setChosen(material)
      return false
    }
    if (reading) await send('POST /api/scale', { command: 'tare' })
    return true
  }
  if (batch.madeOn)
    return <p className="text-soft">This batch is finished. What was poured stands under Record.</p>
  return (
    <div className="grid gap-x-12 gap-y-8 md:grid-cols-[3fr_2fr]">
      <section aria-label="Now">
        {now && (
          <Now
            weighing={withPan(now, reading)}
            name={nameOf(now.material)}
            vessel={now.step?.vessel ?? null}
            drops={batch.drops.find(({ material }) => material === now.material) ?? null}
            byFeel={byFeel}
          />
        )}
        {now && <Pouring reading={reading} onPour={(grams) => pourIn(now.material, grams)} />}
        {repair && (
          <Overpour edited={edited} repair={repair} nameOf={nameOf} findMaterial={findMaterial} made={made} />
        )}
        <div className="mt-6 flex flex-wrap items-center gap-4">
          <button
            type="button"
            className="button min-h-11"
            disabled={batch.pours.length === 0}
            onClick={() => void act('unpour')}
          >
            Take the last pour back
          </button>
          <Finishing edited={edited} byFeel={byFeel} nameOf={nameOf} onFinished={onFinished} />
        </div>
        {reading && <Simulated />}
      </section>
      <section aria-label="In the jar">
        <h2 className="text-xl">What goes in</h2>
        <ol className="mt-1">
          {weighings.map((one) => (
            <WeighingRow
              key={one.material}
              vessel={one.step?.vessel ?? null}
              weighing={one}
              name={nameOf(one.material)}
              selected={one.material === now?.material}
              byFeel={byFeel}
              onSelect={() => setChosen(one.material)}
            />
          ))}
        </ol>
        <div className="mt-2 flex items-end gap-2">
          <Labelled label="Something else" className="min-w-0 grow">
            {(id) => (
              <Chooser
                id={id}
                shown={nameOf(other)}
                options={ingredients}
                lookups={ownMaterials}
                onChoose={(chosen) => {
                  void bring(chosen)
                  setOther(chosen.id)
                }}
              />
            )}
          </Labelled>
          <button
            type="button"
            className="button min-h-11 shrink-0"
            onClick={() => {
              edited.edit({
                targets: batch.targets.some(({ material }) => material === other)
                  ? batch.targets
                  : [...batch.targets, { material: other, grams: 0 }],
              })
              setChosen(other)
            }}
          >
            Add it
          </button>
        </div>
        {made && <Running made={made} jarMl={batch.jarMl} />}
      </section>
    </div>
  )
}
