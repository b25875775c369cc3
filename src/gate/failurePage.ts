/** The page shown when a page cannot be made. It needs nothing of the studio, so it can always be shown. */

/** Text as it may stand in a page. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (letter) => `&#${letter.codePointAt(0)!};`)

export const failurePage = (status: number, title: string, sentence: string): Response =>
  new Response(
    `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>${escaped(title)} · Grelta</title>
    <link rel="stylesheet" href="/plain.css" />
  </head>
  <body>
    <main>
      <p><a href="/">Grelta</a></p>
      <h1>${escaped(title)}</h1>
      <p>${escaped(sentence)}</p>
      <p><a href="">Try again</a> · <a href="/">Today</a></p>
    </main>
  </body>
</html>
`,
    { status, headers: { 'content-type': 'text/html; charset=utf-8' } },
  )
