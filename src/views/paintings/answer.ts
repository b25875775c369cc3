import type { PaintingPage } from '../../studio/lists/paintingList.ts'

/** The first thing said of a list of paintings: how many of them are not sound. */
export function answerOf({ count, verdicts }: Pick<PaintingPage, 'count' | 'verdicts'>): string {
  const { sound, watch, unsound } = verdicts
  if (count === 0) return 'Paintings'
  if (sound + watch + unsound < count) return count === 1 ? 'One painting' : `${count} paintings`
  if (sound === count) return count === 1 ? 'It is sound' : `All ${count} paintings are sound`
  if (count === 1) return unsound === 1 ? 'It is unsound' : 'It is to be watched'
  const told = [
    unsound > 0 && `${unsound} of ${count} paintings ${unsound === 1 ? 'is' : 'are'} unsound`,
    watch > 0 &&
      (unsound > 0
        ? `${watch} to be watched`
        : `${watch} of ${count} paintings ${watch === 1 ? 'is' : 'are'} to be watched`),
  ]
  return told.filter(Boolean).join(', ')
}
