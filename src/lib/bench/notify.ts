/** Whether the device would show a call-out, and has not been asked yet. */
export const canAskToNotify = (): boolean => 'Notification' in globalThis && Notification.permission === 'default';

/** Asks the device whether call-outs may be shown. Only a touch may ask. */
export const askToNotify = (): Promise<unknown> => Notification.requestPermission().catch(() => undefined);

/** Shows what is over on the device, where it permits that and its screen is elsewhere. */
export function callOnDevice(texts: readonly string[]): void {
  if (!('Notification' in globalThis) || Notification.permission !== 'granted') return;
  if (document.visibilityState === 'visible') return;
  try {
    new Notification('Knife Tray', { body: texts.join('\n'), tag: 'bench' });
  } catch {
    // Some devices show them only from a service worker: the sound and the title call all the same.
  }
}
