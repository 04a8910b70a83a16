/** What this device keeps for its pages: for this window, or for all of them. Storage that is full or forbidden breaks nothing. */
export type Keeps = 'window' | 'device';

const storageOf = (keeps: Keeps) => (keeps === 'window' ? sessionStorage : localStorage);

/** A stored text, or null where there is none or none can be had. */
export function storedText(keeps: Keeps, key: string): string | null {
  try {
    return storageOf(keeps).getItem(key);
  } catch {
    return null;
  }
}

/** Stores a text; false where the device did not take it. */
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
    // What cannot be had cannot be forgotten either.
  }
}

/** The keys that begin so, of what is stored for all windows. */
export function storedKeys(prefix: string): string[] {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(prefix));
  } catch {
    return [];
  }
}
