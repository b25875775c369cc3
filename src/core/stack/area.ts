/** A part of a picture's surface. What happens in areas that do not overlap never meets. */
export interface Area {
  readonly id: string
  readonly name: string
  /** Of the surface, 0..1; null: not told. */
  readonly share: number | null
}

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
  const left = 1 - areas.reduce((sum, { share }) => sum + (share ?? Infinity), 0)
  return left > slack ? [...areas, { id: restId, name: 'the rest', share: left }] : areas
}

/** Whether something that happens in these areas happens in this one; without areas named it happens everywhere. */
export const covers = ({ areas }: { readonly areas: readonly string[] }, area: string): boolean =>
  areas.length === 0 || areas.includes(area)

/** Whether two things meet anywhere. */
export const overlap = (
  a: { readonly areas: readonly string[] },
  b: { readonly areas: readonly string[] },
): boolean => a.areas.length === 0 || b.areas.length === 0 || a.areas.some((area) => b.areas.includes(area))
