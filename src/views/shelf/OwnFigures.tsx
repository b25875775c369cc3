import { useEffect, useState } from 'react'
import { classNames, leavingClasses } from '../../core/materials/material.ts'
import type { ClassName, Material } from '../../core/materials/material.ts'
import { dropWords } from '../../core/materials/drops.ts'
import { iodineFromAcids } from '../../core/materials/iodine.ts'
import { dropOf } from '../../core/measure/dropper.ts'
import { parseQuantity, parseRange } from '../../core/measure/quantity.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised } from '../../document/studio.ts'
import { ChoiceRow, Labelled, NumberField, readName, TypedField, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { optional } from './optional.ts'
import { about, percentText } from '../../ui/format.ts'
import { familyNames } from '../../core/materials/families.ts'
import { Counting } from './Counting.tsx'
import { HazardBoxes } from './HazardBoxes.tsx'
import { PriceRow } from './PriceRow.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { useSavedThing } from '../../ui/bench/useSavedThing.ts'
import { classWords } from '../mediums/Truths.tsx'

interface OwnProps {
  readonly item: Revised<ShelfItem>
  readonly material: Material
  readonly onItem: (item: Revised<ShelfItem>) => void
  readonly onRemove: (item: Revised<ShelfItem>) => void
}

/** What was done to a material before it was opened here is taken back under Studio. */
const noEvents: readonly number[] = []

/** What the painter knows of a material: each figure left empty is the book's. */
export function OwnFigures({ item, material, onItem, onRemove }: OwnProps) {
  const { body, edit, desk, state } = useSavedThing('shelf_item', item, noEvents)
  useEffect(() => onItem(body), [body]) // eslint-disable-line react-hooks/exhaustive-deps -- tells the list of each change once
  return (
    <div className="mt-4 border-t border-ink pt-2">
      <SaveLine desk={desk} state={state}>
        <h3 className="text-xl">
          {body.base === null ? 'Your material' : body.base === body.id ? 'Your figures for it' : 'Your lot'}
        </h3>
        <button type="button" className="order-last min-h-9 text-soft link" onClick={() => onRemove(body)}>
          {body.base === body.id ? 'Back to the book' : 'Remove it'}
        </button>
      </SaveLine>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        {body.base !== body.id && (
          <TypedRow
            label="Name"
            className="sm:col-span-2"
            shown={body.name}
            read={(text) => readName(text, 'it')}
            onValue={(name) => edit({ name })}
          />
        )}
        {body.base === null && (
          <ChoiceRow
            label="Kind"
            value={body.family}
            onValue={(family) => edit({ family: family as ShelfItem['family'] })}
            options={Object.entries(familyNames).map(([key, name]) => ({ id: key, name }))}
          />
        )}
        <TypedRow
          label="Density, g/ml"
          hint="10 ml of it, weighed, over 10."
          shown={body.densityGPerMl === null ? '' : String(body.densityGPerMl)}
          read={optional(0.3, 20, body.base === null)}
          onValue={(densityGPerMl) => edit({ densityGPerMl })}
          inputMode="decimal"
        />
        <TypedRow
          label="Drying speed, raw linseed = 1"
          shown={body.rate === null ? '' : String(body.rate)}
          read={optional(0, 50, false)}
          onValue={(rate) => edit({ rate })}
          inputMode="decimal"
        />
        <TypedRow
          label="Of it stays, % by mass"
          hint="Not sure? Write both ends: 55–75."
          shown={stayText(body)}
          read={readStay}
          onValue={(nonVolatile) => edit({ nonVolatile })}
        />
        <PriceRow price={body.price} onPrice={(price) => edit({ price })} />
        {body.family === 'oil' && <Iodine body={body} onIodine={(iodine) => edit({ iodine })} />}
        <TypedRow
          label="There is, g"
          hint="Or in ml. Kept count of as batches are poured; empty: not."
          shown={body.stockG === null ? '' : String(Number(body.stockG.toPrecision(6)))}
          read={readStock(material)}
          onValue={(stockG) => edit({ stockG })}
          inputMode="decimal"
        />
        <Labelled label="Opened">
          {(id) => (
            <input
              id={id}
              type="date"
              className="field"
              value={body.openedOn ?? ''}
              onChange={({ target }) => edit({ openedOn: target.value || null })}
            />
          )}
        </Labelled>
        <Labelled label="Note">
          {(id) => (
            <TypedField
              id={id}
              shown={body.note}
              read={(text): Reading<string> =>
                text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text }
              }
              onValue={(note) => edit({ note })}
            />
          )}
        </Labelled>
        {body.base === null && <MakeUp body={body} onStays={(stays) => edit({ stays })} />}
        {body.base === null && (
          <HazardBoxes
            legend="What can hurt in it: see its safety data sheet. What leaves as it dries counts as solvent vapour from 1 % on."
            chosen={body.hazards}
            onChosen={(hazards) => edit({ hazards })}
          />
        )}
        <Dropper body={body} material={material} onDropper={(dropper) => edit({ dropper })} />
      </div>
    </div>
  )
}

/** What there is, in g; a volume by the material's density. */
const readStock =
  ({ densityGPerMl }: Material) =>
  (text: string): Reading<number | null> => {
    const inMl = /[a-z]/i.test(text) && parseQuantity(text, 'g') === null ? parseQuantity(text, 'ml') : null
    return inMl === null
      ? optional(0, 1e6, false, 'g', 'leave it empty')(text)
      : { value: Number((inMl * densityGPerMl.mid).toPrecision(6)) }
  }

