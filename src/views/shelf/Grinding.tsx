import Undo2 from 'lucide-react/dist/esm/icons/undo-2.mjs'
import { useEffect, useState } from 'react'
import type { FindMaterial } from '../../core/materials/find.ts'
import { oilForPigment, pigmentToAdd, softnessOf } from '../../core/palette/grinding.ts'
import type { Grind } from '../../core/palette/grinding.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { NumberRow } from '../../ui/fields.tsx'
import { about, gramsText, mlText, shortName } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import type { Bench } from '../../ui/bench/useBench.ts'

/** One thing put on the slab. */
interface Addition {
  readonly what: 'pigment' | 'oil'
  readonly grams: number
}

interface Slab {
  readonly pigment: string
  readonly oil: string
  readonly softness: number
  readonly additions: readonly Addition[]
}

const clean: Slab = { pigment: 'pb29', oil: 'linseed_alkali_refined', softness: 1.1, additions: [] }

/** What lies on the slab is kept in this browser: a reload in the middle of grinding loses nothing. */
const kept = 'grelta.slab'

function readSlab(): Slab {
  try {
    return { ...clean, ...(JSON.parse(localStorage.getItem(kept) ?? '{}') as Partial<Slab>) }
  } catch {
    return clean
  }
}

/** Paint ground from dry pigment: oil for the heap, the slab's running tally, and what mends too much oil. */
export function Grinding({
  findMaterial,
  bring,
}: {
  readonly findMaterial: FindMaterial
  readonly bring: Bench['bring']
}) {
  const [slab, setSlab] = useState(clean)
  const [grams, setGrams] = useState<number | null>(60)
  useEffect(() => setSlab(readSlab()), [])
  const change = (next: Partial<Slab>): void => {
    const now = { ...slab, ...next }
    setSlab(now)
    try {
      localStorage.setItem(kept, JSON.stringify(now))
    } catch {
      // A browser that keeps nothing keeps the slab until the page is left.
    }
  }
  const pigment = findMaterial(slab.pigment)
  const oil = findMaterial(slab.oil)
  const sum = (what: Addition['what']): number =>
    slab.additions.reduce((total, one) => total + (one.what === what ? one.grams : 0), 0)
  const [pigmentG, oilG] = [sum('pigment'), sum('oil')]
  const wanted = pigment && oil ? oilForPigment(pigment, pigmentG || (grams ?? 0), oil, slab.softness) : null
  const more = pigment && pigmentG > 0 ? pigmentToAdd(pigment, pigmentG, oilG, slab.softness) : null
  const soft = pigment ? softnessOf(pigment, pigmentG, oilG) : null
  const add = (what: Addition['what']): void => {
    if (grams !== null) change({ additions: [...slab.additions, { what, grams }] })
  }
  return (
    <section aria-label="Paint from dry pigment">
      <h2 className="text-[1.6rem] leading-tight">Paint from dry pigment</h2>
      <p className="mt-1 font-read text-[1.15rem]">
        {wanted && pigment
          ? nextStep(wanted, {
              name: shortName(pigment.name).toLowerCase(),
              grams: pigmentG || (grams ?? 0),
              oilG,
              more: more ?? 0,
            })
          : 'No oil absorption is known of this powder: grind a little, and weigh what it takes.'}
      </p>
      <div className="mt-3 grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <MaterialRow
          role="pigment"
          label="Pigment"
          value={slab.pigment}
          findMaterial={findMaterial}
          bring={bring}
          onValue={(id) => change({ pigment: id })}
        />
        <MaterialRow
          role="oil"
          label="Oil"
          value={slab.oil}
          findMaterial={findMaterial}
          bring={bring}
          onValue={(id) => change({ oil: id })}
        />
        <NumberRow
          label="Softness"
          hint="1 just binds it; a tube as bought is about 1.25."
          value={slab.softness}
          low={0.5}
          high={3}
          onValue={(softness) => change({ softness })}
        />
        <NumberRow label="Weighed" value={grams} low={0.01} high={10000} unit="g" onValue={setGrams} />
      </div>
      <div className="mt-3 flex flex-wrap gap-3">
        <button
          type="button"
          className="button min-h-11"
          disabled={grams === null}
          onClick={() => add('pigment')}
        >
          Pigment onto the slab
        </button>
        <button
          type="button"
          className="button min-h-11"
          disabled={grams === null}
          onClick={() => add('oil')}
        >
          Oil onto the slab
        </button>
        {slab.additions.length > 0 && (
          <>
            <button
              type="button"
              className="button min-h-11"
              onClick={() => change({ additions: slab.additions.slice(0, -1) })}
            >
              <Undo2 size={15} aria-hidden="true" /> Take the last back
            </button>
            <button type="button" className="min-h-11 link" onClick={() => change({ additions: [] })}>
              Clean slab
            </button>
          </>
        )}
      </div>
      {slab.additions.length > 0 && (
        <table className="mt-3 w-full max-w-md text-[0.95rem]">
          <caption className="text-left text-[0.8rem] text-soft">On the slab</caption>
          <tbody>
            {slab.additions.map(({ what, grams: added }, at) => (
              <tr key={at} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {what}
                </th>
                <td className="text-right">{gramsText(added)}</td>
              </tr>
            ))}
            <tr className="border-t border-ink">
              <th scope="row" className="py-1 text-left font-normal">
                pigment {gramsText(pigmentG)}, oil {gramsText(oilG)}
              </th>
              <td className="text-right">{soft !== null && `softness ${about(soft)}`}</td>
            </tr>
          </tbody>
        </table>
      )}
      <p className="mt-3 text-[0.85rem] text-soft">
        Oil absorption is typical, and lots differ by a fifth to two fifths: an estimate. Hold back a little
        oil and let the muller say.
      </p>
      {pigment && oil && <Cautions materials={[pigment, oil, dryPowder]} className="mt-2" />}
    </section>
  )
}

/** Whatever it is, it is handled dry here. */
const dryPowder = { hazards: ['dust'] } as const

/** What to do next, in one sentence. */
function nextStep(
  wanted: Grind,
  slab: { readonly name: string; readonly grams: number; readonly oilG: number; readonly more: number },
): string {
  const { name, grams, oilG, more } = slab
  const missing = wanted.oilG - oilG
  if (oilG === 0)
    return `${about(grams, 4)} g of ${name} want ${gramsText(wanted.oilG)} of oil, ${mlText(wanted.oilMl)}.`
  if (Math.abs(missing) <= closeEnough * wanted.oilG) return 'It is as soft as you want it.'
  return missing > 0
    ? `${gramsText(missing)} of oil are still wanting, ${mlText((missing / wanted.oilG) * wanted.oilMl)}.`
    : `Too much oil. Grind in ${gramsText(more)} more pigment.`
}

/** A slab within this share of the oil wanted is right. */
const closeEnough = 0.02
