import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { familyNames } from '../../core/materials/families.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { library } from '../../core/materials/library.ts'
import type { Family } from '../../core/materials/material.ts'
import { materialOf } from '../../core/materials/own.ts'
import { worstAnswer } from '../../core/materials/policy.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import { findIn, indexed } from '../../core/materials/search.ts'
import type { Indexed } from '../../core/materials/search.ts'
import { blankLot } from '../../document/blank/blankLot.ts'
import { bottleIsLow } from '../../document/nearlyOut.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import type { ShelfPage } from '../../studio/shelfList.ts'
import { read, send } from '../../ui/client.ts'
import { useDone, goAndSay } from '../../ui/done.ts'
import { Choice } from '../../ui/fields.tsx'
import { gramsText } from '../../ui/format.ts'
import { CsvInAndOut } from '../../ui/lists/CsvInAndOut.tsx'
import { ListFoot } from '../../ui/lists/ListFoot.tsx'
import { usePages } from '../../ui/lists/usePages.ts'
import { say } from '../../ui/messages.ts'
import { RoomMark } from '../../ui/room/RoomMark.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { answerOf, lowNow } from './answer.ts'
import { MaterialSheet } from './MaterialSheet.tsx'
import { ShelfHead } from './ShelfHead.tsx'

interface ShelfProps {
  readonly initial: ShelfPage
  /** The material opened from the address, when it is one of the painter's own. */
  readonly opened: Revised<ShelfItem> | null
  readonly settings: Settings
  /** The material to open first, from the address. */
  readonly at: string | null
}

/** So many lines of the book are drawn at once; the rest is a word away. */
const mostShown = 80

const bookIndex = library.map((material) => indexed(material, familyNames[material.family]))

/** Every material there is, found by what it does; the painter's own lots and figures before the book's. */
export function ShelfView({ initial, opened, settings, at }: ShelfProps) {
  useDone()
  const [asked, setAsked] = useState('')
  const [family, setFamily] = useState<Family | '' | 'own'>('')
  const [selected, setSelected] = useState(at ?? 'linseed_cold_pressed')
  const [shown, setShown] = useState(mostShown)
  const sheet = useRef<HTMLDivElement>(null)
  const [changed, setChanged] = useState<readonly Revised<ShelfItem>[]>(opened ? [opened] : [])
  const wanted = useDeferredValue(asked)
  const pages = usePages(initial, wanted, (from) => read('GET /api/shelf', { query: { find: wanted, from } }))
  const items = useMemo(() => laidOver(pages.entries, changed), [pages.entries, changed])
  const overridden = useMemo(
    () => new Set([...initial.overridden, ...changed.map(({ id }) => id)]),
    [initial, changed],
  )
  const book = useMemo(() => bookIndex.filter(({ material }) => !overridden.has(material.id)), [overridden])
  const found = useMemo(() => {
    const inKind = ({ material }: Indexed): boolean => family === '' || material.family === family
    const own = findIn(indexOf(items), wanted).filter((one) => family === 'own' || inKind(one))
    return [...own, ...(family === 'own' ? [] : findIn(book, wanted).filter(inKind))]
  }, [items, book, wanted, family])
  const own = items.find(({ id }) => id === selected) ?? null
  const material = own ? materialOf(own, findInLibrary) : findInLibrary(selected)
  const ownOf = (id: string): ShelfItem | undefined => items.find((item) => item.id === id)
  const low = lowNow(initial.nearlyOut, changed, bottleIsLow)
  const all = book.length + (wanted ? initial.count : pages.count)
  useEffect(() => {
    if (own || !overridden.has(selected)) return
    void read('GET /api/shelf/{id}', { params: { id: selected } }).then(
      (reply) => reply.ok && setChanged((before) => [...before, reply.value]),
    )
  }, [own, overridden, selected])
  const add = (item: ShelfItem): void =>
    void send('PUT /api/shelf', { item, seen: null }).then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      setChanged((before) => [...before, { ...item, revision: reply.value.revisions[item.id]! }])
      setAsked('')
      setFamily('')
      setSelected(item.id)
      sheet.current?.focus()
    })
  return (
    <>
      <ShelfHead here="materials" answer={answerOf(Math.max(initial.count, items.length), 'material', low)}>
        <CsvInAndOut
          list="shelf"
          name="Your shelf as CSV"
          page="/shelf"
          what="material"
          where="onto your shelf"
        />
        <button type="button" className="button min-h-11" onClick={() => add(newMaterial())}>
          <Plus size={16} aria-hidden="true" /> A material of your own
        </button>
      </ShelfHead>
      <div className="grid gap-x-8 lg:gap-x-12 gap-y-8 md:grid-cols-[minmax(17rem,5fr)_6fr]">
        <section aria-label="Materials" className="min-w-0">
          <div className="flex gap-3">
            <input
              type="search"
              aria-label="Find by name, or by what it does"
              placeholder="fast, pale, no solvent"
              className="field grow placeholder:text-soft"
              value={asked}
              onChange={({ target }) => {
                setAsked(target.value)
                setShown(mostShown)
              }}
            />
            <Choice
              label="Kind"
              value={family}
              onValue={(chosen) => setFamily(chosen as typeof family)}
              className="max-w-44"
              options={[
                { id: '', name: 'every kind' },
                { id: 'own', name: 'your own' },
                ...Object.entries(familyNames).map(([id, name]) => ({ id, name })),
              ]}
            />
          </div>
          <p role="status" className="mt-1 mb-2 text-[0.85rem] text-soft">
            {found.length === 0
              ? 'Nothing on the shelf does all of that. Take a word away.'
              : found.length < all
                ? `${found.length} of ${all} materials`
                : `${all} materials`}
          </p>
          <ul>
            {found.slice(0, shown).map((one) => (
              <ShelfRow
                key={one.material.id}
                one={one}
                policies={settings.policies}
                selected={one.material.id === selected}
                own={ownOf(one.material.id)}
                onSelect={() => setSelected(one.material.id)}
              />
            ))}
          </ul>
          {found.length > shown && (
            <button type="button" className="mt-2 min-h-9 link" onClick={() => setShown(shown + 200)}>
              Show more of the {found.length}
            </button>
          )}
          <ListFoot pages={pages} what="of your own" />
        </section>
        <div ref={sheet} tabIndex={-1} className="min-w-0 outline-none">
          {material && (
            <MaterialSheet
              key={material.id}
              material={material}
              item={own}
              lots={items.filter(({ base, id }) => base === material.id && id !== material.id)}
              settings={settings}
              onAdd={add}
              onSelect={setSelected}
              onItem={(item) => setChanged((before) => laidOver(before, [item]))}
              onRemove={(item) =>
                void send(
                  'DELETE /api/shelf/{id}',
                  { seen: item.revision },
                  { params: { id: item.id } },
                ).then((reply) =>
                  reply.ok
                    ? goAndSay('/shelf', `${item.name} is removed from your shelf.`, reply.value.event)
                    : say(reply.refusal.message),
                )
              }
            />
          )}
        </div>
      </div>
      <Toasts />
    </>
  )
}

