/** The heat solver over a day, and the error of forecasts of simulated boils and coolings. */
import { heatRun, type HeatLayer } from '$core/heat';
import { scoreBoils, scoreCoolings } from '../unit/sugar/boils';

const DAY_MINUTES = 24 * 60;

export function benchHeat(): string[] {
  const chocolate = { jPerKg: 20_000, fromC: 18, toC: 24 };
  const layers = Array.from({ length: 5 }, (_, i): HeatLayer => ({
    thicknessMm: 8 + 2 * i,
    k: 0.2 + 0.05 * i,
    rho: 900 + 80 * i,
    cp: 1900 + 150 * i,
    startC: 90 - 15 * i,
    latents: i % 2 === 0 ? [chocolate] : [],
  }));
  const face = { h: 8, airC: 19 };
  const run = () => {
    const started = performance.now();
    heatRun(layers, [{ minutes: DAY_MINUTES, top: face, bottom: { ...face, h: 4 } }], 1);
    return performance.now() - started;
  };
  for (let i = 0; i < 3; i++) run();
  const times = Array.from({ length: 15 }, run).sort((a, b) => a - b);
  const boils = scoreBoils(200, 2026);
  const [waves, turned] = [scoreBoils(200, 2026, 'waves'), scoreBoils(200, 2026, 'turned')];
  const coolings = scoreCoolings(200, 2026);
  const said = (name: string, { given, asked, medianError, covered }: typeof boils) =>
    `200 simulated ${name}, each forecast six times: ${given} of ${asked} forecasts give a time, median error ${(100 * medianError).toFixed(1)} % of the time left (wanted: under 10 %), the 90 % range covers ${(100 * covered).toFixed(0)} % (wanted: 85-97 %)`;
  return [
    `heat through five layers over 24 h, noted every minute: median ${times[7]!.toFixed(0)} ms, longest ${times.at(-1)!.toFixed(0)} ms (wanted: under 150 ms)`,
    said('boils', boils),
    said('boils with a flame that swells by a tenth in waves of 2 to 20 minutes', waves),
    said('boils whose knob is turned once, from a minute after', turned),
    said('coolings', coolings),
  ];
}
