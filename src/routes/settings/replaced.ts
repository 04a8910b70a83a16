/** Returns a list with one item partly changed. */
export const replaced = <T>(list: readonly T[], at: number, part: Partial<T>): T[] =>
  list.map((item, i) => (i === at ? { ...item, ...part } : item));

/** Returns a list without one item. */
export const without = <T>(list: readonly T[], at: number): T[] => list.filter((_, i) => i !== at);
