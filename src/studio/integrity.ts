import { findInLibrary } from '../core/materials/find.ts'
import { overlap } from '../core/stack/area.ts'
import { isShipped } from '../core/practice/shipped.ts'
import { kinds } from '../document/kinds.ts'
import { dateText } from '../document/dateText.ts'
import type { Kind, StoredKind } from '../document/kinds.ts'
import type { Mention } from '../document/mentions.ts'
import { brushOf, paintedAtOf } from '../document/brush.ts'
import type { LayerDocument } from '../document/layer.ts'
import type { PaintingDocument, TouchTest } from '../document/studio.ts'
import type { Trx } from '../store/database.ts'
import { titleFor } from '../store/derived.ts'
import { changedFields } from '../store/history.ts'
import type { Touched } from '../store/history.ts'
import { namersOf } from '../store/naming.ts'
import { exists, find, listOf } from '../store/records.ts'
import { gone, refused } from './refused.ts'

/** What must be true of the studio after every write, whatever it was: checked once, inside its transaction. */
export async function holdTogether(trx: Trx, at: string, touched: readonly Touched[]): Promise<void> {
  for (const one of touched) {
    if (!one.after) await nobodyHolds(trx, one)
    else {
      await holdsOnlyWhatIs(trx, one)
      if (one.kind === 'layer') await layerStands(trx, at, one)
      if (one.kind === 'touch_test') await testStands(trx, at, one)
      if (one.kind === 'painting') await areasStand(trx, one)
    }
  }
}

/** Nothing goes while something rests on it; the sentence names what, and where. */
async function nobodyHolds(trx: Trx, { kind, id, before }: Touched): Promise<void> {
  const { role, word } = kinds[kind]
  if (!role || (await isThere(trx, role, id))) return
  const [user] = await namersOf(trx, role, id, { holding: true, most: 1 })
  if (!user) return
  const name = before ? titleFor(kind, before) : `This ${word}`
  const holder = await find(trx, user.kind, user.id)
  const holderName = holder ? titleFor(user.kind, holder) : `a ${kinds[user.kind].word}`
  if (user.kind === 'medium') throw refused(`${holderName} is made with ${name}. Take it out there first.`)
  if (user.kind === 'tube')
    throw refused(`The tube ${holderName} is made with ${name}. Change it there first.`)
  if (user.kind === 'layer' && role === 'medium')
    throw refused(`The layer ${holderName} is planned with ${name}. Choose another medium there first.`)
  if (role === 'practice')
    throw refused(`${holderName} follows ${name}. Choose another practice there first.`)
  if (user.kind === 'trial')
    throw refused(`${name} is part of the trial “${holderName}”. Remove the trial first.`)
  if (user.kind === 'touch_test') throw refused(`${name} has a touch test. Take that back first.`)
  throw refused(`${holderName} rests on ${name}. Take it away there first.`)
}

/** Whether something answers to the name: what is stored, or the book's material or the shipped practice under it. */
async function isThere(trx: Trx, role: Mention['role'], id: string): Promise<boolean> {
  if (role === 'medium') return (await exists(trx, 'medium', id)) || (await exists(trx, 'batch', id))
  if (role === 'practice') return isShipped(id) || (await exists(trx, 'practice', id))
  if (role === 'material') return findInLibrary(id) !== undefined || (await exists(trx, 'shelf_item', id))
  return exists(trx, role, id)
}

const words: Readonly<Record<Mention['role'], string>> = {
  painting: 'painting',
  layer: 'layer',
  medium: 'medium',
  material: 'material',
  practice: 'practice',
  tube: 'tube',
  swatch: 'swatch',
}

/** What it names anew must be there; what it named before may have gone since. */
async function holdsOnlyWhatIs(trx: Trx, { kind, before, after }: Touched): Promise<void> {
  const { mentionsOf, parentOf, word } = kinds[kind] as StoredKind<Kind>
  if (before && parentOf && parentOf(before) !== parentOf(after!))
    throw refused(`A ${word} stays where it was made. Make a new one there instead.`)
  const known = new Set((before ? mentionsOf(before) : []).map(({ role, id }) => `${role} ${id}`))
  for (const { role, id, holds } of mentionsOf(after!)) {
    if (!holds || known.has(`${role} ${id}`) || (await isThere(trx, role, id))) continue
    if (role === 'painting' || role === 'layer') throw gone(words[role])
    throw refused(`${titleFor(kind, after!)} names a ${words[role]} that is not there. Choose another.`)
  }
}

