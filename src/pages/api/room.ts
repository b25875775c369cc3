import { openAnswer } from '../../document/answers.ts'
import { studioPlaceId } from '../../document/studioPlace.ts'
import { roomPage } from '../../studio/lists/roomPage.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  {
    summary: 'A place where pictures dry: what was read there, what is to be expected, and what stands in it',
    answer: openAnswer,
  },
  (db, { url }) => roomPage(db, url.searchParams.get('place') ?? studioPlaceId, nowMinute()),
)
