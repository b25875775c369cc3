import { Plus } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { hazardsOf } from '../../core/materials/material.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { dayAt, shareBy, simulateReaching } from '../../core/plan/simulate.ts'
import { assess } from '../../document/assess.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { Assessment, Picture, SolvedArea } from '../../document/assess.ts'
import type { LayerMend } from '../../document/mend.ts'
import type { LayerDocument } from '../../document/studio.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { requestTo, send } from '../../ui/client.ts'
import { chanceText, datesText, dayText } from '../../ui/format.ts'
import { goAndSay } from '../../ui/done.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { say } from '../../ui/messages.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { TouchButtons } from '../../ui/TouchButtons.tsx'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { Drawing } from './Drawing.tsx'
import { Findings, FindingWhy, mendText } from './Findings.tsx'
import { LayerEditor } from './LayerEditor.tsx'
import { PaintingHead } from './PaintingHead.tsx'
import { usePicture } from './usePicture.ts'
import type { EditedPicture } from './usePicture.ts'
import { useSolve } from './useSolve.ts'

interface StackProps {
  readonly initial: LoadedPicture
  readonly initialSolved: readonly SolvedArea[]
  /** Events that can be taken back, oldest first. */
  readonly events: readonly number[]
}

/** One painting: its section, its fat stair and its drying, what is found in it, and the layer being described. */
export function StackView({ initial, initialSolved, events }: StackProps) {
  const edited = usePicture(initial, events)
  const { picture, desk } = edited
  const { solved, isRefining, mends, problem } = useSolve(picture, initialSolved)
  const findMaterial = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const assessment = useMemo(() => assess(picture, findMaterial, solved), [picture, findMaterial, solved])
  const [chosen, setChosen] = useState<string | null>(null)
  const firstUnpainted = picture.layers.find(({ paintedAt }) => !paintedAt) ?? picture.layers.at(-1)
  const selected = picture.layers.some(({ id }) => id === chosen) ? chosen : (firstUnpainted?.id ?? null)
  const index = picture.layers.findIndex(({ id }) => id === selected)
  const layer = picture.layers[index]

  const add = (): void => {
    const top = picture.layers.at(-1)
    const next = newLayer(picture.painting.id, (top?.position ?? -1) + 1, picture.layers.length)
    void edited
      .act(requestTo('PUT /api/layers', { layer: next, seen: null }))
      .then(({ is }) => is === 'done' && setChosen(next.id))
  }
  const order = (ids: readonly string[]): void =>
    void edited.act(
      requestTo(
        'PUT /api/paintings/{id}/order',
        { layerIds: [...ids], was: picture.layers.map(({ id }) => id) },
        { params: { id: picture.painting.id } },
      ),
    )
  const move = (by: 1 | -1): void => {
    const ids = picture.layers.map(({ id }) => id)
    const [id] = ids.splice(index, 1)
    ids.splice(index + by, 0, id!)
    order(ids)
  }
  const mend = ({ layerId, change }: LayerMend): void => {
    edited.editLayer(layerId, change)
    setChosen(layerId)
  }
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing =
        event.target instanceof HTMLElement && /^(INPUT|SELECT|TEXTAREA)$/.test(event.target.tagName)
      if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !typing) void desk.undo()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [desk])

  return (
    <>
      <header className="grid gap-x-10 gap-y-4 border-b border-rule pb-4 lg:grid-cols-[1fr_minmax(24rem,34rem)]">
        <PaintingHead
          painting={picture.painting}
          onChange={edited.editPainting}
          onRemove={() =>
            void send(
              'DELETE /api/paintings/{id}',
              { seen: picture.painting.revision },
              { params: { id: picture.painting.id } },
            ).then((reply) => {
              if (reply.ok) goAndSay('/paintings', `${picture.painting.title} is removed.`, reply.value.event)
              else say(reply.refusal.message)
            })
          }
        />
        <TopLine picture={picture} assessment={assessment} mends={mends} onMend={mend} />
      </header>
      <Status edited={edited} refining={problem ?? (isRefining ? 'refining the dates' : null)} onAdd={add} />
      <div className="overflow-x-auto">
        <Drawing
          picture={picture}
          assessment={assessment}
          selected={selected}
          onSelect={setChosen}
          onOrder={order}
        />
      </div>
      {layer && <Legend />}
      <div className="mt-6 grid gap-x-12 gap-y-8 border-t border-ink pt-5 lg:grid-cols-[minmax(20rem,5fr)_7fr]">
        <section aria-label="Findings">
          {layer && (
            <>
              <h2 className="mb-3 text-xl">What is found</h2>
              <Findings
                findings={assessment.findings}
                mends={mends}
                picture={picture}
                selected={selected}
                onSelect={setChosen}
                onMend={mend}
              />
            </>
          )}
          <Finish picture={picture} assessment={assessment} />
          <Caution picture={picture} />
        </section>
        {layer ? (
          <LayerEditor
            key={layer.id}
            layer={layer}
            assessed={assessment.layers[index]!}
            mediums={picture.mediums}
            bring={edited.bring}
            settings={picture.settings}
            canRise={index < picture.layers.length - 1}
            canSink={index > 0}
            onChange={(change) => edited.editLayer(layer.id, change)}
            onMove={move}
            onRemove={() =>
              void edited.act(
                requestTo('DELETE /api/layers/{id}', { seen: layer.revision }, { params: { id: layer.id } }),
              )
            }
            actions={<LayerActions key={layer.id} layer={layer} edited={edited} />}
          />
        ) : (
          <section aria-label="First layer">
            <p className="font-read text-xl">Nothing is painted or planned yet.</p>
            <p className="mt-1 text-soft">
              Describe the first layer: what paint, how much medium, how thick. The rest follows from it.
            </p>
            <button type="button" className="button button-ink mt-4 min-h-11" onClick={add}>
              Add the first layer
            </button>
          </section>
        )}
      </div>
      <WhatWasDone of={{ painting: picture.painting.id }} desk={desk} after={edited.state} />
      <Toasts />
    </>
  )
}

