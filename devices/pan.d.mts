/** What a pan is set up with; `pan.mjs` says what each is. */
export interface PanSettings {
  noiseG: number;
  driftGPerMin: number;
  stepG: number;
  mostG: number;
  offsetG: number;
  unit: 'g' | 'kg' | 'oz' | 'lb';
}
export interface Pan {
  run(dt: number): void;
  lay(massG: number): void;
  zero(): void;
  state(): { seconds: number; onG: number };
  step: number;
  shows(): number | null;
}
export const USUAL: PanSettings;
export const UNITS_G: Record<PanSettings['unit'], number>;
export function panOf(settings: Partial<PanSettings>, random: () => number): Pan;
export function handAt(
  pan: Pan,
  broken: { aimG: number; spread: number; shards: number },
  random: () => number,
): { work(): void };
