import { asRead } from '../../writing/reader.ts'
import { anchorOf } from './anchor.ts'
import { boxOf, made } from './box.ts'
import { words } from './words.ts'
import type { Word } from './words.ts'

const gapPx = 6
const edgePx = 12

/** Under the word where there is room for it, else over it; never past an edge of the window. */
function place(box: HTMLElement, by: Element): void {
  const { left, top, bottom } = by.getBoundingClientRect()
  const { width, height } = box.getBoundingClientRect()
  const isBelow = bottom + gapPx + height < innerHeight || top < height
  box.style.left = `${Math.max(edgePx, Math.min(left, innerWidth - width - edgePx))}px`
  box.style.top = `${isBelow ? bottom + gapPx : top - gapPx - height}px`
}

/** What a word means, beside it. */
export function explain(by: HTMLAnchorElement): void {
  const anchor = by.hash.slice(1)
  const word = (Object.keys(words) as Word[]).find((one) => anchorOf(one) === anchor)
  if (!word) return location.assign(by.href)
  const box = boxOf(
    word,
    'help-box max-w-[22rem]',
    made('p', word, { className: 'font-read text-[1.15rem]' }),
    made('p', asRead(words[word]), { className: 'mt-1 leading-snug' }),
    made('p', [made('a', 'All words', { href: by.href, className: 'link' })], { className: 'mt-2' }),
  )
  place(box, by)
}