const newLayer = (paintingId: string, position: number, count: number): LayerDocument => ({
  id: crypto.randomUUID(),
  paintingId,
  position,
  name: count === 0 ? 'First layer' : `Layer ${count + 1}`,
  areas: [],
  paints: [
    {
      pigments: [{ pigment: count === 0 ? 'pbr7_burnt_umber' : 'pw6_rutile', share: 1 }],
      oil: 'linseed_alkali_refined',
      grind: 1.25,
      parts: 1,
    },
  ],
  medium: null,
  thinner: null,
  wetThicknessUm: count === 0 ? 15 : 70,
  ridgeWetUm: null,
  wetInWet: false,
  plannedOn: null,
  paintedAt: null,
  usedMedium: null,
  note: '',
})

interface TopLineProps {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly mends: readonly (LayerMend | null)[] | null
  readonly onMend: (mend: LayerMend) => void
}

/** The answer a painter came for: is it sound, and if not what is the smallest change that makes it so. */
function TopLine({ picture, assessment, mends, onMend }: TopLineProps) {
  const { verdict, findings } = assessment
  if (picture.layers.length === 0) return <div />
  const worst = findings.find(({ severity }) => severity === verdict)
  const at = worst ? findings.indexOf(worst) : -1
  const mend = at >= 0 ? (mends?.[at] ?? null) : null
  const next = picture.layers.findIndex(({ paintedAt }) => !paintedAt)
  const date = assessment.layers[next]?.date
  return (
    <div
      className={`border-l-[3px] pl-4 ${{ sound: 'border-sound', watch: 'border-watch', unsound: 'border-unsound' }[verdict]}`}
      aria-live="polite"
    >
      <p className="font-read text-[1.2rem] leading-snug">
        <span className={`mr-1.5 whitespace-nowrap ${verdictColour(verdict)}`}>
          <VerdictMark verdict={verdict} size={17} /> {verdictWords[verdict]}.
        </span>
        {worst ? worst.message : 'Every layer is sound over what lies under it.'}
      </p>
      <p className="mt-1 flex flex-wrap content-start gap-x-4 gap-y-1 text-soft lg:min-h-13">
        {mend && (
          <span>
            {mendText(mend, picture)}.{' '}
            <button type="button" className="min-h-6 font-medium text-ink link" onClick={() => onMend(mend)}>
              Do that
            </button>
          </span>
        )}
        {worst && <FindingWhy finding={worst} />}
        {date && (
          <span>
            Next: {picture.layers[next]!.name},{' '}
            {date.source === 'unknown'
              ? 'no date, as what lies under it may never be ready'
              : date.source === 'planned'
                ? `planned for ${dayText(date.day)}`
                : Math.floor(date.day) <= Math.floor(picture.today)
                  ? 'from today'
                  : `from ${dayText(date.day)}`}
          </span>
        )}
      </p>
    </div>
  )
}

