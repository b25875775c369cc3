import { useState } from 'react'
import {
  dryUmOf,
  thicknessPresets,
  wetUmFromUse,
  wetUmFromWeight,
  wetUmOf,
} from '../../../core/film/thickness.ts'
import { NumberField } from '../../../ui/fields.tsx'
import { Tick } from '../../../ui/tick/Tick.tsx'
import { umText } from '../../../ui/format.ts'

export interface HowThickProps {
  /** Solvent and water of the wet mix, by volume; and its density. */
  readonly volatile: number
  readonly densityGPerMl: number
  /** What the layer covers, cm²; 0: not known. */
  readonly areaCm2: number
  readonly onWet: (wetUm: number) => void
  readonly onRidge: (wetUm: number) => void
}

/** How thick a layer really is: by eye, from a comb, from paint spread with a card, or on the scale. */
export default function HowThick(props: HowThickProps) {
  return (
    <div className="grid gap-y-4">
      <ByEye {...props} />
      <Comb {...props} />
      <DrawDown {...props} />
      <Weighed {...props} />
    </div>
  )
}

/** So many pixels for the square root of a micrometre. */
const pxPerRoot = 1.15
const canvasPx = 12

function ByEye({ onWet }: HowThickProps) {
  return (
    <section aria-label="By eye">
      <h3 className="font-plain text-[0.85rem] text-soft">By eye, wet, over the threads of a canvas</h3>
      <ul className="mt-1 grid grid-cols-2 gap-1 sm:grid-cols-3">
        {thicknessPresets.map(({ id, name, wetUm, like }) => {
          const high = pxPerRoot * Math.sqrt(wetUm)
          return (
            <li key={id}>
              <button
                type="button"
                className="block w-full border border-transparent p-1 text-left hover:border-ink"
                onClick={() => onWet(wetUm)}
              >
                <svg
                  width="100%"
                  height={60}
                  viewBox="0 0 120 60"
                  preserveAspectRatio="none"
                  aria-hidden="true"
                >
                  <path d={ridged(60 - canvasPx - high)} fill="var(--stone)" />
                  {threads.map((x) => (
                    <ellipse
                      key={x}
                      cx={x}
                      cy={60 - canvasPx / 2}
                      rx={8}
                      ry={canvasPx / 2}
                      fill="var(--soft)"
                    />
                  ))}
                </svg>
                <span className="block text-[0.85rem]">
                  {name}, {wetUm} µm
                </span>
                <span className="block text-[0.78rem] leading-tight text-soft">{like}</span>
              </button>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

const threads = [8, 25, 42, 59, 76, 93, 110]

/** A film from this height down to the threads, its surface a little uneven. */
const ridged = (y: number): string => `M0 60V${y + 1}Q20 ${y - 1.5} 40 ${y}T80 ${y + 0.6}T120 ${y}V60Z`

function Comb({ volatile, onWet, onRidge }: HowThickProps) {
  const [um, setUm] = useState(100)
  const [isDry, setDry] = useState(false)
  const wet = isDry ? wetUmOf(um, volatile) : um
  return (
    <section aria-label="A comb gauge">
      <h3 className="font-plain text-[0.85rem] text-soft">A comb gauge</h3>
      <div className="flex flex-wrap items-center gap-3">
        <NumberField
          label="the comb reads, µm"
          className="w-28"
          unit="µm"
          value={um}
          low={0.1}
          high={20000}
          onValue={setUm}
        />
        <Tick label="read on the dry film" on={isDry} onTick={setDry} className="text-[0.9rem]" />
        {wet !== null && <Take wetUm={wet} volatile={volatile} onTake={onWet} what="Take it" />}
        {wet !== null && (
          <Take wetUm={wet} volatile={volatile} onTake={onRidge} what="It is the highest ridge" />
        )}
      </div>
    </section>
  )
}

function DrawDown({ volatile, onWet }: HowThickProps) {
  const [ml, setMl] = useState(2)
  const [cm2, setCm2] = useState(200)
  return (
    <section aria-label="Spread with a card">
      <h3 className="font-plain text-[0.85rem] text-soft">
        So much paint, spread with a card over so much surface
      </h3>
      <div className="flex flex-wrap items-center gap-3">
        <NumberField
          label="paint spread, ml"
          className="w-24"
          unit="ml"
          value={ml}
          low={0.01}
          high={10000}
          onValue={setMl}
        />
        <span>over</span>
        <NumberField
          label="over how much surface, cm²"
          className="w-28"
          unit="cm²"
          value={cm2}
          low={1}
          high={1e6}
          onValue={setCm2}
        />
        <Take wetUm={wetUmFromUse(ml, cm2)} volatile={volatile} onTake={onWet} what="Take it" />
      </div>
    </section>
  )
}

function Weighed({ volatile, densityGPerMl, areaCm2, onWet }: HowThickProps) {
  const [before, setBefore] = useState<number | null>(null)
  const [after, setAfter] = useState<number | null>(null)
  if (areaCm2 === 0)
    return <p className="text-[0.85rem] text-soft">Give the picture a size to weigh it before and after.</p>
  const grams = before !== null && after !== null ? after - before : null
  return (
    <section aria-label="Weighed before and after">
      <h3 className="font-plain text-[0.85rem] text-soft">
        The picture weighed before and just after, its paint over {areaCm2.toFixed(0)} cm²
      </h3>
      <div className="flex flex-wrap items-center gap-3">
        <NumberField
          label="before, g"
          className="w-28"
          unit="g"
          value={before}
          low={0}
          high={1e6}
          onValue={setBefore}
        />
        <NumberField
          label="after, g"
          className="w-28"
          unit="g"
          value={after}
          low={0}
          high={1e6}
          onValue={setAfter}
        />
        {grams !== null && grams > 0 && (
          <Take
            wetUm={wetUmFromWeight(grams, densityGPerMl, areaCm2)}
            volatile={volatile}
            onTake={onWet}
            what="Take it"
          />
        )}
        {grams !== null && grams <= 0 && (
          <span role="alert" className="text-[0.85rem] text-unsound">
            It should weigh more afterwards. Check the two.
          </span>
        )}
      </div>
    </section>
  )
}

interface TakeProps {
  readonly wetUm: number
  readonly volatile: number
  readonly what: string
  readonly onTake: (wetUm: number) => void
}

/** What it comes to, wet and dry, and a button that takes it. */
const Take = ({ wetUm, volatile, what, onTake }: TakeProps) => (
  <button
    type="button"
    className="button min-h-11"
    disabled={!(wetUm >= 0.1 && wetUm <= 20000)}
    onClick={() => onTake(Number(wetUm.toPrecision(3)))}
  >
    {what}: {umText(wetUm)} wet, {umText(dryUmOf(wetUm, volatile))} dry
  </button>
)
