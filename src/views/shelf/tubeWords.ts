import { about } from '../../ui/format.ts'

/** From here down a tube is told to be nearly out, ml. */
export const nearlyOutMl = 5

/** "about 18 ml left". */
export const leftText = (ml: number): string =>
  ml === 0 ? 'used up' : `${ml < 10 ? about(ml) : Math.round(ml)} ml left`
