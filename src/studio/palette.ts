import { findInLibrary } from '../core/materials/find.ts'
import { batchTitle } from '../document/batchMedium.ts'
import { besidesTogether } from '../document/palette/besides.ts'
import { paintsTogether, paletteOf } from '../document/palette/heaps.ts'
import { jarOfLiquid } from '../document/jar/jars.ts'
import type { LayerDocument } from '../document/layer.ts'
import type { HeapDocument, MixedRequest, PaletteDocument } from '../document/palette.ts'
import { settingsId } from '../document/settingsId.ts'
import { mostBesides, mostPaints, tubesIn } from '../document/paints.ts'
import type { Paint } from '../document/paints.ts'
import type { Trx } from '../store/database.ts'
import { bare } from '../store/history.ts'
import type { Wish } from '../store/history.ts'
import { find, listByIds } from '../store/records.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { paintsOfToday } from './paintsOfToday.ts'
import { refused } from './refused.ts'

/** What was really on the palette: one tap writes it against the layer, in one transaction that is undone as one. */

/**
 * Records heaps as mixed: on the layer's record with the tubes and the medium as they are now, on the palette with the
 * minute their clocks run from; a layer still to be painted is planned with what was mixed. What was squeezed out goes off
 * the tubes that are kept count of, and off the jar.
 */
export const logMixed = (write: Write, layerId: string, { heaps }: MixedRequest): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...layer } = await findOrRefuse(trx, 'layer', layerId)
    const painting = await findOrRefuse(trx, 'painting', layer.paintingId)
    const { at } = write
    const mixed = await Promise.all(
      heaps.map(async (heap) => ({ ...heap, paints: await paintsOfToday(trx, heap.paints) })),
    )
    const before = layer.palette ?? { ...paletteOf(layer, painting), heaps: [] }
    const palette = withMixed(before, mixed, at)
    const record: LayerDocument['mixed'][number] = {
      at,
      medium: await mediumName(trx, layer),
      thinner: layer.thinner?.material ?? null,
      heaps: mixed.map(({ paints, ml, poured }) => ({ paints, ml, ...poured })),
    }
    const plan = layer.painted ? {} : planFrom(layer, mixed, before)
    const body = { ...layer, ...plan, palette, mixed: [...layer.mixed, record] }
    const mediumMl = mixed.reduce((sum, { poured }) => sum + poured.mediumMl, 0)
    return {
      what: `Mixed ${heaps.length} ${heaps.length === 1 ? 'heap' : 'heaps'} for ${layer.name}`,
      paintingId: layer.paintingId,
      wishes: [
        { kind: 'layer', id: layerId, body, seen: revision },
        ...(await squeezedOut(trx, mixed)),
        ...(await takenFromJar(trx, layer, mediumMl, at)),
        ...(await rinsedIn(trx, layer, heaps, at)),
      ],
    }
  })

/** Dips out of a cleaning jar that is kept count of are written into its book. */
async function rinsedIn(
  trx: Trx,
  { name, paints }: LayerDocument,
  heaps: MixedRequest['heaps'],
  at: string,
): Promise<readonly Wish[]> {
  const liquids = new Set(heaps.flatMap(({ dips }) => (dips && dips.count > 0 ? [dips.liquid] : [])))
  const setting = await find(trx, 'setting', settingsId)
  if (!setting || liquids.size === 0) return []
  const rinsed = [...liquids].flatMap((liquid) => jarOfLiquid(setting, liquid)?.id ?? [])
  if (rinsed.length === 0) return []
  const used = [...paints, ...heaps.flatMap((heap) => heap.paints)]
  const lead = used.some(({ pigments }) => pigments.some(({ pigment }) => isLead(pigment)))
  const use = { on: at.slice(0, 10), what: name, lead }
  const { revision, ...body } = setting
  const jars = body.jars.map((jar) => (rinsed.includes(jar.id) ? { ...jar, uses: [...jar.uses, use] } : jar))
  return [{ kind: 'setting', id: settingsId, body: { ...body, jars }, seen: revision }]
}

