import { z } from 'zod'
import { batchSchema } from './batch.ts'
import { closingSchema } from './closing.ts'
import { kinds, readWritten } from './kinds.ts'
import type { Bodies, Kind, Reading } from './kinds.ts'
import { layerSchema } from './layer.ts'
import { exerciseSchema } from './pieces/piece.ts'
import { practiceSchema } from './practice.ts'
import { mediumSchema } from './recipe.ts'
import { reminderSchema } from './reminder.ts'
import { readingSchema } from './room.ts'
import { settingsId } from './settingsId.ts'
import { shelfItemSchema } from './shelf.ts'
import { paintingSchema, settingsSchema, touchTestSchema } from './studio.ts'
import { swatchSchema } from './swatch.ts'
import { trialSchema } from './trial.ts'
import { ownTubeSchema } from './tube.ts'

/** The whole studio as one document: what is taken out of a studio and brought into another. */

export const documentFormat = 'grelta.studio'

/**
 * Of each version of the document, which versions its bodies are of; a kind that is not named is in its first. A kind
 * that gets a new version makes a new version of the document.
 */
const bodyVersions: Readonly<Record<number, Partial<Record<Kind, number>>>> = {
  1: {},
  2: { practice: 2, painting: 2, layer: 2, touch_test: 2 },
}

export const documentVersion = 2

/** The version a kind's bodies have in a version of the document; null: no such document is known. */
export const bodyVersionIn = (version: number, kind: Kind): number | null => {
  const versions = bodyVersions[version]
  return versions ? (versions[kind] ?? 1) : null
}

/** A kind's list in the document, in the order in which they stand there: nobody is named before their kind. */
export const documentLists = {
  shelf: 'shelf_item',
  tubes: 'tube',
  mediums: 'medium',
  batches: 'batch',
  practices: 'practice',
  paintings: 'painting',
  layers: 'layer',
  touchTests: 'touch_test',
  swatches: 'swatch',
  trials: 'trial',
  readings: 'reading',
  reminders: 'reminder',
  closings: 'closing',
  exercises: 'exercise',
} as const satisfies Readonly<Record<string, Kind>>

export type ListName = keyof typeof documentLists
export const listNames = Object.keys(documentLists) as readonly ListName[]

export const studioDocumentSchema = z.object({
  format: z.literal(documentFormat),
  version: z.literal(documentVersion),
  settings: settingsSchema,
  shelf: z.array(shelfItemSchema).default([]),
  tubes: z.array(ownTubeSchema).default([]),
  mediums: z.array(mediumSchema),
  batches: z.array(batchSchema).default([]),
  practices: z.array(practiceSchema).default([]),
  paintings: z.array(paintingSchema),
  layers: z.array(layerSchema),
  touchTests: z.array(touchTestSchema),
  swatches: z.array(swatchSchema).default([]),
  trials: z.array(trialSchema).default([]),
  readings: z.array(readingSchema).default([]),
  reminders: z.array(reminderSchema).default([]),
  closings: z.array(closingSchema).default([]),
  exercises: z.array(exerciseSchema).default([]),
})
export type StudioDocument = z.infer<typeof studioDocumentSchema>

/** The published form of the document, as JSON Schema. */
export const documentJsonSchema = () => ({
  title: 'A studio of Grelta',
  description: 'Everything a studio keeps, but its history and the key of its calendar.',
  ...z.toJSONSchema(studioDocumentSchema, { io: 'output', unrepresentable: 'any' }),
})

/** One thing of a document. */
export interface DocumentThing<K extends Kind = Kind> {
  readonly kind: K
  readonly id: string
  readonly body: Bodies[K]
}

/** The settings as they travel: without the key of the calendar, which opens it to whoever has it. */
export const settingsThing = (settings: Omit<Bodies['setting'], 'id'>): DocumentThing<'setting'> => ({
  kind: 'setting',
  id: settingsId,
  body: { ...settings, calendarKey: null, id: settingsId },
})

/** A body from elsewhere, with what stays here as it is: the key of the calendar neither comes nor goes. */
export const withWhatStays = <K extends Kind>(kind: K, came: Bodies[K], here: Bodies[K]): Bodies[K] =>
  kind === 'setting' ? { ...came, calendarKey: (here as Bodies['setting']).calendarKey } : came

/** Everything in a document, one by one. */
export const thingsOfDocument = (document: StudioDocument): readonly DocumentThing[] => [
  settingsThing(document.settings),
  ...listNames.flatMap((list) =>
    document[list].map((body): DocumentThing => ({ kind: documentLists[list], id: body.id, body })),
  ),
]

/** A body of a document of some version, brought forward and checked. Never throws. */
export function readDocumentBody<K extends Kind>(
  kind: K,
  written: unknown,
  version: number,
): Reading<Bodies[K]> {
  const bodyVersion = bodyVersionIn(version, kind) ?? kinds[kind].version
  const whole = kind === 'setting' && isRecord(written) ? { ...written, id: settingsId } : written
  return readWritten(kind, whole, bodyVersion)
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
