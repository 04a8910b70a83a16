export const CHROMIUM: string;
export const ARGS: string[];
export function installChromium(): void;
