import type { Complaint } from '../complaint.ts'
import { question, untilFirm } from './asking.ts'
import { about, listed, percent } from '../../words.ts'

export const sticky: Complaint = {
  id: 'sticky',
  name: 'Sticky after weeks',
  alsoSaid: 'tacky, never dries, stays soft, takes dust',
  questions: [
    question('what', 'What is in it?', 'Look at the tube, the medium, the drops.', {
      food: 'An oil that is not a painter’s, or I do not know',
      clove: 'Clove, spike or lavender oil',
      usual: 'Painter’s oil alone',
    }),
    question('room', 'Where did it stand?', 'Dark and cold slow it most.', {
      dark: 'In the dark, or in the cold',
      light: 'In light, above 18 °C',
    }),
  ],
  diagnose: ({ what, room }, facts) => {
    const never = (facts?.nonDrying ?? 0) >= 0.02 || (what === 'food' && facts === null)
    if (never)
      return [
        {
          probably: facts?.nonDryingNames.length
            ? `${percent(facts.nonDrying)} of its oil never dries (${listed(facts.nonDryingNames)}).`
            : 'An oil that never dries.',
          sure: facts ? 'likely' : 'possible',
          now: ['Take it off while it can be: scrape it, then wipe with as little solvent as does it.'],
          leave: 'Nothing over it: nothing will hold.',
          conservator: null,
        },
      ]
    const retarded = (facts?.clove ?? 0) >= 0.002 || what === 'clove'
    return [
      {
        probably: retarded
          ? `${facts?.clove ? `${percent(facts.clove)} clove oil` : 'Clove, spike or lavender oil'} keeps it open.`
          : room === 'light'
            ? `It is slow paint${facts ? `, ${about(facts.thickestUm)} µm at its thickest` : ''}: it only needs longer.`
            : 'Cold and dark: oil takes light and warmth to harden.',
        sure: retarded || room === 'dark' ? 'likely' : 'possible',
        now: [
          'Light, warmth up to 25 °C and a fan.',
          'Test it once a week at the thickest spot, and log it.',
          `Wait ${untilFirm(facts)}.`,
        ],
        leave: 'No drier rubbed on, no heat gun, no powder on it.',
        conservator: null,
      },
    ]
  },
}
