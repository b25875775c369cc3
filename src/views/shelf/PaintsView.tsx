import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { worstAnswer } from '../../core/materials/policy.ts'
import { tubeDeeds, tubeFacts } from '../../core/palette/tubeFacts.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { blankTube } from '../../document/blank/blankTube.ts'
import { compositionOf } from '../../document/ownTube.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { tubeIsLow } from '../../document/nearlyOut.ts'
import type { OwnTube } from '../../document/tube.ts'
import type { PracticeDocument } from '../../document/practice.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import type { Named, TubePage } from '../../studio/tubeList.ts'
import { read, send } from '../../ui/client.ts'
import { goAndSay, useDone } from '../../ui/done.ts'
import { ListFoot } from '../../ui/lists/ListFoot.tsx'
import { say } from '../../ui/messages.ts'
import { RoomMark } from '../../ui/room/RoomMark.tsx'
import { Streak } from '../../ui/paint/Streak.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { tubeColour } from '../../ui/paint/tubeColour.ts'
import { useBench } from '../../ui/bench/useBench.ts'
import { usePages } from '../../ui/lists/usePages.ts'
import { Grinding } from './Grinding.tsx'
import { answerOf, lowNow } from './answer.ts'
import { CsvInAndOut } from '../../ui/lists/CsvInAndOut.tsx'
import { ShelfHead } from './ShelfHead.tsx'
import { TubeSheet } from './TubeSheet.tsx'
import { leftText } from './tubeWords.ts'
import { Whites } from './Whites.tsx'

interface PaintsProps {
  readonly initial: TubePage
  /** The tube opened from the address. */
  readonly opened: Revised<OwnTube> | null
  /** Every white there is, to choose among. */
  readonly whites: readonly OwnTube[]
  readonly shelf: readonly ShelfItem[]
  readonly practices: readonly PracticeDocument[]
  readonly settings: Settings
  readonly at: string | null
}

/** What stands beside the list: a tube by its id, or one of these. */
type ToolId = 'whites' | 'grinding'

/** The painter's tubes, found by what they are and do; beside them one tube, the choice of a white, or the grinding slab. */
export function PaintsView(props: PaintsProps) {
  const { initial, opened, settings, at } = props
  useDone()
  const [asked, setAsked] = useState('')
  const [selected, setSelected] = useState<string>(at ?? initial.entries[0]?.id ?? 'grinding')
  const [changed, setChanged] = useState<readonly Revised<OwnTube>[]>(opened ? [opened] : [])
  const sheet = useRef<HTMLDivElement>(null)
  const wanted = useDeferredValue(asked)
  const bench = useBench({ mediums: [], shelf: props.shelf, tubes: [] })
  const pages = usePages(initial, wanted, (from) => read('GET /api/tubes', { query: { find: wanted, from } }))
  const findMaterial = useMemo(() => findInStudio(bench.shelf), [bench.shelf])
  const tubes = useMemo(() => laidOver(pages.entries, changed), [pages.entries, changed])
  const tube = changed.find(({ id }) => id === selected) ?? tubes.find(({ id }) => id === selected)
  const bringLots = useRef(bench.bring)
  useEffect(() => {
    bringLots.current = bench.bring
  })
  useEffect(() => {
    for (const { pigments, oil } of pages.entries)
      for (const id of [...pigments.map(({ pigment }) => pigment), oil])
        if (!findMaterial(id)) void bringLots.current({ id, name: id, kind: 'shelf_item' })
  }, [pages.entries, findMaterial])
  const low = lowNow(initial.nearlyOut, changed, tubeIsLow)
  const add = (): void => {
    const fresh = newTube()
    void send('PUT /api/tubes', { tube: fresh, seen: null }).then((reply) => {
      if (!reply.ok) return say(reply.refusal.message)
      setChanged((before) => [...before, { ...fresh, revision: reply.value.revisions[fresh.id]! }])
      setAsked('')
      setSelected(fresh.id)
      sheet.current?.focus()
    })
  }
  const remove = ({ id, name, revision }: Revised<OwnTube>): void =>
    void send('DELETE /api/tubes/{id}', { seen: revision }, { params: { id } }).then((reply) =>
      reply.ok
        ? goAndSay('/shelf/paints', `${name} is removed from your shelf.`, reply.value.event)
        : say(reply.refusal.message),
    )
  const choose = (id: string): void => {
    setSelected(id)
    if (matchMedia('(max-width: 47.99rem)').matches) sheet.current?.scrollIntoView()
  }
  return (
    <>
      <ShelfHead here="paints" answer={answerOf(Math.max(initial.count, tubes.length), 'tube', low)}>
        <CsvInAndOut
          list="tubes"
          name="Your paints as CSV"
          page="/shelf/paints"
          what="tube"
          where="onto your shelf"
        />
        <button type="button" className="button min-h-11" onClick={add}>
          <Plus size={16} aria-hidden="true" /> A tube of your own
        </button>
      </ShelfHead>
      <div className="grid gap-x-8 gap-y-8 md:grid-cols-[minmax(17rem,5fr)_6fr] lg:gap-x-12">
        <section aria-label="Paints" className="min-w-0">
          <input
            type="search"
            aria-label="Find by name, pigment, or by what it does"
            placeholder="transparent, fast, no cadmium"
            className="field w-full placeholder:text-soft"
            value={asked}
            onChange={({ target }) => setAsked(target.value)}
          />
          <p role="status" className="mt-1 text-[0.85rem] text-soft">
            {pages.count === 0
              ? asked
                ? 'None of your tubes does all of that. Take a word away.'
                : 'No tubes yet. Put in the first: its name and its pigment are enough.'
              : `${pages.count} ${pages.count === 1 ? 'tube' : 'tubes'}${asked ? ' do that' : ', colours about right only'}`}
          </p>
          {!asked && <Pointed page={initial} onChoose={choose} />}
          <div className="flex flex-wrap gap-x-5 border-b border-rule pb-1">
            <Tool is="whites" here={selected} onChoose={choose}>
              Which white?
            </Tool>
            <Tool is="grinding" here={selected} onChoose={choose}>
              Paint from dry pigment
            </Tool>
          </div>
          <ul>
            {tubes.map((one) => (
              <TubeRow
                key={one.id}
                tube={one}
                findMaterial={findMaterial}
                settings={settings}
                selected={one.id === selected}
                onSelect={() => choose(one.id)}
              />
            ))}
          </ul>
          <ListFoot pages={pages} what="tubes" />
        </section>
        <div ref={sheet} tabIndex={-1} className="min-w-0 outline-none">
          {selected === 'whites' && <Whites {...props} findMaterial={findMaterial} onChoose={choose} />}
          {selected === 'grinding' && <Grinding findMaterial={findMaterial} bring={bench.bring} />}
          {tube && (
            <TubeSheet
              key={tube.id}
              tube={tube}
              findMaterial={findMaterial}
              bring={bench.bring}
              settings={settings}
              onTube={(next) => setChanged((before) => laidOver(before, [next]))}
              onRemove={remove}
            />
          )}
        </div>
      </div>
      <Toasts />
    </>
  )
}

