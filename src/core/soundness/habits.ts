import { temperOf } from '../materials/temper.ts'
import type { LaidLayer, LaidPicture } from './lay.ts'

/** Soft habits of practice: hints that are no rules, and can be turned off. */
export const habitIds = [
  'darks-thin-first',
  'cool-then-warm',
  'fast-medium-first-only',
  'oil-out-before-glaze',
] as const
export type HabitId = (typeof habitIds)[number]

export interface Hint {
  readonly habit: HabitId
  /** The event it is about. */
  readonly layer: number
  readonly message: string
}

/** From this share of the binder, by volume, alkyd makes a medium a fast one. */
const fastFrom = 0.2
/** Dry µm up to which a first layer is thin. */
const thinUpToUm = 60

const tells: Readonly<Record<HabitId, (layers: readonly LaidLayer[]) => readonly Omit<Hint, 'habit'>[]>> = {
  'darks-thin-first': ([first]) =>
    first?.isOilFilm && first.thickestUm > thinUpToUm
      ? [
          {
            layer: first.event,
            message: `${first.name} is thick for a first layer: darks thin first, lights thick last.`,
          },
        ]
      : [],
  'cool-then-warm': (layers) => {
    const bodies = layers.filter(({ isOilFilm, purpose }) => isOilFilm && (purpose ?? 'body') === 'body')
    return bodies.slice(1).flatMap(({ event, name, materials }, at) => {
      const under = bodies[at]!
      return temperOf(materials) === 'cool' && temperOf(under.materials) === 'warm'
        ? [
            {
              layer: event,
              message: `${name} is cool over ${under.name}, which is warm: many lay the cool first.`,
            },
          ]
        : []
    })
  },
  'fast-medium-first-only': (layers) =>
    layers
      .slice(1)
      .filter(({ isOilFilm, film }) => isOilFilm && film.binder.alkyd >= fastFrom)
      .map(({ event, name }) => ({
        layer: event,
        message: `${name} has fast medium in it: many leave it off after the first layer, and go on in plain oil.`,
      })),
  'oil-out-before-glaze': (layers) =>
    layers.flatMap(({ event, name, purpose }, at) => {
      const under = layers[at - 1]
      const isSunk = under?.film.surface === 'matt' || under?.film.surface === 'underbound'
      return purpose === 'glaze' && under && isSunk
        ? [
            {
              layer: event,
              message: `${under.name} has sunk: oil it out first, to see what ${name} does to it.`,
            },
          ]
        : []
    }),
}

/** What habit would have a painter do otherwise, each once. */
export function hintsIn({ areas }: Pick<LaidPicture, 'areas'>, off: readonly HabitId[]): readonly Hint[] {
  const hints = areas.flatMap(({ layers }) => {
    const there = layers.filter(({ goneDay }) => goneDay === null)
    return habitIds
      .filter((habit) => !off.includes(habit))
      .flatMap((habit) => tells[habit](there).map((hint): Hint => ({ habit, ...hint })))
  })
  return [...new Map(hints.map((hint) => [`${hint.habit} ${hint.layer}`, hint])).values()]
}
