import { asRead } from '../../writing/reader.ts'
import { anchorOf } from './anchor.ts'
import { boxOf, made } from './box.ts'
import { wordsIn } from './onThisPage.ts'
import { answerOn } from './pages.ts'
import { keys, words } from './words.ts'

const heading = (text: string): HTMLElement =>
  made('h2', text, { className: 'mt-5 border-b border-ink pb-1 font-read text-[1.2rem]' })

const listOf = (pairs: readonly (readonly [said: Node | string, means: string])[]): HTMLElement =>
  made(
    'dl',
    pairs.flatMap(([said, means]) => [
      made('dt', typeof said === 'string' ? said : [said], { className: 'mt-2 font-medium' }),
      made('dd', asRead(means), { className: 'leading-snug text-soft' }),
    ]),
  )

/** What this page is for, the words that stand on it, and the keys. */
export function showHelp(): void {
  const here = wordsIn(document.querySelector('main')?.innerText ?? '')
  const close = made('button', 'Close', { type: 'button', className: 'min-h-11 link' })
  const answer = answerOn(location.pathname)
  const box = boxOf(
    'Help with this page',
    'help-box help-side',
    made('div', [made('h2', 'Help with this page', { className: 'font-read text-[1.45rem]' }), close], {
      className: 'flex items-baseline justify-between gap-4',
    }),
    ...(answer ? [made('p', answer, { className: 'mt-1 leading-snug' })] : []),
    ...(here.length > 0 ? [heading('Words on this page')] : []),
    listOf(
      here.map((word) => [
        made('a', word, { href: `/help#${anchorOf(word)}`, className: 'link' }),
        words[word],
      ]),
    ),
    heading('Keys'),
    listOf(keys),
    made(
      'p',
      [
        made('a', 'All words', { href: '/help', className: 'link' }),
        made('a', 'How far to trust it', { href: '/trust', className: 'link' }),
        made('a', 'How it is reckoned', { href: '/science', className: 'link' }),
      ],
      { className: 'mt-5 flex flex-wrap gap-x-6 gap-y-2' },
    ),
  )
  close.addEventListener('click', () => box.hidePopover())
}
