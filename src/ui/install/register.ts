/** Lets this device keep what it has seen, so that it starts where the studio's computer does not answer. */
export async function register(): Promise<void> {
  await navigator.serviceWorker.register('/sw.js')
  document.querySelector('form[action="/sign-out"]')?.addEventListener('submit', () => {
    navigator.serviceWorker.controller?.postMessage('forget')
  })
}
