import type { Complaint } from '../complaint.ts'
import { grams, isWet, question, stillWet, untilFirm } from './asking.ts'
import { percent } from '../../words.ts'

export const tooFat: Complaint = {
  id: 'too-fat',
  name: 'Too fat',
  alsoSaid: 'too oily, too much medium, slippery, greasy',
  questions: [
    isWet,
    question(
      'above',
      'Is something leaner to go over it?',
      'Look at the stair: does it fall above this layer?',
      {
        yes: 'Yes',
        no: 'No, it is the last',
      },
    ),
  ],
  diagnose: (answers, facts) => [
    {
      probably: facts
        ? `Too much medium in ${facts.name}: ${percent(facts.oilContent)} of it dries to oil.`
        : 'Too much medium for where it lies.',
      sure: 'likely',
      now: stillWet(answers, facts)
        ? [
            'Wipe it off with a dry cloth and paint it again; or scrape it together on the palette.',
            facts?.dryColourG
              ? `Knead ${grams(facts.dryColourG)} of its own dry colour into 10 ml of it: that makes it tube paint again. Mask, and a wet bench.`
              : 'Knead a little of its own dry colour into what is left. Mask, and a wet bench.',
          ]
        : [
            answers['above'] === 'no'
              ? 'Leave it: as the last layer it may be fat. Give it light, or it yellows.'
              : `Let it harden: wait ${untilFirm(facts)}.`,
            ...(answers['above'] === 'no'
              ? []
              : [
                  facts
                    ? `Or make the next layer fatter than this one: over ${percent(facts.oilContent)} oil in its dried film.`
                    : 'Or make the next layer fatter than this one.',
                ]),
          ],
      leave: 'Never wash it with solvent: that thins nothing and opens the film.',
      conservator: null,
    },
  ],
}
