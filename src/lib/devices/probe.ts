import type { Reading } from '$core/sugar';
import { openDevice, type DeviceListener } from './device';

/** Parses an event of the probe's stream; `null` if it is invalid. */
export function readingOf(data: string): Reading | null {
  try {
    const { seconds, celsius } = JSON.parse(data) as Record<string, unknown>;
    if (typeof seconds !== 'number' || typeof celsius !== 'number') return null;
    return Number.isFinite(seconds) && Number.isFinite(celsius) ? [seconds, celsius] : null;
  } catch {
    return null;
  }
}

/** Listens to the probe of this computer. */
export const openProbe = (asked: Readonly<Record<string, number>>, listener: DeviceListener<Reading>) =>
  openDevice('/api/probe', asked, readingOf, listener);
