/** Sections of the science as the program shows it, by the anchor of their heading. */
export const scienceSections = {
  amounts: '1-amounts',
  composition: '2-composition',
  paint: '3-paint',
  film: '4-film-and-drinking-model',
  cure: '5-cure-model',
  soundness: '6-soundness',
  dates: '8-dates',
  making: '9-making-weighing-keeping',
  palette: '10-paints-and-palette',
  time: '13-time',
} as const
export type ScienceSection = keyof typeof scienceSections
