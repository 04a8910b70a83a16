/** Orders and bags, by hand. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { bagged, orderAnswers, tinYields } from '$core/fit';
import type { Tin } from '$core/tin';
import { near } from '../figures';

const box: Tin = { shape: 'rectangle', lengthMm: 200, widthMm: 100, depthMm: 40 };
const kind = (name: string, tin: Tin, count: number) => ({ name, tin, count });
const never = () => Promise.resolve(null);

test('tins for an order: too shallow ones give nothing, and none are asked for that give none', async () => {
  const order = { count: 10, lengthMm: 50, widthMm: 50 };
  const shallow = kind('shallow', { ...box, depthMm: 9 }, 1);
  assert.deepEqual(
    tinYields([kind('box', box, 2), shallow], order, 10, 0).map(({ pieces, areaMm2 }) => [pieces, areaMm2]),
    [[8, 20_000]],
  );
  assert.deepEqual(await orderAnswers([shallow], order, 40, 0, never), []);
});

test('answers to an order: at the base height first, then by waste, then by number of slabs; at most five', async () => {
  const order = { count: 8, lengthMm: 50, widthMm: 50 };
  const rack = [
    kind('wide', { ...box, widthMm: 120 }, 4),
    kind('box', box, 4),
    kind('low', { ...box, depthMm: 19, widthMm: 101 }, 4),
  ];
  /** One tin of a kind that gives enough, as the program's own rows. */
  const solve = (program: string) => {
    const most = /x(\d+)\s*$/m.exec(program.split('General')[1]!.trim().split('\n')[0]!)![1]!;
    const wanted = /slabs: .* = (\d+)/.exec(program)?.[1] ?? '1';
    const least = Number(/area: .* >= ([\d.]+)/.exec(program)?.[1] ?? 0);
    const areas = [...(/obj: (.*)/.exec(program)![1] ?? '').matchAll(/([\d.]+) x(\d+)/g)].map(([, area, i]) => ({
      area: Number(area),
      i: Number(i),
    }));
    const n = Number(wanted);
    const fit = areas.filter(({ area }) => n * area >= least).sort((a, b) => a.area - b.area)[0];
    if (!fit || Number(most) < 0) return Promise.resolve(null);
    return Promise.resolve(new Map([[`x${fit.i}`, n]]));
  };
  const answers = await orderAnswers(rack, order, 20, 0, solve);
  assert.ok(answers.length > 2 && answers.length <= 5);
  const rank = answers.map(({ heightMm, waste, slabs }) => [heightMm === 20 ? 0 : 1, waste, slabs] as const);
  for (let i = 1; i < rank.length; i++) {
    const [a, b] = [rank[i - 1]!, rank[i]!];
    assert.ok(a[0] < b[0] || (a[0] === b[0] && (a[1] < b[1] || (a[1] === b[1] && a[2] <= b[2]))), JSON.stringify(rank));
  }
  // The box: 8 pieces of 2500 mm2 fill it to the last mm2.
  assert.deepEqual([answers[0]!.tins[0]!.name, answers[0]!.waste, answers[0]!.pieces], ['box', 0, 8]);
});

test('worked: 100 g and 60, 50, 40, 30, 20 g make two bags with nothing given away', () => {
  const found = bagged([60, 50, 40, 30, 20], 100);
  assert.deepEqual([found.bags.length, found.givenAwayG, found.over], [2, 0, []]);
  assert.deepEqual(bagged([60, 50, 40, 30, 20], 100, 1).bags.length, 1);
  assert.deepEqual(bagged([10, 20], 100), { bags: [], over: [0, 1], givenAwayG: 0, most: 0, proven: true });
});

test('bags: as little given away as possible, and what is left over stays out', () => {
  // Two bags take the four heavy shards, 235 g; the light one would only be given away.
  const found = bagged([70, 60, 55, 50, 10], 100);
  assert.deepEqual([found.bags.length, found.over, found.proven, found.most], [2, [4], true, 2]);
  near([found.givenAwayG], [35]);
  const even = bagged([60, 50, 40, 30, 20], 100);
  assert.deepEqual([even.bags.length, even.over], [2, []]);
  near([even.givenAwayG], [0]);
  assert.deepEqual(bagged([], 100), { bags: [], over: [], givenAwayG: 0, most: 0, proven: true });
  assert.deepEqual(bagged([120, 30], 100, 0).over, [0, 1]);
  assert.deepEqual(bagged([30, 30], 100).bags, []);
});

test('bags: up to 24 shards the answer is proven, beyond that only where nothing could be better', () => {
  const same = (count: number, g: number) => Array.from({ length: count }, () => g);
  const told = (shardsG: readonly number[], bags: number | null = null) => {
    const found = bagged(shardsG, 100, bags);
    return [found.bags.length, found.most, found.proven, Math.round(found.givenAwayG), found.over.length];
  };
  assert.deepEqual(told(same(24, 30)), [6, 6, true, 120, 0]);
  // 25 x 30 g might fill seven bags, by mass; it is not proven that they cannot.
  assert.deepEqual(told(same(25, 30)), [6, 7, false, 120, 1]);
  assert.deepEqual(told(same(25, 50)), [12, 12, true, 0, 1]);
  assert.deepEqual(told(same(25, 51)), [12, 12, false, 24, 1]);
  assert.deepEqual(told(same(26, 50), 3), [3, 3, true, 0, 20]);
  // A shard that fills a bag is one bag, however heavy; light ones fill none.
  assert.deepEqual(told([...same(20, 100), ...same(5, 10)]), [20, 20, true, 0, 5]);
});
