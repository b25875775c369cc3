import { useState } from 'react'
import { massOf, volumeOf } from '../../core/medium/amount.ts'
import type { Ingredient } from '../../core/medium/medium.ts'
import { oilLadder, oilShareOf } from '../../core/palette/ladder.ts'
import { wholeDrops } from '../../core/palette/measured.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { gramsText, percentText } from '../../ui/format.ts'
import { isLaid } from './laidOut.ts'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

interface LadderProps {
  readonly laid: LaidPalette
  readonly picture: LoadedPicture
  readonly layer: LayerDocument
}

/** What is stirred in: a share of oil by mass, and how it is dropped. */
interface Additive {
  readonly id: string
  readonly name: string
  readonly share: number
  readonly densityGPerMl: number
  readonly dropMl: number | undefined
}

/** A climb of oil over the next layers, told for every heap: grams, and drops where they can be counted. */
export function Ladder({ laid, picture, layer }: LadderProps) {
  const coming = picture.layers.filter(
    ({ painted, position }) => !painted && position >= layer.position,
  ).length
  const additives = additivesOf(laid)
  const [rise, setRise] = useState(10)
  const [layers, setLayers] = useState(Math.max(3, coming))
  const [chosen, setChosen] = useState(additives[0]?.id ?? '')
  const [byLimits, setByLimits] = useState(false)
  const additive = additives.find(({ id }) => id === chosen) ?? additives[0]
  const heaps = laid.heaps.filter(isLaid)
  if (!additive || heaps.length === 0) return <p>Lay out a heap first.</p>
  const most = laid.practice.limits.medium.watch
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        <NumberRow
          label="more oil, points by mass"
          className="w-36"
          value={rise}
          low={0}
          high={60}
          onValue={setRise}
        />
        <NumberRow
          label="in layers"
          className="w-20"
          value={layers}
          low={1}
          high={12}
          onValue={(count) => setLayers(Math.round(count))}
        />
        <ChoiceRow
          label="with"
          className="w-44"
          value={additive.id}
          onValue={setChosen}
          options={additives}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-4"
            checked={byLimits}
            onChange={({ target }) => setByLimits(target.checked)}
          />
          only up to the {percentText(most)} of the mix that {laid.practice.name} watches
        </label>
      </div>
      <ul className="mt-2">
        {heaps.map((heap) => (
          <Climb
            key={heap.heap.id}
            laid={heap}
            rise={rise / 100}
            layers={layers}
            additive={additive}
            most={byLimits ? most : undefined}
          />
        ))}
      </ul>
      <p className="mt-2 text-[0.88rem] text-soft">
        For each layer into a heap as large as this one, fresh from the tubes. A drop may be half or double
        until you count yours.
      </p>
    </>
  )
}

function additivesOf({ conditioning: { medium }, mediumName, drop, heaps, findMaterial }: LaidPalette) {
  const oil = findMaterial(heaps[0]?.heap.paints[0]?.oil ?? '')
  const own: readonly Ingredient[] = oil ? [{ material: oil, massG: oil.densityGPerMl.mid, volumeMl: 1 }] : []
  const of = (
    id: string,
    name: string,
    all: readonly Ingredient[],
    dropMl: number | undefined,
  ): readonly Additive[] => {
    const ml = volumeOf(all)
    return ml > 0 ? [{ id, name, share: oilShareOf(all), densityGPerMl: massOf(all) / ml, dropMl }] : []
  }
  return [
    ...of('oil', 'oil of the paint', own, oil?.dropMl),
    ...of('medium', mediumName ?? 'the medium', medium, drop?.ml),
  ]
}

function Climb({
  laid: { name, exact },
  rise,
  layers,
  additive: { share, densityGPerMl, dropMl },
  most,
}: {
  readonly laid: LaidHeap
  readonly rise: number
  readonly layers: number
  readonly additive: Additive
  readonly most: number | undefined
}) {
  const heapG = massOf(exact.paint)
  const fromShare = oilShareOf(exact.paint)
  const rungs = oilLadder({
    heapG,
    fromShare,
    toShare: fromShare + rise,
    layers,
    additiveShare: share,
    ...(most !== undefined && { mostOfMix: most }),
  })
  const told = (addG: number): string => {
    const drops = wholeDrops(addG / densityGPerMl, dropMl)
    if (addG === 0) return 'as it is'
    return `${gramsText(addG)}${drops === null ? '' : `, about ${drops} ${drops === 1 ? 'drop' : 'drops'}`}`
  }
  return (
    <li className="border-t border-rule py-1.5">
      {name}, {gramsText(heapG)}
      {rungs ? (
        <ol className="flex flex-wrap gap-x-5 text-[0.95rem]">
          {rungs.map(({ targetShare, addG }, at) => (
            <li key={at}>
              <span className="text-soft">
                layer {at + 1}, {percentText(targetShare)} oil:
              </span>{' '}
              {told(addG)}
            </li>
          ))}
        </ol>
      ) : (
        <p className="text-watch">That much oil cannot be reached with this. Ask for less, or take oil.</p>
      )}
    </li>
  )
}
