/**
 * Cutting: an uneven slab cut into equal weights, several piece types from one slab, shards into bags, and the printed template
 * measured.
 */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import loader from 'highs';
import { evenWays, layOut, strokeOrder } from '$core/cut';
import { bagged, mixedCut, type Kind, type SolveLinear } from '$core/fit';
import type { Tin } from '$core/tin';
import { linearSolverOf } from '../../src/lib/workers/linearSolver';
import { PAPERS, templatePdf, type Paper } from '../../src/lib/server/template/pdf';

/** Park and Miller's generator, so that every run has the same instances. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}
const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1]!;

function benchEven(): string {
  const tin: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 12 };
  const random = seeded(9);
  const times = Array.from({ length: 60 }, () => {
    const readings = Array.from({ length: 9 }, (_, i) => ({
      xMm: 40 + (i % 3) * 110,
      yMm: 25 + Math.floor(i / 3) * 75,
      mm: 17 + 6 * random(),
    }));
    const started = performance.now();
    evenWays(tin, 20, [{ fromMm: 0, thicknessMm: 20, massG: 1200 }], { columns: 12, rows: 8, kerfMm: 1 }, readings);
    return performance.now() - started;
  });
  return `an uneven slab of 8 x 12 pieces cut into equal weights from 9 readings, three ways: median ${median(times).toFixed(1)} ms (wanted: under 20 ms)`;
}

async function mixedOver(
  solve: SolveLinear,
  instances: readonly { lengthMm: number; widthMm: number; kerfMm: number; kinds: Kind[] }[],
) {
  const times: number[] = [];
  const firsts: number[] = [];
  let proven = 0;
  for (const question of instances) {
    const started = performance.now();
    let first = 0;
    const answer = await mixedCut(question, solve, 10, () => (first ||= performance.now() - started));
    times.push(performance.now() - started);
    firsts.push(first);
    if (answer.proven) proven += 1;
  }
  return { times, firsts, proven };
}

async function benchMixed(solve: SolveLinear): Promise<string[]> {
  const random = seeded(20);
  const kindsOf = (count: number, lengthMm: number, widthMm: number, bounded: boolean): Kind[] =>
    Array.from({ length: count }, (_, i) => {
      const [l, w] = [Math.round(lengthMm * (0.1 + 0.4 * random())), Math.round(widthMm * (0.1 + 0.4 * random()))];
      const value = Math.round(l * w * (0.75 + 0.5 * random())) / 1000;
      const most = bounded && i % 2 === 1 ? 2 + Math.floor(4 * random()) : null;
      return {
        id: `k${i}`,
        lengthMm: l,
        widthMm: w,
        value,
        least: bounded && i === 0 ? 1 : 0,
        most,
        turn: bounded && i % 4 === 0,
      };
    });
  const trays = Array.from({ length: 20 }, (_, i) => ({
    lengthMm: 400,
    widthMm: 300,
    kerfMm: i % 2 === 0 ? 0 : 2,
    kinds: kindsOf(8, 400, 300, true),
  }));
  const tray = await mixedOver(solve, trays);
  const plates = [10, 20, 30].flatMap((count) =>
    Array.from({ length: 5 }, () => ({
      lengthMm: 250,
      widthMm: 250,
      kerfMm: 0,
      kinds: kindsOf(count, 250, 250, false).map((kind) => ({ ...kind, most: 1 + Math.floor(5 * random()) })),
    })),
  );
  const plate = await mixedOver(solve, plates);
  return [
    `8 kinds on 400 x 300 mm, 20 generated instances: ${tray.proven} proven, median ${(median(tray.times) / 1000).toFixed(2)} s (wanted: under 3 s), longest ${(Math.max(...tray.times) / 1000).toFixed(2)} s, first good cut after ${median(tray.firsts).toFixed(0)} ms in the median (wanted: under 500 ms)`,
    `two-stage instances made by the usual rules of the literature (sizes uniform in 10-50 % of a plate of 250 x 250, values by area with a factor of 0.75-1.25, 1-5 of each kind; 5 each of 10, 20 and 30 kinds): ${plate.proven} of ${plates.length} proven within 10 s, median ${(median(plate.times) / 1000).toFixed(2)} s, longest ${(Math.max(...plate.times) / 1000).toFixed(2)} s`,
  ];
}

function benchBags(): string[] {
  const random = seeded(24);
  const shards = (count: number) => Array.from({ length: count }, () => Math.round((10 + 35 * random()) * 10) / 10);
  const timed = (count: number) => {
    const shardsG = shards(count);
    const started = performance.now();
    return { found: bagged(shardsG, 150), ms: performance.now() - started };
  };
  const exact = Array.from({ length: 3 }, () => timed(24));
  const many = Array.from({ length: 5 }, () => timed(200));
  const short = Math.max(...many.map(({ found }) => found.most - found.bags.length));
  const given = Math.max(...many.map(({ found }) => found.givenAwayG / found.bags.length));
  return [
    `24 shards into bags, by exhaustive search: median ${(median(exact.map(({ ms }) => ms)) / 1000).toFixed(2)} s (wanted: under 2 s)`,
    `200 shards into bags of 150 g: at most ${short} bags under the bound (wanted: 1), at most ${given.toFixed(2)} g given away a bag (wanted: under 1 g), median ${median(many.map(({ ms }) => ms)).toFixed(0)} ms`,
  ];
}

/** The red check square of the first sheet, measured in pixels of the rendered page. */
async function benchTemplate(): Promise<string> {
  if (spawnSync('pdftoppm', ['-v']).status !== 0) {
    return 'the template: pdftoppm is not installed here (Debian: poppler-utils), so its check square was not measured';
  }
  const folder = mkdtempSync(join(tmpdir(), 'knife-tray-template-'));
  const DPI = 254;
  const tin: Tin = { shape: 'rectangle', lengthMm: 300, widthMm: 200, depthMm: 40, cornerMm: 12 };
  const order = strokeOrder(layOut(tin, 20, { columns: 6, rows: 4 })!);
  const measured: string[] = [];
  for (const paper of Object.keys(PAPERS) as Paper[]) {
    const file = join(folder, `${paper}.pdf`);
    const made = await templatePdf(order, 'Rye and treacle slice', paper);
    if (!made.ok) throw new Error(made.problems[0]!.code);
    writeFileSync(file, made.value);
    spawnSync('pdftoppm', ['-r', String(DPI), '-f', '1', '-l', '1', file, join(folder, paper)]);
    const image = readdirSync(folder).find((name) => name.startsWith(`${paper}-`))!;
    const pixels = readFileSync(join(folder, image));
    const { width, from } = header(pixels);
    let [left, right, top, bottom] = [Infinity, 0, Infinity, 0];
    for (let i = from; i < pixels.length; i += 3) {
      const isRed = pixels[i]! > 150 && pixels[i + 1]! < 110 && pixels[i + 2]! < 130;
      if (!isRed) continue;
      const pixel = (i - from) / 3;
      const [x, y] = [pixel % width, Math.floor(pixel / width)];
      [left, right, top, bottom] = [Math.min(left, x), Math.max(right, x), Math.min(top, y), Math.max(bottom, y)];
    }
    const mm = (pixelsWide: number) => ((pixelsWide / DPI) * 25.4).toFixed(2);
    measured.push(`${paper} ${mm(right - left)} x ${mm(bottom - top)} mm`);
  }
  rmSync(folder, { recursive: true, force: true });
  return `the template's check square of 50 mm, rendered and measured in pixels of 0.1 mm: ${measured.join(', ')}`;
}

/** How wide a PPM image is, and where its pixels begin. */
function header(pixels: Buffer): { width: number; from: number } {
  const text = /^P6\s+(\d+)\s+\d+\s+\d+\s/.exec(pixels.subarray(0, 60).toString('latin1'))!;
  return { width: Number(text[1]), from: text[0].length };
}

export async function benchCutting(): Promise<string[]> {
  const solve = linearSolverOf(await loader());
  return [benchEven(), ...(await benchMixed(solve)), ...benchBags(), await benchTemplate()];
}