/** What was changed on this page in the place of what was read. */
const laidOver = (
  items: readonly Revised<ShelfItem>[],
  changed: readonly Revised<ShelfItem>[],
): readonly Revised<ShelfItem>[] => {
  const byId = new Map(changed.map((item) => [item.id, item]))
  return [...items.filter(({ id }) => !byId.has(id)), ...byId.values()]
}

const indexOf = (items: readonly ShelfItem[]): readonly Indexed[] =>
  items.map((item) => {
    const material = materialOf(item, findInLibrary)
    return indexed(material, familyNames[material.family])
  })

const newMaterial = (): ShelfItem =>
  blankLot({
    id: crypto.randomUUID(),
    name: 'New material',
    base: null,
    family: 'ready_medium',
    densityGPerMl: 1,
    stays: { other: 1 },
  })

function ShelfRow({
  one: { material, deeds },
  policies,
  selected,
  own,
  onSelect,
}: {
  readonly one: Indexed
  readonly policies: readonly PolicyId[]
  readonly selected: boolean
  readonly own: ShelfItem | undefined
  readonly onSelect: () => void
}) {
  const room = worstAnswer([material], policies)
  return (
    <li className="border-t border-rule">
      <button
        type="button"
        aria-pressed={selected}
        onClick={onSelect}
        className={`flex min-h-11 w-full items-baseline gap-3 px-1 py-1.5 text-left hover:bg-wash ${selected ? 'bg-wash' : ''}`}
      >
        <span className="min-w-0 grow">
          <span className="block leading-tight">
            {material.name}
            {material.pigmentCode && <span className="text-soft"> {material.pigmentCode}</span>}
            {own && (
              <span className="text-soft">
                {' '}
                · yours{own.stockG !== null && `, ${gramsText(own.stockG)} left`}
              </span>
            )}
          </span>
          <span className="block text-[0.85rem] text-soft">
            {[familyNames[material.family].toLowerCase(), ...deeds].join(' · ')}
          </span>
        </span>
        {room && (
          <span className="shrink-0 text-[0.85rem]">
            <RoomMark answer={room} />
          </span>
        )}
      </button>
    </li>
  )
}
