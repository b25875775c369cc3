import { useEffect, useState } from 'react'

const restMs = 200

/** A value once it has stood still for a while; the first one at once. What is slow follows it, and not every stroke. */
export function useRested<Value>(value: Value): Value {
  const [rested, setRested] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), restMs)
    return () => clearTimeout(timer)
  }, [value])
  return rested
}
