import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { feelOf } from '../../core/palette/consistency.ts'
import { minutesADay } from '../../core/palette/openTime.ts'
import { dayCount, fatnessText } from '../../core/words.ts'
import { kindOf } from '../../core/materials/material.ts'
import type { Besides } from '../../document/palette/besides.ts'
import type { HeapDocument } from '../../document/palette.ts'
import type { OwnTube } from '../../document/tube.ts'
import { about, mlText } from '../../ui/format.ts'
import { Blob } from '../../ui/paint/Blob.tsx'
import { tubeColour } from '../../ui/paint/tubeColour.ts'
import { mixedColour, oilColour } from '../../core/values/pigmentColours.ts'
import { isLaid } from './laidOut.ts'
import type { LaidHeap, SpoiltHeap } from './laidOut.ts'

interface RowProps {
  readonly laid: LaidHeap | SpoiltHeap
  readonly tubes: readonly OwnTube[]
  readonly findMaterial: FindMaterial
  readonly mediumName: string | null
  readonly thinnerName: string | null
  readonly selected: boolean
  readonly onSelect: () => void
}

/** A heap as it lies on the palette, and what goes into it: legible at arm's length. */
export function HeapRow({
  laid,
  tubes,
  findMaterial,
  mediumName,
  thinnerName,
  selected,
  onSelect,
}: RowProps) {
  const { heap, name } = laid
  return (
    <button
      type="button"
      aria-expanded={selected}
      onClick={onSelect}
      className="printed grid w-full grid-cols-[4rem_minmax(0,1fr)_auto] items-center gap-x-3 px-3 py-2 text-left hover:bg-wash sm:grid-cols-[8.5rem_minmax(0,1fr)_auto] sm:gap-x-4 print:grid-cols-[6rem_1fr_auto] print:px-0"
    >
      <Blob
        colour={heapColour(heap, tubes, findMaterial)}
        ml={isLaid(laid) ? laid.ml : 5}
        seed={heap.id}
        size={104}
      />
      <span className="min-w-0">
        <span className="block font-read text-[1.45rem] leading-tight [overflow-wrap:anywhere]">{name}</span>
        <span className="block text-[1.05rem] text-soft">
          {[onPalette(laid), ...lasting(laid)].join(' · ')}
        </span>
        {heap.added.length > 0 && (
          <span className="block text-[1.05rem]">
            with {heap.added.map((one) => addedText(one, findMaterial)).join(', ')} besides
          </span>
        )}
        {isLaid(laid) && <Drops count={laid.medium.drops} />}
        {isLaid(laid) && (
          <span className="mt-0.5 block text-[0.95rem]">
            {laid.consistency}: <span className="text-soft">{feelOf[laid.consistency]}</span>
          </span>
        )}
      </span>
      <span className="text-right">
        {isLaid(laid) ? (
          <Dose laid={laid} mediumName={mediumName} thinnerName={thinnerName} />
        ) : (
          <span className="block max-w-52 text-[0.95rem] text-unsound">{laid.problem}</span>
        )}
      </span>
    </button>
  )
}

const addedText = ({ material, parts }: Besides[number], findMaterial: FindMaterial): string =>
  `${mlText(parts)} ${shortNameOf(material, findMaterial).toLowerCase()}`

const unitWords: Readonly<Record<HeapDocument['unit'], (amount: number) => string>> = {
  ml: (amount) => `${about(amount, 3)} ml`,
  g: (amount) => `${about(amount, 3)} g`,
  squeeze: (amount) => `${about(amount, 3)} ${amount === 1 ? 'squeeze' : 'squeezes'}`,
}

function onPalette(laid: LaidHeap | SpoiltHeap): string {
  const { unit, amount } = laid.heap
  const told = unitWords[unit](amount)
  return unit === 'ml' || !isLaid(laid) ? `${told} on the palette` : `${told} (${about(laid.ml)} ml)`
}

/** How long it can be worked; once it is mixed its clock says so. */
function lasting(laid: LaidHeap | SpoiltHeap): readonly string[] {
  if (!isLaid(laid) || laid.heap.mixed) return []
  const { minutes, setsUp } = laid.open
  if (setsUp) return ['stiffens in 15 to 60 min as the solvent leaves']
  return [minutes === null ? 'does not set by itself' : `workable about ${dayCount(minutes / minutesADay)}`]
}

/** The dose in figures, and what it brings the heap to. */
function Dose({
  laid: { medium, thinnerMl, note, real },
  mediumName,
  thinnerName,
}: {
  readonly laid: LaidHeap
  readonly mediumName: string | null
  readonly thinnerName: string | null
}) {
  return (
    <>
      <span className="block font-read text-[2.1rem] leading-none whitespace-nowrap print:text-[1.6rem]">
        {note === 'cannot' ? '–' : doseText(medium)}
      </span>
      <span className="mt-1 block text-[0.95rem] text-soft">
        {note === 'cannot'
          ? `${mediumName ?? 'no medium'} cannot bring it there`
          : note === 'already-fatter'
            ? 'already fatter'
            : medium.drops !== null
              ? mlText(medium.ml)
              : ''}
      </span>
      {thinnerMl > 0 && (
        <span className="block text-[0.95rem]">
          {mlText(thinnerMl)} {thinnerName}
        </span>
      )}
      <span className="block text-[0.95rem]">fat {fatnessText(real.fatness)}</span>
    </>
  )
}

export const doseText = ({ drops, ml }: LaidHeap['medium']): string =>
  drops !== null ? `${drops} ${drops === 1 ? 'drop' : 'drops'}` : ml === 0 ? 'none' : mlText(ml)

const aRow = 20

/** The drops themselves, to be counted. */
function Drops({ count }: { readonly count: number | null }) {
  if (!count || count > 60) return null
  const rows = Math.ceil(count / aRow)
  const width = Math.min(count, aRow) * 11
  return (
    <svg
      width={width}
      height={rows * 15}
      viewBox={`0 0 ${width} ${rows * 15}`}
      aria-hidden="true"
      className="mt-1 h-auto max-w-full"
    >
      {Array.from({ length: count }, (_, at) => (
        <path
          key={at}
          d={`M${(at % aRow) * 11 + 5} ${Math.floor(at / aRow) * 15 + 1} c4 5 4.6 10 0 11.5 c-4.6 -1.5 -4 -6.5 0 -11.5`}
          fill={oilColour}
          stroke="var(--ink)"
          strokeOpacity="0.4"
          strokeWidth="0.7"
        />
      ))}
    </svg>
  )
}

/** Colour of a heap: its tubes' own swatches, or about that of its pigments. */
export function heapColour(
  { paints }: Pick<HeapDocument, 'paints'>,
  tubes: readonly OwnTube[],
  findMaterial: FindMaterial,
): string {
  const own = paints.length === 1 ? tubes.find(({ id }) => id === paints[0]!.tube) : undefined
  if (own) return tubeColour(own, findMaterial)
  return mixedColour(
    paints.flatMap(({ pigments, parts }) => {
      const total = pigments.reduce((sum, { share }) => sum + share, 0)
      return pigments.map(({ pigment, share }) => {
        const material = findMaterial(pigment)
        return { id: material ? kindOf(material) : pigment, share: (parts * share) / total }
      })
    }),
  )
}
