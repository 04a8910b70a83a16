/** Full-width pages of a slab, beside the stations. */
export const SHEETS = {
  'weigh-out': 'Weigh out',
  schedule: 'Schedule',
  compare: 'Compare',
  label: 'Label',
  history: 'History',
} as const;
export type Sheet = keyof typeof SHEETS;

/** Stations in the order of work. Keys 1, 2, 3 and so on open them. */
export const STATIONS = ['build', 'size', 'cook', 'set', 'cut', 'price', 'pack'] as const;
export type Station = (typeof STATIONS)[number];

export const STATION_NAMES: Readonly<Record<Station, string>> = {
  build: 'Build',
  size: 'Size',
  cook: 'Cook',
  set: 'Set',
  cut: 'Cut',
  price: 'Price',
  pack: 'Pack',
};

/**
 * Returns the station or page with the field of a check.
 *
 * @param where a path in the slab file
 */
export function stationOf(where: string): Station | Sheet {
  if (where.startsWith('/deadline')) return 'schedule';
  if (where.startsWith('/cut')) return 'cut';
  if (where.startsWith('/tin') || where.startsWith('/scale')) return 'size';
  if (/^\/preparations\/\d+\/(cookTo|probe)/.test(where)) return 'cook';
  if (where.startsWith('/pricing')) return 'price';
  if (where.startsWith('/packing') || where.startsWith('/keep')) return 'pack';
  if (where.startsWith('/label') || where.startsWith('/freeFrom')) return 'label';
  if (/^\/layers\/\d+\/set/.test(where)) return 'set';
  return 'build';
}
