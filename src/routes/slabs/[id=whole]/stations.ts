/** Sheets that take the whole width, beside the stations. */
export const SHEETS = {
  gather: 'Weigh out',
  clock: 'Schedule',
  compare: 'Compare',
  label: 'Label',
  log: 'History',
} as const;
export type Sheet = keyof typeof SHEETS;

/** The stations of a slab, in the order of work; their keys are 1, 2, 3 ... */
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
 * The station, or the sheet, at which one decides what a warning speaks of.
 *
 * @param where a path in the slab file
 */
export function stationOf(where: string): Station | Sheet {
  if (where.startsWith('/cut')) return 'cut';
  if (where.startsWith('/tin') || where.startsWith('/scale')) return 'size';
  if (/^\/preparations\/\d+\/(cookTo|probe)/.test(where)) return 'cook';
  if (where.startsWith('/pricing')) return 'price';
  if (where.startsWith('/packing') || where.startsWith('/keep')) return 'pack';
  if (where.startsWith('/label') || where.startsWith('/freeFrom')) return 'label';
  if (/^\/layers\/\d+\/set/.test(where)) return 'set';
  return 'build';
}
