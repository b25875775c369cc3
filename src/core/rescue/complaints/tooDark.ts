import type { Complaint, Diagnosis } from '../complaint.ts'
import { question } from './asking.ts'

export const tooDark: Complaint = {
  id: 'too-dark',
  name: 'Too dark',
  alsoSaid: 'darkened, heavy, muddy, glaze too strong',
  questions: [
    question('oilout', 'Does oil bring it back?', 'A breath of oil on one dark corner, wait ten minutes.', {
      yes: 'It comes back deep and clear',
      no: 'It stays as it is',
    }),
    question('glaze', 'Was it glazed?', 'When was colour last laid over it?', {
      today: 'Within a day',
      older: 'Longer ago',
      no: 'No glaze',
    }),
  ],
  diagnose: ({ oilout, glaze }) => {
    const sunken: Diagnosis = {
      probably: 'It has sunk: the surface scatters light, and darks look grey.',
      sure: 'likely',
      now: ['Oil out today’s area only, 15 ml on a square metre, wipe most of it off, and paint into it.'],
      leave: 'Never bleach it.',
      conservator: null,
    }
    const glazed: Diagnosis = {
      probably: 'The glaze takes more light than was meant.',
      sure: glaze === 'no' ? 'possible' : 'likely',
      now:
        glaze === 'today'
          ? ['Wipe the glaze off with a soft dry cloth while it is wet, thinner in the middle.']
          : [
              'Scumble thin light over it once it is firm, then glaze again, thinner.',
              'Reckon the light it needs underneath with the value budget on the palette page.',
            ],
      leave: 'Never bleach it, and no solvent on a glaze that is a day old or more.',
      conservator: null,
    }
    return oilout === 'yes' ? [sunken] : [glazed, { ...sunken, sure: 'possible' }]
  },
}
