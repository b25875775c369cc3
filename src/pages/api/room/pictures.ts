import { openAnswer } from '../../../document/answers.ts'
import { roomPictures } from '../../../studio/lists/roomPage.ts'
import { nowMinute } from '../../../studio/studio.ts'
import { reading } from '../_route.ts'
import { placeAsked } from './_asked.ts'

export const GET = reading(
  {
    summary: 'More of the pictures that stand in a place: ?place=rack&find=pans&from=30',
    answer: openAnswer,
  },
  (db, { url }) => {
    const { place, ...asked } = placeAsked(url)
    return roomPictures(db, place, nowMinute(), asked)
  },
)