function Tool({
  is,
  here,
  onChoose,
  children,
}: {
  readonly is: ToolId
  readonly here: string
  readonly onChoose: (id: string) => void
  readonly children: string
}) {
  return (
    <button type="button" aria-pressed={here === is} className="min-h-11 link" onClick={() => onChoose(is)}>
      {children}
    </button>
  )
}

/** One pigment under several names, and one name over several pigments. */
function Pointed({
  page: { samePigment, sameName },
  onChoose,
}: {
  readonly page: TubePage
  readonly onChoose: (id: string) => void
}) {
  const names = (group: readonly Named[], coded: boolean) =>
    group.map(({ id, name, code }, at) => (
      <span key={id}>
        {at > 0 && (at === group.length - 1 ? ' and ' : ', ')}
        <button type="button" className="min-h-6 link" onClick={() => onChoose(id)}>
          {coded ? `${name} ${code}` : name}
        </button>
      </span>
    ))
  return (
    <>
      {samePigment.map((group) => (
        <p key={group[0]!.id} className="mt-1 text-[0.9rem]">
          {names(group, false)} are the same pigment, {group[0]!.code}.
        </p>
      ))}
      {sameName.map((group) => (
        <p key={group[0]!.id} className="mt-1 text-[0.9rem]">
          {names(group, true)} are called the same and are not.
        </p>
      ))}
    </>
  )
}

function TubeRow({
  tube,
  findMaterial,
  settings,
  selected,
  onSelect,
}: {
  readonly tube: OwnTube
  readonly findMaterial: FindMaterial
  readonly settings: Settings
  readonly selected: boolean
  readonly onSelect: () => void
}) {
  const facts = useMemo(
    () => tubeFacts(compositionOf(tube, findMaterial), findMaterial),
    [tube, findMaterial],
  )
  const room = facts && worstAnswer(facts.materials, settings.policies)
  const codes = tube.pigments.map(({ pigment }) => findMaterial(pigment)?.pigmentCode).filter(Boolean)
  return (
    <li className="border-t border-rule">
      <button
        type="button"
        aria-pressed={selected}
        onClick={onSelect}
        className={`flex min-h-14 w-full items-center gap-3 px-1 py-1.5 text-left hover:bg-wash ${selected ? 'bg-wash' : ''}`}
      >
        <Streak colour={tubeColour(tube, findMaterial)} transparency={facts?.transparency ?? 'opaque'} />
        <span className="min-w-0 grow">
          <span className="block leading-tight">
            {tube.name} <span className="text-soft">{codes.join(' + ')}</span>
          </span>
          <span className="block text-[0.85rem] text-soft">
            {facts
              ? [
                  ...tubeDeeds(facts),
                  ...(tube.dryingTests.length + tube.streaks.length > 0 ? ['calibrated'] : []),
                ].join(' · ')
              : 'something it is made of is gone'}
          </span>
        </span>
        <span className="shrink-0 text-right text-[0.85rem]">
          {tube.leftMl !== null && (
            <span className={`block ${tubeIsLow(tube) ? 'text-watch' : 'text-soft'}`}>
              {leftText(tube.leftMl)}
            </span>
          )}
          {room && <RoomMark answer={room} />}
        </span>
      </button>
    </li>
  )
}

/** What was changed on this page in the place of what was read; what is new comes first. */
const laidOver = (
  tubes: readonly Revised<OwnTube>[],
  changed: readonly Revised<OwnTube>[],
): readonly Revised<OwnTube>[] => {
  const byId = new Map(changed.map((tube) => [tube.id, tube]))
  const fresh = changed.filter(({ id }) => !tubes.some((tube) => tube.id === id))
  return [...fresh, ...tubes.map((tube) => byId.get(tube.id) ?? tube)]
}

const newTube = (): OwnTube =>
  blankTube({ id: crypto.randomUUID(), name: 'New tube', pigments: [{ pigment: 'py43', share: 1 }] })
