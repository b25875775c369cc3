/** Opens the studio in a folder and stays: for tests that kill it. */
import { openStudio } from '../../src/store/open.ts'

await openStudio(process.argv[2])
setInterval(() => undefined, 1000)
