/** Tells whether the device can show notifications and has not been asked yet. */
export const canAskToNotify = (): boolean => 'Notification' in globalThis && Notification.permission === 'default';

/** Asks for permission to show notifications. Browsers require a touch for it. */
export const askToNotify = (): Promise<unknown> => Notification.requestPermission().catch(() => undefined);

/** Shows overdue steps as a notification, if permitted and the page is hidden. */
export async function callOnDevice(texts: readonly string[]): Promise<void> {
  if (!('Notification' in globalThis) || Notification.permission !== 'granted') return;
  if (document.visibilityState === 'visible') return;
  const options = { body: texts.join('\n'), tag: 'bench' };
  try {
    // Tablets show them only from the service worker.
    const worker = await (navigator as Partial<Navigator>).serviceWorker?.getRegistration();
    if (worker) await worker.showNotification('Knife Tray', options);
    else new Notification('Knife Tray', options);
  } catch {
    // The sound and the page title alert as well.
  }
}