const stayText = ({ nonVolatile }: ShelfItem): string =>
  nonVolatile === null
    ? ''
    : [...new Set([nonVolatile.low, nonVolatile.high])].map((share) => about(100 * share, 3)).join('–')

function readStay(text: string): Reading<ShelfItem['nonVolatile']> {
  if (!text.trim()) return { value: null }
  const range = parseRange(text)
  return range === null || range.high > 100 || range.high <= 0
    ? { problem: 'Write one percentage, or both ends of it, such as 55–75.' }
    : { value: { low: range.low / 100, high: range.high / 100 } }
}

const staying = classNames.filter((name) => !leavingClasses.includes(name)) as readonly Exclude<
  ClassName,
  'volatile' | 'water'
>[]

/** Of what a material of one's own is made, in parts of what stays. */
function MakeUp({
  body,
  onStays,
}: {
  readonly body: ShelfItem
  readonly onStays: (stays: ShelfItem['stays']) => void
}) {
  const total = staying.reduce((sum, name) => sum + (body.stays[name] ?? 0), 0)
  return (
    <fieldset className="sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">
        What stays is made of, % by mass of what stays; the rest leaves as solvent
      </legend>
      <div className="mt-1 grid grid-cols-3 gap-x-5 gap-y-2 sm:grid-cols-4">
        {staying.map((name) => (
          <Labelled key={name} label={classWords[name]}>
            {(id) => (
              <NumberField
                id={id}
                value={Number((100 * (body.stays[name] ?? 0)).toPrecision(4))}
                low={0}
                high={100}
                unit="%"
                onValue={(percent) => {
                  const { [name]: _before, ...rest } = body.stays
                  onStays(percent > 0 ? { ...rest, [name]: percent / 100 } : rest)
                }}
              />
            )}
          </Labelled>
        ))}
      </div>
      {Math.abs(total - 1) > 0.005 && (
        <p className="mt-1 text-[0.85rem] text-watch">
          These come to {percentText(total)}; they count in proportion, as if they were 100&nbsp;%.
        </p>
      )}
    </fieldset>
  )
}

/** Counting a dropper into a scale. */
function Dropper({
  body,
  material,
  onDropper,
}: {
  readonly body: ShelfItem
  readonly material: Material
  readonly onDropper: (counts: ShelfItem['dropper']) => void
}) {
  const drop = dropOf(body.dropper)
  return (
    <Counting
      legend="Your dropper: count drops into a scale"
      what="drops"
      usual={50}
      counts={body.dropper}
      onCounts={onDropper}
    >
      {drop ? (
        <>
          One drop is about {about(drop.gramsEach)} g = {about(drop.gramsEach / material.densityGPerMl.mid)}{' '}
          ml
          {drop.spread !== null && <>; each weighing lay within {percentText(drop.spread)} of their mean</>}.
        </>
      ) : material.dropMl ? (
        <span className="text-soft">
          Not counted yet: a drop is taken as about {about(material.dropMl)} ml, and may be{' '}
          {dropWords(material)} that.
        </span>
      ) : (
        <span className="text-soft">It has no drop; weigh it.</span>
      )}
    </Counting>
  )
}

const unknownAcids = { oleic: null, linoleic: null, linolenic: null }

/** The iodine value of an oil, from its label or from its fatty acids. */
function Iodine({
  body,
  onIodine,
}: {
  readonly body: ShelfItem
  readonly onIodine: (iodine: ShelfItem['iodine']) => void
}) {
  const [acids, setAcids] = useState<Record<'oleic' | 'linoleic' | 'linolenic', number | null>>(unknownAcids)
  const { oleic, linoleic, linolenic } = acids
  const value =
    oleic === null || linoleic === null || linolenic === null
      ? null
      : Math.round(iodineFromAcids({ oleic, linoleic, linolenic }))
  return (
    <fieldset className="sm:col-span-2">
      <legend className="sr-only">Iodine value</legend>
      <div className="flex flex-wrap items-end gap-4">
        <Labelled label="Iodine value" className="w-32">
          {(id) => (
            <TypedField
              id={id}
              shown={body.iodine === null ? '' : [...new Set([body.iodine.low, body.iodine.high])].join('–')}
              read={(text): Reading<ShelfItem['iodine']> => {
                if (!text.trim()) return { value: null }
                const range = parseRange(text)
                return range === null || range.high > 300
                  ? { problem: 'Write one value, or both ends, such as 118–138.' }
                  : { value: range }
              }}
              onValue={onIodine}
            />
          )}
        </Labelled>
        <span className="pb-2 text-soft">or from its acids, % by mass:</span>
        {(['oleic', 'linoleic', 'linolenic'] as const).map((acid) => (
          <Labelled key={acid} label={acid} className="w-20">
            {(id) => (
              <NumberField
                id={id}
                value={acids[acid]}
                low={0}
                high={100}
                onValue={(percent) => setAcids({ ...acids, [acid]: percent })}
              />
            )}
          </Labelled>
        ))}
        <button
          type="button"
          className="button"
          disabled={value === null}
          onClick={() => value !== null && onIodine({ low: value, high: value })}
        >
          {value === null ? 'Take what they come to' : `Take ${value}`}
        </button>
      </div>
    </fieldset>
  )
}
