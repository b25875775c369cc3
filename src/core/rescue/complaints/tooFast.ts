import type { Complaint } from '../complaint.ts'
import { question, untilFirm } from './asking.ts'

export const tooFast: Complaint = {
  id: 'too-fast',
  name: 'Too fast',
  alsoSaid: 'sets under the brush, skins over, drags',
  questions: [
    question('skin', 'Is there a skin over something soft?', 'Press with a thumb where it is thick.', {
      yes: 'The skin moves on what is below',
      no: 'It is the same through and through',
    }),
    question('folds', 'Has it folded?', 'Look along it against the light.', {
      yes: 'It is wrinkled',
      no: 'It is smooth',
    }),
  ],
  diagnose: ({ skin, folds }, facts) => [
    {
      probably: facts?.hasSurfaceDrier
        ? 'A drier that works from the top closes it.'
        : facts && facts.alkyd >= 0.2
          ? 'Alkyd sets it: that is what it is for.'
          : 'An umber, a drier, warmth or a thin lean coat sets it.',
      sure: facts?.hasSurfaceDrier || (facts && facts.alkyd >= 0.2) ? 'likely' : 'possible',
      now: [
        'Next time thinner coats, less drier or none, and a cooler room.',
        ...(skin === 'yes' ? [`Put nothing over it: wait ${untilFirm(facts)}.`] : []),
        ...(folds === 'yes' ? ['It has wrinkled already: look there.'] : []),
      ],
      leave: 'No more oil on the skin: it does not soften it again.',
      conservator: null,
    },
  ],
}
