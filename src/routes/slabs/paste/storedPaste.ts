// The pasted recipe and its corrections, stored on the device until the slab is created.
import type { Measures } from '$core/measure';
import type { StepRead } from '$core/method';
import type { LineRead } from '$core/recipe';
import { forgetText, storedText, storeText } from '$lib/devices/deviceStore';
import { NO_CHOICES, type SlabChoices } from './slabChoices';

/** A pasted recipe with its corrections. */
export interface StoredPaste {
  readonly text: string;
  readonly name: string;
  readonly measures: Measures | null;
  readonly corrected: Record<string, LineRead>;
  readonly correctedSteps: Record<string, StepRead>;
  readonly placed: Record<string, string>;
  readonly choices: SlabChoices;
}

const KEY = 'knife-tray.paste';
const EMPTY: StoredPaste = {
  ...{ text: '', name: '', measures: null, choices: NO_CHOICES },
  ...{ corrected: {}, correctedSteps: {}, placed: {} },
};

/** Returns the stored recipe; `null` if there is none. What an older version did not store is empty. */
export function storedPaste(): StoredPaste | null {
  const before = storedText('window', KEY);
  return before ? { ...EMPTY, ...(JSON.parse(before) as Partial<StoredPaste>) } : null;
}

export const storePaste = (paste: StoredPaste): void => void storeText('window', KEY, JSON.stringify(paste));
export const forgetPaste = (): void => forgetText('window', KEY);
