/** How thickly a layer is laid on, wet, µm: the words a painter uses for it. */
export const thicknessPresets = [
  { id: 'stain', name: 'stain', wetUm: 8 },
  { id: 'scrubbed', name: 'scrubbed in', wetUm: 15 },
  { id: 'thin', name: 'thin', wetUm: 30 },
  { id: 'normal', name: 'normal', wetUm: 70 },
  { id: 'full', name: 'full', wetUm: 150 },
  { id: 'impasto', name: 'impasto', wetUm: 600 },
  { id: 'heavy', name: 'heavy impasto', wetUm: 1500 },
] as const

/** Wet thickness from paint used: 1 ml over 100 cm² is 100 µm. */
export const wetUmFromUse = (ml: number, areaCm2: number): number => (ml / areaCm2) * 1e4
