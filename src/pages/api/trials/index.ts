import { madeAnswer, writtenAnswer } from '../../../document/answers.ts'
import { beginTrialRequest, saveTrialRequest } from '../../../document/requests.ts'
import { withId } from '../../../studio/commit.ts'
import { beginTrial, saveTrial } from '../../../studio/trials.ts'
import { writing } from '../_route.ts'

export const POST = writing(
  {
    summary: 'Begin a trial: its rule is locked and both films are laid',
    body: beginTrialRequest,
    answer: madeAnswer,
  },
  (write, { body }) => withId(beginTrial(write, body)),
)

export const PUT = writing(
  { summary: 'Write a note on a trial', body: saveTrialRequest, answer: writtenAnswer, errors: [404, 409] },
  (write, { body }) => saveTrial(write, body.trial, body.seen),
)
