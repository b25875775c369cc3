import { useEffect, useState } from 'react'

export interface ScaleReading {
  readonly grams: number
  readonly settled: boolean
}

/** The scale's reading as it comes; null while no scale answers. */
export function useScale(): ScaleReading | null {
  const [reading, setReading] = useState<ScaleReading | null>(null)
  useEffect(() => {
    const source = new EventSource('/api/scale')
    source.onmessage = ({ data }) => setReading(JSON.parse(data as string) as ScaleReading)
    source.addEventListener('gone', () => {
      setReading(null)
      source.close()
    })
    return () => source.close()
  }, [])
  return reading
}
