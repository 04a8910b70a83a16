import { storedText, storeText } from '$lib/devices/deviceStore';

const KEY = 'knife-tray.window';

let found: Promise<string> | null = null;

/**
 * Returns an id of this window: the same after a reload, different from every other open window. A lock shows other windows that
 * it is still open.
 */
export function windowId(): Promise<string> {
  found ??= find();
  return found;
}

async function find(): Promise<string> {
  const before = storedText('window', KEY);
  const id = before !== null && (await hold(before)) ? before : await fresh();
  // If it is not stored, the window gets another id after a reload.
  storeText('window', KEY, id);
  return id;
}

async function fresh(): Promise<string> {
  const id = Array.from(crypto.getRandomValues(new Uint32Array(2)), (part) => part.toString(36)).join('');
  await hold(id);
  return id;
}

/** Takes the lock of an id for the life of the window; false if another window (a duplicated tab) has it. */
function hold(id: string): Promise<boolean> {
  // Browsers offer locks only to secure pages; elsewhere every window counts as closed, and nothing is lost.
  if (!('locks' in navigator)) return Promise.resolve(true);
  return new Promise((resolve) => {
    void navigator.locks.request(`${KEY}.${id}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise(() => undefined);
    });
  });
}

/** Returns the ids of open windows. */
export async function openWindows(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set();
  const { held = [] } = await navigator.locks.query();
  return new Set(held.map(({ name = '' }) => name.slice(KEY.length + 1)));
}
