/** A list with one thing changed in part. */
export const replaced = <T>(list: readonly T[], at: number, part: Partial<T>): T[] =>
  list.map((item, i) => (i === at ? { ...item, ...part } : item));

/** A list without one of its things. */
export const without = <T>(list: readonly T[], at: number): T[] => list.filter((_, i) => i !== at);
