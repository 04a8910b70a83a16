/** What is on the bench of the demo shop, and what is planned for the next days. */
export interface RunOfToday {
  readonly slab: string;
  /** Minutes since it was begun; negative if it begins later today. */
  readonly minutesAgo: number;
  /** Days until it begins at opening time; 0 for today. */
  readonly daysAhead: number;
}

export const runsOfToday: readonly RunOfToday[] = [
  { slab: 'Rye and treacle slice', minutesAgo: 48, daysAhead: 0 },
  { slab: 'Pear penuche', minutesAgo: -25, daysAhead: 0 },
  { slab: 'Orchard oat bake', minutesAgo: 0, daysAhead: 1 },
  { slab: 'Blackcurrant buckwheat bark', minutesAgo: 0, daysAhead: 2 },
];
