import type { Answers, Question, RescueFacts } from '../complaint.ts'
import { about, dayCount } from '../../words.ts'

/** What several complaints ask and say alike. */

export const question = (
  id: string,
  asks: string,
  how: string,
  answers: Readonly<Record<string, string>>,
): Question => ({
  id,
  asks,
  how,
  answers: Object.entries(answers).map(([answer, says]) => ({ id: answer, says })),
})

export const isWet = question('wet', 'Is it still wet?', 'A clean finger on a spot you can spare, lightly.', {
  yes: 'It comes off on the finger',
  tacky: 'It is tacky',
  no: 'It is dry to the touch',
})

/** Wet by the finger, or where that is not said by the record. */
export const stillWet = ({ wet }: Answers, facts: RescueFacts | null): boolean =>
  wet === undefined ? facts !== null && facts.isPainted && facts.touchChance < 0.5 : wet === 'yes'

export const untilFirm = (facts: RescueFacts | null): string =>
  !facts
    ? 'until a fingernail leaves no mark at the thickest spot'
    : facts.firmInDays === null
      ? 'as long as it takes: by its forecast it may never be firm'
      : facts.firmInDays <= 0
        ? 'no longer: it is likely firm by now, which a fingernail at the thickest spot tells'
        : `about ${dayCount(facts.firmInDays)} more, until a fingernail leaves no mark at the thickest spot`

export const grams = (g: number): string => `${about(g)} g`
export const noAbrasion = (facts: RescueFacts | null): string =>
  facts?.isNeverAbraded
    ? 'No abrasion at all: there is lead, another such metal, wax or an old picture in it.'
    : 'Never sand it dry; wet and gloved only, and not at all where lead may be in it.'
