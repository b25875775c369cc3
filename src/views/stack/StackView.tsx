import { useEffect, useMemo, useState } from 'react'
import { inTheArea } from '../../core/words.ts'
import { covers } from '../../core/stack/area.ts'
import { assess } from '../../document/judging/assess.ts'
import { areaCm2Of } from '../../document/picture/area.ts'
import { brushOf } from '../../document/brush.ts'
import { practiceOfPainting } from '../../document/picture/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { SolvedPicture } from '../../document/picture/solved.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { requestTo } from '../../ui/client.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { tried } from './correcting.ts'
import type { Correcting } from './correcting.ts'
import { Drawing } from './Drawing.tsx'
import { Findings } from './Findings.tsx'
import { LayerEditor } from './LayerEditor.tsx'
import { LayerRecord } from './LayerRecord.tsx'
import { TopLine } from './TopLine.tsx'
import { PaintingHead } from './PaintingHead.tsx'
import { usePicture } from './usePicture.ts'
import { useLiving } from './useLiving.ts'
import { useSolve } from './useSolve.ts'
import { AddLine } from './AddLine.tsx'
import {
  asksTooth,
  gravestArea,
  liesUnder,
  livingSpan,
  maySwap,
  namedAreas,
  nameOfArea,
  slowestAreaOf,
} from './inPicture.ts'
import { AsTable, Caution, Compared, Handle, Hints, Legend, Ready, Schools, Wanted } from './laterParts.tsx'
import { useStackDeeds } from './useStackDeeds.ts'

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
  const looking = { area, inArea, onChosen: setChosen, onArea: setArea, onShow: show }
  const { add, top, addPass, addCoats, remove, order, move, putLayers, onFinding } = useStackDeeds(
    edited,
    picture,
    assessment,
    looking,
  )
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
        <PaintingHead picture={picture} onChange={edited.editPainting} />
        <TopLine picture={picture} assessment={assessment} mends={mends} deeds={onFinding} />
      </header>
      <AddLine
        edited={edited}
        aside={
          correcting
            ? `a correction of ${picture.layers.find(({ id }) => id === correcting.layerId)?.name ?? 'a layer'} is tried, not saved`
            : (problem ?? (isRefining ? 'refining the dates' : null))
        }
        onAdd={add}
        top={top?.name ?? null}
        onPass={addPass}
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
                deeds={onFinding}
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
            onCoats={(days) => addCoats(layer, days)}
            against={
              <Compared
                layer={layer}
                picture={picture}
                area={area.id}
                findMaterial={findMaterial}
                onRaise={putLayers}
              />
            }
            needs={<Wanted layer={layer} mix={assessed.worst?.film.mix ?? null} picture={picture} />}
            canRise={maySwap(layer, inArea[place + 1])}
            canSink={maySwap(layer, inArea[place - 1])}
            onChange={(change) => {
              follow(change.areas)
              edited.editLayer(layer.id, change)
            }}
            onMove={(by) => move(layer, by)}
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
