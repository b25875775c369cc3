/** Times what a painter waits for, against what we promise. Run `npm run bench` on a quiet machine; build first. */
import { chromium } from '@playwright/test'
import { dateText } from '../src/document/dateText.ts'
import { chromiumOptions } from '../test/chromium.ts'
import { startServer } from '../test/server.ts'
import { measureEditing } from './editing.ts'
import { measureLongLife } from './longLife.ts'
import { measurePages } from './pages.ts'
import { measurePaint } from './paint.ts'
import { ms, newReport } from './report.ts'
import { ownScale, readingDelay } from './scale.ts'
import { measureStack } from './stack.ts'
import { measureTime } from './time.ts'

const report = newReport()
report.say(`Medians, measured on ${dateText(new Date().toISOString().slice(0, 10))}:`)

const tell = report.table('what is reckoned', 'measured / promised')
await measureStack(tell)
await measurePaint(tell)
measureTime(tell)

const filling = await startServer({ demo: true })
await filling.kill()
const scale = await ownScale()
const began = performance.now()
const running = await startServer({ folder: filling.folder, scale: scale.address, isMeasured: true })
tell('server start on the painter’s data, to its first answer', ms(performance.now() - began, 1000))

const browser = await chromium.launch(chromiumOptions)
await measurePages(report.table('view', 'answers', 'scripts until it does'), browser, running)
const tellHand = report.table('under the hand', 'measured / promised')
await measureEditing(tellHand, browser, running)
const delay = await readingDelay(browser, running, scale)
tellHand('a reading of the scale: from the scale to the screen', ms(delay, 100))
await browser.close()
await running.kill()
scale.close()

await measureLongLife(report)
report.writeInto('README.md')
process.exitCode = report.kept() ? 0 : 1
