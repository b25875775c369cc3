import type { Complaint } from '../complaint.ts'
import { question } from './asking.ts'

export const bloomed: Complaint = {
  id: 'bloomed',
  name: 'Bloomed',
  alsoSaid: 'misty, bluish, whitish, breath, foggy, cloudy',
  questions: [
    question('wipes', 'Does it wipe off?', 'A soft dry cloth on a corner.', {
      yes: 'Yes, and it is clear below',
      no: 'No, it is in it',
    }),
    question('on', 'What is it on?', 'Look at the record.', {
      varnish: 'A varnish',
      egg: 'Egg, wax or gum',
      paint: 'Bare oil paint',
    }),
  ],
  diagnose: ({ wipes, on }) => [
    {
      probably: 'Moisture has settled on it, or in it while it was fresh.',
      sure: wipes === 'yes' ? 'likely' : 'possible',
      now: [
        'Dry the room below 65 %, away from an outer wall.',
        'A soft cloth, no pressure; wait a week and look again.',
      ],
      leave: 'No oil, no heat, no new varnish over it.',
      conservator:
        on === 'varnish' && wipes === 'no'
          ? 'In the varnish: it is taken off and renewed, by one who does that.'
          : null,
    },
  ],
}
