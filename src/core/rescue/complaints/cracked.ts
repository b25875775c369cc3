import type { Complaint } from '../complaint.ts'
import { question } from './asking.ts'
import { listed } from '../../words.ts'

export const cracked: Complaint = {
  id: 'cracked',
  name: 'Cracked',
  alsoSaid: 'split, net of lines, crazed, flaking, torn',
  questions: [
    question('deep', 'How deep does it go?', 'A magnifying glass along the crack.', {
      ground: 'Down to the ground, or it flakes',
      paint: 'Only the upper paint is open',
    }),
    question('shape', 'What does it look like?', 'Look at the whole.', {
      net: 'A fine net',
      wide: 'Wide gaps with soft edges',
      edges: 'Along the stretcher or the edges',
    }),
  ],
  diagnose: ({ deep, shape }, facts) => [
    {
      probably:
        shape === 'edges'
          ? 'The support moves: cloth over its stretcher bars, or knocks.'
          : shape === 'wide'
            ? 'A fast film over a slow one that went on moving.'
            : facts && facts.speaking.length > 0
              ? `What the rules say of it: ${listed(facts.speaking.map((title) => title.toLowerCase()))}.`
              : 'A brittle film, or fast paint over slow.',
      sure: facts && facts.speaking.length > 0 ? 'likely' : 'possible',
      now: [
        'Stop adding: nothing over it until it is known why.',
        'Photograph it with a ruler, and note the day.',
        ...(facts && facts.speaking.length > 0
          ? [
              `Look at ${facts.name} on its stack, and at what is said there of ${listed(facts.speaking.map((title) => title.toLowerCase()))}.`,
            ]
          : []),
      ],
      leave: 'Do not fill, press or bend it.',
      conservator:
        deep === 'ground' ? 'Through to the ground, or flaking: a conservator, at once; lay it flat.' : null,
    },
  ],
}