function Status({
  edited: { desk, state },
  refining,
  onAdd,
}: {
  readonly edited: EditedPicture
  readonly refining: string | null
  readonly onAdd: () => void
}) {
  return (
    <SaveLine desk={desk} state={state} {...(refining && { aside: refining })}>
      <button type="button" className="button" onClick={onAdd}>
        <Plus size={16} aria-hidden="true" /> Layer on top
      </button>
      <a className="link" href="/api/calendar.ics">
        Calendar file
      </a>
    </SaveLine>
  )
}

function LayerActions({ layer, edited }: { readonly layer: LayerDocument; readonly edited: EditedPicture }) {
  const [touching, setTouching] = useState(false)
  const params = { id: layer.id }
  if (!layer.paintedAt)
    return (
      <button
        type="button"
        className="button button-ink min-h-11"
        onClick={() => void edited.act(requestTo('POST /api/layers/{id}/painted', {}, { params }))}
      >
        Painted just now
      </button>
    )
  return touching ? (
    <TouchButtons
      onFeel={(feel) => {
        setTouching(false)
        void edited.act(requestTo('POST /api/layers/{id}/touch', { feel, note: '' }, { params }))
      }}
    />
  ) : (
    <button type="button" className="button min-h-11" onClick={() => setTouching(true)}>
      Touch test
    </button>
  )
}

function Finish({ picture, assessment }: { readonly picture: Picture; readonly assessment: Assessment }) {
  const days = useMemo(
    () =>
      picture.layers.length > 0
        ? simulateReaching(
            assessment.layers.map(({ step }) => step),
            'firm',
            assessment.workingTime,
            1000,
          )
        : null,
    [picture, assessment],
  )
  if (!days || days.length === 0) return null
  const { deadline } = picture.painting
  return (
    <p className="mt-5 border-t border-rule pt-3">
      Firm throughout, if all is painted as soon as it may be: {datesText(dayAt(days, 0.1), dayAt(days, 0.9))}
      , 8 times in 10.
      {deadline && (
        <>
          {' '}
          Firm by {dayText(dayOf(deadline)!)}: a chance of {chanceText(shareBy(days, dayOf(deadline)! + 1))}.
        </>
      )}{' '}
      <span className="text-soft">Estimate.</span>
    </p>
  )
}

/** The cautions that belong to what is in the layers, and no others. */
function Caution({ picture }: { readonly picture: Picture }) {
  const ids = picture.layers.flatMap(({ paints, thinner }) => [
    ...paints.flatMap(({ pigments }) => pigments.map(({ pigment }) => pigment)),
    ...(thinner ? [thinner.material] : []),
  ])
  const hazards = hazardsOf(ids.flatMap((id) => findInLibrary(id) ?? [])).filter((hazard) =>
    /lead|cadmium|mercury|cobalt|chromium|solvent|nickel|antimony/.test(hazard),
  )
  return (
    <p className="mt-3 text-[0.85rem] leading-snug text-soft">
      {hazards.length > 0 && (
        <>
          In these layers: {hazards.join(', ')}. Keep it off the skin and out of the air, and never sand it
          dry.{' '}
        </>
      )}
      Oily rags heat themselves: spread them flat outdoors or keep them under water in a lidded metal can. The
      safety data sheet and local rules come first.
    </p>
  )
}

function Legend() {
  return (
    <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-1 text-[0.82rem] text-soft" aria-label="Legend">
      <Key label="painted">
        <circle cx="8" cy="7" r="5" fill="var(--ink)" />
      </Key>
      <Key label="planned">
        <circle cx="8" cy="7" r="5" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      </Key>
      <Key label="touch dry, 8 times in 10" wide>
        <rect y="2" width="26" height="10" fill="var(--soft)" opacity="0.75" />
      </Key>
      <Key label="firm, 8 times in 10" wide>
        <rect y="0" width="26" height="14" fill="var(--stone)" opacity="0.5" />
      </Key>
      <Key label="touch test: passed, not yet" wide>
        <circle cx="6" cy="7" r="4" fill="var(--ink)" />
        <circle cx="19" cy="7" r="3.4" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      </Key>
      <li>
        Light strokes in the section: still soft. Thickness on a square-root scale. Days and fatness are
        estimates.
      </li>
    </ul>
  )
}

const Key = ({
  label,
  children,
  wide = false,
}: {
  readonly label: string
  readonly children: React.ReactNode
  readonly wide?: boolean
}) => (
  <li className="flex items-center gap-1.5">
    <svg width={wide ? 26 : 16} height="14" aria-hidden="true">
      {children}
    </svg>
    {label}
  </li>
)
