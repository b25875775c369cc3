import { useEffect, useRef } from 'react'
import type { Standing } from '../../saving/desk.ts'

/** Does something once what was kept while the studio did not answer has all been sent. */
export function useOnceSent(standing: Standing, then: () => void): void {
  const wasKept = useRef(false)
  useEffect(() => {
    if (standing === 'kept') wasKept.current = true
    if (standing !== 'saved' || !wasKept.current) return
    wasKept.current = false
    then()
  })
}
