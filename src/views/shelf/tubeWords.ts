import { about } from '../../ui/format.ts'

/** "about 18 ml left". */
export const leftText = (ml: number): string =>
  ml === 0 ? 'used up' : `${ml < 10 ? about(ml) : Math.round(ml)} ml left`
