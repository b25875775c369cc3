import { useState } from 'react'
import { sheens } from '../../core/finish/sheen.ts'
import type { Sheen } from '../../core/finish/sheen.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { liesUnder } from '../../core/stack/map.ts'
import { namedAreasOf } from '../../document/picture/areas.ts'
import { areaColour } from '../../document/picture/areaMap.ts'
import type { PatchDocument } from '../../document/patch.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { Shape } from '../../document/shape.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import type { PictureSurface } from '../../document/finish/surface.ts'
import { upperFirst } from '../../ui/format.ts'
import { MapTools } from '../../ui/map/MapTools.tsx'
import { aspectOf } from '../../ui/map/tools.ts'
import type { Tool } from '../../ui/map/tools.ts'
import { say } from '../../ui/messages.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { sheenWords } from './words.ts'
import { Term } from '../../ui/help/Term.tsx'

interface SheenMapProps {
  readonly picture: Picture
  readonly surface: PictureSurface
  readonly chosen: string | null
  readonly onChoose: (patch: string) => void
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

const stage = later(() => import('../../ui/map/MapStage.tsx').then(({ MapStage }) => MapStage))

/** A dab smaller than this is no patch, of the picture. */
const leastShare = 0.0005

/** The map of the picture: what is dull and what shines, marked by finger. */
export function SheenMap({ picture, surface, chosen, onChoose, onChange }: SheenMapProps) {
  const { painting, today } = picture
  const [sheen, setSheen] = useState<Sheen>('sunken')
  const [tool, setTool] = useState<Tool>('stroke')
  const Stage = useLater(stage)
  const aspect = aspectOf(painting)
  const areas = namedAreasOf(picture)
  const mark = (shape: Shape): void => {
    const { share, area } = liesUnder([shape], areas, aspect)
    if (share < leastShare) return say('That is too small to be a patch. Draw a little more of it.')
    const patch: PatchDocument = {
      ...{ id: crypto.randomUUID(), on: dateOf(today), sheen, area },
      ...{ share: Math.min(1, share), shapes: [shape] },
    }
    onChange({ patches: [...painting.patches, patch] })
    onChoose(patch.id)
  }
  const there = surface.patches.filter(({ state }) => state === 'there').toReversed()
  return (
    <section aria-label="Map of the surface" className="min-w-0">
      <h2 className="text-xl">
        <Term of="sunken, matt, satin, glossy">How it catches the light</Term>
      </h2>
      <div className="mt-2 flex flex-wrap gap-1" role="group" aria-label="What you mark now">
        {sheens.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={sheen === one}
            title={sheenWords[one]}
            className="min-h-11 border border-rule px-3 aria-pressed:border-ink aria-pressed:bg-sheet aria-pressed:font-medium"
            onClick={() => setSheen(one)}
          >
            {upperFirst(one)}
          </button>
        ))}
      </div>
      <p className="mt-1 text-[0.85rem] text-soft">
        {upperFirst(sheenWords[sheen])}. Look along the picture against the window, and mark what you see.
      </p>
      <MapTools tool={tool} onTool={setTool} />
      <div
        className="mt-1 w-full max-w-[40rem] border border-rule bg-sheet"
        style={{ aspectRatio: `${1 / aspect}` }}
      >
        {Stage && (
          <Stage
            things={[
              ...areas.map((one) => ({ ...one, name: '', colour: areaColour(one, areas) })),
              ...there.map(({ patch }) => ({
                ...{ id: patch.id, shapes: patch.shapes, colour: '#1f1b16' },
                ...{ name: patch.sheen, hatch: patch.sheen },
              })),
            ]}
            chosen={chosen}
            tool={tool}
            aspect={aspect}
            photo={painting.mapPhoto}
            onShape={mark}
            onChoose={(id) => there.some(({ patch }) => patch.id === id) && onChoose(id)}
          />
        )}
      </div>
    </section>
  )
}
