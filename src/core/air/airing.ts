/** How the face at the easel stands to the room's mean (science.md §10): 3 to 10 times. */
const atTheEasel = { low: 3, high: 10 } as const

/** What the face meets of what the room holds on the mean, from the least to the most of it; in the same unit. */
export const atEasel = (ofRoom: number): { readonly low: number; readonly high: number } => ({
  low: atTheEasel.low * ofRoom,
  high: atTheEasel.high * ofRoom,
})

/** How often an hour the air changes: as windows stand, an estimate. */
export const airings = { closed: 0.3, crack: 1, windows: 4 } as const

/** The same with a fan: what it takes out, m³ an hour, over what the room holds. */
export const withFan = (changes: number, extraction: number, roomM3: number): number =>
  changes + extraction / roomM3

/** The opening of a round vessel, cm². */
export const mouthCm2 = (acrossCm: number): number => Math.PI * (acrossCm / 2) ** 2
