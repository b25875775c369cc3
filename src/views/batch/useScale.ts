import { useEffect, useState } from 'react'

export interface ScaleReading {
  /** On the pan since the last tare; what a scale at rest wavers by is nothing. */
  readonly grams: number
  readonly settled: boolean
}

/** A scale at rest wavers by so much, g. */
const noise = 0.015

const quieted = ({ grams, settled }: ScaleReading): ScaleReading => ({
  grams: Math.abs(grams) < noise ? 0 : grams,
  settled,
})

/** A scale that was switched off is asked for again after so long. */
const retryMs = 3000

/** The scale's reading as it comes; null while no scale answers. */
export function useScale(): ScaleReading | null {
  const [reading, setReading] = useState<ScaleReading | null>(null)
  useEffect(() => {
    let source: EventSource
    let timer: ReturnType<typeof setTimeout>
    const follow = (): void => {
      source = new EventSource('/api/scale')
      source.onmessage = ({ data }) => setReading(quieted(JSON.parse(data as string) as ScaleReading))
      // The server lost the scale, or we lost the server: either way the last reading says nothing any more.
      const lost = (): void => {
        source.close()
        setReading(null)
        timer = setTimeout(follow, retryMs)
      }
      source.addEventListener('gone', lost)
      source.onerror = lost
    }
    follow()
    return () => {
      clearTimeout(timer)
      source.close()
    }
  }, [])
  return reading
}
