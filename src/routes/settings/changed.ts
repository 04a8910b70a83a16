import type { Settings } from '$lib/server/shop';

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** Returns the settings that changed. */
export function changedSettings(before: Settings, now: Settings): Partial<Settings> {
  const changed = Object.entries(now).filter(([field, value]) => !same(value, before[field as keyof Settings]));
  return Object.fromEntries(changed) as Partial<Settings>;
}
