import type SQLite from 'better-sqlite3'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { library } from '../../src/core/materials/library.ts'
import { kinds } from '../../src/document/kinds.ts'
import type { Bodies, Kind, StoredKind } from '../../src/document/kinds.ts'
import { emptyBatch, layer, lot, medium, painting, paintedAt, tube } from './bodies.ts'

/** How much a studio holds. */
export interface Size {
  readonly paintings: number
  readonly layers: number
  readonly mediums: number
  readonly items: number
  readonly tubes: number
  readonly batches: number
  readonly events: number
  /** One in so many pictures is in work; 4 unless told. */
  readonly openEvery?: number
}

/** A long life of work: what `npm run bench` promises its times for. */
export const longLife: Size = {
  paintings: 10_000,
  openEvery: 20,
  layers: 12,
  mediums: 500,
  items: 2000,
  tubes: 3000,
  batches: 1000,
  events: 120_000,
}

const oils = ['walnut', 'linseed_cold_pressed', 'linseed_stand_oil', 'poppy']
const pigments = library.filter(({ family }) => family === 'pigment').map(({ id }) => id)
const of = <Item>(items: readonly Item[], at: number): Item => items[at % items.length]!

/** Fills an empty studio's file directly; some of its pictures are in work on `today`. */
export function fillStudio(sqlite: SQLite.Database, size: Size, today: string): void {
  sqlite.transaction(() => {
    const put = putter(sqlite)
    for (let n = 0; n < size.items; n++) put('shelf_item', lotAt(n))
    for (let n = 0; n < size.tubes; n++) put('tube', tubeAt(n))
    for (let n = 0; n < size.mediums; n++) put('medium', mediumAt(n, size))
    for (let n = 0; n < size.batches; n++) put('batch', batchAt(n, size, today))
    for (let n = 0; n < size.paintings; n++) {
      const id = `painting-${n}`
      put('painting', painting(id, { title: `${of(places, n)}, ${of(lights, n >> 3)} ${n}` }))
      for (let position = 0; position < size.layers; position++)
        put('layer', layerAt(n, position, size, today))
    }
    sqlite.exec(
      'insert into assessment (painting_id, wanted, judged, formulas, day) select id, 1, 0, 0, 0 from painting',
    )
    fillHistory(sqlite, size)
  })()
}

/** Some colours twice, as in every studio. */
const tubeAt = (n: number) =>
  tube(`tube-${n}`, {
    name: `${of(places, n)} ${of(lights, n)} ${n}`,
    pigments: [{ pigment: of(pigments, n), share: 1 }],
    oil: of(oils, n),
    leftMl: n % 60,
  })

const places = ['Harbour', 'Orchard', 'Kiln', 'Ferry', 'Salt pans', 'Glasshouse', 'Allotment', 'Stair']
const lights = ['morning', 'noon', 'dusk', 'frost', 'rain', 'lamp light', 'first snow']

function putter(sqlite: SQLite.Database) {
  const mention = sqlite.prepare('insert into mention values (?, ?, ?, ?, ?)')
  const plain = (kind: Kind) =>
    sqlite.prepare(`insert into ${kind} (id, revision, version, title, body) values (?, 1, ?, ?, ?)`)
  const owned = (kind: Kind) =>
    sqlite.prepare(
      `insert into ${kind} (id, revision, version, title, body, parent_id) values (?, 1, ?, ?, ?, ?)`,
    )
  const statements = new Map<Kind, SQLite.Statement>()
  return <K extends Kind>(kind: K, body: Bodies[K]): void => {
    const { version, titleOf, parentOf, mentionsOf } = kinds[kind] as StoredKind<K>
    const statement = statements.get(kind) ?? (parentOf ? owned(kind) : plain(kind))
    statements.set(kind, statement)
    const values = [body.id, version, titleOf(body), JSON.stringify(body)]
    statement.run(...values, ...(parentOf ? [parentOf(body)] : []))
    for (const { role, id, holds } of mentionsOf(body)) mention.run(kind, body.id, role, id, holds ? 1 : 0)
  }
}

const lotAt = (n: number) =>
  lot(`lot-${n}`, {
    name: `Lot ${n} of ${of(places, n)}`,
    base: of(oils, n),
    stockG: 50 + (n % 200),
    note: 'Bought at the harbour, kept in the dark.',
  })

const mediumAt = (n: number, size: Size) =>
  medium(`medium-${n}`, {
    name: `Medium ${n} for ${of(lights, n)}`,
    recipe: {
      lines: [
        { material: of(oils, n), amount: 30, unit: 'ml' },
        { material: `lot-${n % size.items}`, amount: 10, unit: 'ml' },
        { material: 'damar', amount: 4, unit: 'g' },
        ...(n > 0 && n % 5 === 0 ? [{ medium: `medium-${n - 1}`, amount: 5, unit: 'ml' as const }] : []),
      ],
    },
  })

function batchAt(n: number, size: Size, today: string) {
  const at = `${dateOf(dayOf(today)! - (n % 700))}T10:00`
  const parts = [of(oils, n), 'damar']
  return emptyBatch(`batch-${n}`, {
    name: `Medium ${n % size.mediums}`,
    number: n + 1,
    mediumId: `medium-${n % size.mediums}`,
    targets: parts.map((material, part) => ({ material, grams: part ? 8 : 90 })),
    pours: parts.map((material, part) => ({ material, grams: part ? 8 : 90, at, drawnG: 0 })),
    madeOn: at,
  })
}

function layerAt(n: number, position: number, size: Size, today: string) {
  const inWork = n % (size.openEvery ?? 4) === 0
  const painted = !inWork || position < size.layers - 3
  const day = dayOf(today)! - (inWork ? 120 : 1500) + position * 12
  const plan = layer(`layer-${n}-${position}`, `painting-${n}`, position, {
    name: `Layer ${position + 1}`,
    paints: [{ pigments: [{ pigment: of(pigments, n + position), share: 1 }], oil: of(oils, n), parts: 1 }],
    medium: painted ? null : { mediumId: `medium-${(n + position) % size.mediums}`, parts: 0.2 },
    wetThicknessUm: 20 + 10 * position,
  })
  return painted ? paintedAt(`${dateOf(day)}T11:00`, plan) : plan
}

/** Edits of layers, of which the newest is what stands. */
function fillHistory(sqlite: SQLite.Database, { paintings, layers, events }: Size): void {
  const event = sqlite.prepare("insert into event (at, painting_id, what) values ('2026-01-01T09:00', ?, ?)")
  const thing = sqlite.prepare("insert into event_thing values (?, 'layer', ?, ?, 0, ?, 1)")
  const body = sqlite.prepare('select body from layer where id = ?').pluck()
  for (let n = 0; n < events; n++) {
    const at = n % (paintings * layers)
    const [owner, position] = [Math.floor(at / layers), at % layers]
    const id = `layer-${owner}-${position}`
    const { lastInsertRowid } = event.run(`painting-${owner}`, `Changed layer Layer ${position + 1}`)
    thing.run(lastInsertRowid, id, 1, body.get(id))
  }
}
