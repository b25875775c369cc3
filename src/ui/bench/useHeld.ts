import { useEffect, useRef } from 'react'

/** The value; while it is held, the last one before. */
export function useHeld<Value>(now: Value, held: boolean): Value {
  const last = useRef(now)
  useEffect(() => {
    if (!held) last.current = now
  })
  return held ? last.current : now
}
