/** Cured fractions over time, in arrays that grow by doubling. */
export interface Trace {
  readonly add: (day: number) => void
  /** Of the step last added. */
  readonly set: (layer: number, mean: number) => void
  readonly last: (layer: number) => number
  readonly days: () => Float64Array
  readonly mean: (layer: number) => Float64Array
}

export function traceOf(layers: number): Trace {
  let days = new Float64Array(512)
  let means = Array.from({ length: layers }, () => new Float64Array(512))
  let length = 0
  const doubled = (old: Float64Array): Float64Array<ArrayBuffer> => {
    const wider = new Float64Array(2 * old.length)
    wider.set(old)
    return wider
  }
  return {
    add: (day) => {
      if (length === days.length) {
        days = doubled(days)
        means = means.map(doubled)
      }
      days[length++] = day
    },
    set: (layer, mean) => {
      means[layer]![length - 1] = mean
    },
    last: (layer) => means[layer]![Math.max(0, length - 2)]!,
    days: () => days.subarray(0, length),
    mean: (layer) => means[layer]!.subarray(0, length),
  }
}
