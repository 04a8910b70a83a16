export const root: string;
export function filesIn(path: string, folder?: string): string[];
export function digestOf(paths: readonly string[], facts?: readonly string[], folder?: string): string;
export function isCurrent(mark: string, digest: string, folder?: string): boolean;
export function writeMark(mark: string, digest: string, files?: readonly string[], folder?: string): void;
