import { openAnswer } from '../../../document/answers.ts'
import { placeRequest } from '../../../document/carrying.ts'
import { choosePlace } from '../../../studio/backups/backups.ts'
import { route } from '../_route.ts'

export const PUT = route(
  {
    summary: 'Chooses where backups are copied to besides, of what is plugged in',
    body: placeRequest,
    answer: openAnswer,
  },
  ({ body: { id } }) => choosePlace(id),
)
