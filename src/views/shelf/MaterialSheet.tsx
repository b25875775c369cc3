import { oilsText } from '../../core/medium/oils.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { later, useLater } from '../../ui/useLater.ts'
import type { BookFigure } from '../../core/materials/bookEntry.ts'
import { iodineFromAcids } from '../../core/materials/iodine.ts'
import type { Material } from '../../core/materials/material.ts'
import { deedsOf } from '../../core/materials/search.ts'
import { blankLot } from '../../document/blank/blankLot.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { about, upperFirst } from '../../ui/format.ts'
import { familyNames } from '../../core/materials/families.ts'
import { OwnFigures } from './OwnFigures.tsx'

interface SheetProps {
  readonly material: Material
  readonly item: Revised<ShelfItem> | null
  readonly lots: readonly Revised<ShelfItem>[]
  readonly settings: Settings
  readonly onAdd: (item: ShelfItem) => void
  readonly onSelect: (id: string) => void
  readonly onItem: (item: Revised<ShelfItem>) => void
  readonly onRemove: (item: Revised<ShelfItem>) => void
}

const wholeBook = later(() => import('../../core/materials/book.ts').then(({ book }) => book))

/** One material: what it does, what the book says and how sure that is, and what the painter knows better. */
export function MaterialSheet({
  material,
  item,
  lots,
  settings,
  onAdd,
  onSelect,
  onItem,
  onRemove,
}: SheetProps) {
  const book = useLater(wholeBook)
  const entry = book?.[item?.base ?? material.id]
  const { id, name, family } = material
  return (
    <section aria-label={name}>
      <h2 className="text-[1.6rem] leading-tight">{name}</h2>
      <p className="text-soft">{[familyNames[family].toLowerCase(), ...deedsOf(material)].join(' · ')}</p>
      <RoomSays materials={[material]} policies={settings.policies} />
      {material.lightfastness && (
        <p className="mt-2">
          Lightfastness {material.lightfastness}{' '}
          <span className="text-soft">(of I excellent to V fugitive; typical, as masstone in oil).</span>
        </p>
      )}
      <Cautions materials={[material]} className="mt-2" />
      <Drying material={material} settings={settings} />
      {item ? (
        <OwnFigures key={item.id} item={item} material={material} onItem={onItem} onRemove={onRemove} />
      ) : (
        <div className="mt-4 flex flex-wrap gap-3">
          <button
            type="button"
            className="button"
            onClick={() => onAdd(blankLot({ id, name, base: id, family }))}
          >
            Put in my own figures
          </button>
          <button
            type="button"
            className="button"
            onClick={() =>
              onAdd(blankLot({ id: crypto.randomUUID(), name: `${name}, new lot`, base: id, family }))
            }
          >
            <Plus size={15} aria-hidden="true" /> A bottle or bag of my own
          </button>
        </div>
      )}
      {lots.length > 0 && (
        <p className="mt-3">
          Your lots of it:{' '}
          {lots.map((lot, at) => (
            <span key={lot.id}>
              {at > 0 && ', '}
              <button type="button" className="min-h-6 link" onClick={() => onSelect(lot.id)}>
                {lot.name}
              </button>
            </span>
          ))}
        </p>
      )}
      {!book ? null : entry ? (
        <div className="mt-5 border-t border-ink pt-3">
          <h3 className="text-xl">What the book says</h3>
          <table className="mt-2 w-full text-[0.95rem]">
            <thead>
              <tr className="text-[0.8rem] text-soft">
                <td />
                <th scope="col" className="text-right font-normal">
                  low
                </th>
                <th scope="col" className="text-right font-normal">
                  middle
                </th>
                <th scope="col" className="text-right font-normal">
                  high
                </th>
                <td className="hidden w-28 sm:table-cell" />
              </tr>
            </thead>
            <tbody>
              {entry.figures.map((figure) => (
                <tr key={figure.is} className="border-t border-rule">
                  <th scope="row" className="py-1 pr-3 text-left font-normal">
                    {figure.is}
                    <span className="text-[0.85rem] text-soft sm:hidden"> {figure.unit}</span>
                  </th>
                  {(['low', 'mid', 'high'] as const).map((end) => (
                    <td key={end} className="py-1 pl-3 text-right">
                      {shown(figure, end)}
                    </td>
                  ))}
                  <td className="hidden py-1 pl-2 text-[0.85rem] text-soft sm:table-cell">{figure.unit}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-2 text-[0.88rem]">
            How sure: <b className="font-medium">{entry.confidence}</b>. Kind of figure: {entry.kind}.{' '}
            <span className="text-soft">
              Recalled from the literature, not measured by us; an estimate. {sureness[entry.confidence]}
            </span>
          </p>
          {entry.acids && (
            <p className="mt-1 text-[0.88rem]">
              Fatty acids of {entry.acidsOf}, % by mass:{' '}
              {Object.entries(entry.acids)
                .map(([acid, percent]) => `${acid} ${percent}`)
                .join(', ')}
              ; they would give an iodine value of about{' '}
              {about(
                iodineFromAcids(entry.acids) + (entry.other ? entry.other.percent * entry.other.iodine : 0),
                3,
              )}
              .
            </p>
          )}
          {entry.notes && <p className="mt-1 text-[0.88rem] text-soft">{upperFirst(entry.notes)}.</p>}
        </div>
      ) : (
        <p className="mt-4 text-[0.88rem] text-soft">
          The book does not know this one; every figure is yours.
        </p>
      )}
    </section>
  )
}

const sureness = {
  high: 'A typical sample is seldom outside low to high.',
  medium: 'About one sample in four may be outside low to high.',
  low: 'Order of magnitude, or ranking only.',
} as const

const shown = (figure: BookFigure, end: 'low' | 'mid' | 'high'): string =>
  figure[end] === undefined ? '' : about(figure[end], 4)

/** How an oil dries, from its iodine value where that tells it. */
function Drying({ material, settings }: { readonly material: Material; readonly settings: Settings }) {
  const text = oilsText([{ material, massG: 1, volumeMl: 1 }], settings.dryingBounds)
  if (!text) return null
  const { semi, drying } = settings.dryingBounds
  return (
    <p className="mt-2">
      {upperFirst(text)}.{' '}
      {!material.bodied && (
        <span className="text-soft">
          Semi-drying from {semi}, drying from {drying};{' '}
          <a className="link" href="/studio">
            your bounds
          </a>
          .
        </span>
      )}
    </p>
  )
}
