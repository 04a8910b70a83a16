/** Stores this page on the device, so that it opens without the server; if that is not possible, an open page still works. */
export async function keepPage(): Promise<void> {
  const workers = (navigator as Partial<Navigator>).serviceWorker;
  if (!workers) return;
  try {
    await workers.register('/service-worker.js');
    const { active } = await workers.ready;
    active?.postMessage(location.pathname);
  } catch {
    // No secure context, or the device forbids it.
  }
}
