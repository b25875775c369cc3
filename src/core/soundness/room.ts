import type { LaidPicture, RoomReading } from './lay.ts'

/** What the rules about the room know of it. */
type Room = Pick<LaidPicture, 'readings' | 'climate'>

/** The days of the room from one day to another; before any of them is read its set climate stands for all. */
export function roomBetween({ readings, climate }: Room, from: number, to: number): readonly RoomReading[] {
  const isToCome = readings.every(({ day }) => day < from - 1)
  if (isToCome) return [{ ...climate, day: from }]
  return readings.filter(({ day }) => day >= from - 1 && day <= to + 1e-9)
}

/** Dew point, °C: D = 243.12 g/(17.62 − g), g = ln(RH/100) + 17.62 T/(243.12 + T). */
export function dewPointC({
  temperatureC,
  relativeHumidityPct,
}: Pick<RoomReading, 'temperatureC' | 'relativeHumidityPct'>): number {
  const g =
    Math.log(Math.max(1, relativeHumidityPct) / 100) + (17.62 * temperatureC) / (243.12 + temperatureC)
  return (243.12 * g) / (17.62 - g)
}
