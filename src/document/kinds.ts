import type { ZodType } from 'zod'
import { fingerWords } from '../core/cure/checkWords.ts'
import { batchSchema } from './batch.ts'
import type { Batch } from './batch.ts'
import { batchTitle } from './batchMedium.ts'
import { fromVersion1, layerSchema, settledByPainting } from './layer.ts'
import type { LayerDocument } from './layer.ts'
import {
  mentionsOfBatch,
  mentionsOfLayer,
  mentionsOfMedium,
  mentionsOfPainting,
  mentionsOfReminder,
  mentionsOfSwatch,
  mentionsOfTouchTest,
  mentionsOfTrial,
  mentionsOfTube,
} from './mentions.ts'
import type { Mention, Role } from './mentions.ts'
import { mediumSchema } from './recipe.ts'
import type { MediumDocument } from './recipe.ts'
import { shelfItemSchema } from './shelf.ts'
import type { ShelfItem } from './shelf.ts'
import { ownTubeSchema } from './tube.ts'
import type { OwnTube } from './tube.ts'
import { practiceFromVersion1, practiceSchema } from './practice.ts'
import type { PracticeDocument } from './practice.ts'
import { paintingFromVersion1, paintingSchema, settingsSchema, touchTestSchema } from './studio.ts'
import type { PaintingDocument, Settings, TouchTest } from './studio.ts'
import { fingerFromVersion1 } from './finger.ts'
import { reminderSchema } from './reminder.ts'
import type { Reminder } from './reminder.ts'
import { closingSchema } from './closing.ts'
import type { Closing } from './closing.ts'
import { exerciseSchema } from './pieces/piece.ts'
import type { Exercise } from './pieces/piece.ts'
import { readingSchema } from './room.ts'
import type { RoomReadingDocument } from './room.ts'
import { swatchSchema } from './swatch.ts'
import type { Swatch } from './swatch.ts'
import { trialSchema } from './trial.ts'
import type { Trial } from './trial.ts'
import { idSchema } from './values.ts'

/** What is stored, by kind. Each kind has a table of its name. */
export interface Bodies {
  setting: Settings & { id: string }
  shelf_item: ShelfItem
  tube: OwnTube
  batch: Batch
  medium: MediumDocument
  practice: PracticeDocument
  painting: PaintingDocument
  layer: LayerDocument
  touch_test: TouchTest
  swatch: Swatch
  trial: Trial
  reading: RoomReadingDocument
  reminder: Reminder
  closing: Closing
  exercise: Exercise
}
export type Kind = keyof Bodies

/** Turns a body of one version into one of the next. */
type Upcast = (body: Record<string, unknown>) => Record<string, unknown>

/**
 * How one kind of thing is stored. A change of its schema that old bodies do not satisfy raises `version` and adds an
 * upcast; one that only adds a field with a default needs neither.
 */
export interface StoredKind<K extends Kind> {
  readonly version: number
  readonly schema: ZodType<Bodies[K]>
  /** At index n: from version n + 1 to n + 2. */
  readonly upcasts: readonly Upcast[]
  /** What a painter calls such a thing: "layer". */
  readonly word: string
  /** What this one is called, and found by. */
  readonly titleOf: (body: Bodies[K]) => string
  /** The table's column `parent_id`, where it has one. */
  readonly parentOf?: (body: Bodies[K]) => string
  readonly mentionsOf: (body: Bodies[K]) => readonly Mention[]
  /** As what others name it. */
  readonly role: Role | null
  /** Fields that the judgement of a painting rests on. */
  readonly judgedBy: readonly (keyof Bodies[K])[]
}

const none = (): readonly Mention[] => []

