/** A page that needs nothing of the studio and no script, so that it can always be shown. */

/** Text as it may stand in a page. */
export const escaped = (text: string): string =>
  text.replace(/[&<>"']/g, (letter) => `&#${letter.codePointAt(0)!};`)

/** @param inside what stands in it, as HTML; whatever in it comes from elsewhere is `escaped` */
export const plainPage = (status: number, title: string, inside: string): Response =>
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
    <main>${inside}</main>
  </body>
</html>
`,
    { status, headers: { 'content-type': 'text/html; charset=utf-8' } },
  )
