import { openAnswer } from '../../../document/answers.ts'
import { roomPage } from '../../../studio/lists/roomPage.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading } from '../_route.ts'
import { placeAsked } from './_asked.ts'

export const GET = reading(
  {
    summary: 'A place where pictures dry: what was read there, what is to be expected, and what stands in it',
    answer: openAnswer,
  },
  (db, { url }) => {
    const { place, ...asked } = placeAsked(url)
    return roomPage(db, place, nowMinute(), asked)
  },
)
