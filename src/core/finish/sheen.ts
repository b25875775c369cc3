import type { Surface } from '../film/film.ts'

/** How a place of a dried surface catches the light, dullest first (reckonings.md, Sheen map). */
export const sheens = ['sunken', 'matt', 'satin', 'glossy'] as const
export type Sheen = (typeof sheens)[number]

/** As a film is likely to look before anyone has looked. */
export const sheenOf: Readonly<Record<Surface, Sheen>> = {
  underbound: 'sunken',
  matt: 'matt',
  satin: 'satin',
  glossy: 'glossy',
}

/** A place of the surface: a patch somebody saw, or what an area is likely to look. */
export interface SheenPlace {
  readonly name: string
  readonly sheen: Sheen
  /** L* of the layer on top there, 0..100; null: not known. */
  readonly lightness: number | null
}

const step = (sheen: Sheen): number => sheens.indexOf(sheen)
export const isDull = (sheen: Sheen): boolean => sheen === 'sunken' || sheen === 'matt'

/** Below this a dull place looks lighter than it is. */
const darkBelow = 40

/** Two places whose gloss differs too much, and by how many steps. */
export interface Uneven<Place extends SheenPlace> {
  readonly dull: Place
  readonly bright: Place
  readonly steps: number
}

/** The two places that differ most; null where all are alike. The eye takes a picture in at once: all are neighbours. */
export function mostUneven<Place extends SheenPlace>(places: readonly Place[]): Uneven<Place> | null {
  const inOrder = [...places].sort((a, b) => step(a.sheen) - step(b.sheen))
  const [dull, bright] = [inOrder[0], inOrder.at(-1)]
  if (!dull || !bright) return null
  const steps = step(bright.sheen) - step(dull.sheen)
  return steps === 0 ? null : { dull, bright, steps }
}

const tooUneven = 2

/** Whether values may be judged on it, and what speaks against that. */
export interface Trust<Place extends SheenPlace> {
  readonly uneven: Uneven<Place> | null
  /** Dull places of dark colours: they look paler than they will. */
  readonly darks: readonly Place[]
}

export function trustOf<Place extends SheenPlace>(places: readonly Place[]): Trust<Place> {
  const uneven = mostUneven(places)
  return {
    uneven: uneven && uneven.steps >= tooUneven ? uneven : null,
    darks: places.filter(
      ({ sheen, lightness }) => isDull(sheen) && lightness !== null && lightness < darkBelow,
    ),
  }
}

export const isTrusted = ({ uneven, darks }: Trust<SheenPlace>): boolean =>
  uneven === null && darks.length === 0

/** A varnish goes over places within one step of each other; what differs more is evened first. */
export const isEvenForVarnish = (places: readonly SheenPlace[]): boolean =>
  (mostUneven(places)?.steps ?? 0) < tooUneven

/** In which order dull places are oiled out: the smallest first, and only those where work goes on. */
export const oilOutOrder = <Patch extends { readonly sheen: Sheen; readonly share: number }>(
  patches: readonly Patch[],
  isWorkedOn: (patch: Patch) => boolean,
): readonly Patch[] =>
  patches.filter((patch) => isDull(patch.sheen) && isWorkedOn(patch)).sort((a, b) => a.share - b.share)
