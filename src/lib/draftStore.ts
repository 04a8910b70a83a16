import type { Slab } from '../core/slab';
import { openWindows, windowId } from './windowId';

/** A slab as it stands in a window, with what has been typed and not kept. */
export interface StoredDraft {
  readonly slab: Slab;
  /** The version that the change began from. */
  readonly seen: number;
  readonly past: readonly Slab[];
  readonly typed: Readonly<Record<string, string>>;
  readonly at: string;
}

export interface LeftDraft {
  readonly key: string;
  readonly draft: StoredDraft;
}

const prefix = (slabId: number) => `knife-tray.draft.${slabId}.`;

/** Where this window's unkept changes to a slab are stored, on this device. */
export async function draftKey(slabId: number): Promise<string> {
  return prefix(slabId) + (await windowId());
}

export function storedDraft(key: string): StoredDraft | null {
  const text = localStorage.getItem(key);
  if (text === null) return null;
  try {
    return JSON.parse(text) as StoredDraft;
  } catch {
    return null;
  }
}

/** Stores the changes; where the device is full, the undo steps are given up before the changes are. */
export function storeDraft(key: string, draft: StoredDraft): void {
  try {
    localStorage.setItem(key, JSON.stringify(draft));
  } catch {
    localStorage.setItem(key, JSON.stringify({ ...draft, past: [] }));
  }
}

export function forgetDraft(key: string): void {
  localStorage.removeItem(key);
}

/** Unkept changes to a slab that windows left behind which are closed now, the latest first. */
export async function leftDrafts(slabId: number): Promise<LeftDraft[]> {
  const open = await openWindows();
  const own = await draftKey(slabId);
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix(slabId)) && key !== own && !open.has(key.slice(prefix(slabId).length)))
    .map((key) => ({ key, draft: storedDraft(key) }))
    .filter((left): left is LeftDraft => left.draft !== null)
    .sort((a, b) => b.draft.at.localeCompare(a.draft.at));
}
