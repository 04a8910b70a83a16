import { G_PER_LB, G_PER_OZ } from '$core/measure';
import type { ScaleReading } from '$core/weigh';
import { openDevice, type DeviceListener } from './device';

/** Units of a scale, g per unit. */
const UNITS_G: Readonly<Record<string, number>> = { g: 1, kg: 1000, oz: G_PER_OZ, lb: G_PER_LB };

/** Reading of a scale: a mass, or an overload. */
export type ScaleEvent = ScaleReading | 'overloaded';

/** Parses an event of the scale's stream; `null` if it is invalid. */
export function scaleEvent(data: string): ScaleEvent | null {
  try {
    const { seconds, shows, unit, step, error } = JSON.parse(data) as Record<string, unknown>;
    if (error === 'over') return 'overloaded';
    const each = typeof unit === 'string' && Object.hasOwn(UNITS_G, unit) ? UNITS_G[unit]! : null;
    if (typeof seconds !== 'number' || typeof shows !== 'number' || each === null) return null;
    if (!Number.isFinite(seconds) || !Number.isFinite(shows)) return null;
    const reading = { seconds, massG: shows * each };
    return typeof step === 'number' && step > 0 ? { ...reading, stepG: step * each } : reading;
  } catch {
    return null;
  }
}

/** Listens to the bench scale of this computer. */
export const openScale = (asked: Readonly<Record<string, number | string>>, listener: DeviceListener<ScaleEvent>) =>
  openDevice('/api/scale', asked, scaleEvent, listener);
