/** Weeks: time to a good plan, the bound, the exact optimum of small ones, and the validator over every plan. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import loader from 'highs';
import { larderOf, type Ingredient } from '$core/larder';
import type { Shop } from '$core/shop';
import { readSlab, tinsOf, type Slab } from '$core/slab';
import { sameOnRack, type RackTin } from '$core/tin';
import { prepareWeek, weekPlanOf, type WeekAsk } from '$core/usecases';
import { searchWeek } from '$core/week';
import { exactWeek, smallWeek } from '../unit/week/exact';
import { wrongsOf } from '../unit/week/validator';

const root = process.cwd();
const file = <T>(name: string) => JSON.parse(readFileSync(join(root, 'demo', name), 'utf8')) as T;
const DAY_MS = 86_400_000;
const MONDAY = Date.parse('2026-11-30T00:00:00Z');
const SMALL = 12;
const SMALL_SECONDS = 30;
const SMALL_ATTEMPTS = 8000;

export async function benchWeek(): Promise<string[]> {
  const larder = larderOf(file<Ingredient[]>('larder.json'));
  const rack = file<RackTin[]>('tins.json');
  const shop: Shop = { ...file<Shop>('shop.json'), rack, fridgeMm2: 360_000 };
  const slabs = readdirSync(join(root, 'demo/slabs')).flatMap((name): Slab[] => {
    const read = readSlab(readFileSync(join(root, 'demo/slabs', name), 'utf8'));
    return read.ok ? [read.value] : [];
  });
  const ask = (count: number, days: number): WeekAsk => {
    const hours = Array.from({ length: days + 7 }, (_, d) => ({
      from: new Date(MONDAY + d * DAY_MS + 7.5 * 3_600_000),
      to: new Date(MONDAY + d * DAY_MS + 16 * 3_600_000),
    }));
    return {
      from: new Date(MONDAY),
      to: new Date(MONDAY + days * DAY_MS),
      people: [{ name: 'Maker', hours }],
      batches: Array.from({ length: count }, (_, i) => {
        const slab = slabs[i % slabs.length]!;
        const tins = tinsOf(slab).map(({ tin }) => {
          const there = rack.find((own) => sameOnRack(own.tin, tin))?.count ?? 1;
          return { tin, count: Math.min(there, 1 + (i % 3 === 0 ? 1 : 0)) };
        });
        return { id: String(i), slab, tins, due: new Date(MONDAY + ((i % days) + 1) * DAY_MS - 8 * 3_600_000) };
      }),
    };
  };
  const measured = (count: number, days: number, seconds: number, wanted: string) => {
    const asked = ask(count, days);
    const begun = performance.now();
    const prepared = prepareWeek(asked, larder, shop);
    const ready = performance.now() - begun;
    const found = searchWeek(prepared.question, () => performance.now() - begun < seconds * 1000);
    const took = performance.now() - begun;
    const plan = weekPlanOf(prepared, found);
    const wrongs = wrongsOf({
      from: asked.from,
      batches: asked.batches,
      room: {
        people: asked.people!,
        ovens: prepared.question.workroom.ovens,
        ...{ rings: shop.rings ?? 4, mixers: 1, fridgeMm2: 360_000, freezerMm2: null },
        ...{ tins: prepared.question.workroom.tins, blocked: [] },
      },
      steps: plan.steps,
      late: plan.late,
    });
    const over = (plan.lateMinutes + plan.paidMinutes) / (plan.bound.lateMinutes + plan.bound.handsMinutes) - 1;
    return (
      `${count} batches (${plan.steps.length} steps, ${days} days): prepared in ${ready.toFixed(0)} ms, planned in ${(took / 1000).toFixed(1)} s, ` +
      `${found.score.unplaced} not placed, ${plan.lateMinutes} min late, ${plan.paidMinutes} min paid, ${(100 * over).toFixed(1)} % over the lower bound${wanted}, ` +
      `${wrongs.length} faults found by the validator`
    );
  };
  const highs = await loader();
  const pairs = Array.from({ length: SMALL }, (_, i) => smallWeek(i + 1)).flatMap((question) => {
    const best = exactWeek(highs, question, SMALL_SECONDS);
    const { score } = searchWeek(question, (attempts) => attempts < SMALL_ATTEMPTS);
    return best === null ? [] : [(score.lateMinutes + score.paidMinutes) / best - 1];
  });
  const mean = pairs.reduce((sum, over) => sum + over, 0) / Math.max(1, pairs.length);
  return [
    measured(12, 5, 4, ' (wanted: 10 %)'),
    measured(40, 12, 12, ''),
    `small weeks against an integer program (HiGHS, ${SMALL_SECONDS} s each): ${pairs.length} of ${SMALL} proven, ` +
      `${(100 * mean).toFixed(1)} % over the best on average (wanted: 5 %), ${(100 * Math.max(...pairs)).toFixed(1)} % at most`,
  ];
}
