import { spellingsOf } from '../../core/materials/spellings.ts'
import { materialsIn } from '../../core/medium/recipe.ts'
import { brushOf, materialsOn } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { tubesIn } from '../../document/paints.ts'
import { findAsUsed, findInStudio, studioMaterials } from '../../document/studioMaterials.ts'
import type { Database } from '../../store/database.ts'
import { list, listByIds } from '../../store/records.ts'
import { titlesOf } from '../../store/titles.ts'
import { layersNaming } from '../../store/usedIn.ts'

/** Where something was used: every painted layer of every picture that holds it. */
export interface UsedIn {
  readonly paintingId: string
  readonly title: string
  readonly layerId: string
  readonly layer: string
  /** "2026-11-24" */
  readonly on: string
  /** What was looked for, as it is called there. */
  readonly as: readonly string[]
}

export interface UsedPage {
  readonly asked: string
  readonly count: number
  /** The latest first. */
  readonly entries: readonly UsedIn[]
  /** While nothing is asked: what is most looked for, by name. */
  readonly toTap: readonly string[]
}

const mostEntries = 200
const mostTitles = 50
const mostToTap = 4

/** Everything the words may mean: materials, mediums, batches and tubes by their names. */
async function meantBy(db: Database, asked: string): Promise<ReadonlyMap<string, string>> {
  const words = asked.toLowerCase().split(/\s+/).filter(Boolean)
  const isMeant = (text: string): boolean => words.every((word) => text.toLowerCase().includes(word))
  const materials = studioMaterials(await list(db, 'shelf_item')).filter((material) =>
    isMeant(`${material.name} ${material.pigmentCode ?? ''} ${spellingsOf(material)}`),
  )
  const named = await Promise.all(
    (['medium', 'batch', 'tube'] as const).map((kind) =>
      titlesOf(db, kind, { text: asked, from: 0, most: mostTitles, first: [] }),
    ),
  )
  return new Map([
    ...materials.map(({ id, name }) => [id, name] as const),
    ...named.flat().map(({ id, title }) => [id, title] as const),
  ])
}

/** "Where did I use that stand oil?" Nothing where nothing is asked. */
export async function usedPage(db: Database, asked: string): Promise<UsedPage> {
  const text = asked.trim().slice(0, 120)
  if (text === '') return { asked: text, count: 0, entries: [], toTap: await namesToTap(db) }
  const meant = await meantBy(db, text)
  const ids = await layersNaming(db, [...meant.keys()])
  const layers = await listByIds(db, 'layer', ids)
  const paintings = await listByIds(db, 'painting', [...new Set(layers.map(({ paintingId }) => paintingId))])
  const titleOf = new Map(paintings.map(({ id, title }) => [id, title]))
  const find = findInStudio([])
  const entries = layers.flatMap((layer): UsedIn[] => {
    if (!layer.painted) return []
    const as = namesIn(layer, meant, (id) => findAsUsed(find, layer.painted!.materials)(id)?.name)
    if (as.length === 0) return []
    return [
      {
        ...{ paintingId: layer.paintingId, title: titleOf.get(layer.paintingId) ?? '', layerId: layer.id },
        ...{ layer: layer.name, on: layer.painted.at.slice(0, 10), as },
      },
    ]
  })
  entries.sort((a, b) => b.on.localeCompare(a.on) || a.layer.localeCompare(b.layer))
  return { asked: text, count: entries.length, entries: entries.slice(0, mostEntries), toTap: [] }
}

/** The last batches, and mediums and tubes of one's own: what may turn out bad, or be wanted again. */
async function namesToTap(db: Database): Promise<readonly string[]> {
  const named = await Promise.all(
    (['batch', 'medium', 'tube'] as const).map((kind) =>
      titlesOf(db, kind, { text: '', from: 0, most: mostToTap }),
    ),
  )
  return [...new Set(named.flat().map(({ title }) => title))]
}

function namesIn(
  layer: LayerDocument,
  meant: ReadonlyMap<string, string>,
  nameThen: (id: string) => string | undefined,
): readonly string[] {
  const brush = brushOf(layer)
  const used = layer.painted?.used
  const ids = [
    ...materialsOn(brush),
    ...(used ? materialsIn(used.recipe) : []),
    ...tubesIn(brush.paints),
    ...(brush.medium ? [brush.medium.mediumId] : []),
  ]
  const names = ids.flatMap((id) => {
    const name = meant.get(id)
    return name === undefined ? [] : [nameThen(id) ?? name]
  })
  return [...new Set(names)]
}
