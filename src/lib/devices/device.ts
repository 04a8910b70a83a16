/** A device with readings, simulated or real: its stream, relayed by the server of this page. */
export interface DeviceSource {
  /** Ends the stream. */
  close(): void;
}

export interface DeviceListener<Reading> {
  onreading(reading: Reading): void;
  /** Called when the stream breaks. */
  onbroken(): void;
}

/**
 * Listens to a device of this computer.
 *
 * @param asked how a simulated one is set up
 * @param read one event of the stream as a reading; null where it is no such thing, as when a device sends text
 */
export function openDevice<Reading>(
  path: string,
  asked: Readonly<Record<string, number | string>>,
  read: (data: string) => Reading | null,
  listener: DeviceListener<Reading>,
): DeviceSource {
  const query = new URLSearchParams(Object.entries(asked).map(([name, value]) => [name, String(value)]));
  const stream = new EventSource(`${path}?${query.toString()}`);
  stream.onmessage = ({ data }: MessageEvent<string>) => {
    const reading = read(data);
    if (reading !== null) listener.onreading(reading);
  };
  // The browser would reconnect, and a simulated device would start over.
  stream.onerror = () => {
    stream.close();
    listener.onbroken();
  };
  return { close: () => stream.close() };
}
