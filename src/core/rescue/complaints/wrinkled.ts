import type { Complaint } from '../complaint.ts'
import { noAbrasion, question, untilFirm } from './asking.ts'
import { about } from '../../words.ts'

export const wrinkled: Complaint = {
  id: 'wrinkled',
  name: 'Wrinkled',
  alsoSaid: 'folded, puckered, skin, alligator',
  questions: [
    question('firm', 'Is it firm underneath?', 'A fingernail into a fold you can spare.', {
      yes: 'It leaves no mark',
      no: 'It is soft below',
    }),
    question('lead', 'Lead, or an old picture?', 'Look at the record and the tubes.', {
      yes: 'Yes, or I do not know',
      no: 'Neither',
    }),
  ],
  diagnose: ({ firm, lead }, facts) => [
    {
      probably: `A skin closed over wet paint${facts ? ` ${about(facts.thickestUm)} µm thick${facts.hasSurfaceDrier ? ', hurried by its drier' : ''}` : ''}, and folded as it went on taking up oxygen.`,
      sure: 'likely',
      now:
        firm === 'yes'
          ? [
              lead === 'no' && !facts?.isNeverAbraded
                ? 'Scrape the folds flat, wet and gloved.'
                : 'Leave the folds; paint thin over them, or live with them.',
              'Redo it in thin coats, each firm before the next.',
            ]
          : [`Keep the skin closed and wait ${untilFirm(facts)}.`],
      leave: noAbrasion(facts),
      conservator: lead === 'yes' ? 'Lead and old pictures: no abrasion, ask first.' : null,
    },
  ],
}
