import { useEffect, useState } from 'react'
import { pouredG, repairOf, runningOf, standingOf, volumeMlOf, weighingsOf } from '../../core/batch/pouring.ts'
import type { Weighing } from '../../core/batch/pouring.ts'
import { classNames } from '../../core/materials/material.ts'
import type { Material } from '../../core/materials/material.ts'
import type { Shelf } from '../../core/materials/shelf.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { paintPerPart } from '../../core/medium/basis.ts'
import { usualLargestDose } from '../../core/medium/usualPaint.ts'
import { send } from '../../ui/client.ts'
import { Choice, Labelled, NumberField } from '../../ui/fields.tsx'
import { about, gramsText, mlText, percentText } from '../../ui/format.ts'
import { ingredientChoices } from '../../ui/materials.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { classWords } from '../mediums/Truths.tsx'
import type { EditedBatch } from './useBatch.ts'
import { useScale } from './useScale.ts'

interface WeighProps {
  readonly edited: EditedBatch
  readonly shelf: Shelf
  readonly made: Medium | null
  readonly materials: readonly Material[]
}

/** One line at a time, large; fed by the scale or typed; what is in the jar so far beside it. */
export function Weigh({ edited, shelf, made, materials }: WeighProps) {
  const { batch, act, busy } = edited
  const reading = useScale()
  const lines = weighingsOf(batch.targets, batch.pours)
  const byFeel = batch.targets.every(({ grams }) => grams === 0)
  const [chosen, setChosen] = useState<string | null>(null)
  const [typed, setTyped] = useState<number | null>(null)
  const [other, setOther] = useState('linseed_cold_pressed')
  const next = lines.find((line) => standingOf(line) === 'to pour') ?? lines.at(-1)
  const line = lines.find(({ material }) => material === chosen) ?? next
  const nameOf = (id: string): string => shelf(id)?.name ?? id
  const repair = repairOf(batch.targets, batch.pours)
  const pourIn = (material: string, grams: number): void =>
    void act('pour', { material, grams }).then((ok) => {
      if (!ok) return
      setTyped(null)
      setChosen(null)
      if (reading) void send('POST', '/api/scale', { command: 'tare' })
    })
  if (batch.madeOn) return <p className="text-soft">This batch is finished. What was poured stands under Record.</p>
  return (
    <div className="grid gap-x-12 gap-y-8 md:grid-cols-[3fr_2fr]">
      <section aria-label="Now">
        {line && <Now line={line} name={nameOf(line.material)} drops={batch.drops.find(({ material }) => material === line.material) ?? null} byFeel={byFeel} />}
        {line && (
          <div className="mt-4">
            {reading ? (
              <>
                <p className="text-soft" id="reading-label">On the scale since the last tare</p>
                <p aria-labelledby="reading-label" className="font-plain text-[3.4rem] leading-none" data-settled={reading.settled}>
                  {reading.grams.toFixed(2)} g <span className="text-[1rem] text-soft">{reading.settled ? 'settled' : 'moving'}</span>
                </p>
                <div className="mt-3 flex flex-wrap gap-3">
                  <button type="button" className="button button-ink min-h-16 grow justify-center px-6 text-[1.3rem]" disabled={busy || !reading.settled || reading.grams < 0.02} onClick={() => pourIn(line.material, reading.grams)}>Write it down</button>
                  <button type="button" className="button min-h-16 px-6 text-[1.1rem]" onClick={() => void send('POST', '/api/scale', { command: 'tare' })}>Tare</button>
                </div>
              </>
            ) : <p className="text-soft">No scale answers. Weigh, and type what it says.</p>}
            <form
              className="mt-4 flex items-end gap-3"
              onSubmit={(event) => {
                event.preventDefault()
                if (typed !== null) pourIn(line.material, typed)
              }}
            >
              <Labelled label="or typed, g" className="w-40 text-[1.3rem]">{(id) => <NumberField key={batch.pours.length} id={id} value={typed} low={0.01} high={100000} onValue={setTyped} />}</Labelled>
              <button type="submit" className="button min-h-11" disabled={busy || typed === null}>Write down what is typed</button>
            </form>
          </div>
        )}
        {repair && <Overpour edited={edited} repair={repair} nameOf={nameOf} shelf={shelf} made={made} />}
        <div className="mt-6 flex flex-wrap items-center gap-4">
          <button type="button" className="button min-h-11" disabled={busy || batch.pours.length === 0} onClick={() => void act('unpour')}>Take the last pour back</button>
          <button type="button" className="button min-h-11" disabled={busy || batch.pours.length === 0} onClick={() => void act('finish')}>{byFeel ? 'Stop here: it is finished' : 'It is finished'}</button>
        </div>
        {reading && <Simulated />}
      </section>
      <section aria-label="In the jar">
        <h2 className="text-xl">What goes in</h2>
        <ol className="mt-1">
          {lines.map((one) => <Line key={one.material} line={one} name={nameOf(one.material)} selected={one.material === line?.material} byFeel={byFeel} onSelect={() => setChosen(one.material)} />)}
        </ol>
        <div className="mt-2 flex items-end gap-2">
          <Labelled label="Something else" className="min-w-0 grow">{(id) => <Choice id={id} value={other} onValue={setOther} options={ingredientChoices(materials)} />}</Labelled>
          <button type="button" className="button min-h-11 shrink-0" onClick={() => { edited.edit({ targets: batch.targets.some(({ material }) => material === other) ? batch.targets : [...batch.targets, { material: other, grams: 0 }] }); setChosen(other) }}>Add it</button>
        </div>
        {made && <Running made={made} jarMl={batch.jarMl} />}
      </section>
    </div>
  )
} // prettier-ignore

