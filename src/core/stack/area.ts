/** A part of a picture's surface. What happens in areas that do not overlap never meets. */
export interface Area {
  readonly id: string
  readonly name: string
  /** Of the surface, 0..1; null: not told. */
  readonly share: number | null
}

/** So many parts of a picture have a name at most. */
export const mostAreas = 12

/** What covers no named area: the whole of a picture without areas, or what its areas leave over. */
export const restId = ''

const wholePicture: Area = { id: restId, name: 'the whole picture', share: 1 }

/** Shares add up to the whole within this. */
const slack = 0.005

/**
 * The areas of a picture: those declared, then those only named by what happens in them, then what they leave over where
 * every share is told. Never empty.
 */
export function areasOf(
  declared: readonly Area[],
  happenings: readonly { readonly areas: readonly string[] }[],
): readonly Area[] {
  const known = new Set(declared.map(({ id }) => id))
  const named = [...new Set(happenings.flatMap(({ areas }) => areas))].filter((id) => !known.has(id))
  const areas = [...declared, ...named.map((id): Area => ({ id, name: id, share: null }))]
  if (areas.length === 0) return [wholePicture]
  const left = 1 - sharesOf(areas, Infinity)
  return left > slack ? [...areas, { id: restId, name: 'the rest', share: left }] : areas
}

/** What areas take of the surface together; one whose share is not told counts as `untold`. */
const sharesOf = (areas: readonly Pick<Area, 'share'>[], untold: number): number =>
  areas.reduce((sum, { share }) => sum + (share ?? untold), 0)

/** How much of the surface these areas leave over, 0..1, as far as is told. */
export const leftOver = (areas: readonly Pick<Area, 'share'>[]): number => Math.max(0, 1 - sharesOf(areas, 0))

/** Whether these areas leave nothing of the picture over, as far as is told. */
export const isWhole = (areas: readonly Pick<Area, 'share'>[]): boolean => leftOver(areas) <= slack

/** Whether these areas fit on the picture, as far as is told. */
export const fits = (areas: readonly Pick<Area, 'share'>[]): boolean => sharesOf(areas, 0) <= 1 + slack

/** Whether something that happens in these areas happens in this one; without areas named it happens everywhere. */
export const covers = ({ areas }: { readonly areas: readonly string[] }, area: string): boolean =>
  areas.length === 0 || areas.includes(area)

/** Whether two things meet anywhere. */
export const overlap = (
  a: { readonly areas: readonly string[] },
  b: { readonly areas: readonly string[] },
): boolean => a.areas.length === 0 || b.areas.length === 0 || a.areas.some((area) => b.areas.includes(area))

/** What a strip of so many mm all round adds to a surface, taken as square; both cm². An estimate. */
export const marginCm2 = (cm2: number, mm: number): number => (Math.sqrt(cm2) + mm / 5) ** 2 - cm2