export const kinds: { readonly [K in Kind]: StoredKind<K> } = {
  setting: {
    version: 1,
    schema: settingsSchema.extend({ id: idSchema }),
    upcasts: [],
    word: 'studio',
    titleOf: ({ studioName }) => studioName,
    mentionsOf: none,
    role: null,
    judgedBy: ['climate', 'season', 'places', 'workingDays', 'away', 'confidence', 'policies'],
  },
  shelf_item: {
    version: 1,
    schema: shelfItemSchema,
    upcasts: [],
    word: 'material',
    titleOf: ({ name }) => name,
    mentionsOf: none,
    role: 'material',
    judgedBy: [
      'name',
      'base',
      'family',
      'densityGPerMl',
      'nonVolatile',
      'stays',
      'iodine',
      'rate',
      'hazards',
      'dropper',
    ],
  },
  tube: {
    version: 1,
    schema: ownTubeSchema,
    upcasts: [],
    word: 'tube',
    titleOf: ({ name }) => name,
    mentionsOf: mentionsOfTube,
    role: 'tube',
    judgedBy: [
      'name',
      'pigments',
      'oil',
      'oilPercent',
      'speed',
      'transparency',
      'sinkingTendency',
      'hazards',
      'streaks',
      'dryingTests',
    ],
  },
  batch: {
    version: 1,
    schema: batchSchema,
    upcasts: [],
    word: 'batch',
    titleOf: batchTitle,
    mentionsOf: mentionsOfBatch,
    role: 'medium',
    judgedBy: ['name', 'number', 'pours', 'materials', 'mediumId'],
  },
  medium: {
    version: 1,
    schema: mediumSchema,
    upcasts: [],
    word: 'medium',
    titleOf: ({ name }) => name,
    mentionsOf: mentionsOfMedium,
    role: 'medium',
    judgedBy: ['name', 'recipe', 'mostPasses'],
  },
  practice: {
    version: 2,
    schema: practiceSchema,
    upcasts: [practiceFromVersion1],
    word: 'practice',
    titleOf: ({ name }) => name,
    mentionsOf: none,
    role: 'practice',
    judgedBy: [
      'alkydWeight',
      'gate',
      'fat',
      'alkydWatched',
      'thinnerCounts',
      'waxPasteCounts',
      'oilingOut',
      'varnish',
      'limits',
    ],
  },
  painting: {
    version: 2,
    schema: paintingSchema,
    upcasts: [paintingFromVersion1],
    word: 'painting',
    titleOf: ({ title }) => title,
    mentionsOf: mentionsOfPainting,
    role: 'painting',
    judgedBy: [
      'support',
      'ground',
      'groundOn',
      'old',
      'practice',
      'keptPractice',
      'departures',
      'areas',
      'widthCm',
      'heightCm',
      'moves',
    ],
  },
  layer: {
    version: 2,
    schema: layerSchema,
    upcasts: [fromVersion1],
    word: 'layer',
    titleOf: ({ name }) => name,
    parentOf: ({ paintingId }) => paintingId,
    mentionsOf: mentionsOfLayer,
    role: 'layer',
    judgedBy: ['position', 'name', 'prepared', ...settledByPainting, 'painted'],
  },
  touch_test: {
    version: 2,
    schema: touchTestSchema,
    upcasts: [fingerFromVersion1],
    word: 'touch test',
    titleOf: fingerWords,
    parentOf: ({ layerId }) => layerId,
    mentionsOf: mentionsOfTouchTest,
    role: null,
    judgedBy: ['at', 'check', 'passed', 'counts'],
  },
  swatch: {
    version: 1,
    schema: swatchSchema,
    upcasts: [],
    word: 'swatch',
    titleOf: ({ name }) => name,
    mentionsOf: mentionsOfSwatch,
    role: 'swatch',
    judgedBy: ['laid', 'ground', 'placeId', 'fingers'],
  },
  trial: {
    version: 1,
    schema: trialSchema,
    upcasts: [],
    word: 'trial',
    titleOf: ({ question }) => question,
    mentionsOf: mentionsOfTrial,
    role: null,
    judgedBy: [],
  },
  reading: {
    version: 1,
    schema: readingSchema,
    upcasts: [],
    word: 'reading of the room',
    titleOf: ({ on }) => on,
    parentOf: ({ placeId }) => placeId,
    mentionsOf: none,
    role: null,
    judgedBy: ['temperatureC', 'relativeHumidityPct', 'light'],
  },
  reminder: {
    version: 1,
    schema: reminderSchema,
    upcasts: [],
    word: 'reminder',
    titleOf: ({ text }) => text,
    mentionsOf: mentionsOfReminder,
    role: null,
    judgedBy: [],
  },
  closing: {
    version: 1,
    schema: closingSchema,
    upcasts: [],
    word: 'end of a day',
    titleOf: ({ on }) => on,
    mentionsOf: none,
    role: null,
    judgedBy: [],
  },
  exercise: {
    version: 1,
    schema: exerciseSchema,
    upcasts: [],
    word: 'practice piece',
    titleOf: ({ title }) => title,
    mentionsOf: none,
    role: null,
    judgedBy: [],
  },
}

export const kindNames = Object.keys(kinds) as readonly Kind[]

/** A body that was read, or why it cannot be. */
export type Reading<Body> =
  { readonly ok: true; readonly body: Body } | { readonly ok: false; readonly why: string }

/** Reads a stored body of any version this program knows: brings it forward, then checks it. Never throws. */
export function readStored<K extends Kind>(kind: K, text: string, version: number): Reading<Bodies[K]> {
  try {
    return readWritten(kind, JSON.parse(text), version)
  } catch {
    return notWhole
  }
}

/** The same of a body that was parsed already. Never throws. */
export function readWritten<K extends Kind>(kind: K, written: unknown, version: number): Reading<Bodies[K]> {
  const { schema, upcasts, version: newest } = kinds[kind]
  if (version > newest) return { ok: false, why: 'It was written by a newer Grelta.' }
  try {
    const body = upcasts
      .slice(version - 1)
      .reduce((older, upcast) => upcast(older), written as Record<string, unknown>)
    const parsed = schema.safeParse(body)
    return parsed.success
      ? { ok: true, body: parsed.data }
      : { ok: false, why: faultOf(parsed.error.issues[0]) }
  } catch {
    return notWhole
  }
}

const notWhole = { ok: false, why: 'What is stored is not whole.' } as const

const faultOf = (
  issue: { readonly path: readonly PropertyKey[]; readonly message: string } | undefined,
): string =>
  issue ? `${issue.path.map(String).join('.')}: ${issue.message}` : 'What is stored is not whole.'
