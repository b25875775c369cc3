/** Makes a studio of a long life of work in a folder: `tsx scripts/bigStudio.ts FOLDER`. */
import SQLite from 'better-sqlite3'
import { minuteAt } from '../src/core/plan/calendar.ts'
import { openStudio, studioFile } from '../src/store/open.ts'
import { fillStudio, longLife } from '../test/studio/bigStudio.ts'

const folder = process.argv[2]
if (!folder) throw new Error('Name a folder to make it in.')
await (await openStudio(folder)).close()
const sqlite = new SQLite(studioFile(folder))
fillStudio(sqlite, longLife, minuteAt(new Date()))
sqlite.close()
