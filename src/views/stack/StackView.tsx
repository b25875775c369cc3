import { useEffect, useMemo, useState } from 'react'
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
import { FirstLayer } from './FirstLayer.tsx'
import { FoundColumn } from './FoundColumn.tsx'
import { LayerEditor } from './LayerEditor.tsx'
import { LayerRecord } from './LayerRecord.tsx'
import { TopLine } from './TopLine.tsx'
import { PaintingHead } from './PaintingHead.tsx'
import { useLookedAt } from './useLookedAt.ts'
import { usePicture } from './usePicture.ts'
import { useLiving } from './useLiving.ts'
import { useSolve } from './useSolve.ts'
import { AddLine } from './AddLine.tsx'
import { asksTooth, liesUnder, livingSpan, maySwap, namedAreas, nameOfArea } from './inPicture.ts'
import { AsTable, Compared, Handle, Legend, Wanted } from './laterParts.tsx'
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
  const looking = useLookedAt(picture, assessment, at)
  const { area, shown } = looking
  const film = shown && (shown.spot ? picture.layers[shown.spot.layer]! : shown.layer)
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
          onArea={looking.onArea}
          selected={film?.id ?? null}
          onSelect={looking.onChosen}
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
      {shown && <Legend />}
      {shown && <AsTable picture={picture} assessment={assessment} />}
      <div className="mt-6 grid gap-x-12 gap-y-8 border-t border-ink pt-5 lg:grid-cols-[minmax(20rem,5fr)_7fr]">
        <FoundColumn
          picture={picture}
          assessment={assessment}
          solved={solved}
          mends={mends}
          ending={ending}
          findMaterial={findMaterial}
          edited={edited}
          selected={shown?.layer.id ?? null}
          onShow={looking.onShow}
          deeds={onFinding}
        />
        {shown ? (
          <LayerEditor
            key={shown.layer.id}
            layer={shown.layer}
            assessed={shown.assessed}
            spot={shown.spot}
            passes={shown.passes}
            onPass={looking.onChosen}
            areaName={nameOfArea(assessment, area.id)}
            practice={practiceOfPainting(picture.painting, picture.practices)}
            picture={picture}
            under={liesUnder(picture, assessment, area.id, shown.spot)}
            areas={namedAreas(assessment)}
            onNameArea={edited.nameArea}
            mediums={picture.mediums}
            findMaterial={findMaterial}
            stock={edited}
            areaM2={areaCm2Of(picture.painting, brushOf(shown.layer)) / 1e4}
            solventFree={picture.settings.policies.includes('solvent')}
            asksTooth={assessment.findings.some(
              ({ layerId, rule }) => layerId === shown.layer.id && asksTooth.includes(rule),
            )}
            onCoats={(days) => addCoats(shown.layer, days)}
            against={
              <Compared
                layer={shown.layer}
                picture={picture}
                area={area.id}
                findMaterial={findMaterial}
                onRaise={putLayers}
              />
            }
            needs={
              <Wanted layer={shown.layer} mix={shown.assessed.worst?.film.mix ?? null} picture={picture} />
            }
            canRise={maySwap(shown.layer, shown.above)}
            canSink={maySwap(shown.layer, shown.below)}
            onChange={(change) => {
              looking.onGiven(change.areas)
              edited.editLayer(shown.layer.id, change)
            }}
            onMove={(by) => move(shown.layer, by)}
            onRemove={() => remove(shown.layer.id)}
            correction={correcting?.layerId === shown.layer.id ? correcting.change : null}
            onCorrect={(change) => {
              looking.onGiven((change ?? shown.layer.painted ?? shown.layer).areas)
              setCorrecting(change && { layerId: shown.layer.id, change })
            }}
            onSaveCorrection={saveCorrection}
          >
            <LayerRecord
              key={shown.layer.id}
              layer={shown.layer}
              forecasts={shown.assessed.spots.map(({ forecast }) => forecast)}
              areas={namedAreas(assessment)}
              edited={edited}
            />
          </LayerEditor>
        ) : (
          <FirstLayer area={picture.layers.length === 0 ? null : area.name} onAdd={() => add()} />
        )}
      </div>
      <WhatWasDone of={{ painting: picture.painting.id }} desk={desk} after={edited.state} />
      <Toasts />
    </>
  )
}
