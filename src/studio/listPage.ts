/** So many lines of a list are sent at a time. */
export const linesAtATime = 30

/** What of a list an address asks for. */
export interface PageAsked {
  /** What is looked for; empty: everything. */
  readonly text: string
  /** How many lines come before. */
  readonly from: number
}

/** In an address: ?find=stand oil&from=30. What is no number of lines begins at the first. */
export const pageAsked = (search: URLSearchParams): PageAsked => ({
  text: search.get('find') ?? '',
  from: linesBefore(Number(search.get('from'))),
})

const linesBefore = (from: number): number => (Number.isSafeInteger(from) && from > 0 ? from : 0)

/** One page of a list: how many there are in all, and these of them. */
export interface ListPage<Entry> {
  readonly count: number
  readonly entries: readonly Entry[]
}
