/** What may be in 100 of something. */
export const PER_100 = { min: 0, max: 100 } as const;
