/** What an amount of a line may be. */
export const AMOUNT = { min: 0.0001, max: 1e6 } as const;
