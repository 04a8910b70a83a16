/** A small slab, for the examples of the description. */
export const exampleSlab = {
  format: 'knife-tray/slab',
  version: 1,
  name: 'Seed crisp',
  measures: 'metric',
  tin: { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 0, flareDeg: 0 },
  preparations: [
    {
      id: 'base',
      name: 'Base',
      lines: [
        { ingredient: 'rye flour', quantity: 270, unit: 'g' },
        { ingredient: 'butter', quantity: 225, unit: 'g' },
        { ingredient: 'demerara sugar', quantity: 120, unit: 'g' },
      ],
    },
    {
      id: 'top',
      name: 'Top',
      lines: [{ ingredient: 'dark chocolate', quantity: 240, unit: 'g', state: 'melted' }],
    },
  ],
  layers: [
    {
      id: 'l1',
      name: 'Base',
      from: [{ preparation: 'base', share: 1 }],
      spread: 'level',
      set: { place: 'room', minMinutes: 20 },
    },
    {
      id: 'l2',
      name: 'Top',
      from: [{ preparation: 'top', share: 1 }],
      spread: 'level',
      set: { place: 'room', minMinutes: 45 },
    },
  ],
  cut: { columns: 6, rows: 4, trimMm: { left: 0, right: 0, front: 0, back: 0 }, kerfMm: 0 },
  keep: { place: 'room', days: 14 },
} as const;

/** Slabs of the demo shop that examples name. */
export const RYE = 8;
export const PENUCHE = 7;
/** A moment that lies ahead. */
export const AHEAD = '2031-03-07T09:00:00Z';
