export function randomFrom(seed: number): () => number;
export function normalFrom(random: () => number): number;
