import { openAnswer } from '../../../../document/answers.ts'
import { needOfTube } from '../../../../studio/tubeNeeds.ts'
import { nowMinute } from '../../../../studio/studio.ts'
import { reading } from '../../_route.ts'

export const GET = reading(
  { summary: 'What planned layers want of a tube', answer: openAnswer },
  (db, { params }) => needOfTube(db, params['id']!, nowMinute()),
)
