import { openAnswer, writtenAnswer } from '../../document/answers.ts'
import { saveSettingsRequest } from '../../document/requests.ts'
import { saveSettings, settingsOf } from '../../studio/settings.ts'
import { reading, writing } from './_route.ts'

export const PUT = writing(
  { summary: 'Change the studio', body: saveSettingsRequest, answer: writtenAnswer, errors: [409] },
  (write, { body }) => saveSettings(write, body.settings, body.seen),
)

export const GET = reading({ summary: 'The studio and its room', answer: openAnswer }, async (db, _asked) =>
  settingsOf(db),
)
