/** A queue from which the earliest is taken first: a binary heap by day. */
export interface Earliest<Item> {
  readonly put: (day: number, item: Item) => void
  readonly take: () => { readonly day: number; readonly item: Item } | null
}

export function earliestOf<Item>(): Earliest<Item> {
  const heap: { readonly day: number; readonly item: Item }[] = []
  const swap = (a: number, b: number): void => {
    const held = heap[a]!
    heap[a] = heap[b]!
    heap[b] = held
  }
  return {
    put: (day, item) => {
      let at = heap.push({ day, item }) - 1
      for (let above = (at - 1) >> 1; at > 0 && heap[above]!.day > day; above = (at - 1) >> 1) {
        swap(at, above)
        at = above
      }
    },
    take: () => {
      const first = heap[0] ?? null
      const last = heap.pop()
      if (heap.length === 0 || !last) return first
      heap[0] = last
      for (let at = 0; ;) {
        const left = 2 * at + 1
        if (left >= heap.length) return first
        const least = left + 1 < heap.length && heap[left + 1]!.day < heap[left]!.day ? left + 1 : left
        if (heap[least]!.day >= heap[at]!.day) return first
        swap(least, at)
        at = least
      }
    },
  }
}
