/** Asks the device to keep this page, so that it opens without the server; where it cannot, an open page goes on all the same. */
export async function keepPage(): Promise<void> {
  const workers = (navigator as Partial<Navigator>).serviceWorker;
  if (!workers) return;
  try {
    await workers.register('/service-worker.js');
    const { active } = await workers.ready;
    active?.postMessage(location.pathname);
  } catch {
    // Without a secure context, or where the device forbids it.
  }
}
