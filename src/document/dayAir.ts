import { airOverDay } from '../core/air/vapour.ts'
import type { AirOverDay, AiredRoom } from '../core/air/vapour.ts'
import { airings, mouthCm2, withFan } from '../core/air/airing.ts'
import { exposureIdOf } from '../core/air/givenOff.ts'
import type { VapourSource } from '../core/air/emission.ts'
import { findInLibrary } from '../core/materials/find.ts'
import { kindOf } from '../core/materials/material.ts'
import type { RoomAir, RoomVapour } from './keeping.ts'

/* The air of the studio's own room, read off its settings without their schema. */

/** How often an hour the air changes: as the windows stand, and with what a fan takes out. */
const changesOf = (
  airing: RoomAir['airing'],
  { ownChanges, extraction }: Pick<RoomAir, 'ownChanges' | 'extraction'>,
  roomM3: number,
): number => withFan(airing === 'own' ? ownChanges : airings[airing], extraction, roomM3)

/** The hour everything begins by; the day is told from there. */
export const firstHour = (sources: readonly RoomVapour[]): number =>
  sources.length === 0 ? 0 : Math.floor(Math.min(...sources.map(({ fromHour }) => fromHour)))

function sourceOf(source: RoomVapour, from: number): VapourSource {
  const material = findInLibrary(source.solvent)
  const solvent = exposureIdOf(material ? kindOf(material) : source.solvent)
  return source.form === 'grams'
    ? { solvent, grams: source.grams, fromHour: source.fromHour - from, overHours: source.overHours }
    : {
        solvent,
        openAreaCm2: mouthCm2(source.acrossCm),
        fromHour: source.fromHour - from,
        toHour: source.toHour - from,
      }
}

const toldHours = 14

/** The room over the day that is told; null while its size is not. */
export function airedRoom(air: RoomAir): AiredRoom | null {
  const { roomM3, airing, airedFor, sources } = air
  if (roomM3 === null) return null
  const from = firstHour(sources)
  return {
    roomM3,
    airChangesPerHour: changesOf(airing, air, roomM3),
    aired: airedFor
      ? [
          {
            fromHour: airedFor.fromHour - from,
            toHour: airedFor.toHour - from,
            airChangesPerHour: changesOf(airedFor.airing, air, roomM3),
          },
        ]
      : [],
    hours: toldHours,
    sources: sources.map((source) => sourceOf(source, from)),
  }
}

/** The same with the windows otherwise. */
export const airOf = (air: RoomAir): AirOverDay | null => {
  const room = airedRoom(air)
  return room && airOverDay(room)
}

/** The hour of the day the last source ends. */
export const lastHour = (sources: readonly RoomVapour[]): number =>
  Math.max(
    0,
    ...sources.map((source) =>
      source.form === 'grams' ? source.fromHour + source.overHours : source.toHour,
    ),
  )
