import { Plus } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import type { ComponentType } from 'react'
import { dayOf } from '../../core/plan/calendar.ts'
import { inTheArea } from '../../core/words.ts'
import { verdicts } from '../../core/severity.ts'
import { covers, restId } from '../../core/stack/area.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import type { Area } from '../../core/stack/area.ts'
import { assess } from '../../document/assess.ts'
import type { Assessment } from '../../document/assess.ts'
import { areaCm2Of } from '../../document/area.ts'
import { brushOf, paintedAtOf } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { AssessedFinding, AssessedSpot } from '../../document/assess.ts'
import type { LayerMend } from '../../document/mend/mend.ts'
import type { Raise } from '../../document/plannedActual.ts'
import { practiceOfPainting } from '../../document/picture.ts'
import type { Picture } from '../../document/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { SolvedPicture } from '../../document/solved.ts'
import { departuresWith } from '../../document/takenOn.ts'
import type { LayerWrite } from '../../studio/layers.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { requestTo, send } from '../../ui/client.ts'
import { goAndSay } from '../../ui/done.ts'
import { Popup } from '../../ui/Popup.tsx'
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
import type { FindingDeeds } from './Findings.tsx'
import { LayerEditor } from './LayerEditor.tsx'
import { LayerRecord } from './LayerRecord.tsx'
import type { OnDayProps } from './OnDay.tsx'
import type { SchoolsProps } from './schools/Schools.tsx'
import { TopLine } from './TopLine.tsx'
import { PaintingHead } from './PaintingHead.tsx'
import { usePicture } from './usePicture.ts'
import type { EditedPicture } from './usePicture.ts'
import { useLiving } from './useLiving.ts'
import { useSolve } from './useSolve.ts'
import type { Ending } from './useSolve.ts'

interface StackProps {
  readonly initial: LoadedPicture
  readonly initialSolved: SolvedPicture
  /** Events that can be taken back, oldest first. */
  readonly events: readonly number[]
  /** The layer to begin with; null: as usual. */
  readonly at: string | null
}

