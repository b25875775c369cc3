import { useEffect, useState } from 'react'

/** A value once it has stood still for so long; the first one at once. What is slow follows it, and not every stroke. */
export function useRested<Value>(value: Value, restMs: number): Value {
  const [rested, setRested] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), restMs)
    return () => clearTimeout(timer)
  }, [value, restMs])
  return rested
}
