/** Profit adds up in every grouping, leaves out what is unknown, and spare time goes where it brings most. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { OrderLine, PriceBook } from '$core/orders';
import {
  demandAtLeast,
  nextBatches,
  profitBy,
  profitOf,
  saleOf,
  type Candidate,
  type LostPieces,
  type SoldPieces,
} from '$core/profit';
import { near } from '../figures';

const coins = fc.integer({ min: 0, max: 900 });
const unless = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: null, freq: 5 });
const made = unless(
  fc.record({ costEach: coins, labourMinutesEach: fc.integer({ min: 0, max: 20 }), isEstimate: fc.boolean() }),
);
const place = {
  slab: fc.constantFrom(1, 2, 3),
  kind: fc.constantFrom('', 'Finger'),
  lot: fc.constantFrom('L1', 'L2'),
  at: fc.constantFrom('2026-11-03T10:00:00Z', '2026-11-14T10:00:00Z'),
  unit: fc.constant('piece' as const),
  amount: fc.integer({ min: -20, max: 60 }),
  made,
};
const sold: fc.Arbitrary<SoldPieces[]> = fc.array(
  fc.record({
    ...place,
    channel: fc.constantFrom('', 'Cafe', null),
    netEach: unless(coins),
    sellingEach: unless(coins),
  }),
  { maxLength: 12 },
);
const lost: fc.Arbitrary<LostPieces[]> = fc.array(fc.record(place), { maxLength: 5 });

test('every grouping adds up to the same whole, and channels to the whole without losses', () => {
  fc.assert(
    fc.property(sold, lost, (sales, losses) => {
      const whole = profitOf(sales, losses);
      const add = (
        groups: readonly ReturnType<typeof profitOf>[],
        of: 'profit' | 'revenue' | 'pieces' | 'unknownPieces',
      ) => groups.reduce((sum, group) => sum + (group[of] ?? 0), 0);
      const bySlab = profitBy(
        sales,
        losses,
        ({ slab }) => slab,
        ({ slab }) => slab,
      );
      const byDay = profitBy(
        sales,
        losses,
        ({ at }) => at,
        ({ at }) => at,
      );
      for (const groups of [bySlab, byDay]) {
        for (const of of ['revenue', 'pieces', 'unknownPieces'] as const) near([add(groups, of)], [whole[of]]);
        near([add(groups, 'profit')], [whole.profit ?? 0]);
      }
      const byChannel = profitBy(
        sales,
        losses,
        ({ channel }) => channel ?? '-',
        () => null,
      );
      near([add(byChannel, 'profit')], [profitOf(sales, []).profit ?? 0]);
    }),
  );
});

test('what has no known price or cost changes no money, and is counted as unknown', () => {
  fc.assert(
    fc.property(sold, lost, (sales, losses) => {
      const whole = profitOf(sales, losses);
      const isKnown = (sale: SoldPieces) => sale.netEach !== null && sale.sellingEach !== null && sale.made !== null;
      const known = profitOf(
        sales.filter(isKnown),
        losses.filter((loss) => loss.made !== null),
      );
      for (const of of ['revenue', 'selling', 'production', 'lost', 'profit', 'labourMinutes'] as const)
        assert.equal(whole[of], known[of]);
      const left = [...sales.filter((sale) => !isKnown(sale)), ...losses.filter((loss) => loss.made === null)];
      assert.equal(
        whole.unknownPieces,
        left.reduce((sum, { amount }) => sum + amount, 0),
      );
      if (known.profit === null) assert.equal(whole.profit, null);
    }),
  );
});

test('by hand: 20 sold at 2.50, 2 come back, 1 falls down; a piece costs 1.20 and takes 3 minutes', () => {
  const piece = { slab: 1, kind: '', lot: 'L1', at: '2026-11-03T10:00:00Z', unit: 'piece' as const };
  const cost = { costEach: 120, labourMinutesEach: 3, isEstimate: false };
  const sale = { ...piece, channel: '', netEach: 250, sellingEach: 10, made: cost };
  const found = profitOf(
    [
      { ...sale, amount: 20 },
      { ...sale, amount: -2 },
    ],
    [{ ...piece, amount: 1, made: cost }],
  );
  assert.deepEqual(
    [found.pieces, found.revenue, found.selling, found.production, found.lost, found.profit, found.labourMinutes],
    [18, 4500, 180, 2160, 120, 2040, 57],
  );
  near([found.perHour!], [(2040 * 60) / 57]);
});

const book = (price: number): PriceBook => ({
  slabs: new Map([[1, { kinds: [{ name: null, massG: 50, price }], channels: [] }]]),
  assortments: new Map([[7, { packCoins: null, parts: [{ slab: 1, count: 4 }] }]]),
  channel: null,
  coin: 100,
});

test('an order brings the same in pieces, boxes and assortments, and what selling costs goes along', () => {
  const lines: readonly OrderLine[][] = [
    [{ slab: 1, count: 12 }],
    [{ slab: 1, count: 2, unit: 'box', pieces: 6 }],
    [{ assortment: 7, count: 3 }],
    [
      { slab: 1, count: 4 },
      { assortment: 7, count: 2 },
    ],
  ];
  for (const of of lines)
    assert.deepEqual(saleOf(of, book(250), book(10)), [
      { slab: 1, kind: null, isByWeight: false, amount: 12, netCoins: 3000, sellingCoins: 120 },
    ]);
  const unknown = saleOf([{ slab: 2, count: 5 }], book(250), book(10));
  assert.deepEqual([unknown[0]!.netCoins, unknown[0]!.sellingCoins], [null, null]);
});

/** The distribution added up directly, with exact factorials. */
function chanceOf(mean: number, wanted: number): number {
  let chance = Math.exp(-mean);
  for (let i = 1; i <= wanted; i++) chance *= mean / i;
  return chance;
}

test('expected sales are those of a Poisson demand, added up directly', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 60, noNaN: true }),
      fc.nat({ max: 40 }),
      fc.nat({ max: 60 }),
      (mean, from, more) => {
        let direct = 0;
        for (let wanted = 0; wanted < 260; wanted++)
          direct += chanceOf(mean, wanted) * Math.min(Math.max(0, wanted - from), more);
        near([demandAtLeast(mean, from, from + more)], [direct]);
      },
    ),
  );
  near([demandAtLeast(1, 0, 1)], [1 - Math.exp(-1)]);
  near([demandAtLeast(9000, 100, 500)], [400]);
  assert.equal(demandAtLeast(0, 0, 10), 0);
});

test('spare time: only what fits in it and brings a profit, the best hour first; stock makes a batch bring less', () => {
  const batch: Candidate = {
    ...{ slab: 1, pieces: 24, costCoins: 2600, labourMinutes: 60, bringsEach: 230 },
    ...{ soldPerDay: 2, shelfDays: 20, free: 0 },
  };
  const better = { ...batch, slab: 2, labourMinutes: 45 };
  const long = { ...batch, slab: 3, labourMinutes: 200 };
  const unsold = { ...batch, slab: 4, soldPerDay: 0.1 };
  assert.deepEqual(
    nextBatches([batch, better, long, unsold], 180).map(({ slab }) => slab),
    [2, 1],
  );
  fc.assert(
    fc.property(fc.nat({ max: 80 }), fc.nat({ max: 80 }), (few, more) => {
      const sells = (free: number) => nextBatches([{ ...batch, costCoins: 0, free }], 180)[0]?.wouldSell ?? 0;
      assert.ok(sells(Math.min(few, more)) >= sells(Math.max(few, more)));
      assert.ok(sells(few) <= batch.pieces);
    }),
  );
});
