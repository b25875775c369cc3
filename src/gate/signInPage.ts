import { escaped } from './failurePage.ts'

/** Where the passphrase is asked for, once a device. It needs nothing of the studio and no script. */
export const signInPage = (status: number, to: string, sentence: string): Response =>
  new Response(
    `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <meta name="viewport" content="width=device-width, initial-scale=1" />
    <title>Sign in · Grelta</title>
    <link rel="stylesheet" href="/plain.css" />
  </head>
  <body>
    <main>
      <h1>Grelta</h1>
      <p role="status">${escaped(sentence)}</p>
      <form method="post" action="/sign-in?to=${encodeURIComponent(to)}">
        <label for="phrase">The studio’s passphrase</label>
        <input id="phrase" name="phrase" type="password" autocomplete="current-password" required autofocus />
        <button>Come in</button>
      </form>
      <p>This device is remembered until you sign out on it.</p>
    </main>
  </body>
</html>
`,
    { status, headers: { 'content-type': 'text/html; charset=utf-8' } },
  )

/** A page of this program to go on to; the first page where it names none. */
export const goingTo = (asked: string | null): string =>
  asked !== null && /^\/(?![/\\])[\w\-/?=&.%#]*$/.test(asked) ? asked : '/'
