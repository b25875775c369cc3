import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import Printer from 'lucide-react/dist/esm/icons/printer.mjs'
import { useMemo, useState } from 'react'
import { isRemoval } from '../../core/stack/kinds.ts'
import { besidesOf, withPutIn } from '../../document/palette/besides.ts'
import type { PutIn } from '../../document/palette/besides.ts'
import { emptyHeap } from '../../document/palette/heaps.ts'
import { settingsId } from '../../document/settingsId.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { HeapDocument, PaletteDocument } from '../../document/palette.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { requestTo } from '../../ui/client.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { Choice } from '../../ui/fields.tsx'
import { about, shortName } from '../../ui/format.ts'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { newPaint } from '../stack/PaintLine.tsx'
import { usePicture } from '../stack/usePicture.ts'
import { Conditioning } from './Conditioning.tsx'
import { Jar, Total } from './Dish.tsx'
import { HeapDetails } from './HeapDetails.tsx'
import { HeapRow } from './HeapRow.tsx'
import { isLaid, laidOut } from './laidOut.ts'
import type { LaidHeap, LaidPalette } from './laidOut.ts'
import { MixedRecords } from './MixedRecords.tsx'
import type { NowProps } from './PaintedNow.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { Timing } from './Timing.tsx'
import { Tools } from './Tools.tsx'
import { useAlarms } from './useAlarms.ts'

interface PaletteProps {
  readonly initial: LoadedPicture
  readonly events: readonly number[]
  /** The layer at hand, from the address. */
  readonly at: string | null
}

/** The palette of the layer at hand: heaps to scale, what goes into each, and one tap that writes down what was mixed. */
export function PaletteView({ initial, events, at }: PaletteProps) {
  const edited = usePicture(initial, events)
  const { picture, desk, state } = edited
  const [layerId, setLayer] = useState(at)
  const layer = picture.layers.find(({ id }) => id === layerId) ?? layerAtHand(picture)
  if (!layer)
    return (
      <p className="mt-4 font-read text-xl">
        Nothing is planned for {picture.painting.title} yet.{' '}
        <a className="link" href={`/paintings/${picture.painting.id}`}>
          Describe the first layer
        </a>
        .
      </p>
    )
  return (
    <>
      <Card key={layer.id} layer={layer} edited={edited} before={initial.layers} onLayer={setLayer} />
      <div className="not-printed">
        <SaveLine desk={desk} state={state} />
      </div>
      <Toasts />
    </>
  )
}

/** The first layer still to be painted, else the last. */
const layerAtHand = ({ layers }: LoadedPicture): LayerDocument | undefined =>
  layers.find(({ painted, event }) => !painted && !isRemoval(event.kind)) ??
  layers.findLast(({ event }) => !isRemoval(event.kind))

interface CardProps {
  readonly layer: LayerDocument
  readonly edited: ReturnType<typeof usePicture>
  /** The layers as they were when the page came. */
  readonly before: readonly LayerDocument[]
  readonly onLayer: (id: string) => void
}

function Card({ layer, edited, before, onLayer }: CardProps) {
  const { picture } = edited
  const laid = useMemo(() => laidOut(picture, layer), [picture, layer])
  const { palette } = laid
  const [selected, setSelected] = useState<string | null>(null)
  const edit = (change: Partial<PaletteDocument>): void =>
    edited.editLayer(layer.id, { palette: { ...palette, ...change } })
  const editHeap = (id: string, change: Partial<HeapDocument>): void =>
    edit({ heaps: palette.heaps.map((heap) => (heap.id === id ? { ...heap, ...change } : heap)) })
  const putIn = (id: string, more: PutIn): void => {
    const now = withPutIn(palette, id, more, (heap) =>
      besidesOf(heap, picture.settings.dipMl, laid.findMaterial),
    )
    edited.editLayer(layer.id, {
      palette: now.palette,
      ...(now.besides && !layer.painted && { besides: now.besides }),
    })
  }
  const heaps = laid.heaps.filter(isLaid)
  useAlarms(picture.painting, layer, heaps)
  const unmixed = heaps.filter(({ heap }) => !heap.mixed)
  const mix = (): void =>
    void edited.act(
      requestTo('POST /api/layers/{id}/mixed', { heaps: unmixed.map(asMixed) }, { params: { id: layer.id } }),
    )
  const add = (): void => {
    const colour = layer.paints[0] ?? newPaint
    const fresh = emptyHeap(crypto.randomUUID(), colour)
    edit({ heaps: [...palette.heaps, fresh] })
    setSelected(fresh.id)
  }
  return (
    <section
      aria-label={`Palette for ${layer.name}`}
      className="grid gap-x-12 xl:grid-cols-[minmax(0,54rem)_minmax(18rem,1fr)]"
    >
      <div className="min-w-0">
        <Head layer={layer} laid={laid} picture={picture} onLayer={onLayer} />
        {laid.problem && (
          <p role="alert" className="mt-2 text-unsound">
            {laid.problem}
          </p>
        )}
        <Conditioning layer={layer} laid={laid} edited={edited} onPalette={edit} />
        <ul className="-mx-3 mt-2 border-t border-ink print:mx-0">
          {laid.heaps.map((one) => (
            <li
              key={one.heap.id}
              className={`break-inside-avoid border-b border-rule ${one.heap.id === selected ? 'bg-sheet' : ''}`}
            >
              <HeapRow
                laid={one}
                tubes={picture.tubes}
                findMaterial={laid.findMaterial}
                mediumName={laid.mediumName}
                thinnerName={laid.thinner && shortName(laid.thinner.name).toLowerCase()}
                selected={one.heap.id === selected}
                onSelect={() => setSelected(one.heap.id === selected ? null : one.heap.id)}
              />
              {isLaid(one) && <Timing laid={one} onHeap={(change) => editHeap(one.heap.id, change)} />}
              {one.heap.id === selected && (
                <HeapDetails
                  laid={one}
                  palette={laid}
                  picture={picture}
                  layer={layer}
                  stock={edited}
                  onHeap={(change) => editHeap(one.heap.id, change)}
                  onPutIn={(more) => putIn(one.heap.id, more)}
                  onBrushes={(known) => edited.desk.edit('setting', settingsId, known)}
                  onRemove={() => edit({ heaps: palette.heaps.filter(({ id }) => id !== one.heap.id) })}
                />
              )}
            </li>
          ))}
        </ul>
        <Total laid={laid} climate={picture.settings.climate} onPalette={edit} />
        <Jar laid={laid} layer={layer} picture={picture} before={before} />
        <div className="not-printed mt-4 flex flex-wrap items-stretch gap-3">
          <button
            type="button"
            className="button button-ink min-h-16 grow justify-center text-[1.35rem]"
            disabled={unmixed.length === 0}
            onClick={mix}
          >
            {unmixed.length === 0 ? 'All of it is mixed' : 'Mixed it'}
          </button>
          <button type="button" className="button min-h-16" onClick={add}>
            <Plus size={17} aria-hidden="true" /> A heap
          </button>
          <button type="button" className="button min-h-16" onClick={() => window.print()}>
            <Printer size={17} aria-hidden="true" /> On paper
          </button>
        </div>
        <Painted layer={layer} edited={edited} onLayer={onLayer} />
        <FinePrint laid={laid} />
        {layer.palette && !layer.painted && (
          <button
            type="button"
            className="not-printed mt-1 min-h-11 link"
            onClick={() => edited.editLayer(layer.id, { palette: null })}
          >
            Lay it out anew from the layer’s plan
          </button>
        )}
      </div>
      <div className="not-printed min-w-0">
        <MixedRecords layer={layer} findMaterial={laid.findMaterial} />
        <Tools
          laid={laid}
          picture={picture}
          layer={layer}
          onLayer={(change) => edited.editLayer(layer.id, change)}
        />
        <RoomSays
          materials={[...new Set(heaps.flatMap(({ real }) => real.mix.materials))]}
          policies={picture.settings.policies}
        />
        <Cautions
          materials={heaps.flatMap(({ real }) => real.mix.materials)}
          wet
          className="mt-6 border-t border-rule pt-3"
        />
      </div>
    </section>
  )
}