const isLead = (pigment: string): boolean => findInLibrary(pigment)?.hazards?.includes('lead') ?? false

type MixedHeap = MixedRequest['heaps'][number]

/** The palette with these heaps mixed; the others lie there as they did. */
function withMixed(palette: PaletteDocument, mixed: readonly MixedHeap[], at: string): PaletteDocument {
  const byId = new Map(
    mixed.map(({ poured, ml, ...heap }): [string, HeapDocument] => [
      heap.id,
      { ...heap, mixed: { ...poured, ml, at }, kept: [{ where: 'open', at }] },
    ]),
  )
  const kept = palette.heaps.map((heap) => byId.get(heap.id) ?? heap)
  const fresh = [...byId.values()].filter(({ id }) => !kept.some((heap) => heap.id === id))
  return { ...palette, heaps: [...kept, ...fresh] }
}

/** The layer's plan as it was mixed: the paints in ml, so much medium and thinner, and what else went in. */
function planFrom(
  { medium, thinner }: LayerDocument,
  now: readonly MixedHeap[],
  before: PaletteDocument,
): Pick<LayerDocument, 'paints' | 'medium' | 'thinner' | 'besides'> {
  const earlier = before.heaps.flatMap((heap) =>
    heap.mixed && !now.some(({ id }) => id === heap.id)
      ? [{ paints: heap.paints, ml: heap.mixed.ml, poured: heap.mixed }]
      : [],
  )
  const all = [...earlier, ...now]
  const paints = paintsTogether(all)
  if (paints.length > mostPaints)
    throw refused(`A layer holds at most ${mostPaints} paints. Mix fewer of them for one layer.`)
  const besides = besidesTogether(all.map(({ poured }) => poured.besides))
  if (besides.length > mostBesides)
    throw refused(`A layer holds at most ${mostBesides} other things. Add fewer of them to its heaps.`)
  const sum = (of: (poured: MixedHeap['poured']) => number): number =>
    Number(all.reduce((total, { poured }) => total + of(poured), 0).toPrecision(4))
  const thinnerMl = sum((poured) => poured.thinnerMl)
  return {
    paints,
    medium: medium && { ...medium, parts: sum((poured) => poured.mediumMl) },
    thinner: thinner && thinnerMl > 0 ? { ...thinner, parts: thinnerMl } : null,
    besides,
  }
}

async function mediumName(trx: Trx, { medium }: LayerDocument): Promise<string | null> {
  if (!medium) return null
  const recipe = await find(trx, 'medium', medium.mediumId)
  if (recipe) return recipe.name
  const batch = await find(trx, 'batch', medium.mediumId)
  return batch && batchTitle(batch)
}

/** Tubes that are kept count of, with so much less in them. */
async function squeezedOut(trx: Trx, mixed: readonly MixedHeap[]): Promise<readonly Wish[]> {
  const used: readonly Paint[] = paintsTogether(mixed)
  const tubes = await listByIds(trx, 'tube', tubesIn(used))
  return tubes.flatMap((tube) => {
    const ml = used.find((paint) => paint.tube === tube.id)?.parts ?? 0
    if (tube.leftMl === null || ml === 0) return []
    const leftMl = Number(Math.max(0, tube.leftMl - ml).toPrecision(6))
    return [{ kind: 'tube' as const, id: tube.id, body: { ...bare(tube), leftMl } }]
  })
}

/** The jar the medium came from, with so much taken out of it; nothing where it is no finished batch. */
async function takenFromJar(
  trx: Trx,
  { medium, name }: LayerDocument,
  ml: number,
  at: string,
): Promise<readonly Wish[]> {
  const batch = medium && ml > 0 ? await find(trx, 'batch', medium.mediumId) : null
  if (!batch?.madeOn) return []
  const taken = [...batch.taken, { ml, what: `the palette for ${name}`, at }]
  return [{ kind: 'batch', id: batch.id, body: { ...bare(batch), taken } }]
}