function Now({ line, name, drops, byFeel }: { readonly line: Weighing; readonly name: string; readonly drops: { readonly drops: number; readonly error: number } | null; readonly byFeel: boolean }) {
  const standing = standingOf(line)
  return (
    <div aria-live="polite">
      <h2 className="text-[1.9rem] leading-tight">{name}</h2>
      {byFeel || line.grams === 0 ? (
        <p className="text-[1.4rem]">By feel: {gramsText(line.poured)} in</p>
      ) : (
        <p className="text-[2.2rem] leading-tight">
          {standing === 'over' ? <>{gramsText(-line.left)} too much</> : standing === 'right' ? 'right' : <>{gramsText(line.left)} to go</>}
          <span className="block text-[1.05rem] text-soft">of {gramsText(line.grams)}{line.poured > 0 && <>; {gramsText(line.poured)} in</>}{drops && <>; that is {drops.drops} whole drops{Math.abs(drops.error) > 0.0005 && <>, {percentText(Math.abs(drops.error))} {drops.error > 0 ? 'more' : 'less'} than exact</>}</>}</span>
        </p>
      )}
    </div>
  )
} // prettier-ignore

const marks = { 'to pour': 'note', right: 'sound', over: 'watch' } as const

function Line({ line, name, selected, byFeel, onSelect }: { readonly line: Weighing; readonly name: string; readonly selected: boolean; readonly byFeel: boolean; readonly onSelect: () => void }) {
  const standing = standingOf(line)
  return (
    <li className="border-t border-rule">
      <button type="button" aria-pressed={selected} onClick={onSelect} className={`flex min-h-12 w-full items-center gap-3 px-1 text-left hover:bg-wash ${selected ? 'bg-wash' : ''}`}>
        {!byFeel && line.grams > 0 && <VerdictMark verdict={marks[standing]} size={13} />}
        <span className="grow">{name}</span>
        <span className="shrink-0 text-right">{byFeel || line.grams === 0 ? gramsText(line.poured) : <>{gramsText(line.poured)} <span className="text-soft">of {gramsText(line.grams)}</span></>}</span>
      </button>
    </li>
  )
} // prettier-ignore

