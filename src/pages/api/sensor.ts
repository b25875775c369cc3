import { openAnswer, writtenAnswer } from '../../document/answers.ts'
import { takeSensorRequest } from '../../document/requests.ts'
import { studioPlaceId } from '../../document/studioPlace.ts'
import { nowMinute } from '../../studio/studio.ts'
import { sensorTold, takeSensor } from '../../studio/devices/roomLog.ts'
import { reading, writing } from './_route.ts'

export const GET = reading(
  {
    summary: 'What the sensor says of the room now, and how many days it has logged that are not taken in',
    answer: openAnswer,
  },
  (db, { url }) => sensorTold(db, url.searchParams.get('place') ?? studioPlaceId, nowMinute()),
)

export const POST = writing(
  {
    summary: 'Take in what the sensor has logged of a place',
    body: takeSensorRequest,
    answer: writtenAnswer,
  },
  (write, { body }) => takeSensor(write, body.placeId),
)
