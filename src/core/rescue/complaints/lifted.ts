import type { Complaint } from '../complaint.ts'
import { question } from './asking.ts'
import { percent } from '../../words.ts'

export const lifted: Complaint = {
  id: 'lifted',
  name: 'Lifted',
  alsoSaid: 'comes off on the cloth, colour on the swab, rubs off, picks up',
  questions: [
    question('with', 'What took it off?', 'Look at the swab or the brush.', {
      brush: 'The next layer’s brush',
      varnish: 'Varnish, or its solvent',
      water: 'Water, or a damp cloth',
      dry: 'A dry cloth',
    }),
    question('size', 'How much came off?', 'Measure it, and stop.', {
      spot: 'A spot',
      hand: 'More than a hand’s breadth',
    }),
  ],
  diagnose: ({ with: by, size }, facts) => {
    const soluble = facts !== null && facts.resin + facts.wax > 0.1
    return [
      {
        probably:
          by === 'water'
            ? 'Egg, glue or gum binds it, and water takes that.'
            : by === 'dry' || (facts?.binderRatio != null && facts.binderRatio < 0.9)
              ? 'It is underbound: its powder has too little binder.'
              : soluble
                ? `Resin and wax hold it (${percent(facts.resin + facts.wax)} of its binder), and the solvent takes those.`
                : 'It was not hard yet, or it is underbound.',
        sure: facts || by === 'water' || by === 'dry' ? 'likely' : 'possible',
        now: ['Stop, and let it harden a month.', 'Note which solvent it was: none of it there again.'],
        leave: 'No varnish remover there, and no test with a stronger solvent.',
        conservator:
          size === 'hand'
            ? 'Over a hand’s breadth: ask before going on.'
            : 'Ask where it was somebody else’s picture.',
      },
    ]
  },
}
