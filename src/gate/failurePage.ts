import { escaped, plainPage } from './plainPage.ts'

/** The page shown when a page cannot be made. */
export const failurePage = (status: number, title: string, sentence: string): Response =>
  plainPage(
    status,
    title,
    `
      <p><a href="/">Grelta</a></p>
      <h1>${escaped(title)}</h1>
      <p>${escaped(sentence)}</p>
      <p><a href="">Try again</a> · <a href="/">Today</a></p>
    `,
  )
