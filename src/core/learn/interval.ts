/** What a check tells of a film, and of whose time it tells it. */

/** Shares by volume, of oil and alkyd, and of powder; an umber with its acting share. */
export interface Dries {
  readonly oils: Readonly<Record<string, number>>
  readonly powders: Readonly<Record<string, number>>
}

/** Between which two days checks found a state of one film reached; null: nothing bounds it there. */
export interface Interval extends Dries {
  readonly thicknessUm: number
  /** What the book says, in the climate that was. */
  readonly bookDays: number
  readonly failDays: number | null
  readonly passDays: number | null
  /** The first state told of this film; further ones say half as much. */
  readonly isFirst: boolean
}

export const studioName = 'studio'
export const oilName = (id: string): string => `oil ${id}`
export const powderName = (id: string): string => `powder ${id}`

/** How far each may differ from the book before anything is checked, sd of ln time. */
const prior = { studio: 0.22, part: 0.18 } as const
export const priorOf = (name: string): number => (name === studioName ? prior.studio : prior.part)

/** Spread of one film about what its parts make of it, sd of ln time. */
export const ownSpread = 0.12

/** By its name, how much each counts in the time of a film; the studio wholly. */
export const sharesOf = ({ oils, powders }: Dries): readonly (readonly [name: string, share: number])[] => [
  [studioName, 1],
  ...Object.entries(oils).map(([id, share]) => [oilName(id), share] as const),
  ...Object.entries(powders).map(([id, share]) => [powderName(id), share] as const),
]
