/** What a pot is set up with; `pot.mjs` says what each is. */
export interface PotSettings {
  sugarG: number;
  waterG: number;
  watts: number;
  roomC: number;
  startC: number;
  altitudeDropC: number;
  noiseC: number;
  lagSeconds: number;
  offsetC: number;
  dropouts: number;
  jumps: number;
  wander: number;
  waves: number;
  waveSeconds: number;
  turnAtSeconds: number;
  turnTo: number;
}
export interface Pot {
  run(dt: number): void;
  heat(heated: boolean): void;
  turn(atSeconds: number): void;
  state(): { seconds: number; celsius: number; waterG: number; on: boolean };
  reading(): number | null;
}
export const USUAL: PotSettings;
export function boilsAtC(share: number): number;
export function potOf(settings: Partial<PotSettings>, random: () => number): Pot;
