/** Every screen of the demo shop, for the tests that visit all of them. Add a new screen here. */
export const STATIONS = ['build', 'size', 'cook', 'set', 'cut', 'price', 'pack'] as const;
export const SHEETS = ['weigh-out', 'schedule', 'compare', 'label', 'history'] as const;
export const SETTINGS = ['shop', 'room', 'hours', 'pots', 'pieces', 'packing', 'prices', 'channels', 'labels'].map(
  (leaf) => `/settings#${leaf}`,
);
export const ROOMS = [
  '/today',
  '/runs',
  '/runs/15/result',
  '/lots',
  '/lots?find=D4417',
  '/practice',
  '/slabs',
  '/slabs/paste',
  '/weigh-out?slabs=1,2',
  '/larder',
  '/orders',
  '/stock/pieces',
  '/stock/buying',
  '/stock/use-first',
  '/stock/stocktake',
  '/stock/entries',
  '/orders/assortments',
  '/orders/market',
  '/orders/profit',
  '/orders/packing-list',
  '/settings/programs',
  '/week',
  '/tins',
  '/prices',
  '/how',
  '/trust',
  ...SETTINGS,
];

/** The stations and sheets of a slab. */
export const screensOf = (id: number): string[] => [...STATIONS, ...SHEETS].map((at) => `/slabs/${id}/${at}`);
