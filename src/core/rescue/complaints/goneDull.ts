import type { Complaint } from '../complaint.ts'
import { grams, question } from './asking.ts'

export const goneDull: Complaint = {
  id: 'gone-dull',
  name: 'Gone dull',
  alsoSaid: 'sunken, matt, chalky, grey, lost its depth, dead darks',
  questions: [
    question('where', 'Where is it dull?', 'Hold it so that a window is mirrored in it.', {
      darks: 'In the darks and earths',
      patches: 'In patches, over different colours',
      all: 'All over',
    }),
    question('oilout', 'Does oil bring it back?', 'A breath of oil on one dull corner, wait ten minutes.', {
      yes: 'It comes back',
      no: 'It stays dull, or whitish',
    }),
    question('varnished', 'Is it varnished?', 'Look at the record, or at the edge.', {
      no: 'No',
      yes: 'Yes',
    }),
  ],
  diagnose: ({ where, oilout, varnished }, facts) => {
    if (varnished === 'yes' && oilout !== 'yes')
      return [
        {
          probably: 'The varnish has bloomed or gone flat, not the paint.',
          sure: 'likely',
          now: ['Dry the room below 65 % for a week, then a soft cloth.'],
          leave: 'No oil on a varnish.',
          conservator: 'A varnish that stays dull is taken off and renewed.',
        },
      ]
    const why =
      facts?.sinking?.why ??
      (where === 'patches'
        ? 'what lies under it drank in places'
        : where === 'all'
          ? 'the ground drinks, or there was much thinner'
          : 'thirsty colours sink first')
    return [
      {
        probably: `It has sunk: ${why}.`,
        sure: oilout === 'yes' || facts?.sinking ? 'likely' : 'possible',
        now: [
          'Oil out the area you paint today, 15 ml on a square metre of oil and spirit by halves (oil alone where no solvent is let in); wipe seven tenths off after ten minutes, and paint into it within hours.',
          facts?.oilToShineG
            ? `Next time stir ${grams(facts.oilToShineG)} of oil into 10 ml of that colour beforehand.`
            : 'Next time a few drops of oil in that colour beforehand, or seal the ground.',
          'Before the varnish even the sheen: what is oiled out over 3 µm starts its clock again.',
        ],
        leave: 'What you do not paint on today; never the whole for its own sake.',
        conservator: null,
      },
    ]
  },
}