/** One painting: its sections, its fat stair and its drying, what is found in it, and the layer being described. */
export function StackView({ initial, initialSolved, events, at }: StackProps) {
  const edited = usePicture(initial, events)
  const { desk } = edited
  const [correcting, setCorrecting] = useState<Correcting | null>(null)
  const picture = useMemo(() => tried(edited.picture, correcting), [edited.picture, correcting])
  const { solved, isRefining, mends, ending, problem } = useSolve(picture, initialSolved)
  const findMaterial = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const assessment = useMemo(() => assess(picture, findMaterial, solved), [picture, findMaterial, solved])
  const [onDay, setOnDay] = useState<number | null>(null)
  const living = useLiving(picture, solved, livingSpan(picture), onDay !== null)
  const [lookedAt, setArea] = useState(
    () => slowestAreaOf(at, picture, assessment) ?? gravestArea(assessment),
  )
  const { area } = assessment.areas.find((one) => one.area.id === lookedAt) ?? assessment.areas[0]!
  const inArea = picture.layers.filter((one) => covers(brushOf(one), area.id))
  const [chosen, setChosen] = useState(at)
  const usual = inArea.find(({ painted }) => !painted) ?? inArea.at(-1)
  const selected = inArea.some(({ id }) => id === chosen) ? chosen : (usual?.id ?? null)
  const place = inArea.findIndex(({ id }) => id === selected)
  const layer = inArea[place]
  const assessed = layer && assessment.layers[picture.layers.indexOf(layer)]!
  const spot = assessed?.spots.find((one) => one.area === area.id) ?? null
  const film = spot ? picture.layers[spot.layer]! : layer
  const passes = inArea.filter((one) => {
    const spots = assessment.layers[picture.layers.indexOf(one)]!.spots
    return spots.some((other) => other.area === area.id && other.layer === spot?.layer)
  })

  const put = (layers: readonly LayerWrite[]): void => {
    const params = { id: picture.painting.id }
    void edited
      .act(requestTo('PUT /api/paintings/{id}/layers', { layers: [...layers] }, { params }))
      .then(({ is }) => is === 'done' && setChosen(layers[0]!.layer.id))
  }
  useLater(adding)
  /** Puts what a new event makes of the picture; it is asked for once the page answers, and there at the first tap. */
  const putNew = (made: (events: Adding) => readonly LayerWrite[]): void =>
    void bringAdding().then(
      (events) => put(made(events)),
      () => say('Not added: the studio’s server does not answer. Tap again.'),
    )
  const add = (kind: EventKind = 'paint'): void => putNew(({ newEvent }) => newEvent(picture, kind, area.id))
  const top = inArea.findLast(({ event, painted }) => painted && !isRemoval(event.kind)) ?? inArea.at(-1)
  const remove = (layerId: string): void => {
    const found = picture.layers.find(({ id }) => id === layerId)!
    void edited.act(
      requestTo('DELETE /api/layers/{id}', { seen: found.revision }, { params: { id: layerId } }),
    )
  }
  const reorder = (layerIds: readonly string[]): void => {
    const was = picture.layers.map(({ id }) => id)
    const params = { id: picture.painting.id }
    void edited.act(requestTo('PUT /api/paintings/{id}/order', { layerIds: [...layerIds], was }, { params }))
  }
  /** Puts the layers of this area in another order; those of other areas keep their places. */
  const order = (ids: readonly string[]): void => {
    const here = new Set(ids)
    const next = [...ids]
    reorder(picture.layers.map(({ id }) => (here.has(id) ? next.shift()! : id)))
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
  const mend = ({ layerId, does }: LayerMend): void => {
    switch (does.is) {
      case 'edit':
        edited.editLayer(layerId, does.change)
        return show(layerId)
      case 'remove':
        return remove(layerId)
      case 'order':
        return reorder(does.layerIds)
      case 'split':
        return putNew(({ splitCoats }) => splitCoats(picture, does))
    }
  }
  /** Takes a finding on, or, without a reason, lets it speak again. */
  const depart = (finding: AssessedFinding, reason: string | null): void =>
    edited.editPainting({ departures: departuresWith(finding, reason, picture) })
  const still = useLater(deedsLeft)
  const deeds: FindingDeeds = {
    onMend: mend,
    onTakeOn: depart,
    onTakeBack: (finding) => depart(finding, null),
    onEvent: (kind, finding) => {
      setArea(finding.area)
      putNew(({ newEvent }) => newEvent(picture, kind, finding.area))
    },
    stillPossible: (finding) => still?.stillPossible(finding, picture, assessment) ?? [],
  }
  /** Raises every layer that lies over one that came out fatter, in one step. */
  const raise = (raises: readonly Raise[]): void => {
    const layers = raises.flatMap(({ layerId, change }) => {
      const found = picture.layers.find(({ id }) => id === layerId)
      return found ? [{ layer: { ...found, ...change }, seen: found.revision }] : []
    })
    const params = { id: picture.painting.id }
    void edited.act(requestTo('PUT /api/paintings/{id}/layers', { layers }, { params }))
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
        <TopLine picture={picture} assessment={assessment} mends={mends} deeds={deeds} />
      </header>
      <Status
        edited={edited}
        aside={
          correcting
            ? `a correction of ${picture.layers.find(({ id }) => id === correcting.layerId)?.name ?? 'a layer'} is tried, not saved`
            : (problem ?? (isRefining ? 'refining the dates' : null))
        }
        onAdd={add}
        top={top?.name ?? null}
        onPass={() => top && putNew(({ newPasses }) => newPasses(picture, top))}
      />
      <div className="wide-sheet overflow-x-auto">
        <Drawing
          picture={picture}
          assessment={assessment}
          area={area.id}
          onArea={setArea}
          selected={film?.id ?? null}
          onSelect={setChosen}
          onOrder={order}
          day={onDay ?? picture.today}
          living={living}
          handle={(span) => (
            <Handle
              picture={picture}
              assessment={assessment}
              span={span}
              day={onDay ?? picture.today}
              isComing={living === null}
              onDay={setOnDay}
            />
          )}
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
                deeds={deeds}
              />
            </>
          )}
          {picture.layers.length > 0 && (
            <Schools picture={picture} assessment={assessment} solved={solved} findMaterial={findMaterial} />
          )}
          <Hints
            hints={assessment.hints}
            picture={picture}
            onBack={() => edited.editPainting({ habitsOff: [] })}
            onOff={(habit) => edited.editPainting({ habitsOff: [...picture.painting.habitsOff, habit] })}
          />
          <Ready picture={picture} ending={ending} />
          <Caution picture={picture} />
        </section>
        {layer && assessed ? (
          <LayerEditor
            key={layer.id}
            layer={layer}
            assessed={assessed}
            spot={spot}
            passes={passes}
            onPass={setChosen}
            areaName={nameOfArea(assessment, area.id)}
            practice={practiceOfPainting(picture.painting, picture.practices)}
            picture={picture}
            under={liesUnder(picture, assessment, area.id, spot)}
            areas={namedAreas(assessment)}
            onNameArea={edited.nameArea}
            mediums={picture.mediums}
            findMaterial={findMaterial}
            stock={edited}
            areaM2={areaCm2Of(picture.painting, brushOf(layer)) / 1e4}
            solventFree={picture.settings.policies.includes('solvent')}
            asksTooth={assessment.findings.some(
              ({ layerId, rule }) => layerId === layer.id && asksTooth.includes(rule),
            )}
            onCoats={(days) => putNew(({ furtherCoats }) => furtherCoats(picture, layer, days))}
            against={
              <Compared
                layer={layer}
                picture={picture}
                area={area.id}
                findMaterial={findMaterial}
                onRaise={raise}
              />
            }
            needs={<Wanted layer={layer} mix={assessed.worst?.film.mix ?? null} picture={picture} />}
            canRise={maySwap(layer, inArea[place + 1])}
            canSink={maySwap(layer, inArea[place - 1])}
            onChange={(change) => {
              follow(change.areas)
              edited.editLayer(layer.id, change)
            }}
            onMove={move}
            onRemove={() => remove(layer.id)}
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
            <button type="button" className="button button-ink mt-4 min-h-11" onClick={() => add()}>
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

/** Rules that ask for a tooth, or oil rubbed on and off. */
const asksTooth: readonly string[] = ['cissing', 'overaged', 'old-picture']

/** The film that a layer lies on in an area; null: the ground. */
function liesUnder(
  { layers }: LoadedPicture,
  assessment: Assessment,
  area: string,
  spot: AssessedSpot | null,
): { readonly name: string; readonly spot: AssessedSpot } | null {
  if (!spot) return null
  const below = assessment.layers.slice(0, spot.layer).flatMap(({ spots }, at) => {
    const there = spots.find((one) => one.area === area && one.layer === at && one.goneBy === null)
    return there ? [{ name: layers[at]!.name, spot: there }] : []
  })
  return below.at(-1) ?? null
}

/** Where a layer is slowest. */
const slowestAreaOf = (id: string | null, { layers }: Picture, assessment: Assessment): string | undefined =>
  assessment.layers[layers.findIndex((layer) => layer.id === id)]?.worst?.area

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

const legend = later(() => import('./Legend.tsx').then(({ Legend: Loaded }) => Loaded))

/** What the signs mean, in a place kept for it. */
function Legend() {
  const Loaded = useLater(legend)
  return <div className="min-h-17 xl:min-h-12">{Loaded && <Loaded />}</div>
}

const handle = later(() => import('./OnDay.tsx').then(({ OnDay }) => OnDay))

/** The handle of the living section, in a place kept for it. */
function Handle(props: OnDayProps) {
  const OnDay = useLater(handle)
  return OnDay ? <OnDay {...props} /> : <div className="h-[8.5rem]" />
}

/** So many days ahead the section can be looked at. */
const livingAheadDays = 1100

/** From the first thing done to years ahead. */
const livingSpan = ({ layers, today }: Picture): readonly [number, number] => {
  const first = layers.map(paintedAtOf).find((at) => at !== null)
  return [first ? dayOf(first)! : Math.floor(today), Math.floor(today) + livingAheadDays]
}

const menu = later(() => import('./event/EventMenu.tsx').then(({ default: EventMenu }) => EventMenu))

function Status({
  edited: { desk, state },
  aside,
  top,
  onAdd,
  onPass,
}: {
  readonly edited: EditedPicture
  readonly aside: string | null
  readonly top: string | null
  readonly onAdd: (kind?: EventKind) => void
  readonly onPass: () => void
}) {
  const Menu = useLater(menu)
  return (
    <SaveLine desk={desk} state={state} {...(aside && { aside })}>
      <button type="button" className="button" onClick={() => onAdd()}>
        <Plus size={16} aria-hidden="true" /> Layer on top
      </button>
      <Popup
        button="Something else"
        buttonClassName="button"
        label="What is done next"
        align="start"
        className="max-h-[var(--radix-popover-content-available-height)] w-[38rem] overflow-y-auto"
      >
        {(close) =>
          Menu && (
            <Menu
              top={top}
              onKind={(kind) => {
                close()
                onAdd(kind)
              }}
              onPass={() => {
                close()
                onPass()
              }}
            />
          )
        }
      </Popup>
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

/** A part of the page that is told once it answers, and takes no place before. */
function onceAnswered<Props extends object>(bring: () => Promise<ComponentType<Props>>) {
  const part = later(bring)
  return function OnceAnswered(props: Props) {
    const Part = useLater(part)
    return Part && <Part {...props} />
  }
}

/** A painted layer against its plan. */
const Compared = onceAnswered(() => import('./event/Against.tsx').then(({ default: Against }) => Against))
/** What a layer wants of the painter's tubes. */
const Wanted = onceAnswered(() => import('./TubeNeeds.tsx').then(({ TubeNeeds }) => TubeNeeds))
/** Soft habits of practice. */
const Hints = onceAnswered(() => import('./Hints.tsx').then(({ HintList }) => HintList))
const Caution = onceAnswered(() => import('./PictureCautions.tsx').then((loaded) => loaded.PictureCautions))

const bringAdding = () => import('./event/newEvent.ts')
type Adding = Awaited<ReturnType<typeof bringAdding>>
const adding = later(bringAdding)
const deedsLeft = later(() => import('../../document/mend/stillPossible.ts'))
const schools = later(() => import('./schools/Schools.tsx').then(({ SchoolsBeside }) => SchoolsBeside))

/** The picture by another school; told once the page answers, in a place kept for it. */
function Schools(props: SchoolsProps) {
  const SchoolsBeside = useLater(schools)
  return SchoolsBeside ? <SchoolsBeside {...props} /> : <div className="mt-5 min-h-[4.6rem]" />
}

const finish = later(() => import('./Finish.tsx').then(({ Finish }) => Finish))

/** When the picture is ready; told once it is played through, in a place kept for it. */
function Ready(props: { readonly picture: Picture; readonly ending: Ending }) {
  const Finish = useLater(finish)
  if (props.picture.layers.length === 0) return null
  return (
    <div className="mt-5 min-h-[4.4rem] border-t border-rule pt-3">{Finish && <Finish {...props} />}</div>
  )
}
