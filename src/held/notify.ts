// The browser's own notifications: asked for when the first reminder is set, and never again once answered.
import { shortened } from '@/words'

const isThere = (): boolean => typeof Notification !== 'undefined'

/** Whether reminders may be shown outside the page: `default` is not asked yet, `none` where the browser has none. */
export const notifyState = (): NotificationPermission | 'none' =>
  isThere() ? Notification.permission : 'none'

/** Asks once whether reminders may be shown when the page is not looked at. */
export async function askToNotify(): Promise<void> {
  if (isThere() && Notification.permission === 'default')
    await Notification.requestPermission().catch(() => {})
}

/** Shows a reminder; the same one shown by another tab takes its place. */
export async function notify(title: string, body: string, tag: string): Promise<void> {
  if (!isThere() || Notification.permission !== 'granted') return
  const options = { body, tag, icon: '/icon-192.png' }
  const worker = await navigator.serviceWorker?.getRegistration().catch(() => undefined)
  // Where pages may not show them themselves, the service worker does.
  if (worker) await worker.showNotification(shortened(title), options).catch(() => {})
  else {
    try {
      new Notification(shortened(title), options)
    } catch {
      // A browser that has none in pages.
    }
  }
}
