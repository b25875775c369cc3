import { Plus } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { hazardsOf, neverSanded } from '../../core/materials/hazards.ts'
import { practiceOf } from '../../core/practice/practice.ts'
import { inTheArea } from '../../core/words.ts'
import { verdicts } from '../../core/severity.ts'
import { covers, restId } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import { groundOf } from '../../core/stack/support.ts'
import { assess } from '../../document/assess.ts'
import type { Assessment } from '../../document/assess.ts'
import { brushOf } from '../../document/brush.ts'
import type { LayerDocument, PlannedLayer } from '../../document/layer.ts'
import type { LayerMend } from '../../document/mend.ts'
import { materialsUsed } from '../../document/picture.ts'
import type { Picture } from '../../document/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { SolvedPicture } from '../../document/solved.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { requestTo, send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { say } from '../../ui/messages.ts'
import { moved } from '../../ui/sorting.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { tried } from './correcting.ts'
import type { Correcting } from './correcting.ts'
import { Drawing } from './Drawing.tsx'
import { Findings } from './Findings.tsx'
import { LayerEditor } from './LayerEditor.tsx'
import type { NeedsProps } from './TubeNeeds.tsx'
import { LayerRecord } from './LayerRecord.tsx'
import { Legend } from './Legend.tsx'
import { TopLine } from './TopLine.tsx'
import { PaintingHead } from './PaintingHead.tsx'
import { usePicture } from './usePicture.ts'
import type { EditedPicture } from './usePicture.ts'
import { useSolve } from './useSolve.ts'

interface StackProps {
  readonly initial: LoadedPicture
  readonly initialSolved: SolvedPicture
  /** Events that can be taken back, oldest first. */
  readonly events: readonly number[]
}

/** One painting: its sections, its fat stair and its drying, what is found in it, and the layer being described. */
export function StackView({ initial, initialSolved, events }: StackProps) {
  const edited = usePicture(initial, events)
  const { desk } = edited
  const [correcting, setCorrecting] = useState<Correcting | null>(null)
  const picture = useMemo(() => tried(edited.picture, correcting), [edited.picture, correcting])
  const { solved, isRefining, mends, problem } = useSolve(picture, initialSolved)
  const findMaterial = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const assessment = useMemo(() => assess(picture, findMaterial, solved), [picture, findMaterial, solved])
  const [lookedAt, setArea] = useState(() => gravestArea(assessment))
  const { area } = assessment.areas.find((one) => one.area.id === lookedAt) ?? assessment.areas[0]!
  const inArea = picture.layers.filter((layer) => covers(brushOf(layer), area.id))
  const [chosen, setChosen] = useState<string | null>(null)
  const usual = inArea.find(({ painted }) => !painted) ?? inArea.at(-1)
  const selected = inArea.some(({ id }) => id === chosen) ? chosen : (usual?.id ?? null)
  const place = inArea.findIndex(({ id }) => id === selected)
  const layer = inArea[place]
  const assessed = layer && assessment.layers[picture.layers.indexOf(layer)]!

  const add = (): void => {
    const top = picture.layers.at(-1)
    const next = newLayer(picture.painting.id, (top?.position ?? -1) + 1, picture.layers.length)
    void edited
      .act(requestTo('PUT /api/layers', { layer: next, seen: null }))
      .then(({ is }) => is === 'done' && setChosen(next.id))
  }
  /** Puts the layers of this area in another order; those of other areas keep their places. */
  const order = (ids: readonly string[]): void => {
    const was = picture.layers.map(({ id }) => id)
    const here = new Set(ids)
    const next = [...ids]
    const layerIds = was.map((id) => (here.has(id) ? next.shift()! : id))
    const params = { id: picture.painting.id }
    void edited.act(requestTo('PUT /api/paintings/{id}/order', { layerIds, was }, { params }))
  }
  const move = (by: 1 | -1): void =>
    order(
      moved(
        inArea.map(({ id }) => id),
        place,
        place + by,
      ),
    )
  const show = (layerId: string, where?: string): void => {
    setChosen(layerId)
    const there = picture.layers.find(({ id }) => id === layerId)
    if (where !== undefined) setArea(where)
    else if (there && !covers(brushOf(there), area.id)) setArea(brushOf(there).areas[0]!)
  }
  /** A layer given to other parts of the picture is followed there. */
  const follow = (areas: readonly string[] | undefined): void => {
    if (areas && !covers({ areas }, area.id)) setArea(areas[0]!)
  }
  const mend = ({ layerId, change }: LayerMend): void => {
    edited.editLayer(layerId, change)
    show(layerId)
  }
  const saveCorrection = (): void => {
    if (!correcting) return
    if (Object.keys(correcting.change).length === 0) {
      setCorrecting(null)
      return
    }
    const params = { id: correcting.layerId }
    void edited
      .act(requestTo('POST /api/layers/{id}/corrected', correcting.change, { params }))
      .then(({ is }) => is === 'done' && setCorrecting(null))
  }
  useEffect(() => {
    document.title = `${picture.painting.title} · Grelta`
  }, [picture.painting.title])

  return (
    <>
      <header className="grid gap-x-10 gap-y-4 border-b border-rule pb-4 lg:grid-cols-[1fr_minmax(24rem,34rem)]">
        <PaintingHead
          picture={picture}
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
      <Status
        edited={edited}
        aside={
          correcting
            ? `a correction of ${picture.layers.find(({ id }) => id === correcting.layerId)?.name ?? 'a layer'} is tried, not saved`
            : (problem ?? (isRefining ? 'refining the dates' : null))
        }
        onAdd={add}
      />
      <div className="overflow-x-auto">
        <Drawing
          picture={picture}
          assessment={assessment}
          area={area.id}
          onArea={setArea}
          selected={selected}
          onSelect={setChosen}
          onOrder={order}
        />
      </div>
      {layer && <Legend />}
      {layer && <AsTable picture={picture} assessment={assessment} />}
      <div className="mt-6 grid gap-x-12 gap-y-8 border-t border-ink pt-5 lg:grid-cols-[minmax(20rem,5fr)_7fr]">
        <section aria-label="Findings">
          {picture.layers.length > 0 && (
            <>
              <h2 className="mb-3 text-xl">What is found</h2>
              <Findings
                findings={assessment.findings}
                mends={mends}
                picture={picture}
                areaName={(id) => nameOfArea(assessment, id)}
                selected={selected}
                onSelect={show}
                onMend={mend}
              />
            </>
          )}
          <Ready picture={picture} assessment={assessment} />
          <Caution picture={picture} />
        </section>
        {layer && assessed ? (
          <LayerEditor
            key={layer.id}
            layer={layer}
            assessed={assessed}
            spot={assessed.spots.find((spot) => spot.area === area.id) ?? null}
            areaName={nameOfArea(assessment, area.id)}
            alkydWeight={practiceOf(picture.painting.practice, picture.practices).alkydWeight}
            areas={namedAreas(assessment)}
            onNameArea={edited.nameArea}
            mediums={picture.mediums}
            findMaterial={findMaterial}
            stock={edited}
            needs={<Wanted layer={layer} mix={assessed.worst?.film.mix ?? null} picture={picture} />}
            canRise={maySwap(layer, inArea[place + 1])}
            canSink={maySwap(layer, inArea[place - 1])}
            onChange={(change) => {
              follow(change.areas)
              edited.editLayer(layer.id, change)
            }}
            onMove={move}
            onRemove={() =>
              void edited.act(
                requestTo('DELETE /api/layers/{id}', { seen: layer.revision }, { params: { id: layer.id } }),
              )
            }
            correction={correcting?.layerId === layer.id ? correcting.change : null}
            onCorrect={(change) => {
              follow((change ?? layer.painted ?? layer).areas)
              setCorrecting(change && { layerId: layer.id, change })
            }}
            onSaveCorrection={saveCorrection}
          >
            <LayerRecord
              key={layer.id}
              layer={layer}
              forecasts={assessed.spots.map(({ forecast }) => forecast)}
              areas={namedAreas(assessment)}
              edited={edited}
            />
          </LayerEditor>
        ) : (
          <section aria-label="First layer">
            <p className="font-read text-xl">
              {picture.layers.length === 0
                ? 'Nothing is painted or planned yet.'
                : `Nothing is painted or planned ${inTheArea(area.name)} yet.`}
            </p>
            <p className="mt-1 text-soft">
              Describe the first layer: what paint, how much medium, how thick. The rest follows from it.
            </p>
            <button type="button" className="button button-ink mt-4 min-h-11" onClick={add}>
              {picture.layers.length === 0 ? 'Add the first layer' : 'Add a layer'}
            </button>
          </section>
        )}
      </div>
      <WhatWasDone of={{ painting: picture.painting.id }} desk={desk} after={edited.state} />
      <Toasts />
    </>
  )
}

/** The area with the gravest verdict; of equals the one with the most layers. */
const gravestArea = ({ areas }: Assessment): string =>
  [...areas].sort(
    (a, b) => verdicts.indexOf(b.verdict) - verdicts.indexOf(a.verdict) || b.layers.length - a.layers.length,
  )[0]!.area.id

/** The name of an area, where there are several to tell apart. */
const nameOfArea = ({ areas }: Assessment, id: string): string | null =>
  areas.length > 1 ? (areas.find(({ area }) => area.id === id)?.area.name ?? null) : null

/** The parts that have a name of their own. */
const namedAreas = ({ areas }: Assessment): readonly Area[] =>
  areas.map(({ area }) => area).filter(({ id }) => id !== restId)

/** What is painted keeps its place; only two layers still planned change theirs. */
const maySwap = (layer: LayerDocument, neighbour: LayerDocument | undefined): boolean =>
  neighbour !== undefined && !layer.painted && !neighbour.painted

const newLayer = (paintingId: string, position: number, count: number): PlannedLayer => ({
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
  besides: [],
  wetThicknessUm: count === 0 ? 15 : 70,
  ridgeWetUm: null,
  wetInWet: false,
  plannedOn: null,
  palette: null,
  note: '',
})

function Status({
  edited: { desk, state },
  aside,
  onAdd,
}: {
  readonly edited: EditedPicture
  readonly aside: string | null
  readonly onAdd: () => void
}) {
  return (
    <SaveLine desk={desk} state={state} {...(aside && { aside })}>
      <button type="button" className="button" onClick={onAdd}>
        <Plus size={16} aria-hidden="true" /> Layer on top
      </button>
      <a className="link" href="/api/calendar.ics">
        Calendar file
      </a>
    </SaveLine>
  )
}

const table = later(() => import('./StackTable.tsx').then(({ StackTable }) => StackTable))

/** The drawing's table, for who would rather read it. */
function AsTable(props: { readonly picture: Picture; readonly assessment: Assessment }) {
  const [isOpen, setOpen] = useState(false)
  const Table = useLater(table)
  return (
    <details className="mt-1" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="inline-block min-h-6 text-[0.85rem] link">The same as a table</summary>
      {isOpen && Table && <Table {...props} />}
    </details>
  )
}

const needs = later(() => import('./TubeNeeds.tsx').then(({ TubeNeeds }) => TubeNeeds))

/** What a layer wants of the painter's tubes; told once the page answers. */
function Wanted(props: NeedsProps) {
  const TubeNeeds = useLater(needs)
  return TubeNeeds && <TubeNeeds {...props} />
}

const finish = later(() => import('./Finish.tsx').then(({ Finish }) => Finish))

/** When the picture is ready: played through many times, so only once the page answers. */
function Ready(props: { readonly picture: Picture; readonly assessment: Assessment }) {
  const Finish = useLater(finish)
  if (props.picture.layers.length === 0) return null
  return (
    <div className="mt-5 min-h-[4.4rem] border-t border-rule pt-3">{Finish && <Finish {...props} />}</div>
  )
}

/** The cautions that belong to all that is in the layers, their mediums and their ground. */
function Caution({ picture }: { readonly picture: Picture }) {
  const ground = picture.painting.ground ? groundOf(picture.painting.ground) : undefined
  const used = [...materialsUsed(picture), ...(ground ? [ground] : [])]
  const mayNotBeSanded = hazardsOf(used).some((hazard) => neverSanded.includes(hazard))
  return (
    <div className="mt-3">
      <Cautions materials={used} wet />
      {mayNotBeSanded && (
        <p className="text-[0.85rem] text-soft">
          Some of it may never be sanded dry: wet and gloved, or not at all.
        </p>
      )}
    </div>
  )
}