const asMixed = ({ heap, ml, medium, thinnerMl, besides }: LaidHeap) => ({
  ...heap,
  ml: Number(ml.toPrecision(6)),
  poured: { mediumMl: Number(medium.ml.toPrecision(6)), drops: medium.drops, thinnerMl, besides },
})

/** Which layer it is for, and what is stirred in. */
function Head({
  layer,
  laid,
  picture,
  onLayer,
}: {
  readonly layer: LayerDocument
  readonly laid: LaidPalette
  readonly picture: LoadedPicture
  readonly onLayer: (id: string) => void
}) {
  const { by } = laid.palette
  const areas = layer.areas.map((id) => picture.painting.areas.find((area) => area.id === id)?.name ?? id)
  return (
    <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
      <div className="min-w-0">
        <h1 className="text-[2.1rem] leading-tight [overflow-wrap:anywhere]">{layer.name}</h1>
        <p className="text-[1.05rem] text-soft">
          {[
            picture.painting.title,
            ...areas,
            laid.mediumName ?? 'no medium',
            'fatness' in by
              ? `every heap equally fat, ${about(by.fatness, 3)}×`
              : by.proportion > 0
                ? `1 part to ${about(1 / by.proportion)} of paint`
                : 'neat',
            ...(layer.painted ? ['painted'] : []),
          ].join(' · ')}
        </p>
      </div>
      {picture.layers.length > 1 && (
        <Choice
          label="Layer"
          className="not-printed min-h-11 max-w-60"
          value={layer.id}
          onValue={onLayer}
          options={[...picture.layers]
            .reverse()
            .map(({ id, name, painted }) => ({ id, name: painted ? `${name} (painted)` : name }))}
        />
      )}
    </div>
  )
}

/** How far a drop is known, and what the figures are. */
function FinePrint({ laid }: { readonly laid: LaidPalette }) {
  const dropped = laid.heaps.filter(isLaid).some(({ medium }) => medium.drops !== null)
  return (
    <p className="mt-3 text-[0.88rem] text-soft">
      “Fat” is what a heap really comes to with what can be measured; 1.25 is a tube as it comes. Times are
      estimates for this room.
      {dropped &&
        laid.drop &&
        ` Whole drops, each about ${about(laid.drop.ml)} ml${
          laid.drop.isCounted
            ? ', as you counted them.'
            : '; yours may be half or double that until you count it: one liquid on the Shelf, a mixture in the record of its batch.'
        }`}
    </p>
  )
}

const paintedNow = later(() => import('./PaintedNow.tsx').then(({ PaintedNow }) => PaintedNow))

/** Painted at the easel: asked once the page answers, in a place kept for it. */
function Painted(props: NowProps) {
  const PaintedNow = useLater(paintedNow)
  return PaintedNow ? (
    <PaintedNow {...props} />
  ) : (
    <div
      className={props.edited.picture.settings.brushSets.length > 0 ? 'mt-4 h-[8.4rem]' : 'mt-4 h-[5.1rem]'}
    />
  )
}
