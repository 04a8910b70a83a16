/**
 * Keeps the screen of the device on, if it allows that.
 *
 * @returns what lets it sleep again
 */
export function holdAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  const hold = () => {
    if (document.visibilityState !== 'visible') return;
    void (navigator as Partial<Navigator>).wakeLock?.request('screen').then(
      (held) => (lock = held),
      () => undefined,
    );
  };
  hold();
  // The device releases it whenever the page is hidden.
  document.addEventListener('visibilitychange', hold);
  return () => {
    document.removeEventListener('visibilitychange', hold);
    void lock?.release();
  };
}
