import type { Reading } from '../core/sugar';

/** Something that gives readings: the simulated thermometer, or a real one behind the same stream. */
export interface ProbeSource {
  /** Ends the readings. */
  close(): void;
}

export interface ProbeListener {
  onreading(reading: Reading): void;
  /** The stream broke; the browser tries again by itself. */
  onbroken(): void;
}

/** One event of the stream as a reading; null where it is no such thing, as when a probe sends text. */
export function readingOf(data: string): Reading | null {
  try {
    const { seconds, celsius } = JSON.parse(data) as Record<string, unknown>;
    if (typeof seconds !== 'number' || typeof celsius !== 'number') return null;
    return Number.isFinite(seconds) && Number.isFinite(celsius) ? [seconds, celsius] : null;
  } catch {
    return null;
  }
}

/** Listens to the probe of this machine. */
export function openProbe(asked: Readonly<Record<string, number>>, listener: ProbeListener): ProbeSource {
  const query = new URLSearchParams(Object.entries(asked).map(([name, value]) => [name, String(value)]));
  const stream = new EventSource(`/api/probe?${query.toString()}`);
  stream.onmessage = ({ data }: MessageEvent<string>) => {
    const reading = readingOf(data);
    if (reading) listener.onreading(reading);
  };
  stream.onerror = () => listener.onbroken();
  return { close: () => stream.close() };
}
