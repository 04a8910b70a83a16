import { renameOlderFields, type Slab } from '$core/slab';
import { forgetText, storedKeys, storedText, storeText } from '$lib/devices/deviceStore';
import { slabJson } from './slabJson';
import { openWindows, windowId } from './windowId';

/** A slab in a window with its unsaved changes. */
export interface StoredDraft {
  readonly slab: Slab;
  /** Version that the changes are based on. */
  readonly seen: number;
  readonly past: readonly Slab[];
  readonly typed: Readonly<Record<string, string>>;
  /** Runs whose changes were applied. */
  readonly learnt?: readonly number[] | undefined;
  readonly at: string;
}

export interface LeftDraft {
  readonly key: string;
  readonly draft: StoredDraft;
}

const PREFIX = 'knife-tray.draft.';
const prefix = (slabId: number) => `${PREFIX}${slabId}.`;

/** Storage key of this window's unsaved changes to a slab. */
export async function draftKey(slabId: number): Promise<string> {
  return prefix(slabId) + (await windowId());
}

export function storedDraft(key: string): StoredDraft | null {
  const text = storedText('device', key);
  if (text === null) return null;
  try {
    const draft = JSON.parse(text) as StoredDraft;
    return {
      ...draft,
      slab: renameOlderFields(draft.slab) as Slab,
      past: (draft.past ?? []).map((slab) => renameOlderFields(slab) as Slab),
    };
  } catch {
    return null;
  }
}

/**
 * Stores the changes; if the device is full, undo steps are dropped first.
 *
 * @returns whether they are stored: where not even the changes go in, only this window has them
 */
export function storeDraft(key: string, draft: StoredDraft): boolean {
  const { slab, past, ...rest } = draft;
  const text = (steps: readonly Slab[]) =>
    `${JSON.stringify(rest).slice(0, -1)},"slab":${slabJson(slab)},"past":[${steps.map(slabJson).join()}]}`;
  return storeText('device', key, text(past)) || storeText('device', key, text([]));
}

export function forgetDraft(key: string): void {
  forgetText('device', key);
}

/** Returns the slabs with unsaved changes on this device. */
export function slabsWithDrafts(): Set<number> {
  return new Set(storedKeys(PREFIX).map((key) => Number(key.slice(PREFIX.length).split('.')[0])));
}

/** Returns unsaved changes to a slab from closed windows, the latest first. */
export async function leftDrafts(slabId: number): Promise<LeftDraft[]> {
  const open = await openWindows();
  const own = await draftKey(slabId);
  return storedKeys(prefix(slabId))
    .filter((key) => key !== own && !open.has(key.slice(prefix(slabId).length)))
    .map((key) => ({ key, draft: storedDraft(key) }))
    .filter((left): left is LeftDraft => left.draft !== null)
    .sort((a, b) => b.draft.at.localeCompare(a.draft.at));
}
