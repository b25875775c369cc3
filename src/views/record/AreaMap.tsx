import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { useState } from 'react'
import { mostAreas } from '../../core/stack/area.ts'
import { namedAreasOf, newArea } from '../../document/picture/areas.ts'
import { brushOf } from '../../document/brush.ts'
import { areaColour, drawnAreas } from '../../document/picture/areaMap.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { Shape } from '../../document/shape.ts'
import type { AreaDocument, PaintingDocument } from '../../document/studio.ts'
import { Choice, NumberField, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, dateText } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { MapTools } from '../../ui/map/MapTools.tsx'
import { aspectOf } from '../../ui/map/tools.ts'
import type { Tool } from '../../ui/map/tools.ts'
import { BoxFields } from './BoxFields.tsx'

interface MapProps {
  readonly picture: Picture
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

const stage = later(() => import('../../ui/map/MapStage.tsx').then(({ MapStage }) => MapStage))

/** The parts of a picture, drawn over its photograph or a bare rectangle; their shares are measured from the drawing. */
export function AreaMap({ picture, onChange }: MapProps) {
  const { painting } = picture
  const { photos, mapPhoto } = painting
  const aspect = aspectOf(painting)
  const areas = namedAreasOf(picture)
  const [chosen, choose] = useState<string | null>(null)
  const area = areas.find(({ id }) => id === chosen) ?? areas[0]
  const [tool, setTool] = useState<Tool>('outline')
  const Stage = useLater(stage)
  const save = (next: AreaDocument[]): void => onChange({ areas: drawnAreas(next, aspect) })
  const change = (id: string, more: Partial<AreaDocument>): void =>
    save(areas.map((one) => (one.id === id ? { ...one, ...more } : one)))
  const add = (shape: Shape): void => {
    if (area) change(area.id, { shapes: [...area.shapes, shape], colour: areaColour(area, areas) })
    else {
      const first = { ...newArea('part 1', crypto.randomUUID()), shapes: [shape] }
      save([{ ...first, colour: areaColour(first, []) }])
    }
  }
  const addPart = (): void => {
    const next = newArea(`part ${areas.length + 1}`, crypto.randomUUID())
    save([...areas, { ...next, colour: areaColour(next, areas) }])
    choose(next.id)
  }
  return (
    <section aria-label="Map of the picture" className="min-w-0">
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-1">
        <h2 className="text-xl">Its parts</h2>
        {photos.length > 0 && (
          <Choice
            label="The map is drawn on"
            className="max-w-72"
            value={mapPhoto ?? ''}
            options={[
              { id: '', name: 'a bare rectangle' },
              ...photos.map(({ hash, on }) => ({ id: hash, name: `the photograph of ${dateText(on)}` })),
            ]}
            onValue={(hash) => onChange({ mapPhoto: hash || null })}
          />
        )}
      </div>
      <MapTools tool={tool} onTool={setTool}>
        {area && area.shapes.length > 0 && (
          <button
            type="button"
            className="min-h-11 px-2.5 link"
            onClick={() => change(area.id, { shapes: area.shapes.slice(0, -1) })}
          >
            Take its last shape back
          </button>
        )}
      </MapTools>
      <div
        className="mt-1 w-full max-w-[40rem] border border-rule bg-sheet"
        style={{ aspectRatio: `${1 / aspect}` }}
      >
        {Stage && (
          <Stage
            things={areas.map((one) => ({ ...one, colour: areaColour(one, areas) }))}
            chosen={area?.id ?? null}
            tool={tool}
            aspect={aspect}
            photo={mapPhoto}
            onShape={add}
            onChoose={choose}
          />
        )}
      </div>
      <p className="mt-1 text-[0.85rem] text-soft">
        {area
          ? `What you draw now is ${area.name}. Where two parts overlap, the later one has the place.`
          : 'Draw the first part that has layers of its own, or leave the picture in one.'}
      </p>
      <ul className="mt-2 max-w-[40rem]">
        {areas.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-3 border-t border-rule py-1">
            <button
              type="button"
              aria-pressed={one.id === area?.id}
              aria-label={`Draw ${one.name}`}
              className="grid size-11 place-items-center border border-transparent aria-pressed:border-ink"
              onClick={() => choose(one.id)}
            >
              <span className="size-5" style={{ background: areaColour(one, areas) }} />
            </button>
            <TypedField
              label={`Name of ${one.name}`}
              className="min-w-32 grow"
              shown={one.name}
              read={(text) => readName(text, areas, one.id)}
              onValue={(name) => change(one.id, { name })}
            />
            {one.shapes.length > 0 ? (
              <span className="w-40 text-right">{shareText(one.share)}, measured</span>
            ) : (
              <NumberField
                label={`${one.name}, share of the picture`}
                className="w-40"
                unit="% of it"
                value={one.share === null ? null : 100 * one.share}
                low={0.1}
                high={100}
                onEmpty={() => change(one.id, { share: null })}
                onValue={(percent) => change(one.id, { share: percent / 100 })}
              />
            )}
            <input
              type="color"
              aria-label={`Colour of ${one.name} on the map`}
              className="size-11 border border-rule bg-paper p-1"
              value={areaColour(one, areas)}
              onChange={({ target }) => change(one.id, { colour: target.value })}
            />
            <IconButton
              label={isUsed(picture, one.id) ? `${one.name} has layers of its own` : `Remove ${one.name}`}
              disabled={isUsed(picture, one.id)}
              onClick={() => save(areas.filter(({ id }) => id !== one.id))}
            >
              <X size={15} aria-hidden="true" />
            </IconButton>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-center gap-x-5">
        {areas.length < mostAreas && (
          <button type="button" className="inline-flex min-h-11 items-center gap-1 link" onClick={addPart}>
            <Plus size={14} aria-hidden="true" /> a part
          </button>
        )}
        {area && <BoxFields key={area.id} name={area.name} onBox={add} />}
      </div>
    </section>
  )
}

const shareText = (share: number | null): string => `${about(100 * (share ?? 0), 3)}\u00a0% of it`

const isUsed = ({ layers }: Picture, id: string): boolean =>
  layers.some((layer) => brushOf(layer).areas.includes(id))

const readName = (text: string, areas: readonly AreaDocument[], id: string): Reading<string> => {
  const name = text.trim().slice(0, 120)
  if (!name) return { problem: 'Give the part a name.' }
  return areas.some((other) => other.id !== id && other.name === name)
    ? { problem: 'Another part has that name.' }
    : { value: name }
}
