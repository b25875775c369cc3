/** How the face at the easel stands to the room's mean (science.md §10): 3 to 10 times. */
export const atTheEasel = { low: 3, high: 10 } as const

/** How often an hour the air changes: as windows stand, an estimate. */
export const airings = { closed: 0.3, crack: 1, windows: 4 } as const

/** The same with a fan: what it takes out, m³ an hour, over what the room holds. */
export const withFan = (changes: number, extraction: number, roomM3: number): number =>
  changes + extraction / roomM3

/** The opening of a round vessel, cm². */
export const mouthCm2 = (acrossCm: number): number => Math.PI * (acrossCm / 2) ** 2
