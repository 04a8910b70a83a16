/** How long it takes to find tins for an order: racks of up to twenty kinds, up to five hundred pieces, the solver warm. */
import loader from 'highs';
import { orderAnswers } from '$core/fit';
import type { RackTin } from '$core/tin';
import { solverOf } from '../../src/lib/workers/solver';

const RACKS = 20;

/** A rack of twenty different kinds; the same in every run. */
function rackOf(seed: number): RackTin[] {
  return Array.from({ length: 20 }, (_, i): RackTin => {
    const n = seed * 20 + i;
    const rest = { depthMm: 30 + ((n * 7) % 25), flareDeg: n % 5 === 0 ? 4 : 0 };
    const tin =
      n % 6 === 0
        ? { shape: 'round' as const, diameterMm: 180 + ((n * 37) % 160), ...rest }
        : {
            shape: 'rectangle' as const,
            lengthMm: 180 + ((n * 53) % 230),
            widthMm: 150 + ((n * 29) % 150),
            cornerMm: 10,
            ...rest,
          };
    return { name: `Tin ${n}`, count: 1 + (n % 3), tin };
  });
}

export async function benchOrder(): Promise<string[]> {
  const started = performance.now();
  const solve = solverOf(await loader());
  const loadedMs = performance.now() - started;
  const times: number[] = [];
  for (let i = 0; i < RACKS; i++) {
    const order = { count: 500 - 7 * i, lengthMm: 25 + i, widthMm: 20 + (i % 9) };
    const from = performance.now();
    const answers = await orderAnswers(rackOf(i), order, 22, 0, solve);
    if (answers.length === 0) throw new Error('An order of the bench has no answer');
    times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  return [
    `tins for an order, ${RACKS} racks of 20 kinds, 360-500 pieces, every answer a proven optimum: median ${times[RACKS / 2]!.toFixed(0)} ms, longest ${times.at(-1)!.toFixed(0)} ms, after ${loadedMs.toFixed(0)} ms to load the solver (wanted: under 2000 ms)`,
  ];
}
