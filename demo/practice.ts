import { minuteOf } from '../src/core/plan/calendar.ts'
import type { Exercise } from '../src/document/pieces/piece.ts'

/** What the painter of Tern Street practised on; a test holds what was found to what the program finds. */
export const exercises = (today: number): Exercise[] => [
  {
    id: 'practised-1',
    at: minuteOf(Math.floor(today) - 9 + 19.5 / 24),
    pieceId: 'boatyard',
    title: 'Boatyard',
    said: 'sound',
    why: [],
    found: 'sound',
    reasons: [],
  },
  {
    id: 'practised-2',
    at: minuteOf(Math.floor(today) - 9 + 19.6 / 24),
    pieceId: 'signboard',
    title: 'The signboard',
    said: 'unsound',
    why: ['water'],
    found: 'unsound',
    reasons: ['water'],
  },
  {
    id: 'practised-3',
    at: minuteOf(Math.floor(today) - 2 + 20 / 24),
    pieceId: 'two-jugs',
    title: 'Two jugs',
    said: 'unsound',
    why: ['leaner'],
    found: 'unsound',
    reasons: ['leaner', 'too-soon', 'faster'],
  },
]
