/** Where Chromium is, once it is installed. */
export function chromiumPath(): string;
export const ARGS: string[];
export function installChromium(): Promise<void>;
