import type { RoomAir } from './keeping.ts'

/** The air of a room nobody has told anything of. */
export const noAir: RoomAir = {
  roomM3: null,
  airing: 'crack',
  ownChanges: 1,
  airedFor: null,
  extraction: 0,
  ownLimit: null,
  sources: [],
}
