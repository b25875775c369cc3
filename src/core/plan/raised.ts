/** A layer's oil content as it was planned, and as it came out; null: it is not painted yet. */
export interface PlannedFat {
  /** (oil + alkyd) over the dry volume, 0..1. */
  readonly planned: number
  readonly actual: number | null
}

/** Each step is at least one point of oil. */
const leastStep = 0.01
const slack = 1e-9
/** Closer than this to the plan is as planned. */
const asPlanned = 0.005

/**
 * What the layers above have to hold, bottom first, where one came out fatter than planned: the planned step over it holds
 * again, by at least one point of oil (reckonings.md, Planned and actual). Null: its plan stands, as it does where it is that
 * much fatter still than what came out.
 */
export function raisedTargets(layers: readonly PlannedFat[]): readonly (number | null)[] {
  let below: { readonly planned: number; readonly now: number } | null = null
  return layers.map(({ planned, actual }) => {
    const isFatter = below !== null && below.now > below.planned + asPlanned
    const holds = below === null || planned >= below.now + leastStep - slack
    const raised =
      actual === null && isFatter && !holds
        ? below!.now + Math.max(planned - below!.planned, leastStep)
        : null
    below = { planned, now: actual ?? raised ?? planned }
    return raised
  })
}
