import { escaped, plainPage } from './plainPage.ts'

/** Where the passphrase is asked for, once a device. */
export const signInPage = (status: number, to: string, sentence: string): Response =>
  plainPage(
    status,
    'Sign in',
    `
      <h1>Grelta</h1>
      <p role="status">${escaped(sentence)}</p>
      <form method="post" action="/sign-in?to=${encodeURIComponent(to)}">
        <label for="phrase">The studio’s passphrase</label>
        <input id="phrase" name="phrase" type="password" autocomplete="current-password" required autofocus />
        <button>Come in</button>
      </form>
      <p>This device is remembered until you sign out on it.</p>
    `,
  )

/** A page of this program to go on to; the first page where it names none. */
export const goingTo = (asked: string | null): string =>
  asked !== null && /^\/(?![/\\])[\w\-/?=&.%#]*$/.test(asked) ? asked : '/'
