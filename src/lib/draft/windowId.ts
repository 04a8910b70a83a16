import { storedText, storeText } from '$lib/devices/deviceStore';

const KEY = 'knife-tray.window';

let found: Promise<string> | null = null;

/**
 * A name for this window, the same after a reload and different from every other open window, for telling whose unkept
 * changes are whose. Held by a lock, so that another window can see that this one is still open.
 */
export function windowId(): Promise<string> {
  found ??= find();
  return found;
}

async function find(): Promise<string> {
  const before = storedText('window', KEY);
  const id = before !== null && (await hold(before)) ? before : await fresh();
  // Where it is not taken, the window gets another name when it is loaded anew.
  storeText('window', KEY, id);
  return id;
}

async function fresh(): Promise<string> {
  const id = Array.from(crypto.getRandomValues(new Uint32Array(2)), (part) => part.toString(36)).join('');
  await hold(id);
  return id;
}

/** Takes the lock of an id for as long as the window lives; false where another window (a duplicated tab) has it. */
function hold(id: string): Promise<boolean> {
  // Browsers give locks only to secure pages; elsewhere every window counts as closed, and nothing is lost by that.
  if (!('locks' in navigator)) return Promise.resolve(true);
  return new Promise((resolve) => {
    void navigator.locks.request(`${KEY}.${id}`, { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise(() => undefined);
    });
  });
}

/** The ids of windows that are open now. */
export async function openWindows(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set();
  const { held = [] } = await navigator.locks.query();
  return new Set(held.map(({ name = '' }) => name.slice(KEY.length + 1)));
}
