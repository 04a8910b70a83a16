/** Whether the device would show a call-out, and has not been asked yet. */
export const canAskToNotify = (): boolean => 'Notification' in globalThis && Notification.permission === 'default';

/** Asks the device whether call-outs may be shown. Only a touch may ask. */
export const askToNotify = (): Promise<unknown> => Notification.requestPermission().catch(() => undefined);

/** Shows what is over on the device, where it permits that and its screen is elsewhere. */
export async function callOnDevice(texts: readonly string[]): Promise<void> {
  if (!('Notification' in globalThis) || Notification.permission !== 'granted') return;
  if (document.visibilityState === 'visible') return;
  const said = { body: texts.join('\n'), tag: 'bench' };
  try {
    // Tablets show them only from the worker that keeps the page.
    const worker = await (navigator as Partial<Navigator>).serviceWorker?.getRegistration();
    if (worker) await worker.showNotification('Knife Tray', said);
    else new Notification('Knife Tray', said);
  } catch {
    // The sound and the title call all the same.
  }
}
