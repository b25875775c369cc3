/* What a browser allows a timer beyond its page: a screen that stays on, and word of it in the background. */

let lock: WakeLockSentinel | null = null

/** Keeps the screen on, or lets it go. */
export function holdScreen(wanted: boolean): void {
  if (!wanted) {
    void lock?.release().catch(() => undefined)
    lock = null
    return
  }
  if (lock || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
  void navigator.wakeLock.request('screen').then(
    (held) => {
      lock = held
      held.addEventListener('release', () => (lock = null))
    },
    () => undefined,
  )
}

export async function askToNotify(): Promise<void> {
  if ('Notification' in window && Notification.permission === 'default')
    await Notification.requestPermission().catch(() => undefined)
}

/** Says it outside the page, where that was allowed and the page is not looked at. */
export function notify(says: string): void {
  const mayNotify = 'Notification' in window && Notification.permission === 'granted'
  if (document.visibilityState === 'visible' || !mayNotify) return
  try {
    new Notification(says, { tag: `grelta ${says}` })
  } catch {
    // Some browsers tell only from a worker.
  }
}
