import { readerOf } from './readerOf.ts'
import { plainWriting } from './writing.ts'
import { chosenIn, writingCookie } from './asked.ts'

/** Run before anything is drawn, and only on pages whose reader has something written otherwise. */
const words = document.documentElement.dataset['writing'] ?? ''
globalThis.greltaReader = readerOf({ ...plainWriting, ...chosenIn(`${writingCookie}=${words}`) })
