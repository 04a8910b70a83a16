/** Answer to starting a batch of the week: its run, and those of batches that cook in one pot with it. */
export interface StartedBatch {
  readonly id: number;
  readonly others: readonly number[];
}

/** Returns where the work on a started batch goes on: at its own run, or at the bench of all runs. */
export const placeOfStarted = ({ id, others }: StartedBatch): string => (others.length > 0 ? '/bench' : `/runs/${id}`);
