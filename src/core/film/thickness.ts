/** How thickly a layer is laid on, wet, µm: the words a painter uses for it, and what is as thick. */
export const thicknessPresets = [
  { id: 'stain', name: 'stain', wetUm: 8, like: 'the weave stands clear of it' },
  { id: 'scrubbed', name: 'scrubbed in', wetUm: 15, like: 'rubbed in with a rag or a stiff brush' },
  { id: 'thin', name: 'thin', wetUm: 30, like: 'half a hair' },
  { id: 'normal', name: 'normal', wetUm: 70, like: 'a hair, or a sheet of newspaper' },
  { id: 'full', name: 'full', wetUm: 150, like: 'two sheets of writing paper' },
  { id: 'impasto', name: 'impasto', wetUm: 600, like: 'two playing cards' },
  { id: 'heavy', name: 'heavy impasto', wetUm: 1500, like: 'a coin' },
] as const

/** Wet thickness from paint used: 1 ml over 100 cm² is 100 µm. */
export const wetUmFromUse = (ml: number, areaCm2: number): number => (ml / areaCm2) * 1e4

/** Wet thickness from what a picture gained on the scale, put on it at once: grams over an area. */
export const wetUmFromWeight = (grams: number, densityGPerMl: number, areaCm2: number): number =>
  wetUmFromUse(grams / densityGPerMl, areaCm2)

/** What stays of a wet film once its solvent and water are gone: `volatile` is their share of it, by volume. */
export const dryUmOf = (wetUm: number, volatile: number): number => wetUm * (1 - volatile)

/** The wet film that dried to this; null where nothing stays. */
export const wetUmOf = (dryUm: number, volatile: number): number | null =>
  volatile < 1 ? dryUm / (1 - volatile) : null
