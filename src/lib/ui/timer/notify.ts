/** Whether this browser may say it outside the page: yes, not asked yet, or no. */
export const mayNotify = (): 'yes' | 'ask' | 'no' =>
  typeof Notification === 'undefined' || Notification.permission === 'denied'
    ? 'no'
    : Notification.permission === 'granted'
      ? 'yes'
      : 'ask';

/** Asks whoever holds the phone. */
export async function askToNotify(): Promise<'yes' | 'ask' | 'no'> {
  if (mayNotify() === 'ask') await Notification.requestPermission().catch(() => undefined);
  return mayNotify();
}

/** Says it outside the page, where nobody looks at it; a browser that will not is no reason to stop. */
export function notify(title: string, body: string, tag = 'crockle-timer'): void {
  if (mayNotify() !== 'yes' || document.visibilityState === 'visible') return;
  try {
    new Notification(title, { body, tag });
  } catch {
    // Some phones want a worker for it, and have the page's title and the sound instead.
  }
}
