import { useState } from 'react'
import type { ReactNode } from 'react'
import { freeOilUm, keyLighter, laterYellowing, yellowingOf } from '../../core/palette/keyShift.ts'
import { oilLadder } from '../../core/palette/ladder.ts'
import { about } from '../../core/words.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { gramsText, percentText } from '../../ui/format.ts'
import { isLaid } from './laidOut.ts'
import type { LaidPalette } from './laidOut.ts'

interface ToolsProps {
  readonly laid: LaidPalette
  readonly picture: LoadedPicture
  readonly layer: LayerDocument
}

/** What is asked beside the palette: the climb of oil over the next layers, and what a coloured medium does to the key. */
export const Tools = (props: ToolsProps) => (
  <section aria-label="Beside the palette" className="mt-5 border-t border-rule pt-2">
    <Tool title="Oil ladder over the next layers">
      <Ladder {...props} />
    </Tool>
    <Tool title="Warm medium: how much lighter to key">
      <WarmMedium {...props} />
    </Tool>
  </section>
)

const Tool = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <details className="border-b border-rule">
    <summary className="flex min-h-11 items-center font-read text-[1.1rem]">{title}</summary>
    <div className="pb-4">{children}</div>
  </details>
)

/** The palette's own oil by mass, and its grams; what the ladder begins with. */
function oilNow({ heaps }: LaidPalette): { readonly grams: number; readonly share: number } {
  const all = heaps.filter(isLaid).flatMap(({ heap, real }) => (heap.paints.length > 0 ? real.mix.all : []))
  const mass = all.reduce((sum, { massG }) => sum + massG, 0)
  const oil = all.reduce(
    (sum, { material, massG }) => sum + massG * ((material.shares.oil ?? 0) + (material.shares.alkyd ?? 0)),
    0,
  )
  return { grams: mass, share: mass > 0 ? oil / mass : 0.36 }
}

const usualClimb = 0.1

function Ladder({ laid, picture, layer }: ToolsProps) {
  const now = oilNow(laid)
  const coming = picture.layers.filter(
    ({ painted, position }) => !painted && position >= layer.position,
  ).length
  const [heapG, setHeap] = useState(25)
  const [from, setFrom] = useState(Number((100 * now.share).toPrecision(2)))
  const [to, setTo] = useState(Number((100 * (now.share + usualClimb)).toPrecision(2)))
  const [layers, setLayers] = useState(Math.max(3, coming))
  const [byLimits, setByLimits] = useState(false)
  const most = laid.practice.limits.medium.watch
  const rungs = oilLadder({
    heapG,
    fromShare: from / 100,
    toShare: to / 100,
    layers,
    ...(byLimits && { mostOfMix: most }),
  })
  const reached = rungs?.at(-1)?.targetShare ?? 0
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        <NumberRow
          label="heap"
          className="w-20"
          value={heapG}
          low={0.1}
          high={10000}
          unit="g"
          onValue={setHeap}
        />
        <NumberRow
          label="oil by mass, from"
          className="w-28"
          value={from}
          low={1}
          high={95}
          unit="%"
          onValue={setFrom}
        />
        <NumberRow label="to" className="w-20" value={to} low={1} high={95} unit="%" onValue={setTo} />
        <NumberRow
          label="in layers"
          className="w-20"
          value={layers}
          low={1}
          high={60}
          onValue={(count) => setLayers(Math.round(count))}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--ink)]"
            checked={byLimits}
            onChange={({ target }) => setByLimits(target.checked)}
          />
          no more than the practice watches
        </label>
      </div>
      {rungs ? (
        <ol className="mt-3 max-w-md">
          {rungs.map(({ targetShare, addG }, at) => (
            <li key={at} className="flex items-baseline gap-4 border-t border-rule py-1">
              <span className="w-16 text-soft">layer {at + 1}</span>
              <span className="flex grow items-center gap-3">
                <svg width="100" height="8" aria-hidden="true">
                  <rect width="100" height="8" fill="var(--wash)" />
                  <rect width={100 * targetShare} height="8" fill="var(--ink)" />
                </svg>
                {percentText(targetShare)} oil
              </span>
              <span>{addG > 0 ? `add ${gramsText(addG)}` : 'as it is'}</span>
            </li>
          ))}
        </ol>
      ) : (
        <p role="alert" className="mt-2 text-unsound">
          A ladder climbs: end with at least as much oil as it begins with, and with less than is added.
        </p>
      )}
      {rungs && byLimits && reached < to / 100 - 1e-9 && (
        <p className="mt-2 text-watch">
          {laid.practice.name} watches more than {percentText(most)} of the mix: it stops at{' '}
          {percentText(reached)} oil.
        </p>
      )}
      <p className="mt-2 text-[0.88rem] text-soft">
        Grams of oil to stir into a heap of that weight, each time into paint as it is now ({about(now.grams)}{' '}
        g lie on the palette, {percentText(now.share)} oil by mass).
      </p>
    </>
  )
}

function WarmMedium({ laid, layer }: ToolsProps) {
  const [offset, setOffset] = useState(0.1)
  const heaps = laid.heaps.filter(isLaid)
  if (heaps.length === 0) return <p>Lay out a heap first.</p>
  return (
    <>
      <NumberRow
        label="How much darker the medium is, drawn down neat beside the paint"
        hint="In steps of a grey scale from 0 black to 1 white; a tenth is one step of ten."
        className="w-80 max-w-full"
        value={offset}
        low={0}
        high={1}
        onValue={setOffset}
      />
      <ul className="mt-2">
        {heaps.map(({ heap, name, real }) => {
          const dose = real.mix.film.mix.medium
          return (
            <li key={heap.id} className="border-t border-rule py-1">
              {name}: {percentText(dose)} of the mix by volume,{' '}
              {dose > 0 ? `key it ${keyLighter(offset, dose).toFixed(2)} lighter` : 'nothing to allow for'}.
            </li>
          )
        })}
      </ul>
      <Later laid={laid} layer={layer} />
    </>
  )
}

function Later({ laid, layer }: Pick<ToolsProps, 'laid' | 'layer'>) {
  const heaps = laid.heaps.filter(isLaid)
  const free = Math.max(
    0,
    ...heaps.map(({ real: { mix } }) =>
      freeOilUm(layer.wetThicknessUm * (1 - mix.film.mix.volatile), mix.film),
    ),
  )
  const yellowing = yellowingOf(heaps.flatMap(({ real }) => real.mix.all))
  if (yellowing === null) return null
  const { value, b } = laterYellowing(yellowing, free)
  return (
    <p className="mt-2 text-[0.9rem] text-soft">
      Over the years it yellows too: by the order of {about(value)} of value and {about(b)} in b*. An order of
      magnitude, no more.
    </p>
  )
}
