/** Storage on this device, for this window or for all of them. Full or forbidden storage breaks nothing. */
export type Keeps = 'window' | 'device';

const storageOf = (keeps: Keeps) => (keeps === 'window' ? sessionStorage : localStorage);

/** Returns a stored text, or `null`. */
export function storedText(keeps: Keeps, key: string): string | null {
  try {
    return storageOf(keeps).getItem(key);
  } catch {
    return null;
  }
}

/** Stores a text; returns whether the device accepted it. */
export function storeText(keeps: Keeps, key: string, text: string): boolean {
  try {
    storageOf(keeps).setItem(key, text);
    return true;
  } catch {
    return false;
  }
}

export function forgetText(keeps: Keeps, key: string): void {
  try {
    storageOf(keeps).removeItem(key);
  } catch {
    // Storage that cannot be read cannot be cleared either.
  }
}

/** Returns the keys with a prefix in the storage of all windows. */
export function storedKeys(prefix: string): string[] {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(prefix));
  } catch {
    return [];
  }
}
