export function lock(folder: string): void;
export function lockedBy(folder: string): number | null;
