import type { Complaint } from '../complaint.ts'
import { question } from './asking.ts'
import { about } from '../../words.ts'

export const oilCreeping: Complaint = {
  id: 'oil-creeping',
  name: 'Oil creeping out',
  alsoSaid: 'halo, dark rim, greasy edge, oil stain',
  questions: [
    question('rim', 'Where is the oil?', 'Look along the edge of what was painted.', {
      rim: 'A rim on matt paint or bare ground beside it',
      on: 'Beads or a film on the paint itself',
    }),
    question('age', 'How old is it?', 'When was it painted?', {
      fresh: 'Hours to a day or two',
      dry: 'It has dried',
    }),
  ],
  diagnose: ({ rim, age }, facts) => [
    {
      probably:
        rim === 'on'
          ? 'More oil in that heap than its powder holds.'
          : 'A halo: the thirsty ground beside it drinks the oil.',
      sure: rim ? 'likely' : 'possible',
      now:
        age === 'dry'
          ? ['It stays. Paint past the edge, or isolate the rest so that all is alike.']
          : [
              'Blot it with soft paper, without rubbing.',
              'Dust chalk on the rim, leave it a day, and brush it off outdoors, with a mask.',
              facts && rim === 'on'
                ? `Next time less oil: this one has ${facts.fatness === null || !Number.isFinite(facts.fatness) ? 'no powder to hold it' : `${about(facts.fatness)} times what its powder needs`}.`
                : 'Next time isolate the whole, or 10 mm past the edge.',
            ],
      leave: 'No solvent: it drives the oil further.',
      conservator: null,
    },
  ],
}
