/**
 * Boiling points of sucrose syrup at sea level: sugar share by mass, and °C. Handbook values for pure sucrose; above 160 °C sugar
 * breaks down and the last entries are only a guide.
 */
export const BOILING_TABLE: readonly (readonly [share: number, boilC: number])[] = [
  [0, 100],
  [0.3, 100.6],
  [0.4, 101],
  [0.5, 101.8],
  [0.6, 103],
  [0.65, 104],
  [0.7, 105.5],
  [0.75, 107.7],
  [0.8, 111],
  [0.85, 116],
  [0.9, 123],
  [0.925, 129.5],
  [0.95, 140],
  [0.97, 151],
  [0.982, 160],
  [0.995, 166],
];
