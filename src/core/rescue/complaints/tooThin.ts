import type { Complaint } from '../complaint.ts'
import { grams, question } from './asking.ts'
import { percent } from '../../words.ts'

export const tooThin: Complaint = {
  id: 'too-thin',
  name: 'Too thin',
  alsoSaid: 'washed out, dusty, powdery, streaky, weak',
  questions: [
    question('dust', 'Does it dust?', 'A dry white cloth over a corner, lightly.', {
      yes: 'Colour comes off on the cloth',
      no: 'The cloth stays clean',
    }),
    question('ground', 'Does the ground drink?', 'A drop of water on a bare spot.', {
      yes: 'It sinks in at once',
      no: 'It stands',
    }),
  ],
  diagnose: ({ dust, ground }, facts) => {
    const starved = facts?.binderRatio != null && facts.binderRatio < 1.05
    return [
      {
        probably: `${ground === 'yes' ? 'The ground has drunk its oil' : 'Solvent has spread it too far'}${facts?.binderRatio == null ? '' : `: ${percent(facts.binderRatio)} of the binder its powder needs is left`}.`,
        sure: starved || dust === 'yes' ? 'likely' : 'possible',
        now: [
          facts?.oilToBindG
            ? `Another pass of the same colour with ${grams(facts.oilToBindG)} of medium or oil to 10 ml of paint: that brings it to what its powder needs.`
            : 'Another pass of the same colour, with a little medium and no thinner.',
          ...(ground === 'yes' ? ['Seal what is still bare first: an isolating coat, thin.'] : []),
        ],
        leave: 'No solvent on it, and no brushing back and forth: it lifts.',
        conservator:
          dust === 'yes' ? 'Loose powder has to be consolidated: ask, before anything goes over it.' : null,
      },
    ]
  },
}
