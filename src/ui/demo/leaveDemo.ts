import { send } from '../client.ts'

/** Leaves the demo studio, which ends then, for the one it was opened from. */
export function leaveDemo(): void {
  const button = document.querySelector<HTMLElement>('#leave-demo')
  button?.addEventListener('click', () => {
    const { protocol, hostname } = window.location
    localStorage.clear()
    void send('POST /api/demo/leave', undefined!).then(() =>
      window.location.assign(`${protocol}//${hostname}:${button.dataset['parent']!}/`),
    )
  })
}