/** Too much of one thing: the rest recomputed around it, or what the medium has become where the jar is too small. */
function Overpour({ edited, repair, nameOf, shelf, made }: { readonly edited: EditedBatch; readonly repair: NonNullable<ReturnType<typeof repairOf>>; readonly nameOf: (id: string) => string; readonly shelf: Shelf; readonly made: Medium | null }) {
  const { batch, act, busy } = edited
  const volume = volumeMlOf(repair.targets, shelf)
  const fits = batch.jarMl === null || volume <= batch.jarMl
  const over = pouredG(batch.pours, repair.over) - (batch.targets.find(({ material }) => material === repair.over)?.grams ?? 0)
  return (
    <div role="alert" className="mt-5 border-l-[3px] border-watch pl-4">
      <p className="font-read text-[1.2rem] leading-snug"><VerdictMark verdict="watch" size={15} /> {gramsText(over)} too much {nameOf(repair.over)}.</p>
      {fits ? (
        <>
          <p className="mt-1">With more of the others it is right again, {mlText(volume)} in all: {repair.targets.filter(({ material, grams }) => grams - pouredG(batch.pours, material) > 0.05).map(({ material, grams }) => `${gramsText(grams - pouredG(batch.pours, material))} ${nameOf(material)}`).join(', ')}.</p>
          <button type="button" className="button button-ink mt-2 min-h-12" disabled={busy} onClick={() => void act('repair')}>Recompute the rest</button>
        </>
      ) : (
        <p className="mt-1">Put right it would be {mlText(volume)}, and the jar holds {mlText(batch.jarMl!)}. Take a larger jar, pour some out, or keep it as it stands: {made ? largestOf(made) : 'nothing is in it yet'}</p>
      )}
    </div>
  )
} // prettier-ignore

/** Whether what is in the jar still keeps the limits, and at what dose; in titanium white, by the common limits. */
function largestOf({ ingredients }: Medium): string {
  const { ofMix } = usualLargestDose(ingredients)
  return ofMix <= 0 ? 'it keeps no limit at any dose.' : `it keeps its limits up to 1 part to ${about(Math.ceil(paintPerPart(ofMix) * 10) / 10, 3)} of paint.`
}

function Running({ made, jarMl }: { readonly made: Medium; readonly jarMl: number | null }) {
  const { massG, volumeMl, ofAll, ofOrganics } = runningOf(made.ingredients)
  const filler = ofAll.extender + ofAll.pigment > 0
  return (
    <div className="mt-5 border-t border-ink pt-2">
      <h2 className="text-xl">In the jar so far</h2>
      <p className="text-soft">{gramsText(massG)} · {mlText(volumeMl)}{jarMl !== null && <> of {mlText(jarMl)}</>}</p>
      <table className="mt-1 w-full">
        <thead><tr className="text-[0.8rem] text-soft"><td /><th scope="col" className="text-right font-normal">of all, by mass</th>{filler && <th scope="col" className="text-right font-normal">without filler, by mass</th>}</tr></thead>
        <tbody>
          {classNames.filter((name) => ofAll[name] > 0.0005).map((name) => (
            <tr key={name} className="border-t border-rule"><th scope="row" className="py-1 text-left font-normal">{classWords[name]}</th><td className="text-right">{(100 * ofAll[name]).toFixed(2)}&nbsp;%</td>{filler && <td className="text-right">{ofOrganics[name] > 0 ? `${(100 * ofOrganics[name]).toFixed(2)}\u00a0%` : ''}</td>}</tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.92rem]">In titanium white {largestOf(made)} <span className="text-soft">By the common limits; estimate.</span></p>
    </div>
  )
} // prettier-ignore

/** The simulated scale can be poured on; a real one has hands for that. */
function Simulated() {
  const [grams, setGrams] = useState(20)
  const [there, setThere] = useState(false)
  useEffect(() => setThere(true), [])
  if (!there) return null
  return (
    <fieldset className="mt-8 border-t border-rule pt-2 text-[0.92rem]">
      <legend className="sr-only">Simulated scale</legend>
      <div className="flex flex-wrap items-end gap-3">
        <Labelled label="Simulated scale: pour, g" className="w-40">{(id) => <NumberField id={id} value={grams} low={0.01} high={5000} onValue={setGrams} />}</Labelled>
        <button type="button" className="button min-h-11" onClick={() => void send('POST', '/api/scale', { command: 'pour', grams })}>Pour it on</button>
        <button type="button" className="button min-h-11" onClick={() => void send('POST', '/api/scale', { command: 'spill', grams })}>Spill it</button>
        <button type="button" className="button min-h-11" onClick={() => void send('POST', '/api/scale', { command: 'zero' })}>Empty the pan</button>
      </div>
    </fieldset>
  )
} // prettier-ignore
