import { useEffect, useState } from 'react'
import type { LivingPicture } from '../../document/dates/living.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { SolvedPicture } from '../../document/picture/solved.ts'
import type { Solving } from '../../workers/solve.ts'

/** What was seen through the depth of a picture, and of which one. */
interface Seen {
  readonly of: Picture
  readonly living: LivingPicture
}

/** The films of a picture through their depth, reckoned in a worker once another day is asked for; null until then. */
export function useLiving(
  picture: Picture,
  solved: SolvedPicture,
  span: readonly [number, number],
  isAsked: boolean,
): LivingPicture | null {
  const [seen, setSeen] = useState<Seen | null>(null)
  const [from, to] = span
  useEffect(() => {
    if (!isAsked) return
    const worker = new Worker(new URL('../../workers/solve.ts', import.meta.url), { type: 'module' })
    const look = async (): Promise<void> => {
      const { wrap } = await import('comlink')
      const living = await wrap<Solving>(worker).living(picture, solved, [from, to])
      setSeen({ of: picture, living })
    }
    // Without it the section shows the states of its films, and no depth.
    look().catch(() => undefined)
    return () => worker.terminate()
  }, [picture, solved, from, to, isAsked])
  return isAsked && seen?.of === picture ? seen.living : null
}
