/** What goes wrong with a picture, in a painter's words. */
export const complaintIds = [
  'too-fat',
  'too-thin',
  'too-fast',
  'too-dark',
  'gone-dull',
  'lifted',
  'wrinkled',
  'cracked',
  'sticky',
  'bloomed',
  'oil-creeping',
] as const
export type ComplaintId = (typeof complaintIds)[number]

/** Something to look at or touch, and what may be seen. */
export interface Question {
  readonly id: string
  readonly asks: string
  /** How to find out. */
  readonly how: string
  readonly answers: readonly { readonly id: string; readonly says: string }[]
}

export interface Diagnosis {
  readonly probably: string
  readonly sure: 'likely' | 'possible'
  /** What to do now, in grams, days or wiping; in order. */
  readonly now: readonly string[]
  /** What to leave alone. */
  readonly leave: string
  /** When it is a conservator's work; null: it is not. */
  readonly conservator: string | null
}

export type Answers = Readonly<Record<string, string>>

/** What the record knows of the layer it is about; null where none is named. */
export interface RescueFacts {
  readonly name: string
  readonly isPainted: boolean
  /** Days since it was painted; 0 where it is only planned. */
  readonly ageDays: number
  readonly touchChance: number
  /** Days from now until it is firm, 4 times in 5; null: it may never be. */
  readonly firmInDays: number | null
  /** Fat over what the powder needs; null without powder or fat, Infinity all oil. */
  readonly fatness: number | null
  /** Oil of the dried film, by volume, 0..1. */
  readonly oilContent: number
  /** Binder for what the powder needs, once the ground has drunk; null without powder. */
  readonly binderRatio: number | null
  /** Medium or oil that would bring 10 ml of this paint to a binder ratio of 1.05 and 1.20, g; null where it cannot be told. */
  readonly oilToBindG: number | null
  readonly oilToShineG: number | null
  /** Dry colour that would bring 10 ml of it back to tube paint, g; null where it is no fatter. */
  readonly dryColourG: number | null
  readonly thickestUm: number
  /** Of the fat, 0..1, and what it is. */
  readonly nonDrying: number
  readonly nonDryingNames: readonly string[]
  /** Clove oil of the paint by mass, 0..1. */
  readonly clove: number
  readonly hasSurfaceDrier: boolean
  readonly alkyd: number
  readonly wax: number
  readonly resin: number
  /** Why it sinks; null: by its make-up it does not. */
  readonly sinking: { readonly risk: string; readonly why: string } | null
  /** What may never be sanded is in it: lead, cadmium and the like, wax, or an old picture. */
  readonly isNeverAbraded: boolean
  /** Titles of the rules that speak of it. */
  readonly speaking: readonly string[]
}

export interface Complaint {
  readonly id: ComplaintId
  readonly name: string
  /** Other words for it. */
  readonly alsoSaid: string
  readonly questions: readonly Question[]
  /** The likeliest first. */
  readonly diagnose: (answers: Answers, facts: RescueFacts | null) => readonly Diagnosis[]
}
