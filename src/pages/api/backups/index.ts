import { openAnswer } from '../../../document/answers.ts'
import { begunAnswer } from '../../../document/carrying.ts'
import { backupsTold, beginBackup } from '../../../studio/backups/backups.ts'
import { route } from '../_route.ts'

export const GET = route(
  { summary: 'The backups there are, and where they are kept', answer: openAnswer },
  () => backupsTold(),
)

export const POST = route({ summary: 'Begins to make a backup now', answer: begunAnswer }, () =>
  Promise.resolve(beginBackup()),
)
