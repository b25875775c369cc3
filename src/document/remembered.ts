/** The same answer for what has the same key, made out once. */
export function remembered<Thing, Answer>(
  keyOf: (thing: Thing) => string,
  make: (thing: Thing) => Answer,
): (thing: Thing) => Answer {
  const known = new Map<string, Answer>()
  return (thing) => {
    const key = keyOf(thing)
    const before = known.get(key)
    if (before !== undefined) return before
    const answer = make(thing)
    known.set(key, answer)
    return answer
  }
}
