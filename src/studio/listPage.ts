/** So many lines of a list are sent at a time. */
export const linesAtATime = 30

/** One page of a list: how many there are in all, and these of them. */
export interface ListPage<Entry> {
  readonly count: number
  readonly entries: readonly Entry[]
}