const placing: readonly string[] = ['position', 'areas', 'painted', 'plannedOn']

/** Layers are painted from the bottom up, none before those under it, and none in the future. */
async function layerStands(trx: Trx, at: string, { before, after }: Touched): Promise<void> {
  const [old, layer] = [before as LayerDocument | null, after as LayerDocument]
  if (old && !changedFields(old, layer).some((field) => placing.includes(field))) return
  if (old?.painted && !layer.painted) await untouched(trx, layer)
  const others = (await listOf(trx, 'layer', [layer.paintingId])).filter(
    (one) => one.id !== layer.id && overlap(brushOf(one), brushOf(layer)),
  )
  const lower = others.filter(({ position }) => position < layer.position)
  const upper = others.filter(({ position }) => position > layer.position)
  const paintedAt = paintedAtOf(layer)
  if (!paintedAt) {
    const over = upper.find(({ painted }) => painted)
    if (over)
      throw refused(
        `${over.name} over ${layer.name} is painted already. ${layer.name} cannot lie unpainted under it.`,
      )
    return plannedAfter(layer, lower)
  }
  const oldAt = old && paintedAtOf(old)
  if (paintedAt !== oldAt && paintedAt > latest([at, ...others.map(paintedAtOf)]))
    throw refused('That is in the future. Plan the layer for that day instead.')
  const unpainted = lower.find((one) => !one.painted)
  if (unpainted)
    throw refused(
      `${unpainted.name} lies under ${layer.name} and is not painted yet. Say first that it is painted, or change the order.`,
    )
  const later = lower.find((one) => paintedAtOf(one)! > paintedAt)
  if (later)
    throw refused(
      `${later.name} under it was painted on ${dayIn(later)}. Give ${layer.name} that day or a later one.`,
    )
  const sooner = upper.find((one) => one.painted && one.painted.at < paintedAt)
  if (sooner)
    throw refused(
      `${sooner.name} over it was painted on ${dayIn(sooner)}. Give ${layer.name} that day or an earlier one.`,
    )
}

const dayIn = (layer: LayerDocument): string => dateText(paintedAtOf(layer)!)

function plannedAfter(layer: LayerDocument, lower: readonly LayerDocument[]): void {
  const began = latest(lower.map(paintedAtOf)).slice(0, 10)
  if (layer.plannedOn && layer.plannedOn < began)
    throw refused(
      `The layer under it was painted on ${dateText(began)}. Plan ${layer.name} for that day or a later one.`,
    )
}

/** The latest of some minutes; the empty text when there is none. */
export const latest = (minutes: readonly (string | null)[]): string =>
  minutes.reduce<string>((last, one) => (one !== null && one > last ? one : last), '')

async function untouched(trx: Trx, layer: LayerDocument): Promise<void> {
  if ((await listOf(trx, 'touch_test', [layer.id])).length > 0)
    throw refused(`${layer.name} has a touch test, so it was painted. Take the test back first.`)
}

/** A part of a picture keeps its name while a layer lies in it. */
async function areasStand(trx: Trx, { before, after }: Touched): Promise<void> {
  const [old, painting] = [before as PaintingDocument | null, after as PaintingDocument]
  const gone = (old?.areas ?? []).filter(({ id }) => !painting.areas.some((area) => area.id === id))
  if (gone.length === 0) return
  for (const layer of await listOf(trx, 'layer', [painting.id])) {
    const area = gone.find(({ id }) => brushOf(layer).areas.includes(id))
    if (area) throw refused(`${layer.name} lies in ${area.name}. Give it another part of the picture first.`)
  }
}

/** A finger comes after the brush, and not before its time. */
async function testStands(trx: Trx, at: string, { before, after }: Touched): Promise<void> {
  const test = after as TouchTest
  if ((before as TouchTest | null)?.at === test.at) return
  const layer = await find(trx, 'layer', test.layerId)
  const paintedAt = layer && paintedAtOf(layer)
  if (!paintedAt)
    throw refused(
      `${layer?.name ?? 'That layer'} is not painted yet, so there is nothing to touch. Say first that it is painted.`,
    )
  if (test.at < paintedAt)
    throw refused(`${layer.name} was painted on ${dayIn(layer)}. A touch test comes after that.`)
  if (test.at > latest([at, paintedAt]))
    throw refused('That is in the future. Write down a touch test when the finger has been on it.')
}
